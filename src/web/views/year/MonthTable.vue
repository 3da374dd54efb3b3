<script setup lang="ts">
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';
import { computed } from 'vue';
import type { Home } from '../../../core/house/house.ts';
import { monthTotals, type MonthTotal } from '../../../core/planning/home/monthTotals.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from '../../parts/plan/usePlan.ts';

/** The year's hours by who does the work, visits and cost, month by month. */
const props = defineProps<{ shown: ShownPlan; home: Home; speech: Speech }>();

const t = computed(() => props.speech.t);
const totals = computed(() => monthTotals(props.shown.year.tasks, props.shown.body.costs));
const whole = computed((): MonthTotal => {
  const sum = (of: (one: MonthTotal) => number): number =>
    totals.value.reduce((all, one) => all + of(one), 0);
  return {
    month: '',
    minutes: {
      self: sum(({ minutes }) => minutes.self),
      helper: sum(({ minutes }) => minutes.helper),
      trade: sum(({ minutes }) => minutes.trade),
    },
    visits: sum(({ visits }) => visits),
    cost: sum(({ cost }) => cost),
    unknown: sum(({ unknown }) => unknown),
  };
});
const worth = computed(() => props.shown.body.household.hourWorth);
const rows = computed(() => [...totals.value, whole.value].map(rowOf));
function rowOf({ month, minutes, visits, cost }: MonthTotal) {
  const { formats } = props.speech;
  const hours = (of: number): string => (of === 0 ? '' : formats.hours(of));
  const money = (of: number): string => (of === 0 ? '' : formats.money(of, props.home.currency));
  return {
    key: month,
    month: month === '' ? t.value('plan.money.total') : formats.month(civil(`${month}-01`)),
    self: hours(minutes.self),
    helper: hours(minutes.helper),
    trade: hours(minutes.trade),
    visits: visits === 0 ? '' : String(visits),
    cost: money(cost),
    own: money(Math.round(((minutes.self + minutes.helper) / 60) * (worth.value ?? 0))),
  };
}
const columns = computed(() => [
  'month',
  'self',
  ...(whole.value.minutes.helper > 0 ? ['helper'] : []),
  'trade',
  'visits',
  'cost',
  ...(worth.value === undefined ? [] : ['own']),
]);
</script>

<template>
  <section class="month-table" :aria-label="t('plan.money.title')">
    <DataTable :value="rows" data-key="key">
      <Column v-for="column in columns" :key="column" :field="column" :header="t(`plan.money.${column}`)" />
    </DataTable>
    <p class="soft small">
      {{ t('plan.money.lead') }}
      <template v-if="whole.unknown > 0">{{
        t('plan.money.unknown', { n: whole.unknown }, whole.unknown)
      }}</template>
    </p>
  </section>
</template>

<style>
.month-table {
  overflow-x: auto;
}

.month-table .k-table-row:last-child {
  font-weight: 600;
}
</style>
