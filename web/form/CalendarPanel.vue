<script setup lang="ts">
import { ElConfigProvider, ElDatePickerPanel } from 'element-plus'
import { nextTick, onBeforeUnmount, onMounted, ref } from 'vue'
import { calendarLocale } from './calendarLocale.js'

/** A month to choose a day from: arrows walk, Enter takes, Esc closes. */
const props = defineProps<{ day: string; label: string; locale: string }>()
const emit = defineEmits<{
  take: [day: string]
  /** Whether the focus belongs back where the calendar was opened. */
  close: [back: boolean]
}>()
const root = ref<HTMLElement>()
const words = ref<object>()

function outside(event: Event): void {
  if (event.target instanceof Node && !root.value?.contains(event.target)) emit('close', false)
}
onMounted(async () => {
  words.value = await calendarLocale(props.locale)
  await nextTick()
  root.value?.querySelector<HTMLElement>('td.current, td.today, td.available')?.focus()
  document.addEventListener('pointerdown', outside)
})
onBeforeUnmount(() => document.removeEventListener('pointerdown', outside))
</script>

<template>
  <div ref="root" role="dialog" :aria-label="label" @keydown.esc.stop.prevent="emit('close', true)">
    <ElConfigProvider v-if="words" :locale="words as never">
      <ElDatePickerPanel
        v-bind="day ? { modelValue: day } : {}"
        value-format="YYYY-MM-DD"
        :border="false"
        @update:model-value="(to: string) => to && emit('take', to)"
      />
    </ElConfigProvider>
  </div>
</template>
