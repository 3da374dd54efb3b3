<script setup lang="ts">
import Button from 'primevue/button';
import Skeleton from 'primevue/skeleton';
import { type Component, computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { OpenFindingBody } from '../../../contract/schemas.ts';
import { isCovered, step, uncover } from '../../device/cover.ts';
import { pause, whenQuiet } from '../../device/pause.ts';
import { useLoading } from '../../composables/useLoading.ts';
import type { Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import { SECTIONS, type Line, type Unit } from '../../parts/task/lines.ts';
import TaskLine from './TaskLine.vue';
import BesideWeek from './BesideWeek.vue';
import { useTodayActs } from './useTodayActs.ts';
import { useTodaySheet } from './useTodaySheet.ts';
import WeekSheet from './WeekSheet.vue';

// Parts that are seldom there, or opened by a press, are fetched when the page shows.
const loadLogDialog = () => import('../../parts/task/LogDialog.vue');
const loadPutOffDialog = () => import('./PutOffDialog.vue');
const EmptyToday = defineAsyncComponent(() => import('./EmptyToday.vue'));
const LogDialog = defineAsyncComponent(loadLogDialog);
const PutOffDialog = defineAsyncComponent(loadPutOffDialog);
const CloseFinding = defineAsyncComponent(() => import('./CloseFinding.vue'));
const BetterTerms = defineAsyncComponent(() => import('./BetterTerms.vue'));
// Without a connection they are asked for again when they are opened.
onMounted(() => void whenQuiet().then(() => Promise.allSettled([loadLogDialog(), loadPutOffDialog()])));

/** The notice of a danger; it is there before the page is shown, where there is one. */
const stopNotice = shallowRef<Component | null>(null);
async function loadStopNotice(): Promise<void> {
  stopNotice.value = (await import('./StopNotice.vue')).default;
}

const route = useRoute();
const home = useHome();
const homeId = String(route.params['homeId']);
const { data, week, speech, waiting, restCount, stops, lead, lineProps } = useTodaySheet(homeId);
const { read, known, climate, missing, noteDone } = data;
const t = computed(() => speech.value.t);
const acts = useTodayActs(speech, week, noteDone);
const { busy } = acts;
const { state, load } = useLoading(async () => {
  try {
    await read();
    // A danger stands over the list: it must not come after it and push it down.
    if (stops.value.length > 0) await loadStopNotice();
  } finally {
    // Without a connection what is known of the home stays on screen.
    if (home.house?.home.id === homeId) await chooseWeek();
  }
});

/** It is worked out in one step and drawn in the next. */
async function chooseWeek(): Promise<void> {
  await step();
  const chosen = week.wouldBe();
  await step();
  week.choose(chosen);
}

const shown = week.week;
const rest = computed(() =>
  SECTIONS.map((section) => ({ section, lines: shown.value?.rest[section] ?? [] })).filter(
    ({ lines }) => lines.length > 0,
  ),
);
const showRest = ref(false);
const logging = ref<Line | null>(null);
const postponing = ref<Line | null>(null);
const closing = ref<OpenFindingBody | null>(null);

/**
 * The lists beside the tasks are drawn when they have been painted: that is a second step for a slow processor, and moves nothing. Behind what
 * the server drew the tasks come line by line, so that the browser can answer meanwhile.
 */
const showsBeside = ref(false);
const showsOffers = ref(!isCovered());
const drawn = ref(isCovered() ? -1 : Infinity);
async function drawInSteps(): Promise<void> {
  const lines = shown.value?.trips.length ?? 0;
  while (drawn.value < lines) {
    await pause();
    drawn.value += 1;
  }
  await pause();
  drawn.value = Infinity;
  await pause();
  showsBeside.value = true;
  await pause();
  await uncover();
  showsOffers.value = true;
}
watch(
  () => state.value.kind,
  (kind) => {
    if (kind === 'loading') return;
    if (kind === 'ready' && isCovered()) {
      void drawInSteps();
      return;
    }
    drawn.value = Infinity;
    showsOffers.value = true;
    if (kind === 'failed') void uncover();
    else requestAnimationFrame(() => window.setTimeout(() => (showsBeside.value = true)));
  },
);
watch(stops, (now) => {
  if (now.length > 0 && stopNotice.value === null) void loadStopNotice();
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

/** The acts that every line of the page has in common. */
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
  <div class="sheet today" @keydown="onKey">
    <PageState
      v-if="state.kind === 'failed'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <div
      v-if="!shown && state.kind === 'loading' && !isCovered()"
      role="status"
      :aria-label="t('shell.loading')"
    >
      <Skeleton v-for="n in 6" :key="n" class="waits" />
    </div>
    <WeekSheet
      v-if="shown"
      :week="shown"
      :lead="lead"
      :climate="climate"
      :missing="missing"
      :busy="busy"
      :line="lineProps"
      :acts="lineActs"
      :drawn="drawn"
      @turn="acts.turn"
    >
      <template #stops>
        <component
          :is="stopNotice"
          v-if="stopNotice !== null && stops.length > 0"
          :findings="stops"
          :known="known"
          @close="closing = $event"
        />
      </template>
      <template #empty>
        <EmptyToday v-if="home.rows.length === 0" :home-id="homeId" :may-write="home.mayWrite" :t="t" />
      </template>
      <template #rest>
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
          <section v-for="{ section, lines } in rest" :key="section" :aria-labelledby="`section-${section}`">
            <h2 :id="`section-${section}`">{{ t(`today.${section}`) }}</h2>
            <p v-if="section === 'baseline'" class="soft small">{{ t('today.baselineLead') }}</p>
            <ul class="ruled">
              <TaskLine
                v-for="line in lines"
                :key="line.key"
                :line="line"
                :along="[]"
                :busy="busy"
                v-bind="lineProps"
                v-on="lineActs"
              />
            </ul>
          </section>
        </template>
      </template>
      <template #beside>
        <BesideWeek
          v-if="showsBeside && home.house && home.standing"
          :standing="home.standing"
          :house="home.house"
          :climate="climate"
          :busy="busy"
          @close="closing = $event"
          @turn="acts.turn"
        >
          <BetterTerms v-if="showsOffers && home.mayWrite" :key="home.house.home.id" @written="written" />
        </BesideWeek>
      </template>
    </WeekSheet>
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
