<script setup lang="ts">
import Button from 'primevue/button';
import { v7 as uuid } from 'uuid';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import AppSign from '../../kit/AppSign.vue';
import PageState from '../../kit/PageState.vue';
import type { Given } from '../../../core/readings/reading.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { finishRun } from '../../../core/runs/finishRun.ts';
import { gatheringOf } from '../../../core/runs/gather.ts';
import { withSeen, type Seen } from '../../../core/runs/seen.ts';
import { nextItem, waitsFor } from '../../../core/runs/order.ts';
import { spaceOf } from '../../../core/runs/planRun.ts';
import { roundOf } from '../../../core/runs/rounds.ts';
import {
  isSettled,
  stateOf,
  withItem,
  type ItemState,
  type RunItem,
  type RunState,
} from '../../../core/runs/runState.ts';
import { words } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { useSession } from '../../stores/session.ts';
import { houseFacts } from '../../parts/thing/knownAssets.ts';
import GatherPanel from './GatherPanel.vue';
import ItemDetails from './ItemDetails.vue';
import ItemPanel from './ItemPanel.vue';
import OrderNotice from './OrderNotice.vue';
import RunOverview from './RunOverview.vue';
import StopPanel from './StopPanel.vue';
import { itemThings, itemTitle, openedEarly, practiceOf, settledOf, stopLines, takesOf } from './runHouse.ts';
import { useRunPage } from './useRunPage.ts';

/** A run, one step at a time: what to get together, each piece in its order, stops that must be answered, and the end of it. */
const route = useRoute();
const router = useRouter();
const homeId = String(route.params['homeId']);
const runId = String(route.params['runId']);
const { home, run, readings, outlook, state, load, factsOf, gatherFrom, waysOf, forgetKept } = useRunPage(
  homeId,
  runId,
);
const outbox = useOutbox();
const session = useSession();
const { tell, tellBody } = useErrorText();
const { speech, measures, traits } = readings;
const t = computed(() => speech.value.t);
const said = ref<{ text: string; wrong: boolean } | null>(null);
const saying = useTemplateRef('saying');
const busy = ref(false);
const ended = ref(false);

const current = computed(() => run.state.value);
const finished = computed(() => run.finished.value || ended.value);
const mayWrite = computed(() => home.mayWrite && !finished.value);
const round = computed(() => (current.value.round === null ? undefined : roundOf(current.value.round)));
const gathering = computed(() => gatheringOf(current.value, gatherFrom.value));
const item = computed((): RunItem | null => {
  const { at, items } = current.value;
  return items.find(({ key }) => key === at) ?? nextItem(current.value, home.find);
});
const itemState = computed(() => (item.value ? stateOf(current.value, item.value.key) : null));
const settledAll = computed(() =>
  current.value.items.every(({ key }) => isSettled(stateOf(current.value, key))),
);
const openCount = computed(
  () => current.value.items.filter(({ key }) => !isSettled(stateOf(current.value, key))).length,
);
const waits = computed(() => {
  if (!item.value || itemState.value?.gates.includes('order')) return [];
  return waitsFor(current.value, item.value, home.find);
});
const rowOf = (one: RunItem) => round.value?.rows.find(({ row }) => row === one.row);
const titleOf = (one: RunItem): string => (home.house ? itemTitle(one, home.house, speech.value) : '');
const practice = computed(() =>
  item.value ? practiceOf(item.value, itemState.value?.instead ?? null, home.find) : undefined,
);
const place = computed(() => (item.value && home.house ? (spaceOf(item.value, home.house)?.name ?? '') : ''));
const overview = computed(() =>
  current.value.items.map((one, index) => {
    const row = rowOf(one);
    const before = current.value.items[index - 1];
    return {
      item: one,
      title: titleOf(one),
      heading: row && before?.row !== one.row ? words(speech.value, row.what) : null,
      status: stateOf(current.value, one.key).status,
    };
  }),
);

async function put(next: RunState): Promise<void> {
  try {
    const saved = await run.put(next);
    if (saved === 'elsewhere') await say(t.value('run.elsewhere'), false);
  } catch (error) {
    await say(tell(error).text, true);
  }
}
async function say(text: string, wrong: boolean): Promise<void> {
  said.value = { text, wrong };
  await nextTick();
  saying.value?.focus();
}

// Each piece begins at the top of the page, wherever one stood in the one before.
watch(
  () => [item.value?.key, current.value.begun, current.value.stop !== null],
  () => {
    window.scrollTo({ top: 0 });
  },
);

const change = (one: RunItem, changed: Partial<ItemState>): Promise<void> =>
  put(withItem(current.value, one.key, changed));

const takes = computed(() => takesOf(item.value, practice.value, gatherFrom.value));

/** Done: what it took is written down where it is not the usual, unless one said so oneself. */
function done(one: RunItem): Promise<void> {
  const { used } = stateOf(current.value, one.key);
  const isFirst = one.duties.some((duty) => gatherFrom.value.isFirst(duty));
  const took = Object.fromEntries(takes.value.map(({ supply, quantity }) => [supply, quantity]));
  return settle(one, { status: 'done', used: isFirst && Object.keys(used).length === 0 ? took : used });
}

