<script setup lang="ts">
import Button from 'primevue/button';
import { v7 as uuid } from 'uuid';
import { computed, ref } from 'vue';
import type { HouseBody, LedgerLine } from '../../../contract/schemas.ts';
import { readLedgerCsv, writeLedgerCsv } from '../../../adapters/ledgerCsv.ts';
import {
  entriesOfRows,
  rowOfEntry,
  type RowProblem,
  type TableEntry,
} from '../../../core/formats/ledgerCsv.ts';
import { currencyDigits } from '../../../locales/format.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { useActs } from '../../composables/useActs.ts';
import FileField from '../../kit/FileField.vue';
import ImportPreview from './ImportPreview.vue';
import { useErrorText } from '../../composables/useErrorText.ts';

/** The ledger as a table: what is shown saved, or a table read in after it has been looked over; all of it or nothing. */
const props = defineProps<{
  house: HouseBody;
  speech: Speech;
  today: CivilDate;
  mayWrite: boolean;
  /** Every line that fits the filters, not only those on screen; or every line there is. */
  allLines: (which: 'fitting' | 'whole') => Promise<LedgerLine[]>;
}>();
const emit = defineEmits<{ taken: [text: string] }>();

const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const { actNow } = useActs();
const said = ref<{ text: string; wrong: boolean } | null>(null);
const busy = ref(false);
const reading = ref(false);
const entries = ref<TableEntry[]>([]);
const known = ref<ReadonlySet<string>>(new Set());
const fresh = computed(() => entries.value.filter(({ id }) => !known.value.has(id)));
const problems = ref<RowProblem[]>([]);
/** Enough to mend a table by; the rest is counted. */
const MOST_TOLD = 20;

const tableHome = computed(() => ({ house: props.house, digits: currencyDigits(props.house.home.currency) }));

async function save(): Promise<void> {
  busy.value = true;
  try {
    const rows = (await props.allLines('fitting'))
      .filter(({ voidedBy }) => voidedBy === null)
      .flatMap(({ entry, date, body }) => rowOfEntry({ id: entry.id, date, body }, tableHome.value) ?? []);
    if (rows.length === 0) return tellUser(t.value('record.outNone'), true);
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([writeLedgerCsv(rows)], { type: 'text/csv' }));
    link.download = `ledger-${props.today}.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
    tellUser(t.value('record.outDone', { n: rows.length }, rows.length), false);
  } catch (error) {
    tellUser(tell(error).text, true);
  } finally {
    busy.value = false;
  }
}

async function open(file: File): Promise<void> {
  entries.value = [];
  problems.value = [];
  said.value = null;
  const { rows, missing, problems: torn } = readLedgerCsv(await file.text());
  if (missing.length > 0)
    return tellUser(t.value('record.columns', { columns: props.speech.formats.list(missing) }), true);
  const read = entriesOfRows(rows, tableHome.value, props.today, uuid);
  problems.value = torn.length > 0 ? [...torn] : read.problems;
  if (problems.value.length > 0) return;
  try {
    known.value = new Set((await props.allLines('whole')).map(({ entry }) => entry.id));
    entries.value = read.entries;
  } catch (error) {
    tellUser(tell(error).text, true);
  }
}

async function take(): Promise<void> {
  busy.value = true;
  try {
    const { written } = await actNow({
      route: 'importEntries',
      homeId: props.house.home.id,
      body: { entries: [...entries.value] },
      label: t.value('record.in'),
    });
    entries.value = [];
    reading.value = false;
    emit('taken', t.value('record.taken', { n: written }, written));
  } catch (error) {
    tellUser(tell(error).text, true);
  } finally {
    busy.value = false;
  }
}

function tellUser(text: string, wrong: boolean): void {
  said.value = { text, wrong };
}
const problemText = ({ row, column, problem, value }: RowProblem): string =>
  t.value('record.line', { row: row + 1, column, what: t.value(`record.problem.${problem}`, { value }) });
</script>

<template>
  <div class="exchange no-print">
    <p class="ways">
      <Button text :disabled="busy" data-act="csv-out" @click="save">{{ t('record.out') }}</Button>
      <Button v-if="mayWrite" text data-act="csv-in" @click="reading = !reading">
        {{ t('record.in') }}
      </Button>
    </p>
    <p v-if="said" class="notice" :class="{ wrong: said.wrong }" role="status">{{ said.text }}</p>
    <div v-if="reading">
      <FileField
        name="csv"
        :label="t('record.file')"
        :choose="t('record.chooseFile')"
        accept=".csv,text/csv"
        :hint="t('record.fileHint')"
        @chosen="open"
      />
      <div v-if="problems.length > 0" class="notice wrong" role="alert">
        <p>{{ t('record.problems', { n: problems.length }, problems.length) }}</p>
        <ul class="small">
          <li v-for="(problem, place) in problems.slice(0, MOST_TOLD)" :key="place">
            {{ problemText(problem) }}
          </li>
        </ul>
      </div>
      <template v-else-if="entries.length > 0">
        <p role="status">
          {{
            t('record.preview', { n: entries.length, known: entries.length - fresh.length }, entries.length)
          }}
        </p>
        <ImportPreview v-if="fresh.length > 0" :entries="fresh" :house="house" :speech="speech" />
        <Button outlined :disabled="busy" data-act="csv-take" @click="take">
          {{ t('record.take') }}
        </Button>
      </template>
    </div>
  </div>
</template>

<style scoped>
.exchange {
  margin-bottom: var(--line);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.5rem;
}
</style>
