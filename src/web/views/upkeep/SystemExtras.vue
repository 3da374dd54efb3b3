<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { v7 as uuid } from 'uuid';
import type { HouseBody, UpkeepBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { Practice, PracticeKind } from '../../../core/practice/practice.ts';
import { factsToEstablish } from '../../../core/house/factsToEstablish.ts';
import { termsOfPlan } from '../../../core/walkthrough/adoption.ts';
import { factName } from '../../../locales/factName.ts';
import { ruleText } from '../../../locales/practiceText.ts';
import { words, type Speech } from '../../../locales/speech.ts';
import { useForm } from '../../composables/useForm.ts';
import { useHome } from '../../stores/home.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { knownAssets } from '../../parts/thing/knownAssets.ts';
import PracticeEntry from '../../parts/practice/PracticeEntry.vue';
import type { KeptSystem } from '../../parts/schedule/keptLines.ts';

/** Beside the duties of a system: practices not kept here, facts to find out, improvements, responses and advice. */
const props = defineProps<{
  system: KeptSystem;
  house: HouseBody;
  known: KnownBody;
  on: CivilDate;
  speech: Speech;
  mayWrite: boolean;
}>();
const emit = defineEmits<{ takenUp: [text: string] }>();

const KINDS = ['improvement', 'fact', 'response', 'habit'] as const satisfies readonly PracticeKind[];
const home = useHome();
const outbox = useOutbox();
const { busy, errorAt, refuse, submit } = useForm();
const shown = ref(false);
const t = computed(() => props.speech.t);
const assetName = (id: string): string => props.house.assets.find((asset) => asset.id === id)?.name ?? id;

/** Like suggestions on several things stand on one line. */
const suggested = computed(() => {
  const byPractice = new Map<
    string,
    { practice: Practice & { kind: 'duty' }; units: UpkeepBody['suggested'] }
  >();
  for (const one of props.system.suggested) {
    const practice = home.find(one.practice);
    if (practice?.kind !== 'duty') continue;
    const line = byPractice.get(one.practice) ?? { practice, units: [] };
    line.units.push(one);
    byPractice.set(one.practice, line);
  }
  return [...byPractice.values()].map(({ practice, units }) => {
    const school = practice.schools.find(({ code }) => code === units[0]?.school);
    return {
      practice,
      units,
      school,
      title: words(props.speech, practice.title),
      things: props.speech.formats.list(units.map(({ asset }) => assetName(asset))),
      rule: school ? ruleText(props.speech, school.rule) : '',
    };
  });
});
const besides = computed(() =>
  KINDS.map((kind) => {
    const codes = new Set(props.system.besides.map(({ practice }) => practice));
    return {
      kind,
      practices: [...codes].flatMap((code) => home.find(code) ?? []).filter((one) => one.kind === kind),
    };
  }).filter(({ practices }) => practices.length > 0),
);
const openFacts = computed(() => {
  const own = props.system.lines.flatMap(({ known }) => known ?? []);
  const assets = knownAssets(props.house, props.known);
  return factsToEstablish(assets, own).filter(({ practices }) => practices.length > 0);
});
const count = computed(
  () => suggested.value.length + besides.value.reduce((sum, { practices }) => sum + practices.length, 0),
);

const takeUp = ({ practice, units, school, title }: (typeof suggested.value)[number]) =>
  submit(async () => {
    if (!school) return;
    const traits = new Map(Object.entries(props.known.traits));
    const asset = props.house.assets.find(({ id }) => id === units[0]?.asset);
    if (!asset) return;
    const terms = termsOfPlan({ practice, asset, school, because: units[0]?.because ?? 'default' }, traits);
    const outcome = await outbox.send({
      route: 'add',
      homeId: props.house.home.id,
      body: {
        batch: uuid(),
        on: props.on,
        assets: [],
        duties: [
          {
            practice: { from: 'catalogue', code: practice.code },
            terms,
            units: units.map((unit) => ({ asset: unit.asset, duty: uuid(), entry: uuid() })),
          },
        ],
      },
      label: title,
    });
    if (outcome.kind === 'refused') return refuse(outcome.error);
    emit('takenUp', t.value('upkeep.takenUp', { title }));
  });
</script>

<template>
  <div v-if="count > 0 || openFacts.length > 0" class="besides">
    <div v-if="suggested.length > 0">
      <h3>{{ t('upkeep.suggested') }}</h3>
      <ul>
        <li v-for="one in suggested" :key="one.practice.code" class="row" :data-suggested="one.practice.code">
          <span
            >{{ one.title }} <span class="soft small">{{ one.things }}; {{ one.rule }}</span></span
          >
          <Button v-if="mayWrite" text class="no-print" :disabled="busy" @click="takeUp(one)">
            {{ t('upkeep.takeUp') }}<span class="unseen">: {{ one.title }}</span>
          </Button>
        </li>
      </ul>
      <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
    </div>
    <div v-if="openFacts.length > 0">
      <h3>{{ t('upkeep.openFacts') }}</h3>
      <ul class="facts small">
        <li v-for="{ asset, spec } in openFacts" :key="`${asset.id} ${spec.code}`">
          <RouterLink
            :to="{
              name: 'thing',
              params: { homeId: house.home.id, assetId: asset.id },
              query: { tab: 'facts' },
            }"
            >{{ t('upkeep.openFact', { thing: asset.name, fact: factName(speech, spec.code) }) }}</RouterLink
          >
        </li>
      </ul>
    </div>
    <details
      v-if="besides.length > 0"
      class="no-print"
      @toggle="shown = ($event.target as HTMLDetailsElement).open"
    >
      <summary>
        {{ speech.formats.list(besides.map(({ kind }) => t(`upkeep.besides.${kind}`))) }}
      </summary>
      <template v-if="shown">
        <div v-for="{ kind, practices } in besides" :key="kind">
          <h3>{{ t(`upkeep.besides.${kind}`) }}</h3>
          <ul class="ruled">
            <PracticeEntry
              v-for="practice in practices"
              :key="practice.code"
              :practice="practice"
              :hidden="false"
              :speech="speech"
              :start-in="home.mayWrite ? (home.house?.home.id ?? null) : null"
              :may-write="false"
              :may-change="false"
              :busy="false"
            />
          </ul>
        </div>
      </template>
    </details>
  </div>
</template>

<style scoped>
.besides {
  display: grid;
  gap: calc(var(--line) / 2);
  margin-top: calc(var(--line) / 2);
}

h3 {
  font-size: 1rem;
  font-weight: 600;
}

.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 1rem;
}

.facts {
  columns: 18rem 2;
}

summary {
  color: var(--brine);
  cursor: pointer;
}
</style>
