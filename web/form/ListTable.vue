<script setup lang="ts" generic="R extends object">
import { ElTable, ElTableColumn } from 'element-plus'
import type { ListColumn } from './tableColumn.js'

/** A list that is read row by row. What stands in a column comes from the slot `cell-<id>`. */
const props = defineProps<{
  rows: readonly R[]
  columns: readonly ListColumn[]
  keyOf: (row: R, index: number) => string
  rowClass?: (row: R) => string | Readonly<Record<string, boolean>> | undefined
  /** Without heads, as where the first column says what the second is. */
  headless?: boolean
  /** A last row of sums, by column. */
  sums?: Readonly<Record<string, string>> | undefined
}>()
const emit = defineEmits<{ inHand: [row: R, index: number]; pointed: [row: R] }>()
// Element Plus draws every row of its table again at any change: past some sixty rows that is seconds.
const MOST_ROWS = 60
/** Columns are as wide as what they hold; without this none would be under 80 px. */
const LEAST_WIDTH = 16

/** A row is in hand as soon as something in it has the focus. */
function focused(event: FocusEvent): void {
  const tr = (event.target as HTMLElement).closest('tbody > tr')
  const index = tr ? [...(tr.parentElement?.children ?? [])].indexOf(tr) : -1
  const row = props.rows[index]
  if (row) emit('inHand', row, index)
}
/** Classes as one text, which is all that Element Plus takes. */
function classText(row: R): string {
  const given = props.rowClass?.(row) ?? ''
  if (typeof given === 'string') return given
  return Object.entries(given)
    .flatMap(([name, holds]) => (holds ? [name] : []))
    .join(' ')
}
const lastRow = () => props.columns.map((c) => props.sums?.[c.id] ?? '')
/** Element Plus asks once for the cells of no row, looking for columns in columns. */
const isRow = (index: number) => index >= 0
</script>

<template>
  <ElTable
    v-if="rows.length <= MOST_ROWS"
    class="list-table"
    :data="rows as R[]"
    :row-key="(row: object) => keyOf(row as R, rows.indexOf(row as R))"
    table-layout="auto"
    :row-class-name="({ row }) => classText(row as R)"
    :show-header="!headless"
    :show-summary="sums !== undefined"
    :summary-method="lastRow"
    @focusin="focused"
    @row-click="(row: object) => emit('pointed', row as R)"
  >
    <ElTableColumn
      v-for="c in columns"
      :key="c.id"
      :class-name="`of-${c.id}${c.figure ? ' figure' : ''}`"
      :align="c.figure ? 'right' : 'left'"
      :min-width="LEAST_WIDTH"
    >
      <template #header
        ><slot :name="`head-${c.id}`"
          ><span :class="{ 'visually-hidden': c.quietHead }">{{ c.head }}</span></slot
        ></template
      >
      <template #default="{ row, $index: i }">
        <div v-if="isRow(i)"><slot :name="`cell-${c.id}`" :row="row as R" :index="i"></slot></div>
      </template>
    </ElTableColumn>
    <template #empty><span></span></template>
  </ElTable>
  <div v-else class="list-table">
    <table @focusin="focused">
      <thead v-if="!headless">
        <tr>
          <th v-for="c in columns" :key="c.id" scope="col" :class="[`of-${c.id}`, { figure: c.figure }]">
            <slot :name="`head-${c.id}`"
              ><span :class="{ 'visually-hidden': c.quietHead }">{{ c.head }}</span></slot
            >
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(row, i) in rows"
          :key="keyOf(row, i)"
          :class="classText(row)"
          @click="emit('pointed', row)"
        >
          <td v-for="c in columns" :key="c.id" :class="[`of-${c.id}`, { figure: c.figure }]">
            <slot :name="`cell-${c.id}`" :row="row" :index="i"></slot>
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
.list-table {
  overflow-x: auto;
}
.list-table > table td {
  padding: 1px 8px 1px 0;
  vertical-align: middle;
}
.list-table > table td.figure,
.list-table > table th.figure {
  padding-left: 0;
  padding-right: 14px;
}
.list-table tfoot td {
  font-weight: 600;
  border-bottom: 0;
}
</style>
