<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { HouseBody, LedgerLine } from '../../../contract/schemas.ts';
import { unitsOfLine } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { lineInWords } from '../../parts/entry/describe.ts';

/** Everything that happened to a thing and to what stood in its place before, newest first. */
const props = defineProps<{ house: HouseBody; assetId: string; speech: Speech }>();
const { tell } = useErrorText();
const t = computed(() => props.speech.t);
const lines = ref<LedgerLine[] | null>(null);
const wrong = ref('');
const SHOWN = 40;

async function read(): Promise<void> {
  const things = unitsOfLine(props.house.assets, props.assetId);
  const duties = props.house.duties.filter(({ asset }) => things.includes(asset)).map(({ id }) => id);
  const query = { limit: SHOWN, assets: things.join(), duties: duties.join() };
  try {
    const page = await ask('ledger', { params: { homeId: props.house.home.id }, query: query as never });
    lines.value = page.lines;
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
watch(() => props.assetId, read, { immediate: true });

const shown = computed(() =>
  (lines.value ?? [])
    .filter(({ voidedBy }) => voidedBy === null)
    .sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : b.entry.seq - a.entry.seq))
    .map((line) => ({ id: line.entry.id, ...lineInWords(line, props.house, props.speech) })),
);
</script>

<template>
  <section :aria-label="t('record.life')">
    <h2>{{ t('record.life') }}</h2>
    <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="lines?.length === 0" class="soft">{{ t('record.lifeNone') }}</p>
    <ol v-else class="ruled small">
      <li v-for="line in shown" :key="line.id" class="row">
        <span class="soft on">{{ line.on }}</span>
        <span>
          <strong>{{ line.kind }}</strong> {{ line.text }}
        </span>
      </li>
    </ol>
    <p v-if="shown.length > 0" class="no-print">
      <RouterLink :to="{ name: 'ledger', params: { homeId: house.home.id }, query: { asset: assetId } }">{{
        t('record.lifeMore')
      }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 8.5rem 1fr;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

@media (max-width: 44rem) {
  .row {
    grid-template-columns: 1fr;
  }
}
</style>
