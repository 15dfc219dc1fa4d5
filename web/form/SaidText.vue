<script setup lang="ts">
import { ref, watch } from 'vue'
import PlainField from './PlainField.vue'

/** A text of a row that may not be there yet. What another place made of it stands here, unless something is being typed. */
const props = defineProps<{ label: string; value: string; max: number; placeholder?: string }>()
const emit = defineEmits<{ keep: [text: string] }>()
const text = ref(props.value)
watch(
  () => props.value,
  (now, before) => {
    if (text.value === before) text.value = now
  },
)
function keep(): void {
  text.value = text.value.trim()
  if (text.value !== props.value) emit('keep', text.value)
}
</script>

<template>
  <PlainField
    v-model="text"
    :label="label"
    :maxlength="max"
    v-bind="placeholder ? { placeholder } : {}"
    @change="keep"
    @keydown.esc="text = value"
  />
</template>
