<script setup lang="ts">
import { computed } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { TableEntry } from '../../../core/formats/ledgerCsv.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { lineInWords } from '../../parts/entry/describe.ts';

/** Preview of the entries a table would write: how many of each kind, over which days, and the newest of them line by line. */
const props = defineProps<{ entries: readonly TableEntry[]; house: HouseBody; speech: Speech }>();

const SHOWN = 10;
const t = computed(() => props.speech.t);
const newestFirst = computed(() => [...props.entries].sort((a, b) => b.date.localeCompare(a.date)));

const kinds = computed(() => {
  const counts = new Map<TableEntry['body']['kind'], number>();
  for (const { body } of props.entries) counts.set(body.kind, (counts.get(body.kind) ?? 0) + 1);
  const { formats } = props.speech;
  return formats.list(
    [...counts].map(([kind, n]) => `${t.value(`ledger.kind.${kind}`)} ${formats.number(n)}`),
  );
});
const span = computed(() => {
  const [newest, oldest] = [newestFirst.value[0], newestFirst.value.at(-1)];
  if (!newest || !oldest) return '';
  return t.value('record.span', {
    from: dateText(props.speech, oldest.date),
    to: dateText(props.speech, newest.date),
  });
});
const shown = computed(() =>
  newestFirst.value
    .slice(0, SHOWN)
    .map((entry) => ({ id: entry.id, ...lineInWords(entry, props.house, props.speech) })),
);
const more = computed(() => props.entries.length - shown.value.length);
</script>

<template>
  <div data-test="preview">
    <p>{{ kinds }}. {{ span }}</p>
    <ol class="ruled small">
      <li v-for="line in shown" :key="line.id" class="row">
        <span class="soft">{{ line.on }}</span>
        <span>
          <strong>{{ line.kind }}</strong> {{ line.text }}
        </span>
      </li>
    </ol>
    <p v-if="more > 0" class="soft small">{{ t('record.andMore', { n: more }, more) }}</p>
  </div>
</template>

<style scoped>
ol {
  margin: 0.25rem 0;
}

.row {
  display: grid;
  grid-template-columns: 8.5rem 1fr;
  gap: 0 1rem;
}
</style>
