<script setup lang="ts">
import { ElFormItem } from 'element-plus'

/** Label over a field of a form that is sent as a whole, hint and message under it, in the flow: none covers the next. */
defineProps<{
  /** The id of the input; the label points at it, `${id}-says` and `${id}-hint` at what it is described by. */
  id: string
  label: string
  fault?: string | undefined
  /** Gives way to a message. */
  hint?: string | undefined
}>()
</script>

<template>
  <ElFormItem class="form-item" :label="label" :for="id" label-position="top">
    <slot />
    <p v-if="fault" :id="`${id}-says`" class="fault">{{ fault }}</p>
    <p v-else-if="hint" :id="`${id}-hint`" class="second">{{ hint }}</p>
  </ElFormItem>
</template>

<style>
.form-item.el-form-item {
  display: grid;
  gap: 2px;
  align-content: start;
  min-width: 0;
}
.form-item .el-form-item__label {
  margin-bottom: 0;
}
</style>
