<script setup lang="ts">
import { computed } from 'vue';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Window } from '../../core/schedule/window.ts';
import { barMarks } from './windowBar.ts';

/**
 * A window on a bar of sixteen weeks with today in the middle: the band in which a task can be done, a stroke on its due day, the days of
 * grace after it. The words beside it say the same, so it is silent to a screen reader.
 */
const props = defineProps<{ window: Window; today: CivilDate; grave?: boolean }>();

const WIDTH = 128;
const HALF = WIDTH / 2;
const marks = computed(() => {
  const { from, due, to, ...shown } = barMarks(props.window, props.today);
  const at = (place: number): number => Math.round(2 + place * (WIDTH - 4));
  return { from: at(from), due: at(due), to: at(to), ...shown };
});
</script>

<template>
  <svg class="window-bar" :class="{ grave }" :viewBox="`0 0 ${WIDTH} 16`" aria-hidden="true">
    <line class="axis" x1="0" y1="9" :x2="WIDTH" y2="9" />
    <rect class="open" :x="marks.from" y="5" :width="Math.max(0, marks.due - marks.from)" height="8" />
    <rect class="grace" :x="marks.due" y="5" :width="Math.max(0, marks.to - marks.due)" height="8" />
    <line v-if="marks.dueShown" class="due" :x1="marks.due" y1="3" :x2="marks.due" y2="15" />
    <path v-if="marks.cutBefore" class="cut" d="M6 5 1 9l5 4" />
    <path v-if="marks.cutAfter" class="cut" :d="`M${WIDTH - 6} 5 ${WIDTH - 1} 9l-5 4`" />
    <path class="today" :d="`M${HALF - 4} 0h8l-4 5z`" />
  </svg>
</template>

<style scoped>
.window-bar {
  display: block;
  width: 8rem;
  height: 1rem;
}

.axis {
  stroke: var(--rule);
}

.open {
  fill: color-mix(in srgb, var(--brine) 22%, var(--paper));
  stroke: var(--brine);
}

.grace {
  fill: color-mix(in srgb, var(--rust) 14%, var(--paper));
  stroke: var(--rust);
}

.due {
  stroke: var(--ink);
  stroke-width: 2;
}

.cut {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.5;
}

.today {
  fill: var(--brine);
}

.grave .today {
  fill: var(--rust);
}
</style>
