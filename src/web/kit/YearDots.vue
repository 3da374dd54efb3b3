<script setup lang="ts">
import { computed } from 'vue';
import { toDay, type CivilDate } from '../../core/calendar/civilDate.ts';

/** The days of a year from today on as dots on a line, so that several can be compared. The words beside it say the same: it is silent. */
const props = defineProps<{ days: readonly CivilDate[]; from: CivilDate; chosen?: boolean }>();

const WIDTH = 240;
const EDGE = 6;
const YEAR = 366;
const dots = computed(() =>
  props.days.flatMap((day) => {
    const after = toDay(day) - toDay(props.from);
    return after <= YEAR ? [EDGE + (Math.max(0, after) / YEAR) * (WIDTH - 2 * EDGE)] : [];
  }),
);
</script>

<template>
  <svg class="year-dots" :class="{ chosen }" :viewBox="`0 0 ${WIDTH} 16`" aria-hidden="true" data-year-dots>
    <line :x1="EDGE" y1="8" :x2="WIDTH - EDGE" y2="8" />
    <line
      v-for="quarter in [1, 2, 3]"
      :key="quarter"
      class="tick"
      :x1="EDGE + (quarter / 4) * (WIDTH - 2 * EDGE)"
      y1="5"
      :x2="EDGE + (quarter / 4) * (WIDTH - 2 * EDGE)"
      y2="11"
    />
    <circle v-for="(x, at) in dots" :key="at" :cx="x" cy="8" r="4" />
  </svg>
</template>

<style scoped>
.year-dots {
  display: block;
  width: 100%;
  max-width: 20rem;
  min-width: 8rem;
}

line {
  stroke: var(--rule);
}

circle {
  fill: var(--soft);
}

.chosen circle {
  fill: var(--brine);
}
</style>