/** Settles an item on its real day and goes on to the next. */
function settle(one: RunItem, changed: Partial<ItemState>): Promise<void> {
  const date = stateOf(current.value, one.key).date ?? home.on;
  const next = { ...withItem(current.value, one.key, { ...changed, date }), stop: null };
  return put({ ...next, at: nextItem(next, home.find)?.key ?? null });
}

/** Until the end nothing is written: what was settled can be taken up again. */
const reopen = (one: RunItem): Promise<void> =>
  put({ ...withItem(current.value, one.key, { status: 'open', ticked: [], why: '' }), at: one.key });

const goTo = (key: string): Promise<void> => put({ ...current.value, at: key, begun: true });
const begin = (): Promise<void> =>
  put({ ...current.value, begun: true, at: nextItem(current.value, home.find)?.key ?? null });

function read(
  one: RunItem,
  taken: { step: number; reading: string; asset: string; given: Given; outcome: Outcome },
) {
  const { step, reading, asset, given, outcome } = taken;
  const known = stateOf(current.value, one.key).readings.filter(
    (other) => !(other.step === step && other.asset === asset && other.reading === reading),
  );
  const filled = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
  const kept = {
    step,
    reading,
    asset,
    given: filled as ItemState['readings'][number]['given'],
    date: home.on ?? speech.value.today,
  };
  const next = withItem(current.value, one.key, { readings: [...known, kept] });
  const stops = outcome.kind === 'judged' && outcome.verdict === 'stop';
  return put(stops ? { ...next, stop: { item: one.key, reading, hazard: null } } : next);
}

/** Keeps what was seen with the run; a stop is answered before anything else. */
function see(one: RunItem, more: readonly Seen[]): Promise<void> {
  const next = withItem(current.value, one.key, withSeen(stateOf(current.value, one.key), more));
  const grave = more.find(({ verdict }) => verdict === 'stop');
  return put(
    grave ? { ...next, stop: { item: one.key, reading: null, hazard: null, look: grave.look } } : next,
  );
}

/** The others go on, or where there are none one goes on another day; this one stays as it is. */
async function later(one: RunItem): Promise<void> {
  const without = withItem(current.value, one.key, { status: 'skipped' });
  const next = nextItem(without, home.find);
  if (next) return put({ ...current.value, at: next.key });
  await router.push({ name: 'today', params: { homeId } });
}

const hazard = (one: RunItem, code: string): Promise<void> =>
  put({ ...current.value, stop: { item: one.key, reading: null, hazard: code } });

const stopSays = computed(() => stopLines(current.value, speech.value, traits.value));
const stopItem = computed(
  () => current.value.items.find(({ key }) => key === current.value.stop?.item) ?? null,
);
const answerStop = (why: string): Promise<void> | undefined =>
  stopItem.value ? settle(stopItem.value, { status: 'stopped', why: why.slice(0, 200) }) : undefined;

