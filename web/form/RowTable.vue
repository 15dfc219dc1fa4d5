<script setup lang="ts" generic="R extends { readonly id: string }">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { useJobStore } from '../job/jobStore.js'
import ListTable from './ListTable.vue'
import RowCell from './RowCell.vue'
import type { TableColumn } from './tableColumn.js'
import { t } from './words.js'

/**
 * The rows of a collection as a table whose cells are changed where they stand. A column with neither kind nor choices
 * is what the page puts in the slot `cell-<id>`. The row in hand is the one that has the focus.
 */
const props = defineProps<{
  collection: Collection
  rows: readonly R[]
  columns: readonly TableColumn<R>[]
  /** The name of a row, for what is said of its cells. */
  nameOf: (row: R, index: number) => string
  /** Rows can be taken out here. */
  removable?: boolean
  rowClass?: (row: R) => Readonly<Record<string, boolean>>
  /** A last row of sums, by column. */
  sums?: Readonly<Record<string, string>>
}>()
const chosen = defineModel<string | undefined>('chosen')
const store = useJobStore()
const all = computed(() =>
  props.removable ? [...props.columns, { id: 'remove', head: t('remove'), quietHead: true }] : props.columns,
)
</script>

<template>
  <ListTable
    class="row-table"
    :rows="rows"
    :columns="all"
    :key-of="(row) => row.id"
    :row-class="(row) => ({ ...rowClass?.(row), chosen: row.id === chosen })"
    :sums="sums"
    @in-hand="(row) => (chosen = row.id)"
  >
    <template v-for="c in columns" :key="c.id" #[`cell-${c.id}`]="{ row, index }">
      <slot :name="`cell-${c.id}`" :row="row" :index="index">
        <RowCell :collection="collection" :row="row" :index="index" :column="c" :name="nameOf(row, index)" />
      </slot>
      <slot :name="`after-${c.id}`" :row="row" :index="index"></slot>
    </template>
    <template #cell-remove="{ row, index }">
      <ElButton
        link
        :aria-label="t('removeRow', { row: nameOf(row, index) })"
        @click="store.remove(collection, row.id)"
        >×</ElButton
      >
    </template>
  </ListTable>
</template>

<style>
.row-table .of-remove {
  width: 24px;
  text-align: right;
}
.row-table tr.chosen {
  background: var(--paper);
}
</style>
