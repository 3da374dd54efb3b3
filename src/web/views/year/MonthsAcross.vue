<script setup lang="ts">
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';
import { computed } from 'vue';
import { useMonths, type MonthsOf } from './useMonths.ts';

/** The year's hours, visits and cost with the months across, as they stand below the sheet on paper. */
const props = defineProps<MonthsOf>();
const { t, rows, columns } = useMonths(props);

/** One line for each column of the table by month. */
const lines = computed(() =>
  columns.value
    .filter(({ field }) => field !== 'month')
    .map(({ field, header }) => ({
      field,
      name: header,
      ...Object.fromEntries(
        rows.value.map((row) => [`of-${row.key}`, (row as Record<string, string>)[field]]),
      ),
    })),
);
</script>

<template>
  <section class="months-across print-only" :aria-label="t('plan.money.title')">
    <DataTable :value="lines" data-key="field">
      <Column field="name" :header="t('plan.money.title')" />
      <Column v-for="row in rows" :key="row.key" :field="`of-${row.key}`" :header="row.month" />
    </DataTable>
  </section>
</template>

<style>
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
