<script setup lang="ts">
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';
import { computed } from 'vue';
import { ownOrHired } from '../../../core/planning/home/monthTotals.ts';
import { useMonths, type MonthsOf } from './useMonths.ts';

/** The year's hours by who does the work, visits and cost, month by month. */
const props = defineProps<MonthsOf>();

const { t, rows, columns, whole, workers, money, worth, worthOf } = useMonths(props);

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
  <section class="month-table" :aria-label="t('plan.money.title')">
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
