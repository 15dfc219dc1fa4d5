<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'
import ChoiceBox from './ChoiceBox.vue'
import type { Choices } from './choices.js'
import FieldFrame from './FieldFrame.vue'

/** A labeled choice that belongs to no row; '' is the line for none, where there is one. */
defineProps<{
  label: string
  choices: Choices
  fault?: string | undefined
  hint?: string | undefined
  /** The label stands at the left, in one line with the choice. */
  beside?: boolean
  /** The label is read out only. */
  quiet?: boolean
  disabled?: boolean
}>()
const model = defineModel<T>({ required: true })
const id = useId()
</script>

<template>
  <FieldFrame :id="id" :class="{ beside }" :label="label" in-flow :bare="quiet" :fault="fault" :hint="hint">
    <ChoiceBox
      :id="id"
      :label="label"
      :value="model"
      :choices="choices"
      :disabled="disabled"
      :fault="!!fault"
      @choose="model = ($event ?? '') as T"
    />
  </FieldFrame>
</template>

<style>
.row-field.beside.el-form-item {
  display: flex;
  align-items: center;
  gap: 8px;
}
.row-field.beside .el-form-item__label {
  white-space: nowrap;
}
.row-field.beside .choice-box {
  width: 210px;
}
</style>
