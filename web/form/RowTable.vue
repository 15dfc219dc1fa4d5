<script setup lang="ts" generic="R extends { readonly id: string }">
import { ElButton, ElTable, ElTableColumn } from 'element-plus'
import { ref, type ComponentPublicInstance } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { useJobStore } from '../job/jobStore.js'
import RowCell from './RowCell.vue'
import type { TableColumn } from './tableColumn.js'

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
  rowClass?: (row: R) => string | Readonly<Record<string, boolean>> | undefined
  /** A last row of sums, by column. */
  sums?: Readonly<Record<string, string>>
}>()
const chosen = defineModel<string | undefined>('chosen')
const store = useJobStore()
// Element Plus draws every row of its table again at any change: past some sixty rows that is seconds.
const MOST_ROWS = 60

const table = ref<ComponentPublicInstance<object, { $el: HTMLElement }>>()
/** A row is in hand as soon as one of its fields is. */
function inHand(event: FocusEvent): void {
  const tr = (event.target as HTMLElement).closest('tbody > tr')
  const row = tr && props.rows[[...(tr.parentElement?.children ?? [])].indexOf(tr)]
  if (row) chosen.value = row.id
}
const classOf = (row: R) => [props.rowClass?.(row), { chosen: row.id === chosen.value }]
/** Classes as one text, which is all that Element Plus takes. */
function classText(row: R): string {
  const given = props.rowClass?.(row) ?? ''
  const names =
    typeof given === 'string'
      ? [given]
      : Object.entries(given).flatMap(([name, holds]) => (holds ? [name] : []))
  return [...names, ...(row.id === chosen.value ? ['chosen'] : [])].join(' ')
}
const lastRow = () => [
  ...props.columns.map((c) => props.sums?.[c.id] ?? ''),
  ...(props.removable ? [''] : []),
]
</script>

<template>
  <ElTable
    v-if="rows.length <= MOST_ROWS"
    ref="table"
    class="row-table"
    :data="rows as R[]"
    row-key="id"
    table-layout="auto"
    :row-class-name="({ row }) => classText(row as R)"
    :show-summary="sums !== undefined"
    :summary-method="lastRow"
    @focusin="inHand"
  >
    <ElTableColumn
      v-for="c in columns"
      :key="c.id"
      :class-name="`of-${c.id}${c.figure ? ' figure' : ''}`"
      :align="c.figure ? 'right' : 'left'"
    >
      <template #header
        ><span :class="{ 'visually-hidden': c.quietHead }">{{ c.head }}</span></template
      >
      <template #default="{ row, $index: i }">
        <!-- One root: of several, Element Plus draws a hidden copy, looking for columns in columns. -->
        <div>
          <slot :name="`cell-${c.id}`" :row="row as R" :index="i">
            <RowCell
              :collection="collection"
              :row="row as R"
              :index="i"
              :column="c"
              :name="nameOf(row as R, i)"
            />
          </slot>
          <slot :name="`after-${c.id}`" :row="row as R" :index="i"></slot>
        </div>
      </template>
    </ElTableColumn>
    <ElTableColumn v-if="removable" class-name="of-remove" align="right">
      <template #header><span class="visually-hidden">Remove</span></template>
      <template #default="{ row, $index: i }">
        <ElButton
          link
          :aria-label="`Remove ${nameOf(row as R, i)}`"
          @click="store.remove(collection, (row as R).id)"
          >×</ElButton
        >
      </template>
    </ElTableColumn>
    <template #empty><span></span></template>
  </ElTable>
  <div v-else class="row-table">
    <table @focusin="inHand">
      <thead>
        <tr>
          <th v-for="c in columns" :key="c.id" scope="col" :class="[`of-${c.id}`, { figure: c.figure }]">
            <span :class="{ 'visually-hidden': c.quietHead }">{{ c.head }}</span>
          </th>
          <th v-if="removable" scope="col" class="of-remove"><span class="visually-hidden">Remove</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="row.id" :class="classOf(row)">
          <td v-for="c in columns" :key="c.id" :class="[`of-${c.id}`, { figure: c.figure }]">
            <slot :name="`cell-${c.id}`" :row="row" :index="i">
              <RowCell :collection="collection" :row="row" :index="i" :column="c" :name="nameOf(row, i)" />
            </slot>
            <slot :name="`after-${c.id}`" :row="row" :index="i"></slot>
          </td>
          <td v-if="removable" class="of-remove">
            <ElButton link :aria-label="`Remove ${nameOf(row, i)}`" @click="store.remove(collection, row.id)"
              >×</ElButton
            >
          </td>
        </tr>
      </tbody>
      <tfoot v-if="sums">
        <tr>
          <td v-for="(text, i) in lastRow()" :key="i" :class="{ figure: columns[i]?.figure }">{{ text }}</td>
        </tr>
      </tfoot>
    </table>
  </div>
</template>

<style>
.row-table {
  overflow-x: auto;
}
.row-table > table td {
  padding: 1px 8px 1px 0;
  vertical-align: middle;
}
.row-table > table td.figure,
.row-table > table th.figure {
  padding-left: 0;
  padding-right: 14px;
}
.row-table .of-remove {
  width: 24px;
}
.row-table tr.chosen {
  background: var(--paper);
}
.row-table tfoot td {
  font-weight: 600;
  border-bottom: 0;
}
</style>
