<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'
import ChoiceBox from './ChoiceBox.vue'
import type { Choices } from './choices.js'
import FormItem from './FormItem.vue'

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
  <component
    :is="quiet ? 'div' : FormItem"
    v-bind="quiet ? {} : { id, label, fault, hint }"
    :class="{ beside }"
  >
    <ChoiceBox
      :id="id"
      :label="label"
      :value="model"
      :choices="choices"
      :disabled="disabled"
      :fault="!!fault"
      @choose="model = ($event ?? '') as T"
    />
  </component>
</template>

<style>
.form-item.beside.el-form-item {
  display: flex;
  align-items: center;
  gap: 8px;
}
.form-item.beside .el-form-item__label {
  white-space: nowrap;
}
.form-item.beside .choice-box {
  width: 210px;
}
</style>
