<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed, useId } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import type { Row } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { limitsOf } from './fieldText.js'
import { term } from '../words/term.js'

/** A field of a row that is true or false. */
const props = defineProps<{
  collection: Collection
  row: object
  field: string
  label?: string
  bare?: boolean
  hint?: string
}>()
const store = useJobStore()
const id = useId()
const row = computed(() => props.row as Row)
const name = computed(() => props.label ?? term(limitsOf(props.collection, props.field).label))
function set(yes: unknown): void {
  store.change(props.collection, row.value.id, { [props.field]: yes === true })
}
</script>

<template>
  <ElCheckbox
    :id="id"
    class="row-check"
    :model-value="row[field] === true"
    :validate-event="false"
    @update:model-value="set"
  >
    <span :class="{ 'visually-hidden': bare }">{{ name }}</span>
    <span v-if="hint" class="second">{{ hint }}</span>
  </ElCheckbox>
</template>

<style>
.row-check.el-checkbox {
  align-items: start;
  padding: 4px 0;
}
.row-check .el-checkbox__label > span {
  display: block;
}
.row-check .el-checkbox__label .visually-hidden {
  position: absolute;
}
</style>
