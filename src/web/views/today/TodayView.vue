<script setup lang="ts">
import { waitsText } from '../../composables/waitsText.ts';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import { computed, defineAsyncComponent, nextTick, onMounted, ref, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { NewEntry } from '../../../contract/schemas.ts';
import type { Written } from '../../../contract/written.ts';
import { shortReasonText } from '../../../locales/shortReason.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { sleepText } from '../../../locales/sleepText.ts';
import { capital, dateText } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWaitingDuties } from '../../composables/useWaitingDuties.ts';
import { useWriting, type Sent, type Wanted } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { loadLaterTexts } from '../../i18n.ts';
import DutyLine from './DutyLine.vue';
import { SECTIONS, sectionsOf, type Line, type Unit } from '../../parts/task/lines.ts';

// The rest beside the due list is fetched after it, with its sentences.
const TodayExtras = defineAsyncComponent(async () => {
  await loadLaterTexts();
  return import('./TodayExtras.vue');
});

// The dialogs, one of them with the whole engine, are fetched once the due list shows, before anyone can have asked for them.
const loadLogDialog = () => import('./LogDialog.vue');
const loadPutOffDialog = () => import('./PutOffDialog.vue');
const LogDialog = defineAsyncComponent(loadLogDialog);
const PutOffDialog = defineAsyncComponent(loadPutOffDialog);
// Without a connection they are asked for again when they are opened.
onMounted(() => void Promise.allSettled([loadLogDialog(), loadPutOffDialog()]));

/** How many coming lines are shown before asking for more. */
const COMING_SHOWN = 6;

const route = useRoute();
const home = useHome();
const speech = useSpeech();
const { write, takeBack } = useWriting();
const { tellBody } = useErrorText();
const waiting = useWaitingDuties();
const { state, load } = useLoading(() => home.load(String(route.params['homeId'])));

const t = computed(() => speech.value.t);
const sections = computed(() =>
  home.house && home.on ? sectionsOf(home.house, home.rows, home.on, home.find) : null,
);
const showAll = ref(false);
const busy = ref(false);
const logging = ref<Line | null>(null);
const puttingOff = ref<Line | null>(null);
const said = ref<{ text: string; wrong: boolean; undoable: readonly NewEntry[] } | null>(null);
const saying = useTemplateRef('saying');

const shown = computed(() => {
  if (!sections.value) return [];
  const all = sections.value;
  return SECTIONS.map((section) => {
    const lines = section === 'coming' && !showAll.value ? all.coming.slice(0, COMING_SHOWN) : all[section];
    return { section, lines, more: all[section].length - lines.length };
  }).filter(({ lines }) => lines.length > 0);
});
const nothingDue = computed(
  () => sections.value !== null && sections.value.late.length + sections.value.open.length === 0,
);

const unitNames = (units: readonly Unit[]): string =>
  speech.value.formats.list(units.map(({ asset }) => asset.name));

/** The next date of the tasks just logged, with its reason: the earliest of its dates; and how many others moved with it. */
function whatFollows(written: Written): string {
  // Of terms taken for many tasks at once no single date is what follows.
  if (written.entries.length > 1 && written.entries.every(({ body }) => body.kind === 'terms')) return '';
  const { own, others } = rowsOf(written);
  const moved = others === 0 ? '' : ` ${t.value('today.othersMoved', { n: others }, others)}`;
  const next = own
    .flatMap(({ occurrence }) => (occurrence ? [occurrence] : []))
    .sort((a, b) => (a.window.due < b.window.due ? -1 : 1))[0];
  if (!next) {
    const sleep = own.map((row) => row.sleep).find((one) => one !== null);
    return `${sleep ? sleepText(speech.value, sleep) : t.value('today.nextNone')}${moved}`;
  }
  const { due } = next.window;
  const distance = speech.value.formats.distance(speech.value.today, due);
  const date = t.value('today.next', { due: dateText(speech.value, due), distance });
  return `${date} ${capital(shortReasonText(speech.value, next.reasons))}.${moved}`;
}

/** The rows of the duties that were written about, and how many others changed besides. */
function rowsOf({ entries, rows }: Written) {
  const duties = new Set(entries.map(({ body }) => ('duty' in body ? body.duty : undefined)));
  const own = rows.filter(({ dutyId }) => duties.has(dutyId));
  return own.length === 0 ? { own: rows, others: 0 } : { own, others: rows.length - own.length };
}

/** Says what came of a write; the way back is offered where the eye already is. */
async function say({ entries, outcome }: Sent, text: string): Promise<void> {
  logging.value = null;
  puttingOff.value = null;
  switch (outcome.kind) {
    case 'delivered':
      said.value = { text: `${text} ${whatFollows(outcome.response)}`, wrong: false, undoable: entries };
      break;
    case 'waiting':
      said.value = {
        text: `${text}${waitsText(t.value, outcome)}`,
        wrong: false,
        undoable: entries,
      };
      break;
    case 'refused':
      said.value = { text: tellBody(outcome.error).text, wrong: true, undoable: [] };
  }
  await nextTick();
  saying.value?.focus();
}

/** Nothing else is sent from this page until this has been. */
async function whileBusy<T>(work: () => Promise<T>): Promise<T> {
  busy.value = true;
  try {
    return await work();
  } finally {
    busy.value = false;
  }
}

