<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import Button from 'primevue/button';
import { v7 as uuid } from 'uuid';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import TextField from '../../kit/TextField.vue';
import type { RunBody } from '../../../contract/runs.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { WeatherDay } from '../../../core/climate/weather.ts';
import { begun } from '../../../core/runs/transitions.ts';
import { planDuties, planPractice, planRound } from '../../../core/runs/planRun.ts';
import { ROUNDS } from '../../../core/runs/rounds.ts';
import { isSettled, stateOf, type RunState } from '../../../core/runs/runState.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText, words } from '../../../locales/speech.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { askOutlook } from '../../composables/useKnownForReading.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import RunPreview from './RunPreview.vue';
import { gatherFromOf, itemTitle, runHouseOf } from './runHouse.ts';

/** Runs begun, rounds to start, and duties to take together. */
const route = useRoute();
const router = useRouter();
const home = useHome();
const speech = useSpeech();
const { tell } = useErrorText();
const { act, actNow } = useActs();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const runs = ref<RunBody[]>([]);
const known = ref<KnownBody | null>(null);
const picked = ref<string[]>([]);
const preview = ref<RunState | null>(null);
const gathered = ref<string[]>([]);
const outlook = ref<readonly WeatherDay[]>([]);
const shown = ref<string | null>(null);
const wrong = ref('');
const busy = ref(false);
const dropping = ref<string | null>(null);

const { state, load } = useLoading(async () => {
  const params = { homeId };
  const [, body, list] = await Promise.all([
    home.load(homeId),
    ask('known', { params }),
    ask('runs', { params }),
  ]);
  known.value = body;
  runs.value = list;
  await showAsked();
});

const from = computed(() =>
  home.house && known.value ? runHouseOf(home.house, home.rows, known.value, home.find) : null,
);
const rounds = computed(() => {
  const { house } = home;
  return ROUNDS.map((round) => {
    const plan = from.value ? planRound(round, from.value) : null;
    return {
      round,
      plan,
      title: words(speech.value, round.title),
      lead: words(speech.value, round.lead),
      items: plan && house ? plan.items.map((item) => itemTitle(item, house, speech.value)) : [],
    };
  });
});
/** Tasks due now or soon, to do together. */
const duties = computed(() => {
  const { house } = home;
  if (!house) return [];
  return home.rows
    .flatMap(({ dutyId, occurrence, retired }) => {
      const duty = house.duties.find(({ id }) => id === dutyId);
      if (!duty || retired || !occurrence) return [];
      const name = currentUnit(house.assets, duty.asset)?.name ?? '';
      const { due } = occurrence.window;
      return [
        {
          id: dutyId,
          title: practiceTitle(speech.value, duty.practice),
          name,
          due,
          on: dateText(speech.value, due),
        },
      ];
    })
    .sort((a, b) => (a.due < b.due ? -1 : 1));
});
/** How many duties are listed before one looks for others. */
const LISTED = 15;
const seek = ref('');
const offered = computed(() => {
  const words = seek.value.trim().toLowerCase();
  const some = duties.value.filter(({ title, name }) => `${title} ${name}`.toLowerCase().includes(words));
  const chosen = duties.value.filter(
    ({ id }) => picked.value.includes(id) && !some.some((one) => one.id === id),
  );
  return [...chosen, ...(words === '' ? some.slice(0, LISTED) : some)];
});

const listed = computed(() =>
  runs.value.map((run) => ({
    ...run,
    title: words(speech.value, run.state.title),
    about: t.value('runs.begun', {
      on: dateText(speech.value, run.begunAt.slice(0, 10) as CivilDate),
      done: run.state.items.filter(({ key }) => isSettled(stateOf(run.state, key))).length,
      all: run.state.items.length,
    }),
  })),
);

/** `instead`: the way back leads past the address that began it, which would begin another. */
async function begin(plan: RunState, instead = false): Promise<void> {
  if (busy.value || plan.items.length === 0) return;
  busy.value = true;
  try {
    const runId = uuid();
    await actNow({
      route: 'saveRun',
      homeId,
      params: { runId },
      body: { saw: 0, state: plan },
      label: words(speech.value, plan.title),
    });
    const to = { name: 'run', params: { homeId, runId } };
    await (instead ? router.replace(to) : router.push(to));
  } catch (error) {
    wrong.value = tell(error).text;
  } finally {
    busy.value = false;
  }
}

const titleOfSome = (ids: readonly string[]): string => {
  const titles = new Set(duties.value.filter(({ id }) => ids.includes(id)).map(({ title }) => title));
  return titles.size === 1
    ? ([...titles][0] ?? '')
    : t.value('runs.pickTitle', { n: ids.length }, ids.length);
};

const planOfDuties = (ids: readonly string[]): RunState | null =>
  from.value ? planDuties(ids, titleOfSome(ids).slice(0, 200), from.value) : null;

async function beginPicked(ids: readonly string[]): Promise<void> {
  const plan = planOfDuties(ids);
  if (plan) await begin(plan);
}

const textOf = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);

/** Work that falls due by no rule: a repair, an improvement, a fact to find out. */
function planOfPractice(code: string, asset?: string, finding?: string): RunState | null {
  const practice = home.find(code);
  const plan = practice && from.value ? planPractice(practice, from.value, { asset, finding }) : null;
  if (!plan) wrong.value = t.value('runs.noThing');
  return plan;
}

// The same page without what was asked for is the list again.
watch(
  () => route.fullPath,
  () => {
    preview.value = null;
    gathered.value = [];
    wrong.value = '';
    if (route.name === 'runs') void showAsked();
  },
);

