<script setup lang="ts">
import { waitsText } from '../../composables/waitsText.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import ContactList from '../../kit/ContactList.vue';
import PageState from '../../kit/PageState.vue';
import StepList from '../../kit/StepList.vue';
import type { KnownBody } from '../../../contract/known.ts';
import { SYMPTOMS, type Symptom } from '../../../core/catalogue/data/symptoms.ts';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import { emergencyPoints } from '../../../core/house/emergencyPoints.ts';
import type { RoundCode } from '../../../core/basics/roundCode.ts';
import { roundOf } from '../../../core/runs/rounds.ts';
import { words } from '../../../locales/speech.ts';
import { firstSteps, symptomName } from '../../../locales/troubleText.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWriting, type Sent } from '../../composables/useWriting.ts';
import { houseFacts, knownAssets } from '../../parts/thing/knownAssets.ts';
import { useHome } from '../../stores/home.ts';
import AddNumbers from './AddNumbers.vue';
import ShutoffList from './ShutoffList.vue';

const FIRST_SHUT: readonly AssetKind[] = ['water-main', 'gas-supply', 'panel'];

/** Something is wrong: by what shows, what to do first, when to stop and call, and what to look at. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const { write } = useWriting();
const { tellBody, tell } = useErrorText();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const known = ref<KnownBody | null>(null);
const { state, load } = useLoading(async () => {
  await home.load(homeId);
  known.value = await ask('known', { params: { homeId } });
});
/** Whom to call; without a signal what the house said of itself when it was first described. */
const facts = computed(() => houseFacts(home.house, known.value));
const open = ref<string | null>(typeof route.query['what'] === 'string' ? route.query['what'] : null);
const busy = ref(false);
const say = useSaying();

/** The shutoffs every household must know, known or missing. */
const mains = computed(() => {
  const { house } = home;
  if (!house) return [];
  const assets = known.value ? knownAssets(house, known.value) : house.assets;
  return emergencyPoints(assets, house.spaces).filter(({ kind }) => FIRST_SHUT.includes(kind));
});
const house = computed(() => home.house?.assets.find(({ kind }) => kind === 'house') ?? null);
const groups = computed(() =>
  [true, false].map((lives) => ({
    lives,
    title: t.value(lives ? 'trouble.lives' : 'trouble.house'),
    symptoms: SYMPTOMS.filter((one) => one.lives === lives).map((symptom) => ({
      symptom,
      name: symptomName(speech.value, symptom),
      practice: symptom.practice === null ? undefined : home.find(symptom.practice),
      steps: firstSteps(speech.value, symptom.code),
      shuts: mains.value.filter(({ group }) => group === symptom.shuts),
    })),
  })),
);

const roundTitle = (code: RoundCode): string => words(speech.value, roundOf(code)?.title ?? code);

/** Numbers just written are shown at once; sent or waiting, they are the house's. */
async function numbersSaved({ outcome }: Sent, numbers: Readonly<Record<string, string>>): Promise<void> {
  const id = house.value?.id;
  if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
  else {
    const waits = outcome.kind === 'waiting' ? waitsText(t.value, outcome) : '';
    say({ text: `${t.value('trouble.numbersSaved')}${waits}` });
    if (known.value && id !== undefined)
      known.value = {
        ...known.value,
        facts: { ...known.value.facts, [id]: { ...known.value.facts[id], ...numbers } },
      };
  }
}

