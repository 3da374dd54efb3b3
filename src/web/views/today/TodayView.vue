<script setup lang="ts">
import Button from 'primevue/button';
import Skeleton from 'primevue/skeleton';
import { type Component, computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import { outlookSays } from '../../../core/climate/outlookSays.ts';
import type { OpenFindingBody } from '../../../contract/schemas.ts';
import { useKeySetting } from '../../composables/useKeySetting.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWaitingDuties } from '../../composables/useWaitingDuties.ts';
import type { Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { SECTIONS, type Line, type Unit } from '../../parts/task/lines.ts';
import CallOrOrder from './CallOrOrder.vue';
import HaveTime from './HaveTime.vue';
import OpenProblems from './OpenProblems.vue';
import ShutList from '../../parts/season/ShutList.vue';
import TaskLine from './TaskLine.vue';
import WeatherSays from './WeatherSays.vue';
import { openToFrost } from '../../parts/season/seasonLines.ts';
import { useTodayActs } from './useTodayActs.ts';
import { useTodayData } from './useTodayData.ts';
import { useWeek } from './useWeek.ts';

// Parts that are seldom there, or opened by a press, are fetched when the page shows.
const loadLogDialog = () => import('../../parts/task/LogDialog.vue');
const loadPutOffDialog = () => import('./PutOffDialog.vue');
const EmptyToday = defineAsyncComponent(() => import('./EmptyToday.vue'));
const LogDialog = defineAsyncComponent(loadLogDialog);
const PutOffDialog = defineAsyncComponent(loadPutOffDialog);
const CloseFinding = defineAsyncComponent(() => import('./CloseFinding.vue'));
const BetterTerms = defineAsyncComponent(() => import('./BetterTerms.vue'));
// Without a connection they are asked for again when they are opened.
onMounted(() => void Promise.allSettled([loadLogDialog(), loadPutOffDialog()]));

/** The notice of a danger; it is there before the page is shown, where there is one. */
const stopNotice = shallowRef<Component | null>(null);
async function loadStopNotice(): Promise<void> {
  stopNotice.value = (await import('./StopNotice.vue')).default;
}

const route = useRoute();
const home = useHome();
const speech = useSpeech();
const waiting = useWaitingDuties();
const keys = useKeySetting();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const { read, climate, missing, hours, plannedOf, lastDone, noteDone } = useTodayData(homeId);
const week = useWeek(hours, plannedOf);
const acts = useTodayActs(speech, week, noteDone);
const { busy } = acts;
const { state, load } = useLoading(async () => {
  try {
    await read();
    // A danger stands over the list: it must not come after it and push it down.
    if (home.standing?.findings.some(({ verdict }) => verdict === 'stop')) await loadStopNotice();
  } finally {
    // Without a connection what is known of the home stays on screen.
    if (home.house?.home.id === homeId) week.choose();
  }
});

const shown = week.week;
const rest = computed(() =>
  SECTIONS.map((section) => ({ section, lines: shown.value?.rest[section] ?? [] })).filter(
    ({ lines }) => lines.length > 0,
  ),
);
const restCount = computed(() => rest.value.reduce((sum, { lines }) => sum + lines.length, 0));
const showRest = ref(false);
const logging = ref<Line | null>(null);
const postponing = ref<Line | null>(null);
const closing = ref<OpenFindingBody | null>(null);

/** What stands beside the tasks is drawn when they have been painted: it is a second step for a slow processor, and moves nothing. */
const showsBeside = ref(false);
watch(
  () => state.value.kind === 'ready',
  (isReady) => {
    if (isReady) requestAnimationFrame(() => window.setTimeout(() => (showsBeside.value = true)));
  },
);
const standing = computed(() => home.standing);
const stops = computed(() => (standing.value?.findings ?? []).filter(({ verdict }) => verdict === 'stop'));
watch(stops, (now) => {
  if (now.length > 0 && stopNotice.value === null) void loadStopNotice();
});
const problems = computed(() => (standing.value?.findings ?? []).filter(({ verdict }) => verdict !== 'stop'));
/** The season questions that the weather does not ask already. */
const asked = computed(
  () =>
    new Set(
      climate.value && outlookSays(climate.value.outlook).frost
        ? openToFrost(standing.value?.lines ?? []).map(({ asset, state: of }) => `${asset} ${of}`)
        : [],
    ),
);

/** How long the week's tasks take, and how long the household has. */
const lead = computed(() => {
  if (!shown.value) return '';
  const { trips, minutes } = shown.value;
  const count = trips.reduce((sum, { along }) => sum + 1 + along.length, 0);
  if (count === 0) return t.value(restCount.value > 0 ? 'today.nothingPlanned' : 'today.allDone');
  const time = speech.value.formats.hours(minutes);
  const about = t.value('today.lead', { n: count, time }, count);
  return hours.value === null
    ? about
    : `${about} ${t.value('today.yourWeek', { time: speech.value.formats.hours(hours.value * 60) })}`;
});

function done(line: Line, units: readonly Unit[]): void {
  const fresh = units.filter(({ duty }) => !waiting.value.has(duty.id));
  const early = fresh.some(({ standing: of, occurrence }) => of === 'ahead' && !occurrence.baseline);
  // Before its window it would count for nothing, and a look needs to be told what it found: the dialog says so, and asks.
  if (early || fresh.some(({ occurrence }) => occurrence.asks === 'look')) logging.value = line;
  else void acts.done(line, fresh);
}

/** Of life safety, past the latest day, only knowingly: then the dialog asks. */
function postponeWeek(line: Line): void {
  if (line.lifeSafety) postponing.value = line;
  else void acts.postponeWeek(line);
}

function written(sent: Sent, text: string): void {
  logging.value = null;
  postponing.value = null;
  closing.value = null;
  acts.written(sent, text);
}

/** The data and the acts that every line of the page has in common. */
const lineProps = computed(() => ({
  speech: speech.value,
  mayWrite: home.mayWrite,
  busy: busy.value,
  waiting: waiting.value,
  settled: week.settled.value,
  lastDone,
  keys: keys.value,
}));
const lineActs = {
  done,
  undo: acts.undo,
  log: (line: Line) => {
    logging.value = line;
  },
  postpone: (line: Line) => {
    postponing.value = line;
  },
  postponeWeek,
};

/** Up and down go from line to line. */
function onKey(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey || (event.target as HTMLElement).closest('[role=menu]'))
    return;
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  const lines = [...document.querySelectorAll<HTMLElement>('[data-line]')];
  const here = lines.findIndex((line) => line.contains(document.activeElement));
  const next = lines[event.key === 'ArrowDown' ? here + 1 : here - 1];
  if (here < 0 || !next) return;
  event.preventDefault();
  next.querySelector<HTMLElement>('[data-act]')?.focus();
}

const print = (): void => {
  showRest.value = true;
  window.setTimeout(() => {
    window.print();
  });
};
</script>

<template>
  <div class="sheet today">
    <PageState
      v-if="state.kind === 'failed'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <div v-if="!shown && state.kind === 'loading'" role="status" :aria-label="t('shell.loading')">
      <Skeleton v-for="n in 6" :key="n" class="waits" />
    </div>
    <template v-if="shown">
      <header>
        <h1>{{ home.on ? speech.formats.longDay(home.on) : t('today.title') }}</h1>
        <p v-if="home.rows.length > 0" class="soft">{{ lead }}</p>
      </header>
      <component
        :is="stopNotice"
        v-if="stopNotice !== null && stops.length > 0"
        :findings="stops"
        @close="closing = $event"
      />
      <p v-if="missing" class="notice wrong" role="alert">{{ t('findings.unread', { why: missing }) }}</p>
      <p v-if="!home.mayWrite" class="notice">{{ t('today.readOnly') }}</p>
      <EmptyToday v-if="home.rows.length === 0" :home-id="homeId" :may-write="home.mayWrite" :t="t" />
      <div class="two" @keydown="onKey">
        <div>
          <WeatherSays
            v-if="climate && home.house && standing"
            class="weather"
            :climate="climate"
            :lines="standing.lines"
            :house="home.house"
            :speech="speech"
            :may-write="home.mayWrite"
            :busy="busy"
            @turn="acts.turn"
          />
          <section v-if="shown.trips.length > 0" aria-labelledby="section-week">
            <h2 id="section-week">{{ t('today.week') }}</h2>
            <ul class="ruled">
              <TaskLine
                v-for="{ line, along } in shown.trips"
                :key="line.key"
                :line="line"
                :along="along"
                v-bind="lineProps"
                v-on="lineActs"
              />
            </ul>
          </section>
          <p v-if="restCount > 0" class="ways no-print">
            <Button
              outlined
              data-act="show-rest"
              :aria-expanded="showRest"
              :label="showRest ? t('today.hideRest') : t('today.showRest', { n: restCount }, restCount)"
              @click="showRest = !showRest"
            />
            <Button text :label="t('shell.print')" @click="print" />
          </p>
          <template v-if="showRest">
            <section
              v-for="{ section, lines } in rest"
              :key="section"
              :aria-labelledby="`section-${section}`"
            >
              <h2 :id="`section-${section}`">{{ t(`today.${section}`) }}</h2>
              <p v-if="section === 'baseline'" class="soft small">{{ t('today.baselineLead') }}</p>
              <ul class="ruled">
                <TaskLine
                  v-for="line in lines"
                  :key="line.key"
                  :line="line"
                  :along="[]"
                  v-bind="lineProps"
                  v-on="lineActs"
                />
              </ul>
            </section>
          </template>
        </div>
        <aside v-if="showsBeside && home.house && standing" :aria-label="t('today.beside')">
          <HaveTime :house="home.house" :speech="speech" />
          <OpenProblems :findings="problems" :speech="speech" @close="closing = $event" />
          <CallOrOrder :covers="standing.covers" :speech="speech" />
          <ShutList
            :lines="standing.lines"
            :marks="standing.marks"
            :house="home.house"
            :speech="speech"
            :may-write="home.mayWrite"
            :busy="busy"
            :asked="asked"
            @turn="acts.turn"
          />
          <BetterTerms v-if="home.mayWrite" :key="home.house.home.id" @written="written" />
        </aside>
      </div>
    </template>
    <LogDialog v-if="logging" :line="logging" @close="logging = null" @written="written" />
    <PutOffDialog v-if="postponing" :line="postponing" @close="postponing = null" @written="written" />
    <CloseFinding v-if="closing" :finding="closing" @close="closing = null" @written="written" />
  </div>
</template>

<style>
.today {
  max-width: var(--page);
  padding-top: var(--line);
}

.today > header {
  margin-bottom: calc(var(--line) / 2);
}

.today .two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: 0 2.5rem;
}

.today section + section,
.today .ways {
  margin-top: var(--line);
}

.today aside .ways {
  margin: 0;
}

.today .ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.today h2 {
  padding-bottom: 0.25rem;
  border-bottom: 1px solid var(--ink);
  margin-bottom: 0;
}

.today aside h2 {
  font-size: 1.125rem;
}

.today .plain li {
  padding: 0.25rem 0;
}

.today .weather {
  margin-bottom: var(--line);
}

.today .waits {
  height: 4rem;
  margin-bottom: 0.5rem;
}

@media (max-width: 64rem) {
  .today .two {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--line);
  }
}

@media (max-width: 44rem) {
  .today {
    padding-top: calc(var(--line) / 2);
  }
}
</style>
