<script setup lang="ts" generic="R extends Record<string, unknown>">
import { useMediaQuery } from '@vueuse/core';
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';

/** A column: the field it shows and sorts by, its head, and whether it holds numbers. */
export interface TableColumn {
  readonly field: string;
  readonly head: string;
  readonly number?: boolean;
  readonly sortable?: boolean;
}

/**
 * Rows as a table where there is room, else as lines of two rows over the same rows. `#cell` shows one field of a row, `#line` a whole row
 * on a narrow screen.
 */
defineProps<{
  rows: readonly R[];
  columns: readonly TableColumn[];
  rowKey: string;
  label: string;
  empty: string;
}>();
defineSlots<{
  cell(props: { row: R; field: string }): unknown;
  line(props: { row: R }): unknown;
}>();
const wide = useMediaQuery('(min-width: 700px)');
</script>

<template>
  <p v-if="rows.length === 0" class="soft">{{ empty }}</p>
  <DataTable
    v-else-if="wide"
    :value="rows as R[]"
    :data-key="rowKey"
    :table-props="{ 'aria-label': label }"
    removable-sort
  >
    <Column
      v-for="column in columns"
      :key="column.field"
      :field="column.field"
      :header="column.head"
      :sortable="column.sortable ?? false"
      :class="column.number ? 'k-number' : undefined"
    >
      <template #body="{ data }: { data: R }">
        <slot name="cell" :row="data" :field="column.field">{{ data[column.field] }}</slot>
      </template>
    </Column>
  </DataTable>
  <ul v-else class="ruled" :aria-label="label">
    <li v-for="row in rows" :key="String(row[rowKey])" class="k-table-line">
      <slot name="line" :row="row" />
    </li>
  </ul>
</template>
