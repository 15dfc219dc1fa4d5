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
const chosen = ref(props.day)

function outside(event: Event): void {
  if (event.target instanceof Node && !root.value?.contains(event.target)) emit('close', false)
}
/**
 * A day that is pressed, or on which Enter or Space falls, is taken; the arrows only walk to it. The press ends here:
 * unheeded, it would go on to the button that has the focus back by then.
 */
function taken(event: Event): void {
  if (!(event.target instanceof Element) || !event.target.closest('.el-date-table td')) return
  event.preventDefault()
  if (chosen.value) emit('take', chosen.value)
}
onMounted(async () => {
  words.value = await calendarLocale(props.locale)
  await nextTick()
  const first = ['td.current', 'td.today', 'td.available'].map((cell) =>
    root.value?.querySelector<HTMLElement>(cell),
  )
  first.find(Boolean)?.focus()
  document.addEventListener('pointerdown', outside)
})
onBeforeUnmount(() => document.removeEventListener('pointerdown', outside))
</script>

<template>
  <div
    ref="root"
    role="dialog"
    :aria-label="label"
    @keydown.esc.stop.prevent="emit('close', true)"
    @keydown.enter="taken"
    @keydown.space="taken"
    @click="taken"
  >
    <ElConfigProvider v-if="words" :locale="words as never">
      <ElDatePickerPanel v-model="chosen" value-format="YYYY-MM-DD" :border="false" />
    </ElConfigProvider>
  </div>
</template>
