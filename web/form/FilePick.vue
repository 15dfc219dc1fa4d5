<script setup lang="ts">
import { ref } from 'vue'

/** Files chosen from the machine: nothing on screen, opened by whoever holds it. */
defineProps<{
  label: string
  accept: string
  /** One file at a time. */
  single?: boolean
  /** On a phone the camera is offered. */
  camera?: boolean
}>()
const emit = defineEmits<{ picked: [files: readonly File[]] }>()
const input = ref<HTMLInputElement>()
defineExpose({ pick: () => input.value?.click() })
function changed(): void {
  const files = [...(input.value?.files ?? [])]
  // The same file may be chosen again.
  if (input.value) input.value.value = ''
  if (files.length > 0) emit('picked', files)
}
</script>

<template>
  <input
    ref="input"
    class="visually-hidden"
    type="file"
    :accept="accept"
    :multiple="!single"
    :capture="camera ? 'environment' : undefined"
    tabindex="-1"
    :aria-label="label"
    @change="changed"
  />
</template>