/** Writes that it happened: responses and looks that wait for it fall due. */
async function happened({ trigger }: Symptom): Promise<void> {
  if (busy.value || home.on === null) return;
  busy.value = true;
  try {
    const label = t.value('note.noted.event');
    const { outcome } = await write([{ date: home.on, body: makeBody('event', { trigger }) }], label);
    if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
    else if (outcome.kind === 'waiting')
      say({
        text: `${t.value('trouble.notedOffline')}${waitsText(t.value, outcome)}`,
      });
    else {
      const { length } = outcome.response.rows;
      say({ text: t.value('trouble.noted', { n: length }, length) });
    }
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('trouble.title') }}</h1>
      <p class="soft">
        {{ t('trouble.lead') }}
      </p>
    </header>
    <div class="column">
      <PageState
        v-if="state.kind !== 'ready' && !home.house"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <div class="first">
        <section v-if="mains.length > 0" class="mains">
          <h2>{{ t('trouble.shuts') }}</h2>
          <ShutoffList :points="mains" :speech="speech" />
          <p>
            <RouterLink :to="{ name: 'sheet', params: { homeId } }">{{ t('trouble.allShuts') }}</RouterLink>
          </p>
        </section>
        <section v-if="home.house" :aria-label="t('trouble.call')">
          <h2>{{ t('trouble.call') }}</h2>
          <ContactList class="calls" :facts="facts" :country="known?.traits['country']" :speech="speech" />
          <AddNumbers
            v-if="home.mayWrite && house && known"
            :key="house.id"
            :facts="facts"
            :asset="house.id"
            :speech="speech"
            @saved="numbersSaved"
          />
        </section>
      </div>
      <section v-for="group in groups" :key="group.title" :class="{ lives: group.lives }">
        <h2>{{ group.title }}</h2>
        <ul class="ruled">
          <li v-for="one in group.symptoms" :key="one.symptom.code" :data-symptom="one.symptom.code">
            <Button
              text
              class="name"
              :aria-expanded="open === one.symptom.code"
              @click="open = open === one.symptom.code ? null : one.symptom.code"
              >{{ one.name }}</Button
            >
            <div v-if="open === one.symptom.code" class="answer">
              <template v-if="one.shuts.length > 0">
                <h3>{{ t('trouble.shuts') }}</h3>
                <ShutoffList :points="one.shuts" :speech="speech" />
              </template>
              <ol v-if="one.steps.length > 0" class="plain">
                <li v-for="step in one.steps" :key="step">{{ step }}</li>
              </ol>
              <template v-if="one.practice">
                <p v-if="one.practice.judge.stop" class="stop">
                  {{ t('trouble.stop', { when: words(speech, one.practice.judge.stop) }) }}
                </p>
                <StepList :steps="one.practice.steps" :speech="speech" />
                <p v-if="one.practice.judge.act" class="small">{{ words(speech, one.practice.judge.act) }}</p>
              </template>
              <p class="ways no-print">
                <Button
                  v-if="home.mayWrite && one.symptom.code !== 'smoke-alarm'"
                  outlined
                  :disabled="busy"
                  @click="happened(one.symptom)"
                  >{{ t('trouble.happened') }}</Button
                >
                <RouterLink
                  v-for="round in home.mayWrite ? one.symptom.rounds : []"
                  :key="round"
                  :to="{ name: 'runs', params: { homeId }, query: { round } }"
                  >{{ t('trouble.round', { title: roundTitle(round) }) }}</RouterLink
                >
                <RouterLink
                  v-if="one.symptom.reading"
                  data-act="measure"
                  :to="{
                    name: 'bench',
                    params: { homeId, code: one.symptom.reading },
                    query: one.symptom.seen,
                  }"
                  >{{ t('trouble.measure') }}</RouterLink
                >
                <RouterLink
                  v-if="home.mayWrite"
                  :to="{ name: 'note', params: { homeId }, query: { kind: 'finding' } }"
                  >{{ t('trouble.found') }}</RouterLink
                >
              </p>
            </div>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
section + section,
.first + section {
  margin-top: var(--line);
}

/* Where it is shut off and whom to call: seen without scrolling. */
.first {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: var(--line) 2.5rem;
}

.first section {
  margin: 0;
}

.calls {
  margin-bottom: calc(var(--line) / 2);
}

.name {
  width: 100%;
  min-height: 2.75rem;
  color: var(--ink);
  justify-content: flex-start;
  padding-inline: 0;
  font-size: 1.125rem;
  text-align: left;
}

.lives .name {
  color: var(--rust);
  font-weight: 600;
}

.answer {
  display: grid;
  gap: calc(var(--line) / 2);
  max-width: 46rem;
  padding: 0 0 calc(var(--line) / 2) 0.75rem;
}

.plain {
  padding-left: 1.5rem;
  list-style: decimal;
  font-size: 1.125rem;
}

.stop {
  padding-left: 0.75rem;
  border-left: 6px solid var(--rust);
  color: var(--rust);
  font-weight: 600;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.5rem;
}
</style>
