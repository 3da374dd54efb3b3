<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import Button from 'primevue/button';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { LedgerLine as Line, ScheduleRow } from '../../../contract/schemas.ts';
import PageState from '../../kit/PageState.vue';
import { dateText } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { waitsText } from '../../composables/waitsText.ts';
import { useWriting } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { useOutbox, type Outcome } from '../../stores/outbox.ts';
import CorrectDialog from './CorrectDialog.vue';
import RecordList from './RecordList.vue';
import StrikeDialog from './StrikeDialog.vue';
import { currencyDigits } from '../../../locales/format.ts';
import FilterForm from './FilterForm.vue';
import TableExchange from './TableExchange.vue';
import TotalsTable from './TotalsTable.vue';
import {
  FILTER_FIELDS,
  filterQuery,
  isFiltered,
  type FilterDraft,
  type FilterField,
} from './ledgerFilter.ts';
import { useRecordPages } from './useRecordPages.ts';
import { dutyName } from '../../parts/entry/describe.ts';

/** Entries that fit some three screens of a phone. */
const PHONE_STEP = 25;
const route = useRoute();
const router = useRouter();
const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { tell, tellBody } = useErrorText();

const busy = ref(false);
const correcting = ref<Line | null>(null);
const striking = ref<Line | null>(null);
const say = useSaying();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);

/** The filter in the address: a filter can be passed on, and a thing's page leads here. */
const filter = ref<FilterDraft>(fromAddress());
const wrongField = ref<FilterField | null>(null);
function fromAddress(): FilterDraft {
  const asked = FILTER_FIELDS.map((field) => [field, String(route.query[field] ?? '')] as const);
  return Object.fromEntries(asked) as FilterDraft;
}
const currency = computed(() => home.house?.home.currency ?? 'USD');

const pages = useRecordPages(homeId, () => queryNow());
const { lines, next } = pages;

/** The filters as the server takes them; none while one is not right. */
function queryNow(): Record<string, string | number> {
  if (!home.house) return {};
  const read = filterQuery(filter.value, home.house, speech.value, currencyDigits(currency.value));
  wrongField.value = 'wrong' in read ? read.wrong : null;
  return 'query' in read ? read.query : {};
}

async function applyFilter(draft: FilterDraft): Promise<void> {
  filter.value = draft;
  const query = Object.fromEntries(Object.entries(draft).filter(([, text]) => text !== ''));
  await router.replace({ name: 'ledger', params: { homeId }, query });
  queryNow();
  if (wrongField.value !== null) return;
  busy.value = true;
  try {
    shownOnPhone.value = PHONE_STEP;
    await pages.first();
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}

/** Every line that fits the filters, or of the whole ledger. */
const allLines = (which: 'fitting' | 'whole'): Promise<Line[]> =>
  pages.all(which === 'fitting' ? queryNow() : {});

async function taken(text: string): Promise<void> {
  await pages.first();
  say({ text });
}

const { state, load } = useLoading(async () => {
  await home.load(homeId);
  await pages.restart();
});

/** Whether something waits on this device that belongs in the record: it is read again when that has been sent. */
const outbox = useOutbox();
let isBehind = outbox.waiting.length > 0;
watch(
  () => outbox.waiting.length,
  (waiting) => {
    if (waiting > 0 || !isBehind) return;
    isBehind = false;
    void load();
  },
);

/** On a phone a part of what was read is shown, and the rest with one tap. */
const wide = useMediaQuery('(min-width: 700px)');
const shownOnPhone = ref(PHONE_STEP);
const shown = computed(() => (wide.value ? lines.value : lines.value.slice(0, shownOnPhone.value)));
const folded = computed(() => lines.value.length - shown.value.length);

async function more(): Promise<void> {
  shownOnPhone.value += PHONE_STEP;
  if (folded.value > 0 || next.value === null) return;
  busy.value = true;
  try {
    await pages.more();
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}

/** The dates a correction moved: the reason to make it. */
function effectText(rows: readonly ScheduleRow[], about: readonly string[]): string {
  const { house } = home;
  if (!house) return '';
  const own = rows.filter(({ dutyId }) => about.includes(dutyId));
  const others = rows.length - own.length;
  const moved = others === 0 ? [] : [t.value('today.othersMoved', { n: others }, others)];
  const effects = own.flatMap(({ dutyId, occurrence }) => {
    if (!occurrence) return [];
    const { due } = occurrence.window;
    const distance = speech.value.formats.distance(speech.value.today, due);
    return [
      t.value('ledger.effect', {
        title: dutyName(house, dutyId, speech.value),
        due: dateText(speech.value, due),
        distance,
      }),
    ];
  });
  return [...effects, ...moved].join(' ');
}

async function written(
  outcome: Outcome<'append'>,
  text: string,
  restored: Line | null = null,
): Promise<void> {
  const body = (correcting.value ?? striking.value ?? restored)?.body;
  const about = body && 'duty' in body && body.duty !== undefined ? [body.duty] : [];
  const struck = striking.value?.entry.id;
  correcting.value = null;
  striking.value = null;
  if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
  else if (outcome.kind === 'waiting') {
    isBehind = true;
    say({ text: `${text}${waitsText(t.value, outcome)}` });
  } else {
    await pages.restart();
    const back = lines.value.find(({ entry }) => entry.id === struck);
    say({
      text: `${text} ${effectText(outcome.response.rows, about)}`,
      ...(back && { offer: { label: t.value('today.undo'), act: () => void restore(back) } }),
    });
  }
}

/** Strikes out the striking-out, which brings the entry back. */
async function restore(line: Line): Promise<void> {
  const { voidedBy, date, corrections } = line;
  if (voidedBy === null || busy.value) return;
  busy.value = true;
  try {
    const saw = corrections.at(-1)?.id ?? '';
    const body = makeBody('voids', { target: voidedBy });
    const { outcome } = await write([{ date: home.on ?? date, body, saw }], t.value('ledger.restore'));
    await written(outcome, t.value('ledger.restored'), line);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('ledger.title') }}</h1>
      <p v-if="home.house" class="soft">{{ t('ledger.lead', { home: home.house.home.name }) }}</p>
    </header>
    <PageState
      v-if="state.kind !== 'ready'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <template v-else-if="home.house">
      <FilterForm
        :house="home.house"
        :speech="speech"
        :filter="filter"
        :wrong="wrongField"
        :currency="currency"
        :busy="busy"
        @filter="applyFilter"
      />
      <TotalsTable :house="home.house" :speech="speech" :currency="currency" />
      <TableExchange
        :house="home.house"
        :speech="speech"
        :today="home.on ?? speech.today"
        :may-write="home.mayWrite"
        :all-lines="allLines"
        @taken="taken"
      />
      <RecordList
        :lines="shown"
        :house="home.house"
        :speech="speech"
        :may-write="home.mayWrite"
        :busy="busy"
        :empty="t(isFiltered(filter) ? 'record.none' : 'ledger.empty')"
        @correct="correcting = $event"
        @strike="striking = $event"
        @restore="restore"
      />
      <Button
        v-if="folded > 0 || next !== null"
        text
        class="more"
        :disabled="busy"
        data-act="more"
        @click="more"
      >
        {{ folded > 0 ? t('record.folded', { n: folded }, folded) : t('ledger.more') }}
      </Button>
    </template>
    <CorrectDialog v-if="correcting" :line="correcting" @close="correcting = null" @written="written" />
    <StrikeDialog v-if="striking" :line="striking" @close="striking = null" @written="written" />
  </div>
</template>
