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
 * on a narrow screen, `#opened` what stands under a row of the table whose key is in `opened`; `marks` are attributes of a row of a table
 * that is not sorted.
 */
const props = defineProps<{
  rows: readonly R[];
  columns: readonly TableColumn[];
  rowKey: string;
  label: string;
  empty: string;
  opened?: Readonly<Record<string, boolean>>;
  marks?: (row: R) => Readonly<Record<string, string>>;
}>();
defineSlots<{
  cell(props: { row: R; field: string }): unknown;
  line(props: { row: R }): unknown;
  opened?(props: { row: R }): unknown;
}>();
const wide = useMediaQuery('(min-width: 700px)');

function marksAt({ context }: { context: { index: number } }): Record<string, string> {
  const row = props.rows[context.index];
  return { class: 'k-table-row', ...(row && props.marks?.(row)) };
}
</script>

<template>
  <p v-if="rows.length === 0" class="soft">{{ empty }}</p>
  <DataTable
    v-else-if="wide"
    :value="rows as R[]"
    :data-key="rowKey"
    :table-props="{ 'aria-label': label }"
    :expanded-rows="opened ?? {}"
    :pt="{ bodyRow: marksAt }"
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
    <template v-if="$slots.opened" #expansion="{ data }: { data: R }"
      ><slot name="opened" :row="data"
    /></template>
  </DataTable>
  <ul v-else class="ruled" :aria-label="label">
    <li v-for="row in rows" :key="String(row[rowKey])" class="k-table-line">
      <slot name="line" :row="row" />
    </li>
  </ul>
</template>
