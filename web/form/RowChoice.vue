<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { useJobStore } from '../job/jobStore.js'
import type { Row } from '../job/edits.js'
import type { Choices } from './choices.js'
import ChoiceBox from './ChoiceBox.vue'
import FieldFrame from './FieldFrame.vue'
import { limitsOf } from './fieldText.js'
import { term } from '../words/term.js'

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
const name = computed(() => props.label ?? term(limitsOf(props.collection, props.field).label))
const value = computed(() => (row.value[props.field] ?? null) as string | null)

function choose(chosen: string | null): void {
  store.change(props.collection, row.value.id, { [props.field]: chosen })
}
</script>

<template>
  <FieldFrame :id="id" class="row-choice" :label="name" :bare="bare">
    <ChoiceBox :id="id" :label="name" :bare="bare" :value="value" :choices="choices" @choose="choose" />
  </FieldFrame>
</template>
