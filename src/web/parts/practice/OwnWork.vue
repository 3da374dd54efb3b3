<script setup lang="ts">
import { computed, ref, toRef } from 'vue';
import ReadingFields from '../../kit/ReadingFields.vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import { ownWork } from '../../../core/readings/ownWork.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import type { ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { useReadingForm } from '../../composables/useReadingForm.ts';
import { useReadings } from '../../composables/useReadings.ts';

/** What doing some work oneself saves against a quote, with the hours it usually takes. */
const props = defineProps<{ practice: Practice }>();

const { speech, measures } = useReadings();
const reading = ref(ownWork);
/** Only the work itself is known here: the rest is the person’s own. */
const known = computed((): KnownForReading => ({
  today: speech.value.today,
  assets: [],
  spaces: [],
  factsOf: () => ({}),
  traits: {},
  lastRead: [],
  lastDone: [],
  stock: {},
  lowestAhead: null,
  work: { practice: props.practice.code, minutes: props.practice.minutes },
}));
const { typed, filled, standing, answer, problems } = useReadingForm(
  reading,
  ref(''),
  known,
  toRef(() => measures.value),
  ref({}),
);
const said = computed((): ReadingSpeech => speech.value);
</script>

<template>
  <details class="own" data-test="own-work">
    <summary>{{ said.t('practices.ownWork') }}</summary>
    <ReadingFields
      v-model="typed"
      :reading="reading"
      :speech="said"
      :measures="measures"
      :problems="problems"
      :standing="standing"
      :filled="filled"
    />
    <div aria-live="polite"><ReadingOutcome v-if="answer" :outcome="answer.outcome" :speech="said" /></div>
  </details>
</template>

<style scoped>
.own[open] {
  display: grid;
  gap: calc(var(--line) / 2);
}
</style>
