<script setup lang="ts">
import { computed, ref } from 'vue';
import type { HouseBody, LedgerLine } from '../../../contract/schemas.ts';
import KitTable, { type TableColumn } from '../../kit/KitTable.vue';
import type { Speech } from '../../../locales/speech.ts';
import EntryDetails from './EntryDetails.vue';
import EntryTitle from './EntryTitle.vue';
import { recordRow, type RecordRow } from './recordRow.ts';

/** The entries of the record by the day they count for: a table where there is room, else lines of two rows. A tap opens an entry. */
const props = defineProps<{
  lines: readonly LedgerLine[];
  house: HouseBody;
  speech: Speech;
  mayWrite: boolean;
  busy: boolean;
  empty: string;
}>();
const emit = defineEmits<{
  correct: [line: LedgerLine];
  strike: [line: LedgerLine];
  restore: [line: LedgerLine];
}>();

const t = computed(() => props.speech.t);
const opened = ref<Record<string, boolean>>({});
const rows = computed(() =>
  props.lines.map((line) => recordRow(line, props.house, props.speech, props.mayWrite)),
);
const columns = computed((): TableColumn[] => [
  { field: 'date', head: t.value('ledger.field.date') },
  { field: 'about', head: t.value('record.entry') },
  { field: 'says', head: t.value('record.says') },
  { field: 'who', head: t.value('ledger.field.who') },
  { field: 'minutes', head: t.value('record.time'), number: true },
  { field: 'cost', head: t.value('ledger.field.cost'), number: true },
]);
const TEXTS = ['date', 'says', 'who', 'minutes', 'cost'] as const;
type TextField = (typeof TEXTS)[number];
const isText = (field: string): field is TextField => TEXTS.some((one) => one === field);

/** All that the details of an entry need, under a row of the table as in a line of the list. */
const detailsOf = ({ line, mayCorrect, mayStrike }: RecordRow) => ({
  line,
  mayCorrect,
  mayStrike,
  house: props.house,
  speech: props.speech,
  busy: props.busy,
  onCorrect: () => {
    emit('correct', line);
  },
  onStrike: () => {
    emit('strike', line);
  },
  onRestore: () => {
    emit('restore', line);
  },
});

function turn(id: string): void {
  const { [id]: isOpen, ...others } = opened.value;
  opened.value = isOpen ? others : { ...others, [id]: true };
}
</script>

<template>
  <KitTable
    :rows="rows"
    :columns="columns"
    row-key="id"
    :label="t('ledger.title')"
    :empty="empty"
    :opened="opened"
    :marks="({ id }) => ({ 'data-entry': id })"
  >
    <template #cell="{ row, field }">
      <EntryTitle
        v-if="field === 'about'"
        :row="row"
        :open="opened[row.id] ?? false"
        :t="t"
        @turn="turn(row.id)"
      />
      <span
        v-else-if="isText(field)"
        :class="{ date: field === 'date', voided: row.isVoided && field !== 'date' }"
        >{{ row[field] }}</span
      >
    </template>
    <template #line="{ row }">
      <div :data-entry="row.id">
        <EntryTitle :row="row" :open="opened[row.id] ?? false" :t="t" @turn="turn(row.id)" />
        <p class="soft small" :class="{ voided: row.isVoided }">
          {{ [row.date, row.who, row.minutes, row.cost, row.says].filter((text) => text !== '').join(' · ') }}
        </p>
        <EntryDetails v-if="opened[row.id]" v-bind="detailsOf(row)" />
      </div>
    </template>
    <template #opened="{ row }">
      <EntryDetails v-bind="detailsOf(row)" />
    </template>
  </KitTable>
</template>

<style scoped>
.date {
  white-space: nowrap;
}

.voided {
  text-decoration: line-through;
}
</style>
