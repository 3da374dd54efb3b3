<script setup lang="ts">
import { computed } from 'vue';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { MonthReview } from '../../../core/walkthrough/planReview.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The year ahead as a strip: the household's own hours a month as bars, the visits of trades as marks below; the same as a table. */
const props = defineProps<{ months: readonly MonthReview[]; speech: Speech }>();
const t = computed(() => props.speech.t);
const most = computed(() => Math.max(60, ...props.months.map(({ minutes }) => minutes)));
const rows = computed(() =>
  props.months.map(({ month, minutes, visits }) => ({
    month,
    name: props.speech.formats.month(civil(`${month}-01`)),
    hours: props.speech.formats.number(Math.round(minutes / 6) / 10),
    visits,
  })),
);

const STRIP = { width: 360, bars: 92, month: 30, bar: 20 };
const columns = computed(() =>
  rows.value.map(({ month, name, hours, visits }, at) => {
    const { minutes = 0 } = props.months[at] ?? {};
    const height = Math.round((minutes / most.value) * (STRIP.bars - 16));
    return {
      month,
      name: name.slice(0, 3),
      hours: minutes === 0 ? '' : hours,
      x: at * STRIP.month + (STRIP.month - STRIP.bar) / 2,
      y: STRIP.bars - height,
      middle: at * STRIP.month + STRIP.month / 2,
      height,
      visits,
    };
  }),
);
const says = computed(() =>
  rows.value
    .map(({ name, hours, visits }) => t.value('walk.plan.monthSays', { month: name, hours, visits }, visits))
    .join(' '),
);
</script>

<template>
  <figure class="strip" data-test="year-strip">
    <svg :viewBox="`0 0 ${STRIP.width} 136`" role="img" :aria-label="says">
      <g v-for="column in columns" :key="column.month">
        <rect :x="column.x" :y="column.y" :width="STRIP.bar" :height="column.height" />
        <text class="hours" :x="column.middle" :y="column.y - 4" text-anchor="middle">
          {{ column.hours }}
        </text>
        <text :x="column.middle" :y="STRIP.bars + 14" text-anchor="middle">{{ column.name }}</text>
        <template v-if="column.visits > 0">
          <path class="visit" :d="`M${column.middle} ${STRIP.bars + 20} l7 7 l-7 7 l-7 -7 Z`" />
          <text v-if="column.visits > 1" class="count" :x="column.middle + 9" :y="STRIP.bars + 31">
            {{ column.visits }}
          </text>
        </template>
      </g>
      <line x1="0" :y1="STRIP.bars" :x2="STRIP.width" :y2="STRIP.bars" />
    </svg>
    <figcaption class="soft small">{{ t('walk.plan.stripSays') }}</figcaption>
  </figure>
  <details class="small">
    <summary>{{ t('walk.plan.asTable') }}</summary>
    <table class="months">
      <thead class="soft">
        <tr>
          <th scope="col">{{ t('walk.plan.month') }}</th>
          <th scope="col" class="figure">{{ t('walk.plan.hours') }}</th>
          <th scope="col" class="figure">{{ t('walk.plan.visitsHead') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.month">
          <th scope="row">{{ row.name }}</th>
          <td class="figure">{{ row.hours }}</td>
          <td class="figure">{{ row.visits === 0 ? '' : row.visits }}</td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
.strip {
  max-width: 40rem;
  margin: 0;
}

svg {
  display: block;
  width: 100%;
  font-family: var(--face);
  font-size: 10.5px;
}

text {
  fill: var(--soft);
}

.hours {
  fill: var(--ink);
  font-variant-numeric: tabular-nums;
}

rect {
  fill: var(--brine);
}

line {
  stroke: var(--ink);
}

.visit {
  fill: color-mix(in srgb, var(--slate) 20%, var(--paper));
  stroke: var(--slate);
}

.count {
  fill: var(--slate);
}

.months {
  width: 100%;
  max-width: 26rem;
  border-collapse: collapse;
}

th,
td {
  padding: 0.125rem 0.5rem 0.125rem 0;
  text-align: left;
  font-weight: 400;
}

tbody tr {
  border-top: 1px solid var(--rule);
}

.figure {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
</style>
