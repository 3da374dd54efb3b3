<script setup lang="ts">
import { computed } from 'vue';
import type { Reading } from '../../core/readings/reading.ts';
import type { Part } from '../../core/readings/verdict.ts';
import { figureName, schoolText, type ReadingSpeech } from '../../locales/readings/readingText.ts';
import GaugeBar from './GaugeBar.vue';

/** The figures of a measurement on the bands they were judged by, with the other approaches to it. */
const props = defineProps<{
  parts: readonly Part[];
  reading: Reading;
  school: string | null;
  speech: ReadingSpeech;
}>();

const gauges = computed(() =>
  props.parts.flatMap(({ because, scale, verdict }) =>
    // A grade is a step of a list, not a length on a bar: its drawing shows it.
    because.figure && because.figure.code !== 'grade' && scale
      ? [{ figure: because.figure, scale, verdict }]
      : [],
  ),
);
/** The values that practitioners of another approach would call good; only where one approach was chosen among several. */
const others = computed(() => {
  const { reading, school, speech } = props;
  if (school === null || reading.schools.length < 2) return [];
  return reading.schools.flatMap((code) => {
    const scale = reading.bands[code];
    return code !== school && scale ? [{ name: schoolText(speech, code), scale }] : [];
  });
});
</script>

<template>
  <figure v-for="(gauge, place) in gauges" :key="place" class="gauge">
    <figcaption v-if="gauges.length > 1" class="small">{{ figureName(speech, gauge.figure) }}</figcaption>
    <GaugeBar
      :figure="gauge.figure"
      :scale="gauge.scale"
      :verdict="gauge.verdict"
      :others="others"
      :speech="speech"
    />
  </figure>
</template>

<style scoped>
.gauge {
  margin: calc(var(--line) / 4) 0;
  break-inside: avoid;
}
</style>