/** Writes everything the run leaves at once. */
async function finish(): Promise<void> {
  if (busy.value || home.on === null) return;
  const entries = finishRun(current.value, {
    today: home.on,
    makeId: uuid,
    occurrenceOf: (duty, on) => openedEarly(home.rows, duty, on),
    settledOf: (code) => settledOf(code, traits.value),
    titleOf,
  });
  if (entries.length === 0) return say(t.value('run.finishNone'), true);
  // Opened without a signal nobody has said who this is; what is written must be somebody's.
  await session.resume();
  if (!session.signedIn) return say(t.value('run.finishLater'), true);
  busy.value = true;
  try {
    const batch = uuid();
    const label = words(speech.value, current.value.title);
    const body = { run: runId, entries: entries.map((one) => ({ ...one, batch })) };
    const outcome = await outbox.send({ route: 'finishRun', homeId, body, label });
    if (outcome.kind === 'refused') return await say(tellBody(outcome.error).text, true);
    ended.value = true;
    forgetKept();
    const { length } = entries;
    await say(
      t.value(outcome.kind === 'waiting' ? 'run.finishedOffline' : 'run.finished', { n: length }, length),
      false,
    );
  } catch (error) {
    await say(tell(error).text, true);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ words(speech, current.title) || t('runs.title') }}</h1>
      <p class="soft no-print">
        <RouterLink :to="{ name: 'runs', params: { homeId } }">{{ t('runs.title') }}</RouterLink>
        <template v-if="current.items.length > 0"
          >,{{ ' '
          }}<RouterLink :to="{ name: 'run-sheet', params: { homeId, runId } }">{{
            t('runs.paper')
          }}</RouterLink>
        </template>
        <template v-if="run.waiting.value">. {{ t('run.keptHere') }}</template>
      </p>
    </header>
    <div ref="saying" role="status" tabindex="-1" class="saying">
      <p v-if="said" class="notice" :class="{ wrong: said.wrong }">{{ said.text }}</p>
    </div>
    <PageState
      v-if="state.kind !== 'ready' && current.items.length === 0"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <div v-else-if="home.house" class="desk">
      <RunOverview
        :lines="overview"
        :at="current.begun ? (item?.key ?? null) : null"
        :closed="current.stop !== null || finished"
        :speech="speech"
        @go="goTo"
      />
      <div class="work">
        <p v-if="finished" class="notice">
          {{ t('run.over') }}
          <RouterLink :to="{ name: 'ledger', params: { homeId } }">{{ t('run.toLedger') }}</RouterLink>
        </p>
        <StopPanel
          v-else-if="current.stop"
          :title="stopItem ? titleOf(stopItem) : ''"
          :lines="stopSays"
          :facts="houseFacts(home.house, readings.known.value)"
          :country="traits['country']"
          :speech="speech"
          @answer="answerStop"
        />
        <GatherPanel
          v-else-if="!current.begun"
          :model-value="current.gathered"
          :gathering="gathering"
          :speech="speech"
          :house="home.house"
          :outlook="outlook"
          :may-write="mayWrite"
          @update:model-value="put({ ...current, gathered: $event })"
          @begin="begin"
        />
        <template v-else>
          <template v-if="item && itemState && !(settledAll && current.at === null)">
            <h2 v-if="current.items.length > 1">{{ titleOf(item) }}</h2>
            <p class="soft">
              <template v-if="itemThings(item, home.house, speech)">{{
                t('run.on', { names: itemThings(item, home.house, speech) })
              }}</template>
              <template v-if="place">. {{ t('run.place', { place }) }}</template>
              <template v-if="rowOf(item)"
                >. {{ t('run.window', { window: rowOf(item)?.window ?? '' }) }}.
                {{ t('run.because', { why: words(speech, rowOf(item)?.because ?? '') }) }}</template
              >
            </p>
            <p v-if="itemState.status !== 'open'" class="notice">
              <AppSign name="sound" />{{ ' ' }}{{ t(`run.settled.${itemState.status}`)
              }}<template v-if="itemState.why">: {{ itemState.why }}</template>
              <Button v-if="mayWrite" text data-act="reopen" @click="reopen(item)">{{
                t('run.reopen')
              }}</Button>
            </p>
            <OrderNotice
              v-else-if="waits.length > 0"
              :waits="waits"
              :title-of="titleOf"
              :speech="speech"
              @go="goTo"
              @anyway="change(item, { gates: [...itemState.gates, 'order'] })"
            />
            <template v-else>
              <p v-if="itemState.instead && practice" class="notice">
                {{ t('run.instead', { way: words(speech, practice.title) }) }}
              </p>
              <ItemPanel
                :key="`${item.key} ${itemState.instead ?? ''}`"
                :item="item"
                :state="itemState"
                :practice="practice"
                :title="titleOf(item)"
                :house="home.house"
                :facts-of="factsOf"
                :ways="waysOf(item)"
                :takes="takes"
                :speech="speech"
                :measures="measures"
                :traits="traits"
                :today="home.on ?? speech.today"
                @change="change(item, $event)"
                @done="done(item)"
                @hazard="hazard(item, $event)"
                @read="read(item, $event)"
                @see="see(item, $event)"
                @later="later(item)"
                @hire="settle(item, { status: 'impossible', why: t('run.gate.hireWhy') })"
                @instead="change(item, { instead: $event, ticked: [], gates: [] })"
              />
              <ItemDetails
                :key="`details ${item.key}`"
                :item="item"
                :state="itemState"
                :practice="practice"
                :house="home.house"
                :speech="speech"
                :today="home.on ?? speech.today"
                :ways="waysOf(item)"
                @change="change(item, $event)"
                @settle="(status, why) => item && settle(item, { status, why })"
                @instead="item && change(item, { instead: $event, ticked: [], gates: [] })"
              />
            </template>
          </template>
          <section class="end">
            <p>
              {{ settledAll ? t('run.all') : t('run.someOpen', { n: openCount }, openCount) }}
            </p>
            <button
              v-if="mayWrite"
              type="button"
              :class="{ main: settledAll }"
              :disabled="busy"
              data-act="finish"
              @click="finish"
            >
              {{ t('run.finish') }}
            </button>
          </section>
        </template>
      </div>
    </div>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: 13.5rem 1fr;
  gap: 0 1.5rem;
}

.work {
  min-width: 0;
  padding-left: 1.5rem;
  border-left: 3px double var(--rule);
}

h2 {
  font-size: 1.375rem;
}

.saying {
  margin-left: var(--text-column);
}

.end {
  margin-top: calc(var(--line) * 1.5);
  padding-top: calc(var(--line) / 2);
  border-top: 3px double var(--rule);
}

@media (max-width: 44rem) {
  .desk {
    display: flex;
    flex-direction: column-reverse;
  }

  .work {
    padding-left: 0;
    border-left: 0;
  }

  .saying {
    margin-left: 0;
  }
}
</style>
