<script setup lang="ts" generic="R extends { readonly id: string }">
import type { Collection } from '@bonitas/core/model/registry'
import RowChoice from './RowChoice.vue'
import RowField from './RowField.vue'
import type { TableColumn } from './tableColumn.js'

/** One cell of a table of rows: a choice, a field, or nothing of its own. */
const props = defineProps<{
  collection: Collection
  row: R
  index: number
  column: TableColumn<R>
  /** The name of the row, for what is said of the cell. */
  name: string
}>()
const label = () => props.column.label?.(props.row, props.index) ?? `${props.column.head} of ${props.name}`
</script>

<template>
  <RowChoice
    v-if="column.choices"
    :collection="collection"
    :row="row"
    :field="column.id"
    :choices="column.choices"
    :label="label()"
    bare
  />
  <RowField
    v-else-if="column.kind"
    :collection="collection"
    :row="row"
    :field="column.id"
    :kind="column.kind"
    :figure="column.figure ?? false"
    :label="label()"
    :warning="column.warning?.(row)"
    bare
  />
</template>
