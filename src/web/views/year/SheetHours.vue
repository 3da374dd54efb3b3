<script setup lang="ts">
import { computed } from 'vue';
import type { PlannedWeek } from '../../../core/planning/home/arrange.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { Scale, Stretch } from './sheetScale.ts';

/** The hours each week asks for, against what the household gives to it. */
const props = defineProps<{
  weeks: readonly PlannedWeek[];
  scale: Scale;
  stretch: Stretch;
  top: number;
  height: number;
  speech: Speech;
}>();

const ROOM = 14;
const most = computed(() =>
  Math.max(60, ...props.weeks.map(({ minutes, budget }) => Math.max(minutes, budget))),
);
const base = computed(() => props.top + props.height - 4);
const high = (minutes: number): number => (minutes / most.value) * (props.height - ROOM - 4);
const bars = computed(() =>
  props.weeks.flatMap((week, index) => {
    if (index < props.stretch.from || index >= props.stretch.from + props.stretch.count) return [];
    const x = props.scale.weekStart(index);
    return [
      {
        ...week,
        x,
        over: week.minutes > week.budget,
        height: high(week.minutes),
        given: base.value - high(week.budget),
      },
    ];
  }),
);
const given = computed(() =>
  bars.value
    .map(({ x, given: y }, index) => `${index === 0 ? 'M' : 'L'}${x} ${y}h${props.scale.perWeek}`)
    .join(''),
);
</script>

<template>
  <g class="hours">
    <text x="0" :y="top + 30" class="name">{{ speech.t('plan.hoursAWeek') }}</text>
    <text x="0" :y="top + 46" class="note">{{ speech.t('plan.hoursGiven') }}</text>
    <g v-for="bar in bars" :key="bar.from">
      <rect
        :class="['bar', { over: bar.over }]"
        :x="bar.x + 1"
        :y="base - bar.height"
        :width="Math.max(1, scale.perWeek - 2)"
        :height="bar.height"
      />
      <title>
        {{
          speech.t('plan.weekHours', {
            week: speech.formats.date(bar.from, speech.today),
            time: speech.formats.hours(bar.minutes),
            given: speech.formats.hours(bar.budget),
          })
        }}
      </title>
    </g>
    <path class="given" :d="given" />
    <path class="base" :d="`M${scale.left} ${base}H${scale.right}`" />
  </g>
</template>

<style>
.hours .bar {
  fill: var(--brine);
  opacity: 0.75;
}

.hours .bar.over {
  fill: var(--rust);
}

.hours .given {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 3 3;
}

.hours .base {
  stroke: var(--ink);
}

.hours .name {
  font-weight: 600;
}

.year-sheet .hours .note {
  fill: var(--soft);
  font-size: 11px;
}
</style>
