<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { useJobStore } from '../job/jobStore.js'
import type { Row } from '../job/edits.js'
import type { Choices } from './choices.js'
import { limitsOf } from './fieldText.js'

/** A field of a row that is one of a few words. */
const props = defineProps<{
  collection: Collection
  row: object
  field: string
  choices: Choices
  label?: string
  bare?: boolean
}>()
const store = useJobStore()
const id = useId()
const row = computed(() => props.row as Row)
const name = computed(() => props.label ?? limitsOf(props.collection, props.field).label)
const list = computed(() => props.choices.map((c) => (typeof c === 'string' ? { value: c, text: c } : c)))
const index = computed(() => list.value.findIndex((c) => c.value === (row.value[props.field] ?? null)))

function choose(event: Event): void {
  const chosen = list.value[(event.target as HTMLSelectElement).selectedIndex]
  if (chosen) store.change(props.collection, row.value.id, { [props.field]: chosen.value })
}
</script>

<template>
  <div class="row-field row-choice" :class="{ bare }">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ name }}</label>
    <select :id="id" @change="choose">
      <option v-for="(c, i) in list" :key="String(c.value)" :selected="i === index">{{ c.text }}</option>
    </select>
  </div>
</template>

<style>
.row-choice.bare select {
  border-color: transparent;
  background: transparent;
  min-height: 28px;
  padding: 2px 0;
  margin-left: -4px;
}
.row-choice.bare select:hover,
.row-choice.bare select:focus {
  border-color: var(--rule-2);
  background: var(--paper);
}
</style>
