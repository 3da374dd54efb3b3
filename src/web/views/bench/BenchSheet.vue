<script setup lang="ts">
import Button from 'primevue/button';
import { useClipboard } from '@vueuse/core';
import { computed, ref, toRef } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import ReadingInputs from '../../parts/reading/ReadingInputs.vue';
import { bandOf, type Reading, type Settled } from '../../../core/readings/reading.ts';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import type { Answer } from '../../../core/readings/entriesOf.ts';
import type { Measures, Typed } from '../../../core/readings/typed.ts';
import {
  aboutText,
  fieldText,
  schoolText,
  type ReadingSpeech,
} from '../../../locales/readings/readingText.ts';
import { BAND_NOTE } from '../../../locales/readings/about.ts';
import { thingsOf } from '../../../core/readings/fill/fillIn.ts';
import { useReadingForm } from '../../composables/useReadingForm.ts';
import BandTable from './BandTable.vue';
import EdgesForm from './EdgesForm.vue';

/** One reading or sum on the bench: its fields, what they come to, its band, formula and source. */
const props = defineProps<{
  reading: Reading;
  speech: ReadingSpeech;
  measures: Measures;
  settled: Settled;
  /** The facts that the home on screen fills in; null without a home. */
  known: KnownForReading | null;
  /** Whether this home's school and edges can be set from here. */
  maySettle: boolean;
  busy: boolean;
  address: string;
}>();
const emit = defineEmits<{
  school: [school: string];
  edges: [band: string, edges: number[] | null];
  /** The result is wanted in the record, as a measurement of a thing. */
  record: [asset: string, answer: Answer];
}>();
const typed = defineModel<Typed>({ required: true });
const chosen = defineModel<string>('school', { required: true });

const { copy, copied } = useClipboard();
const copyFailed = ref(false);
const editing = ref<string | null>(null);

const about = computed(() => aboutText(props.speech, props.reading.code));
const settled = computed((): Settled => ({
  ...props.settled,
  ...(chosen.value !== '' && { school: chosen.value }),
}));
/** The things of the home that this can be about, the house itself last; the first, until another is chosen. */
const things = computed(() =>
  [false, true].flatMap((isHouse) =>
    thingsOf(props.reading.code, props.known?.assets ?? []).filter(
      ({ kind }) => (kind === 'house') === isHouse,
    ),
  ),
);
const chosenThing = ref('');
const thing = computed(() =>
  things.value.some(({ id }) => id === chosenThing.value) ? chosenThing.value : (things.value[0]?.id ?? ''),
);
const { filled, standing, answer, problems, needed } = useReadingForm(
  toRef(() => props.reading),
  thing,
  toRef(() => props.known),
  toRef(() => props.measures),
  settled,
  typed,
);
const nameOf = (id: string): string => props.known?.assets.find((one) => one.id === id)?.name ?? '';
const outcome = computed(() => answer.value?.outcome ?? null);
/** The result that can be saved: the answer to a reading that leaves something in the record of a thing. */
const recordable = computed(() =>
  props.maySettle && props.reading.recorded && thing.value !== '' ? answer.value : null,
);
const neededText = computed(() =>
  props.speech.formats.list(needed.value.map((field) => fieldText(props.speech, field))),
);
const bands = computed(() =>
  Object.keys(props.reading.bands).map((code) => ({
    code,
    scale: bandOf(props.reading, code, props.settled),
    usual: bandOf(props.reading, code),
    own: props.settled.edges?.[code] !== undefined,
    name: schoolText(props.speech, code),
  })),
);

async function copyAddress(): Promise<void> {
  copyFailed.value = false;
  try {
    await copy(props.address);
  } catch {
    copyFailed.value = true;
  }
}

function saveEdges(band: string, edges: number[] | null): void {
  editing.value = null;
  emit('edges', band, edges);
}
</script>