/** One tap for what is open or late. Before its window it would satisfy nothing: then the sheet says so first. */
async function done(line: Line, units: readonly Unit[]): Promise<void> {
  const { on } = home;
  if (busy.value || !on) return;
  const fresh = units.filter(({ duty }) => !waiting.value.has(duty.id));
  const early = fresh.some(({ standing, occurrence }) => standing === 'ahead' && !occurrence.baseline);
  // A look needs to be told what it found.
  if (early || fresh.some(({ occurrence }) => occurrence.asks === 'look')) {
    logging.value = line;
    return;
  }
  const wanted = fresh.map(({ duty, occurrence }): Wanted => ({
    date: on,
    body: doneFor(duty.id, occurrence),
    saw: occurrence.key,
  }));
  const title = practiceTitle(speech.value, line.practice);
  const text = t.value('today.logged', { title, units: unitNames(fresh) });
  const sent = await whileBusy(() => write(wanted, text));
  await say(sent, text);
}

async function undo(): Promise<void> {
  const entries = said.value?.undoable ?? [];
  if (entries.length === 0 || busy.value) return;
  const { outcome } = await whileBusy(() => takeBack(entries, t.value('today.undo')));
  if (outcome.kind === 'refused')
    said.value = { text: tellBody(outcome.error).text, wrong: true, undoable: [] };
  else said.value = { text: t.value('today.undone'), wrong: false, undoable: [] };
  await nextTick();
  saying.value?.focus();
}

/** Up and down go from line to line; u takes the last one back. Keys act only while the list has the focus. */
function onKey(event: KeyboardEvent): void {
  if (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    (event.target as HTMLElement).closest('dialog, [role=dialog]')
  )
    return;
  if (event.key === 'u') void undo();
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  const lines = [...document.querySelectorAll<HTMLElement>('[data-line]')];
  const here = lines.findIndex((line) => line.contains(document.activeElement));
  const next = lines[event.key === 'ArrowDown' ? here + 1 : here - 1];
  if (!next) return;
  event.preventDefault();
  next.querySelector<HTMLElement>('[data-act]')?.focus();
}

const print = (): void => {
  window.print();
};
</script>

<template>
  <div class="sheet" @keydown="onKey">
    <header>
      <h1>{{ home.on ? speech.formats.longDate(home.on) : t('today.title') }}</h1>
      <p v-if="home.house" class="soft">
        {{ t('today.lead', { home: home.house.home.name }) }}.
        <button type="button" class="no-print" @click="print">{{ t('shell.print') }}</button>
      </p>
    </header>
    <div ref="saying" class="saying" role="status" tabindex="-1">
      <p v-if="said" class="notice" :class="{ wrong: said.wrong }">
        {{ said.text }}
        <button v-if="said.undoable.length > 0" type="button" data-act="undo" :disabled="busy" @click="undo">
          {{ t('today.undo') }}
        </button>
      </p>
    </div>
    <PageState
      v-if="state.kind === 'failed' || (state.kind === 'loading' && !sections)"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <template v-if="sections">
      <p v-if="home.rows.length === 0" class="notice">
        <strong>{{ t('today.emptyTitle') }}.</strong> {{ t('today.empty') }}
        <template v-if="home.mayWrite">
          <RouterLink :to="{ name: 'walk', params: route.params }">{{ t('nav.walk') }}</RouterLink>,
          <RouterLink :to="{ name: 'add', params: route.params }">{{ t('today.add') }}</RouterLink>
        </template>
      </p>
      <p v-else-if="nothingDue" class="notice">{{ t('today.allDone') }}</p>
      <TodayExtras v-if="home.rows.length > 0" @written="say" />
      <p v-if="!home.mayWrite" class="notice">{{ t('today.readOnly') }}</p>
      <section
        v-for="{ section, lines, more } in shown"
        :key="section"
        :aria-labelledby="`section-${section}`"
      >
        <h2 :id="`section-${section}`" :class="section">{{ t(`today.${section}`) }}</h2>
        <p v-if="section === 'baseline'" class="soft small lead">{{ t('today.baselineLead') }}</p>
        <ul class="ruled">
          <DutyLine
            v-for="line in lines"
            :key="line.key"
            :line="line"
            :section="section"
            :speech="speech"
            :may-write="home.mayWrite"
            :busy="busy"
            :waiting="waiting"
            @done="done(line, $event)"
            @log="logging = line"
            @put-off="puttingOff = line"
          />
        </ul>
        <button v-if="more > 0" type="button" class="more" @click="showAll = true">
          {{ t('today.showAll', { n: more }, more) }}
        </button>
      </section>
      <details v-if="home.rows.length > 0" class="keys small soft no-print">
        <summary>{{ t('today.keysTitle') }}</summary>
        <ul>
          <li v-for="key in ['move', 'done', 'log', 'putOff', 'why', 'undo']" :key="key">
            {{ t(`today.keys.${key}`) }}
          </li>
        </ul>
      </details>
    </template>
    <LogDialog v-if="logging" :line="logging" @close="logging = null" @written="say" />
    <PutOffDialog v-if="puttingOff" :line="puttingOff" @close="puttingOff = null" @written="say" />
  </div>
</template>

<style scoped>
section {
  margin-top: calc(var(--line) * 1.5);
}

h2,
.lead,
.more,
.keys,
.saying,
.sheet > .notice {
  margin-left: var(--text-column);
}

h2.late {
  color: var(--rust);
}

h2.open {
  color: var(--brine);
}

.keys {
  margin-top: calc(var(--line) * 2);
}

@media (max-width: 44rem) {
  h2,
  .lead,
  .more,
  .keys,
  .saying,
  .sheet > .notice {
    margin-left: 0;
  }
}
</style>
