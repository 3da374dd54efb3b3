<script setup lang="ts">
import { computed, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ReadingFields from '../../kit/ReadingFields.vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Asset } from '../../../core/house/house.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { readingsAsked } from '../../../core/readings/recorded.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import type { Measures, Typed } from '../../../core/readings/typed.ts';
import type { Given } from '../../../core/readings/reading.ts';
import type { Outcome } from '../../../core/readings/verdict.ts';
import { aboutText, type ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { useJudging } from '../../composables/useJudging.ts';

/** A reading taken at a step: judged at once, then kept with the run. */
const props = defineProps<{
  measure: string;
  assets: readonly Asset[];
  speech: ReadingSpeech;
  measures: Measures;
  traits: Readonly<Record<string, FactValue>>;
}>();
const emit = defineEmits<{
  keep: [reading: { reading: string; asset: string; given: Given; outcome: Outcome }];
}>();

const t = computed(() => props.speech.t);
const asset = ref(props.assets[0]?.id ?? '');
const kind = computed(() => props.assets.find(({ id }) => id === asset.value)?.kind ?? 'other');
const choices = computed(() => readingsAsked(props.measure, kind.value));
const code = ref(choices.value[0] ?? '');
const typed = ref<Typed>({});
const reading = computed(() => readingOf(code.value) ?? null);
const settled = computed(() => (reading.value ? settledBy(reading.value, props.traits) : {}));
const { answer, problems, asked } = useJudging(
  reading,
  typed,
  computed(() => props.measures),
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
    <ChoiceField v-if="assets.length > 1" v-model="asset" :label="t('note.thing')">
      <option v-for="one in assets" :key="one.id" :value="one.id">{{ one.name }}</option>
    </ChoiceField>
    <ChoiceField v-if="choices.length > 1" v-model="code" :label="t('noteReading.what')">
      <option v-for="one in choices" :key="one" :value="one">{{ aboutText(speech, one).title }}</option>
    </ChoiceField>
    <ReadingFields
      v-model="typed"
      :reading="reading"
      :speech="speech"
      :measures="measures"
      :problems="problems"
    />
    <div v-if="outcome" aria-live="polite"><ReadingOutcome :outcome="outcome" :speech="speech" /></div>
    <p>
      <button type="submit" class="main" data-act="keep-reading">{{ t('run.readKeep') }}</button>
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
