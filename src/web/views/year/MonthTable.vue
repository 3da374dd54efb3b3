<script setup lang="ts">
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';
import { computed } from 'vue';
import type { Home, Person } from '../../../core/house/house.ts';
import {
  monthTotals,
  ownOrHired,
  worthOfMinutes,
  type MonthTotal,
} from '../../../core/planning/home/monthTotals.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { ShownPlan } from '../../parts/plan/usePlan.ts';

/** The year's hours by who does the work, visits and cost: by month in a part that opens, on paper with the months across below the sheet. */
const props = defineProps<{ shown: ShownPlan; home: Home; people: readonly Person[]; speech: Speech }>();

const t = computed(() => props.speech.t);
const money = (of: number): string => props.speech.formats.money(of, props.home.currency);
const totals = computed(() =>
  monthTotals(props.shown.year.tasks, props.shown.body.costs, props.shown.body.who),
);
const sum = (of: (one: MonthTotal) => number): number => totals.value.reduce((all, one) => all + of(one), 0);
const whole = computed((): MonthTotal => {
  const ids = new Set(totals.value.flatMap(({ people }) => [...people.keys()]));
  return {
    month: '',
    minutes: {
      self: sum(({ minutes }) => minutes.self),
      helper: sum(({ minutes }) => minutes.helper),
      trade: sum(({ minutes }) => minutes.trade),
    },
    people: new Map([...ids].map((id) => [id, sum(({ people }) => people.get(id) ?? 0)])),
    visits: sum(({ visits }) => visits),
    cost: sum(({ cost }) => cost),
    unknown: sum(({ unknown }) => unknown),
  };
});
/** Persons with work of their own, the busiest first; where only one has any, the hours are told by doer. */
const workers = computed(() => {
  const of = ({ id }: Person): number => whole.value.people.get(id) ?? 0;
  const busy = props.people.filter((person) => of(person) > 0);
  return busy.length < 2 ? [] : busy.sort((a, b) => of(b) - of(a));
});
const worth = computed(() => props.shown.body.household.hourWorth);
const worthOf = (minutes: number): number => worthOfMinutes(minutes, worth.value ?? 0);
const rows = computed(() => [...totals.value, whole.value].map(rowOf));
function rowOf({ month, minutes, people, visits, cost }: MonthTotal) {
  const { formats } = props.speech;
  const hours = (of: number): string => (of === 0 ? '' : formats.hours(of));
  const price = (of: number): string => (of === 0 ? '' : money(of));
  const known = workers.value.reduce((all, { id }) => all + (people.get(id) ?? 0), 0);
  return {
    key: month,
    month: month === '' ? t.value('plan.money.total') : formats.month(civil(`${month}-01`)),
    ...Object.fromEntries(workers.value.map(({ id }) => [`person-${id}`, hours(people.get(id) ?? 0)])),
    nobody: hours(minutes.self + minutes.helper - known),
    self: hours(minutes.self),
    helper: hours(minutes.helper),
    trade: hours(minutes.trade),
    visits: visits === 0 ? '' : String(visits),
    cost: price(cost),
    own: price(worthOf(minutes.self + minutes.helper)),
  };
}
const columns = computed((): { field: string; header: string }[] => {
  const named = (field: string) => ({ field, header: t.value(`plan.money.${field}`) });
  return [
    named('month'),
    ...(workers.value.length > 0
      ? [...workers.value.map(({ id, name }) => ({ field: `person-${id}`, header: name })), named('nobody')]
      : [named('self'), ...(whole.value.minutes.helper > 0 ? [named('helper')] : [])]),
    ...['trade', 'visits', 'cost', ...(worth.value === undefined ? [] : ['own'])].map(named),
  ];
});
/** One line for each column but the first, with the months across. */
const lines = computed(() =>
  columns.value.slice(1).map(({ field, header }) => ({
    field,
    name: header,
    ...Object.fromEntries(rows.value.map((row) => [`of-${row.key}`, (row as Record<string, string>)[field]])),
  })),
);
/** Hired work one could do oneself, against what the hours for it are worth. */
const either = computed(() => {
  const { tasks, hired, minutes } = ownOrHired(props.shown.year.tasks, props.shown.body.costs);
  if (tasks === 0) return '';
  const said = { n: tasks, hired: money(hired), time: props.speech.formats.hours(minutes) };
  return worth.value === undefined
    ? t.value('plan.money.either', said, tasks)
    : t.value('plan.money.eitherWorth', { ...said, worth: money(worthOf(minutes)) }, tasks);
});
</script>

<template>
  <section class="months-across print-only" :aria-label="t('plan.money.title')">
    <DataTable :value="lines" data-key="field">
      <Column field="name" :header="t('plan.money.title')" />
      <Column v-for="row in rows" :key="row.key" :field="`of-${row.key}`" :header="row.month" />
    </DataTable>
  </section>
  <details class="month-table no-print as-list">
    <summary>{{ t('plan.money.title') }}</summary>
    <DataTable :value="rows" data-key="key">
      <Column v-for="{ field, header } in columns" :key="field" :field="field" :header="header" />
    </DataTable>
    <p class="soft small">
      {{ t('plan.money.lead') }}
      <template v-if="workers.length > 0">{{ t('plan.money.byWho') }}</template>
      {{ either }}
      <template v-if="whole.unknown > 0">{{
        t('plan.money.unknown', { n: whole.unknown }, whole.unknown)
      }}</template>
    </p>
  </details>
</template>

<style>
.month-table {
  overflow-x: auto;
}

.month-table .k-table-row:last-child {
  font-weight: 600;
}

@media print {
  .months-across {
    margin-top: 4pt;
    break-inside: avoid;
  }

  .months-across :is(th, td) {
    padding: 1pt 3pt 1pt 0;
    font-size: 7.5pt;
    line-height: 1.2;
    white-space: nowrap;
  }
}
</style>
