<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import { partialDay } from '../../../core/calendar/partialDate.ts';
import { STATIONS } from '../../../core/climate/data/stations.ts';
import { Given } from '../../../core/walkthrough/given.ts';
import { HOUSE_KINDS, type HouseKind } from '../../../core/walkthrough/houseKind.ts';
import type { Answer } from '../../../core/walkthrough/question.ts';
import { questionsAt, STOPS } from '../../../core/walkthrough/stops.ts';
import { answersOf, confirmStop, nextStop } from '../../../core/walkthrough/walked.ts';
import type { WalkState } from '../../../core/walkthrough/walkState.ts';
import { useActs } from '../../composables/useActs.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import { countryOfZone } from '../../parts/place/countries.ts';
import PlanPage from './PlanPage.vue';
import StopPhotos from './StopPhotos.vue';
import StopQuestions from './StopQuestions.vue';
import { useWalk } from './useWalk.ts';

/** The walk through a house: a kind of house, a climate, stop after stop with likely answers to confirm, and the plan. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const { tell } = useErrorText();
const { act } = useActs();
const homeId = String(route.params['homeId']);
const { state: walk, finished, waiting, load: loadWalk, save } = useWalk(homeId);
const t = computed(() => speech.value.t);

type Place = 'kind' | 'climate' | 'plan' | (string & {});
const at = ref<Place>('kind');
const said = ref<{ text: string; wrong: boolean } | null>(null);
const wrongDate = ref<string | null>(null);
const busy = ref(false);
const page = useTemplateRef('page');

const { state, load } = useLoading(async () => {
  await Promise.all([home.load(homeId), loadWalk()]);
  at.value = whereToGoOn(walk.value);
});

const whereToGoOn = (from: WalkState): Place =>
  from.kind === null ? 'kind' : home.house?.home.climate ? (nextStop(from) ?? 'plan') : 'climate';

const on = computed(() => home.on);
const place = computed(() => home.house?.home ?? { hemisphere: 'north' as const });
const answers = computed(() => answersOf(walk.value, place.value));
const given = computed(() => new Given(answers.value));
const stop = computed(() => STOPS.find(({ code }) => code === at.value) ?? null);
const questions = computed(() => (stop.value ? questionsAt(stop.value, given.value) : []));
const number = computed(() => STOPS.findIndex(({ code }) => code === at.value) + 1);
const following = computed(() => STOPS[number.value]?.code ?? null);
const empty = computed(() => (home.house?.assets.length ?? 0) === 0);
const confirmText = computed(() => {
  if (following.value === null) return t.value('walk.confirmLast');
  return t.value('walk.confirmTo', { stop: t.value(`walk.stops.${following.value}`) });
});

function answer(code: string, value: Answer): void {
  const copy = Array.isArray(value) ? [...(value as readonly string[])] : value;
  walk.value = {
    ...walk.value,
    answers: { ...walk.value.answers, [code]: copy as WalkState['answers'][string] },
  };
}

/** Saves, says what came of it, and goes on; what cannot be sent now is kept here and sent with the next stop. */
async function goOn(next: WalkState, to: () => Place): Promise<void> {
  if (busy.value) return;
  const saved = await whileBusy(() => save(next));
  if (saved === null) return;
  said.value = saved === 'elsewhere' ? { text: t.value('walk.elsewhere'), wrong: true } : null;
  await goTo(saved === 'elsewhere' ? whereToGoOn(walk.value) : to());
}

/** Nothing else is pressed meanwhile; null where it failed, which is said. */
async function whileBusy<T>(work: () => Promise<T>): Promise<T | null> {
  busy.value = true;
  try {
    return await work();
  } catch (error) {
    said.value = { text: tell(error).text, wrong: true };
    return null;
  } finally {
    busy.value = false;
  }
}

async function goTo(where: Place): Promise<void> {
  at.value = where;
  wrongDate.value = null;
  await nextTick();
  window.scrollTo({ top: 0 });
  page.value?.querySelector<HTMLElement>('h2')?.focus();
}

const chooseKind = (kind: HouseKind) =>
  goOn({ ...walk.value, kind, answers: withCountry(walk.value.answers) }, () =>
    whereToGoOn({ ...walk.value, kind }),
  );

/** The country the home's zone lies in is proposed; an answer given stands. */
function withCountry(answers: WalkState['answers']): WalkState['answers'] {
  const country = countryOfZone(home.house?.home.zone ?? '');
  return { ...(country !== null && { country }), ...answers };
}

async function chooseClimate(station: string): Promise<void> {
  if (busy.value) return;
  const set = await whileBusy(async () => {
    await act({
      route: 'setClimate',
      homeId,
      body: { climate: { station } },
      label: t.value('almanac.title'),
    });
    return true;
  });
  if (set) await goTo(nextStop(walk.value) ?? 'plan');
}

function confirm(): void {
  const { value: here } = stop;
  if (!here) return;
  const bad = questions.value.find(({ kind, code }) => {
    const value = answers.value[code];
    return kind === 'made' && typeof value === 'string' && partialDay(value) === null;
  });
  wrongDate.value = bad?.code ?? null;
  if (bad) return;
  void goOn(confirmStop(walk.value, here.code, place.value), () => following.value ?? 'plan');
}
</script>

