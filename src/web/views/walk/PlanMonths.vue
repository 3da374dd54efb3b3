<script setup lang="ts">
import { computed } from 'vue';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { MonthReview } from '../../../core/walkthrough/planReview.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The year ahead: the household's own hours as bars, and the visits of trades, month by month. */
const props = defineProps<{ months: readonly MonthReview[]; speech: Speech }>();
const t = computed(() => props.speech.t);
const most = computed(() => Math.max(60, ...props.months.map(({ minutes }) => minutes)));
const rows = computed(() =>
  props.months.map(({ month, minutes, visits }) => ({
    month,
    name: props.speech.formats.month(civil(`${month}-01`)),
    hours: props.speech.formats.number(Math.round(minutes / 6) / 10),
    width: `${Math.round((minutes / most.value) * 100)}`,
    visits,
  })),
);
</script>

<template>
  <table class="months">
    <thead class="soft small">
      <tr>
        <th scope="col">{{ t('walk.plan.month') }}</th>
        <th scope="col" colspan="2">{{ t('walk.plan.hours') }}</th>
        <th scope="col" class="visits">{{ t('walk.plan.visitsHead') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.month">
        <th scope="row">{{ row.name }}</th>
        <td class="bar">
          <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
            <rect :width="row.width" height="10" />
          </svg>
        </td>
        <td class="hours">{{ row.hours }}</td>
        <td class="visits">{{ row.visits === 0 ? '' : row.visits }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.months {
  width: 100%;
  max-width: 34rem;
  border-collapse: collapse;
}

th,
td {
  padding: 0.125rem 0.5rem 0.125rem 0;
  text-align: left;
  font-weight: 400;
}

tbody th {
  white-space: nowrap;
}

tbody tr {
  border-top: 1px solid var(--rule);
}

.bar {
  width: 50%;
}

svg {
  display: block;
  width: 100%;
  height: 0.75rem;
}

rect {
  fill: var(--brine);
}

.hours,
.visits {
  white-space: nowrap;
  text-align: right;
  font-variant-numeric: tabular-nums;
}
</style>
