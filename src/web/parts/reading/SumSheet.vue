<script setup lang="ts">
import { computed, ref, toRef } from 'vue';
import ReadingOutcome from '../../kit/ReadingOutcome.vue';
import type { KnownForReading } from '../../../core/readings/fill/known.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { aboutText } from '../../../locales/readings/readingText.ts';
import { firstThing } from '../../composables/useKnownForReading.ts';
import { useReadingForm } from '../../composables/useReadingForm.ts';
import { useReadings } from '../../composables/useReadings.ts';
import ReadingInputs from './ReadingInputs.vue';

/** A sum worked out where it is needed, folded until somebody wants it. Nothing of it is saved. */
const props = defineProps<{ code: string; title?: string; known: KnownForReading | null }>();

const { speech, measures } = useReadings();
const reading = computed(() => readingOf(props.code) ?? null);
const { typed, filled, standing, answer, problems } = useReadingForm(
  reading,
  computed(() => firstThing(props.code, props.known)),
  toRef(() => props.known),
  measures,
  ref({}),
);
const nameOf = (id: string): string => props.known?.assets.find((one) => one.id === id)?.name ?? '';
</script>

<template>
  <details v-if="reading" class="sum" :data-sum="code">
    <summary>{{ title ?? aboutText(speech, code).title }}</summary>
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
    <div aria-live="polite">
      <ReadingOutcome v-if="answer" :outcome="answer.outcome" :reading="reading" :speech="speech" />
    </div>
    <p class="soft small">{{ aboutText(speech, code).formula }} {{ speech.t('run.sumUnsaved') }}</p>
  </details>
</template>

<style scoped>
.sum[open] {
  display: grid;
  gap: calc(var(--line) / 2);
  padding: 0.5rem 0;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
</style>