/** An address may name tasks, a checklist, or one piece of work: its steps are shown, and nothing is begun yet. */
async function showAsked(): Promise<void> {
  const { duty, round, practice, thing, finding } = route.query;
  const asked = rounds.value.find((one) => one.round.code === round)?.plan;
  if (asked) preview.value = asked;
  else if (typeof duty === 'string') preview.value = planOfDuties(duty.split(','));
  else if (typeof practice === 'string')
    preview.value = planOfPractice(practice, textOf(thing), textOf(finding));
  if (preview.value) outlook.value = await askOutlook(homeId);
}

async function beginPreview(): Promise<void> {
  const { value: plan } = preview;
  if (!plan || !from.value) return;
  const order = { find: home.find, isDue: gatherFromOf(home, known.value).isDue };
  await begin(begun({ ...plan, gathered: gathered.value }, order), true);
}

/** Back to where one came from; opened by its address, to the list of checklists. */
async function leavePreview(): Promise<void> {
  preview.value = null;
  if (window.history.state?.back) router.back();
  else await router.replace({ name: 'runs', params: { homeId } });
}

async function drop(runId: string): Promise<void> {
  try {
    const label = t.value('runs.title');
    await act({ route: 'dropRun', homeId, params: { runId }, body: {}, label });
    runs.value = runs.value.filter(({ id }) => id !== runId);
    dropping.value = null;
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ preview ? words(speech, preview.title) : t('runs.title') }}</h1>
      <p v-if="!preview" class="soft">{{ t('runs.lead') }}</p>
    </header>
    <div class="column">
      <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <RunPreview
        v-else-if="preview && home.house && known"
        v-model:gathered="gathered"
        :plan="preview"
        :house="home.house"
        :known="known"
        :outlook="outlook"
        :may-write="home.mayWrite && !busy"
        :speech="speech"
        @begin="beginPreview"
        @back="leavePreview"
      />
      <template v-else>
        <section v-for="over in [false, true]" :key="String(over)">
          <template v-if="listed.some(({ finished }) => finished === over)">
            <h2>{{ t(over ? 'runs.over' : 'runs.open') }}</h2>
            <ul class="ruled">
              <li v-for="run in listed.filter(({ finished }) => finished === over)" :key="run.id" class="row">
                <span>
                  {{ run.title }} <span class="soft small">{{ run.about }}</span>
                </span>
                <span class="acts">
                  <RouterLink :to="{ name: 'run', params: { homeId, runId: run.id } }"
                    >{{ over ? t('runs.more') : t('runs.goOn')
                    }}<span class="unseen">: {{ run.title }}</span></RouterLink
                  >
                  <template v-if="!over && home.mayWrite">
                    <template v-if="dropping === run.id">
                      {{ t('runs.dropAsk') }}
                      <Button text severity="danger" @click="drop(run.id)">{{ t('runs.drop') }}</Button>
                      <Button text @click="dropping = null">{{ t('shell.cancel') }}</Button>
                    </template>
                    <Button v-else text data-act="drop" @click="dropping = run.id">
                      {{ t('runs.drop') }} …<span class="unseen"> {{ run.title }}</span>
                    </Button>
                  </template>
                </span>
              </li>
            </ul>
          </template>
        </section>
        <section>
          <h2>{{ t('runs.rounds') }}</h2>
          <ul class="ruled">
            <li v-for="one in rounds" :key="one.round.code" :data-round="one.round.code">
              <p class="row">
                <span>
                  <strong>{{ one.title }}</strong> <span class="soft">{{ one.lead }}</span>
                </span>
                <span class="acts">
                  <Button
                    v-if="one.items.length > 0"
                    text
                    :aria-expanded="shown === one.round.code"
                    @click="shown = shown === one.round.code ? null : one.round.code"
                  >
                    {{ t('runs.items', { n: one.items.length }, one.items.length)
                    }}<span class="unseen">: {{ one.title }}</span>
                  </Button>
                  <span v-else class="soft">{{ t('runs.empty') }}</span>
                  <Button
                    v-if="home.mayWrite && one.plan && one.items.length > 0"
                    outlined
                    :disabled="busy"
                    data-act="start"
                    @click="begin(one.plan)"
                  >
                    {{ t('runs.start') }}<span class="unseen">: {{ one.title }}</span>
                  </Button>
                </span>
              </p>
              <ol v-if="shown === one.round.code" class="small items">
                <li v-for="(title, place) in one.items" :key="place">{{ title }}</li>
              </ol>
            </li>
          </ul>
        </section>
        <section v-if="home.mayWrite">
          <h2>{{ t('runs.pick') }}</h2>
          <p v-if="duties.length === 0" class="soft">{{ t('runs.pickNone') }}</p>
          <form v-else @submit.prevent="beginPicked(picked)">
            <TextField v-model="seek" :label="t('upkeep.seek')" class="seek" />
            <ul class="ruled">
              <li v-for="duty in offered" :key="duty.id">
                <label class="row">
                  <span><Checkbox v-model="picked" :value="duty.id" />{{ duty.title }}, {{ duty.name }}</span>
                  <span class="soft small">{{ duty.on }}</span>
                </label>
              </li>
            </ul>
            <p class="foot">
              <Button type="submit" :disabled="busy || picked.length === 0">
                {{ t('runs.pickStart') }}
              </Button>
            </p>
          </form>
        </section>
      </template>
    </div>
  </div>
</template>

<style scoped>
section + section {
  margin-top: var(--line);
}

.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 1.25rem;
  padding: 0.25rem 0;
}

.row > :first-child {
  flex: 1 1 18rem;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 1.25rem;
}

.items {
  padding: 0 0 0.5rem 1.5rem;
  list-style: decimal;
  columns: 18rem 2;
}

.seek {
  max-width: 20rem;
  margin-bottom: calc(var(--line) / 2);
}

.foot {
  margin-top: calc(var(--line) / 2);
}
</style>