<template>
  <article>
    <h2>{{ about.title }}</h2>
    <p class="soft">{{ about.about }}</p>
    <div class="desk">
      <form class="form" novalidate @submit.prevent>
        <ChoiceField
          v-if="reading.schools.length > 1"
          v-model="chosen"
          :label="speech.t('bench.school')"
          class="school"
          :options="[
            { value: '', label: speech.t('bench.schoolUsual') },
            ...reading.schools.map((school) => ({ value: school, label: schoolText(speech, school) })),
          ]"
        />
        <ChoiceField
          v-if="things.length > 0"
          v-model="chosenThing"
          :label="speech.t('bench.thing')"
          class="school"
          :options="[
            { value: '', label: nameOf(things[0]?.id ?? '') },
            ...things.slice(1).map(({ id }) => ({ value: id, label: nameOf(id) })),
          ]"
        />
        <ReadingInputs
          v-model="typed"
          :reading="reading"
          :speech="speech"
          :measures="measures"
          :problems="problems"
          :standing="standing"
          :filled="filled"
          :name-of="nameOf"
        />
      </form>
      <div class="result" aria-live="polite">
        <ReadingOutcome v-if="outcome" :outcome="outcome" :reading="reading" :speech="speech" />
        <p v-else-if="needed.length > 0" class="soft">
          {{ speech.t('bench.needed', { fields: neededText }) }}
        </p>
        <Button
          v-if="recordable"
          class="no-print"
          data-act="record"
          :disabled="busy"
          @click="emit('record', thing, recordable)"
          >{{ speech.t('bench.record') }}<span class="unseen">: {{ nameOf(thing) }}</span></Button
        >
      </div>
    </div>
    <p class="ways no-print">
      <Button text @click="typed = {}">{{ speech.t('bench.reset') }}</Button>
      <Button text @click="copyAddress">{{ speech.t('bench.copy') }}</Button>
      <Button v-if="maySettle && chosen !== ''" text :disabled="busy" @click="emit('school', chosen)">
        {{ speech.t('bench.keepSchool') }}
      </Button>
    </p>
    <p v-if="copied" class="soft small" role="status">{{ speech.t('bench.copied') }}</p>
    <p v-if="copyFailed" class="soft small" role="alert">{{ speech.t('bench.copyFailed') }}</p>
    <div class="bands">
      <section v-for="band in bands" :key="band.code">
        <BandTable
          :scale="band.scale"
          :unit="reading.bandUnit"
          :speech="speech"
          :title="
            speech.t('bench.band', { band: band.name }) + (band.own ? `, ${speech.t('bench.ownEdges')}` : '')
          "
        />
        <EdgesForm
          v-if="editing === band.code"
          :usual="band.usual"
          :now="band.scale"
          :unit="reading.bandUnit"
          :speech="speech"
          :busy="busy"
          @save="saveEdges(band.code, $event)"
          @close="editing = null"
        />
        <Button v-else-if="maySettle" text class="small no-print" @click="editing = band.code">
          {{ speech.t('bench.keepEdges') }}<span class="unseen"> {{ band.name }}</span>
        </Button>
      </section>
    </div>
    <dl class="small">
      <dt>{{ speech.t('bench.formula') }}</dt>
      <dd>{{ about.formula }}</dd>
      <dt>{{ speech.t('bench.source') }}</dt>
      <dd>{{ about.source }} {{ bands.length > 0 ? BAND_NOTE : '' }}</dd>
    </dl>
  </article>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: var(--line) 2rem;
  align-items: start;
}

.desk,
.bands,
dl {
  margin-top: var(--line);
}

.school {
  max-width: 20rem;
}

.result {
  position: sticky;
  top: 0;
  padding: calc(var(--line) / 2) 0;
  border-top: 3px double var(--rule);
  border-bottom: 1px solid var(--rule);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.5rem;
  margin-top: calc(var(--line) / 2);
}

.bands {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: var(--line) 2rem;
}

dt {
  font-weight: 600;
}

dd {
  margin-bottom: calc(var(--line) / 4);
}

@media (max-width: 60rem) {
  .desk {
    display: block;
  }

  .result {
    position: static;
    margin-top: var(--line);
  }
}
</style>
