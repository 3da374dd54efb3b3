<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, ref, toRef } from 'vue';
import FieldRow from '../../kit/FieldRow.vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import ReadingInputs from '../../parts/reading/ReadingInputs.vue';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Asset } from '../../../core/house/house.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { readingsAsked } from '../../../core/readings/recorded.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import type { Measures } from '../../../core/readings/typed.ts';
import type { Given } from '../../../core/readings/reading.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { aboutText, type ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { useReadingForm } from '../../composables/useReadingForm.ts';

/** A reading taken at a step: judged at once, then kept with the run. */
const props = defineProps<{
  measure: string;
  assets: readonly Asset[];
  speech: ReadingSpeech;
  measures: Measures;
  traits: Readonly<Record<string, FactValue>>;
  known: KnownForReading | null;
}>();
const emit = defineEmits<{
  keep: [reading: { reading: string; asset: string; given: Given; outcome: Outcome }];
}>();

const t = computed(() => props.speech.t);
const isReadOf = ({ kind }: Asset): boolean => readingsAsked(props.measure, kind).length > 0;
/** The things of the work that can be measured so; a survey of the whole house measures others of it. */
const things = computed(() => {
  const own = props.assets.filter(isReadOf);
  return own.length > 0 ? own : (props.known?.assets.filter(isReadOf) ?? []);
});
const asset = ref(things.value[0]?.id ?? '');
const kind = computed(() => things.value.find(({ id }) => id === asset.value)?.kind ?? 'other');
const choices = computed(() => readingsAsked(props.measure, kind.value));
const code = ref(choices.value[0] ?? '');
const reading = computed(() => readingOf(code.value) ?? null);
const settled = computed(() => (reading.value ? settledBy(reading.value, props.traits) : {}));
const { typed, filled, standing, answer, problems, asked } = useReadingForm(
  reading,
  asset,
  toRef(() => props.known),
  toRef(() => props.measures),
  settled,
);
const outcome = computed(() => answer.value?.outcome ?? null);

function keep(): void {
  asked.value = true;
  if (!answer.value) return;
  const { given, outcome: judged } = answer.value;
  emit('keep', { reading: code.value, asset: asset.value, given, outcome: judged });
}
</script>

<template>
  <form v-if="reading" class="form reading" novalidate @submit.prevent="keep">
    <p class="soft">{{ t('run.readFirst') }}: {{ aboutText(speech, reading.code).title }}</p>
    <FieldRow v-if="things.length > 1" v-slot="{ id }" :label="t('note.thing')">
      <Select
        v-model="asset"
        :label-id="id"
        :aria-label="t('note.thing')"
        :options="things"
        option-label="name"
        option-value="id"
      />
    </FieldRow>
    <FieldRow v-if="choices.length > 1" v-slot="{ id }" :label="t('noteReading.what')">
      <Select
        v-model="code"
        :label-id="id"
        :aria-label="t('noteReading.what')"
        :options="choices.map((one) => ({ value: one, text: aboutText(speech, one).title }))"
        option-label="text"
        option-value="value"
      />
    </FieldRow>
    <ReadingInputs
      v-model="typed"
      :reading="reading"
      :speech="speech"
      :measures="measures"
      :problems="problems"
      :standing="standing"
      :filled="filled"
      :name-of="(id) => known?.assets.find((one) => one.id === id)?.name ?? ''"
    />
    <div v-if="outcome" aria-live="polite">
      <ReadingOutcome :outcome="outcome" :reading="reading" :speech="speech" />
    </div>
    <p>
      <Button type="submit" outlined data-act="keep-reading">{{ t('run.readKeep') }}</Button>
    </p>
  </form>
</template>

<style scoped>
.reading {
  padding: calc(var(--line) / 2) 0;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
</style>
