<script setup lang="ts">
import { ElInput } from 'element-plus'
import { ref, useId } from 'vue'
import FormItem from './FormItem.vue'

/** A labeled text input with its message beside it; it checks nothing itself. */
defineProps<{
  label: string
  fault?: string | undefined
  hint?: string | undefined
  type?: string
  autocomplete?: string
  inputmode?: 'text' | 'decimal' | 'numeric' | 'email'
  figure?: boolean
  placeholder?: string
  maxlength?: number
  /** The id of a datalist with what is often typed here. */
  list?: string
  /** Typed, and kept nowhere yet. */
  dirty?: boolean
}>()
const model = defineModel<string>({ required: true })
const emit = defineEmits<{
  /** Typed, and left or entered. */
  change: []
}>()
const id = useId()
const input = ref<InstanceType<typeof ElInput>>()
defineExpose({ focus: () => input.value?.focus() })
</script>

<template>
  <FormItem :id="id" class="plain-field" :label="label" :fault="fault" :hint="hint">
    <ElInput
      :id="id"
      ref="input"
      v-model="model"
      :type="type ?? 'text'"
      :autocomplete="autocomplete ?? 'off'"
      v-bind="{
        ...(inputmode && { inputmode }),
        ...(placeholder && { placeholder }),
        ...(maxlength && { maxlength }),
        ...(list && { list }),
      }"
      :data-dirty="dirty || undefined"
      :validate-event="false"
      :class="{ 'is-figure': figure }"
      :aria-invalid="fault ? 'true' : undefined"
      :aria-describedby="fault ? `${id}-says` : hint ? `${id}-hint` : undefined"
      @change="emit('change')"
    >
      <template v-if="$slots.suffix" #suffix><slot name="suffix" /></template>
    </ElInput>
  </FormItem>
</template>
