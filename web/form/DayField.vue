<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { isDay } from '@bonitas/core/kernel/units/days'
import { dayFigures, readDay } from '@bonitas/core/kernel/units/readDay'
import { useJobStore } from '../job/jobStore.js'
import PlainField from './PlainField.vue'

/**
 * A labeled day that belongs to no row. The model is an ISO day or empty; what cannot be read stays in the field with
 * its message, and stands in the model as it was typed, so that no form takes it for an earlier day.
 */
const props = defineProps<{ label: string; fault?: string | undefined; hint?: string | undefined }>()
const model = defineModel<string>({ required: true })
const CalendarButton = defineAsyncComponent(() => import('./CalendarButton.vue'))
const store = useJobStore()
const locale = computed(() => store.snapshot?.studio.locale ?? 'en-IE')
const text = ref(dayFigures(model.value, locale.value))
const unread = ref('')
watch(model, (day) => {
  if (unread.value && day === text.value) return
  unread.value = ''
  text.value = dayFigures(day, locale.value)
})

function keep(): void {
  const typed = text.value.trim()
  if (typed === dayFigures(model.value, locale.value)) return
  unread.value = ''
  if (typed === '') {
    model.value = ''
    return
  }
  try {
    model.value = readDay(typed, locale.value, store.day, props.label)
    text.value = dayFigures(model.value, locale.value)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    unread.value = error.message
    model.value = text.value
  }
}
</script>

<template>
  <PlainField v-model="text" :label="label" :fault="unread || fault" :hint="hint" @change="keep">
    <template #suffix>
      <CalendarButton
        :day="isDay(model) ? model : ''"
        :label="label"
        :locale="locale"
        @choose="model = $event"
      />
    </template>
  </PlainField>
</template>
