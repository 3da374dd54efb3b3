<script setup lang="ts">
import Button from 'primevue/button';
import { computed, watch } from 'vue';
import { useRoute } from 'vue-router';
import AppSign from '../../kit/AppSign.vue';
import PageState from '../../kit/PageState.vue';
import { gatheringOf } from '../../../core/runs/gather.ts';
import { nextItem, waitsFor } from '../../../core/runs/order.ts';
import { spaceOf } from '../../../core/runs/planRun.ts';
import { roundOf } from '../../../core/runs/rounds.ts';
import { readInRun } from '../../../core/runs/readInRun.ts';
import { isSettled, stateOf, type RunItem } from '../../../core/runs/runState.ts';
import { words } from '../../../locales/speech.ts';
import { useKnownForReading } from '../../composables/useKnownForReading.ts';
import { houseFacts } from '../../parts/thing/knownAssets.ts';
import GatherPanel from './GatherPanel.vue';
import ItemDetails from './ItemDetails.vue';
import ItemPanel from './ItemPanel.vue';
import OrderNotice from './OrderNotice.vue';
import RunOverview from './RunOverview.vue';
import StopPanel from './StopPanel.vue';
import { itemThings, itemTitle, practiceOf, stopOf, takesOf } from './runHouse.ts';
import { useRunActs } from './useRunActs.ts';
import { useRunPage } from './useRunPage.ts';

/** A run, one step at a time: what to get together, each piece in its order, stops that must be answered, and the end of it. */
const route = useRoute();
const homeId = String(route.params['homeId']);
const runId = String(route.params['runId']);
const page = useRunPage(homeId, runId);
const { home, run, readings, outlook, state, load, factsOf, gatherFrom, order, waysOf } = page;
const { speech, measures, traits } = readings;
const t = computed(() => speech.value.t);
const acts = useRunActs(page, homeId, runId);
const { busy, ended, put, change, settle } = acts;

const current = computed(() => run.state.value);
const finished = computed(() => run.finished.value || ended.value);
const mayWrite = computed(() => home.mayWrite && !finished.value);
const round = computed(() => (current.value.round === null ? undefined : roundOf(current.value.round)));
const gathering = computed(() => gatheringOf(current.value, gatherFrom.value));
const item = computed((): RunItem | null => {
  const { at, items } = current.value;
  return items.find(({ key }) => key === at) ?? nextItem(current.value, order.value);
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
  return waitsFor(current.value, item.value, order.value);
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

// Each piece begins at the top of the page, wherever one stood in the one before.
watch(
  () => [item.value?.key, current.value.begun, current.value.stop !== null],
  () => {
    window.scrollTo({ top: 0 });
  },
);

const takes = computed(() => takesOf(item.value, practice.value, gatherFrom.value));
/** All that the house knows for a measurement at this item, first of all the measurements of this run. */
const known = useKnownForReading(
  readings.known,
  outlook,
  computed(() =>
    practice.value ? { practice: practice.value.code, minutes: practice.value.minutes } : null,
  ),
  computed(() => (home.on === null ? [] : readInRun(current.value, home.on))),
);
const stopSays = computed(() => stopOf(current.value, speech.value, traits.value, home.find));
const stopItem = computed(
  () => current.value.items.find(({ key }) => key === current.value.stop?.item) ?? null,
);
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
        @go="acts.goTo"
      />
      <div class="work">
        <p v-if="finished" class="notice">
          {{ t('run.over') }}
          <RouterLink :to="{ name: 'ledger', params: { homeId } }">{{ t('run.toLedger') }}</RouterLink>
        </p>
        <StopPanel
          v-else-if="current.stop"
          :title="stopItem ? titleOf(stopItem) : ''"
          :help="stopSays"
          :facts="houseFacts(home.house, readings.known.value)"
          :country="traits['country']"
          :speech="speech"
          @answer="acts.answerStop"
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
          @begin="acts.begin"
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
              <Button v-if="mayWrite" text data-act="reopen" @click="acts.reopen(item)">{{
                t('run.reopen')
              }}</Button>
            </p>
            <OrderNotice
              v-else-if="waits.length > 0"
              :waits="waits"
              :title-of="titleOf"
              :speech="speech"
              @go="acts.goTo"
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
                :known="known"
                @change="change(item, $event)"
                @done="acts.done(item, takes)"
                @hazard="acts.hazard(item, $event)"
                @read="acts.read(item, $event)"
                @forget="acts.forget(item, $event)"
                @see="acts.see(item, $event)"
                @later="acts.later(item)"
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
            <Button
              v-if="mayWrite"
              :outlined="!settledAll"
              :disabled="busy"
              data-act="finish"
              @click="acts.finish"
              >{{ t('run.finish') }}</Button
            >
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

.end {
  margin-top: calc(var(--line) * 1.5);
  padding-top: calc(var(--line) / 2);
  border-top: 3px double var(--rule);
}

@media (max-width: 44rem) {
  .desk {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }

  .work {
    padding-left: 0;
    border-left: 0;
  }
}
</style>
