<script setup lang="ts">
import { ElFormItem } from 'element-plus'
import { computed, ref } from 'vue'
import FieldMessage from './FieldMessage.vue'

/**
 * Label over a field, hint and message under it. The message opens over the page, so that a field that is left does
 * not move the button that is being pressed. In a form that is sent as a whole it stands in the flow: there may be
 * several, and none may cover the next field.
 * A bare field has no form item: one in every cell of a long table is dear, and a cell has neither label nor hint.
 */
defineProps<{
  /** The id of the input; the label points at it, `${id}-says` and `${id}-hint` at what it is described by. */
  id: string
  label: string
  /** In a table the column head is the label; the input says it by aria-label. */
  bare?: boolean
  fault?: string | undefined
  /** The message stands under the field and moves what is below. */
  inFlow?: boolean
  hint?: string | undefined
}>()
const frame = ref<InstanceType<typeof ElFormItem>>()
const bareFrame = ref<HTMLElement>()
const box = computed(() => bareFrame.value ?? (frame.value?.$el as HTMLElement | undefined))
</script>

<template>
  <div v-if="bare" ref="bareFrame" class="row-field bare">
    <slot />
    <p v-if="hint" :id="`${id}-hint`" class="second">{{ hint }}</p>
    <FieldMessage v-if="fault && box" :id="`${id}-says`" :beside="box" :text="fault" />
  </div>
  <ElFormItem v-else ref="frame" class="row-field" :label="label" :for="id" label-position="top">
    <slot />
    <p v-if="hint" :id="`${id}-hint`" class="second">{{ hint }}</p>
    <p v-if="fault && inFlow" :id="`${id}-says`" class="fault">{{ fault }}</p>
    <FieldMessage v-else-if="fault && box" :id="`${id}-says`" :beside="box" :text="fault" />
  </ElFormItem>
</template>

<style>
.row-field,
.row-field.el-form-item {
  display: grid;
  gap: 2px;
  align-content: start;
  min-width: 0;
}
.row-field .el-form-item__label {
  margin-bottom: 0;
}
</style>
