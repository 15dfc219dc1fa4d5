<script setup lang="ts" generic="R extends { readonly id: string }">
import type { Collection } from '@bonitas/core/model/registry'
import { useJobStore } from '../job/jobStore.js'
import RowChoice from './RowChoice.vue'
import RowField from './RowField.vue'
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
}>()
const chosen = defineModel<string | undefined>('chosen')
const store = useJobStore()
const labelOf = (column: TableColumn<R>, row: R, i: number) =>
  column.label?.(row, i) ?? `${column.head} of ${props.nameOf(row, i)}`
</script>

<template>
  <div class="row-table">
    <table>
      <thead>
        <tr>
          <th v-for="c in columns" :key="c.id" scope="col" :class="[`of-${c.id}`, { figure: c.figure }]">
            <span :class="{ 'visually-hidden': c.quietHead }">{{ c.head }}</span>
          </th>
          <th v-if="removable" scope="col" class="of-remove"><span class="visually-hidden">Remove</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(row, i) in rows"
          :key="row.id"
          :class="[rowClass?.(row), { chosen: row.id === chosen }]"
          @focusin="chosen = row.id"
        >
          <td v-for="c in columns" :key="c.id" :class="[`of-${c.id}`, { figure: c.figure }]">
            <slot :name="`cell-${c.id}`" :row="row" :index="i">
              <RowChoice
                v-if="c.choices"
                :collection="collection"
                :row="row"
                :field="c.id"
                :choices="c.choices"
                :label="labelOf(c, row, i)"
                bare
              />
              <RowField
                v-else-if="c.kind"
                :collection="collection"
                :row="row"
                :field="c.id"
                :kind="c.kind"
                :figure="c.figure ?? false"
                :label="labelOf(c, row, i)"
                :warning="c.warning?.(row)"
                bare
              />
            </slot>
            <slot :name="`after-${c.id}`" :row="row" :index="i"></slot>
          </td>
          <td v-if="removable" class="of-remove">
            <button
              class="word"
              :aria-label="`Remove ${nameOf(row, i)}`"
              @click="store.remove(collection, row.id)"
            >
              ×
            </button>
          </td>
        </tr>
        <slot name="foot"></slot>
      </tbody>
    </table>
  </div>
</template>

<style>
.row-table {
  overflow-x: auto;
}
.row-table td {
  padding: 1px 8px 1px 0;
  vertical-align: middle;
}
.row-table td.figure,
.row-table th.figure {
  padding-left: 0;
  padding-right: 14px;
}
.row-table .of-remove {
  width: 24px;
  text-align: right;
}
.row-table tr.chosen {
  background: var(--paper);
}
</style>