<template>
  <div ref="page" class="sheet walk">
    <header>
      <h1>{{ t('walk.title') }}</h1>
      <p v-if="home.house" class="soft">{{ t('walk.lead', { home: home.house.home.name }) }}</p>
    </header>
    <PageState
      v-if="state.kind !== 'ready'"
      class="column"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <div v-else-if="!home.mayWrite" class="column">
      <p class="notice">{{ t('house.readOnly') }}</p>
    </div>
    <div v-else-if="finished || !empty" class="column">
      <p class="notice">
        {{ t(finished ? 'walk.over' : 'walk.begun') }}
        <RouterLink :to="{ name: 'upkeep', params: route.params }">{{ t('nav.page.upkeep') }}</RouterLink>,
        <RouterLink :to="{ name: 'add', params: route.params }">{{ t('nav.page.add') }}</RouterLink>
      </p>
    </div>
    <template v-else>
      <div class="told" role="status">
        <p v-if="said" class="notice" :class="{ wrong: said.wrong }">{{ said.text }}</p>
        <p v-if="waiting" class="notice">{{ t('walk.offline') }}</p>
      </div>
      <section v-if="at === 'kind'" class="column" :aria-label="t('walk.kindTitle')">
        <h2 tabindex="-1">{{ t('walk.kindTitle') }}</h2>
        <p class="soft lead">{{ t('walk.kindLead') }}</p>
        <div class="kinds">
          <Button
            v-for="kind in HOUSE_KINDS"
            :key="kind"
            outlined
            class="way"
            :data-choice="kind"
            :disabled="busy"
            @click="chooseKind(kind)"
          >
            {{ t(`walk.kinds.${kind}`) }} <span class="soft small">{{ t(`walk.kindHint.${kind}`) }}</span>
          </Button>
        </div>
      </section>
      <section v-else-if="at === 'climate'" class="column" :aria-label="t('walk.climateTitle')">
        <h2 tabindex="-1">{{ t('walk.climateTitle') }}</h2>
        <p class="soft lead">{{ t('walk.climateLead') }}</p>
        <div class="kinds">
          <Button
            v-for="station in STATIONS"
            :key="station.code"
            outlined
            class="way"
            :data-choice="station.code"
            :disabled="busy"
            @click="chooseClimate(station.code)"
          >
            {{ station.name }}
          </Button>
        </div>
      </section>
      <form v-else-if="stop && on" class="stop" novalidate @submit.prevent="confirm">
        <div class="number">
          <span class="figure">{{ number }}</span>
          <span class="soft small">{{ t('walk.step', { n: STOPS.length }) }}</span>
        </div>
        <div class="text">
          <h2 tabindex="-1">{{ t(`walk.stops.${stop.code}`) }}</h2>
          <StopQuestions
            :key="stop.code"
            :questions="questions"
            :answers="answers"
            :given="given"
            :speech="speech"
            :on="on"
            :hemisphere="place.hemisphere"
            :wrong="wrongDate === null ? null : { code: wrongDate, text: t('problem.partial-date') }"
            @answer="answer"
          />
          <StopPhotos :key="stop.code" :home-id="homeId" :caption="t(`walk.stops.${stop.code}`)" />
          <p class="actions">
            <Button type="submit" data-act="confirm" :disabled="busy" :label="confirmText" />
            <Button outlined :label="t('walk.back')" @click="goTo(STOPS[number - 2]?.code ?? 'kind')" />
            <RouterLink :to="{ name: 'today', params: route.params }">{{ t('walk.leave') }}</RouterLink>
          </p>
          <p class="soft small">{{ t('walk.saved') }}</p>
          <details class="small no-print">
            <summary>{{ t('walk.stopList') }}</summary>
            <ol>
              <li v-for="one in STOPS" :key="one.code">
                <Button
                  v-if="walk.confirmed.includes(one.code) || one.code === nextStop(walk)"
                  text
                  :aria-current="one.code === stop.code ? 'step' : undefined"
                  :label="t(`walk.stops.${one.code}`)"
                  @click="goTo(one.code)"
                />
                <span v-else class="soft">{{ t(`walk.stops.${one.code}`) }}</span>
              </li>
            </ol>
          </details>
        </div>
      </form>
      <PlanPage
        v-else-if="at === 'plan' && home.house && home.on"
        :answers="answers"
        :home="home.house.home"
        :on="home.on"
        :find="home.find"
        :speech="speech"
        @change="goTo(STOPS[0]?.code ?? 'kind')"
      />
    </template>
  </div>
</template>

<style scoped>
h2:focus {
  outline: none;
}

.lead {
  margin-bottom: calc(var(--line) / 2);
}

.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0.5rem;
}

/* Choices of one press, which lead on. */
.way {
  display: block;
  min-height: 3rem;
  padding: 0.5rem 0.875rem;
  text-align: left;
}

.way span {
  display: block;
  font-weight: 400;
}

.stop {
  display: grid;
  grid-template-columns: var(--margin-column) 1fr;
  gap: 0 1.5rem;
}

.number {
  display: flex;
  flex-direction: column;
  text-align: right;
}

.figure {
  font-size: 1.875rem;
  line-height: var(--line);
}

.text {
  min-width: 0;
  margin-left: -0.75rem;
  padding-left: 1.5rem;
  border-left: 3px double var(--rule);
}

.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1.5rem;
  margin: var(--line) 0 calc(var(--line) / 2);
}

.actions .main {
  min-height: 3rem;
}

details ol {
  padding-left: 1rem;
}

@media (max-width: 44rem) {
  .stop {
    grid-template-columns: 1fr;
  }

  .number {
    flex-direction: row;
    align-items: baseline;
    gap: 0.5rem;
    text-align: left;
  }

  .text {
    margin-left: 0;
    padding-left: 0;
    border-left: 0;
  }

  .actions {
    position: sticky;
    bottom: var(--bar);
    padding: 0.5rem 0;
    background: var(--paper);
  }

  .actions .main {
    width: 100%;
  }
}
</style>
