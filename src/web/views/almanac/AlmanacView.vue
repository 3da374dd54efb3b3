<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import type { Climate } from '../../../core/climate/climateSchema.ts';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import ClimateSource from './ClimateSource.vue';
import DaysTable from './DaysTable.vue';
import SeasonTable from './SeasonTable.vue';
import YearChart from './YearChart.vue';

/** The year at this home: its turning points and what they rest on, the days passed and the ten ahead. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const view = ref<ClimateView | null>(null);
const say = useSaying();
const { busy, errorAt, submit } = useForm();
const { act } = useActs();

const { state, load } = useLoading(async () => {
  const [, climate] = await Promise.all([home.load(homeId), ask('climate', { params: { homeId } })]);
  view.value = climate;
});
const climate = computed<Climate>(() => home.house?.home.climate ?? {});

/** Sets where the climate comes from or its dates; every date of the home that hangs on it moves. */
const set = (changed: Climate) =>
  submit(async () => {
    const given = Object.values(changed).some((value) => value !== undefined);
    const waits = await act({
      route: 'setClimate',
      homeId,
      body: { climate: given ? changed : null },
      label: t.value('almanac.title'),
    });
    await load();
    say({ text: `${t.value('almanac.saved')}${waits}` });
  });
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('almanac.title') }}</h1>
      <p v-if="home.house" class="soft">{{ t('almanac.lead', { home: home.house.home.name }) }}</p>
    </header>
    <div class="column">
      <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <template v-else-if="view">
        <DaysTable :view="view" :speech="speech" />
        <YearChart v-if="view.figures" :view="view" :figures="view.figures" :speech="speech" />
        <SeasonTable
          :view="view"
          :climate="climate"
          :speech="speech"
          :may-write="home.mayWrite"
          :busy="busy"
          @set="set"
        />
        <ClimateSource
          :view="view"
          :climate="climate"
          :speech="speech"
          :hemisphere="home.house?.home.hemisphere ?? 'north'"
          :may-write="home.mayWrite"
          :busy="busy"
          @set="set"
        />
      </template>
    </div>
  </div>
</template>

<style>
/* The ruled tables of this page. */
.figures {
  width: 100%;
  border-collapse: collapse;
}

.figures th,
.figures td {
  padding: 0.1875rem 0.75rem 0.1875rem 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
  vertical-align: baseline;
}

.figures th {
  font-weight: 400;
  color: var(--soft);
}

.figures .number {
  text-align: right;
}

.figures td.number,
.figures .day {
  white-space: nowrap;
}

@media (width < 30rem) {
  .figures th,
  .figures td {
    padding-right: 0.375rem;
    overflow-wrap: break-word;
    hyphens: auto;
  }
}

.almanac-part {
  margin-bottom: calc(var(--line) * 2);
}
</style>
