<script setup lang="ts">
import { computed } from 'vue';
import LazyDrawing from '../../drawings/LazyDrawing.vue';
import ReadingFields from '../../kit/ReadingFields.vue';
import { drawingOfReading } from '../../../core/catalogue/drawings/ofReading.ts';
import type { FilledIn } from '../../../core/readings/fill/known.ts';
import { TIMED_STAGES, timeOf } from '../../../core/readings/furnaceStart.ts';
import type { Reading } from '../../../core/readings/reading.ts';
import type { Measures, Typed, TypedProblem } from '../../../core/readings/typed.ts';
import type { ReadingSpeech } from '../../../locales/readings/readingText.ts';
import GapSum from './GapSum.vue';
import StageClock from './StageClock.vue';

/** The fields of a reading, with what helps to fill in some of them: a stopwatch, and gaps added up. */
const props = defineProps<{
  reading: Reading;
  speech: ReadingSpeech;
  measures: Measures;
  problems: readonly { field: string; problem: TypedProblem; limit?: number }[];
  standing: Typed;
  filled: Readonly<Record<string, FilledIn>>;
  nameOf: (asset: string) => string;
}>();
const typed = defineModel<Typed>({ required: true });

/** The instrument, or the place to look at, and where to put it. */
const drawing = computed(() => drawingOfReading(props.reading.code));
const isStart = computed(() => props.reading.code === 'furnace-start');
/** Fields of a furnace’s start that its stopwatch fills in. */
const clocked = ['last-seen', ...TIMED_STAGES.map(timeOf)];
</script>

<template>
  <LazyDrawing v-if="drawing" :name="drawing" :wording="speech.wording" />
  <StageClock
    v-if="isStart"
    :typed="standing"
    :is-missing="problems.some(({ field }) => field === 'last-seen')"
    :speech="speech"
    @change="typed = { ...typed, ...$event }"
  />
  <ReadingFields
    v-model="typed"
    :reading="reading"
    :speech="speech"
    :measures="measures"
    :problems="problems"
    :standing="standing"
    :filled="filled"
    :name-of="nameOf"
    :without="isStart ? clocked : []"
  />
  <GapSum
    v-if="reading.code === 'leak-area'"
    :typed="standing"
    :reading="reading"
    :measures="measures"
    :speech="speech"
    @change="typed = { ...typed, ...$event }"
  />
</template>
