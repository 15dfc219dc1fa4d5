<script setup lang="ts">
import { computed, ref, type ComponentPublicInstance } from 'vue'
import FieldMessage from './FieldMessage.vue'
import FormItem from './FormItem.vue'

/**
 * A field that is kept by itself: label over it, hint under it. Its message opens over the page, so that a field that is
 * left does not move the button that is being pressed.
 * A bare field has no form item: one in every cell of a long table is dear, and a cell has neither label nor hint.
 */
defineProps<{
  /** The id of the input; the label points at it, `${id}-says` and `${id}-hint` at what it is described by. */
  id: string
  label: string
  /** In a table the column head is the label; the input says it by aria-label. */
  bare?: boolean
  fault?: string | undefined
  hint?: string | undefined
}>()
const frame = ref<ComponentPublicInstance>()
const bareFrame = ref<HTMLElement>()
const box = computed(() => bareFrame.value ?? (frame.value?.$el as HTMLElement | undefined))
</script>

<template>
  <div v-if="bare" ref="bareFrame" class="row-field bare">
    <slot />
    <p v-if="hint" :id="`${id}-hint`" class="second">{{ hint }}</p>
    <FieldMessage v-if="fault && box" :id="`${id}-says`" :beside="box" :text="fault" />
  </div>
  <FormItem v-else :id="id" ref="frame" class="row-field" :label="label" :hint="hint">
    <slot />
    <FieldMessage v-if="fault && box" :id="`${id}-says`" :beside="box" :text="fault" />
  </FormItem>
</template>

<style>
.row-field.bare {
  display: grid;
  gap: 2px;
  align-content: start;
  min-width: 0;
}
</style>
