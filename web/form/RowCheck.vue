<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import type { Row } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { limitsOf } from './fieldText.js'

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
const name = computed(() => props.label ?? limitsOf(props.collection, props.field).label)
function set(event: Event): void {
  store.change(props.collection, row.value.id, { [props.field]: (event.target as HTMLInputElement).checked })
}
</script>

<template>
  <div class="row-check">
    <input :id="id" type="checkbox" :checked="row[field] === true" @change="set" />
    <label :for="id"
      ><span :class="{ 'visually-hidden': bare }">{{ name }}</span
      ><span v-if="hint" class="second">{{ hint }}</span></label
    >
  </div>
</template>

<style>
.row-check {
  display: grid;
  grid-template-columns: 16px 1fr;
  gap: 9px;
  align-items: start;
  padding: 4px 0;
}
.row-check input {
  margin-top: 2px;
}
.row-check label span {
  display: block;
}
.row-check label .visually-hidden {
  position: absolute;
}
</style>
