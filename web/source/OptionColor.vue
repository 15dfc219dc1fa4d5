<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { inScreenGamut, labToHex, parseColor } from '@bonitas/core/kernel/color/lab'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import FieldFrame from '../form/FieldFrame.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The color of an option: a hex code, or three CIELAB numbers from a reader. */
const props = defineProps<{ option: DerivedOption['option'] }>()
const store = useJobStore()
const hex = computed(() => {
  const { colorL: l, colorA: a, colorB: b } = props.option
  return l == null || a == null || b == null ? '' : labToHex({ l, a, b })
})
/** Said where the code shown is only the nearest to what was measured. */
const outside = computed(() => {
  const { colorL: l, colorA: a, colorB: b } = props.option
  return l != null && a != null && b != null && !inScreenGamut({ l, a, b })
    ? t('noScreenShowsItThis')
    : undefined
})
const colorFault = ref('')
/** What is being typed; undefined when the field shows what is kept. */
const colorDraft = ref<string>()
type Color = Record<'colorL' | 'colorA' | 'colorB', number | null>
function keep(color: Color): void {
  colorDraft.value = undefined
  store.change('options', props.option.id, color)
}
function setColor(typed: string): void {
  const text = typed.trim()
  colorFault.value = ''
  if (text === '') return keep({ colorL: null, colorA: null, colorB: null })
  try {
    const { l, a, b } = parseColor(text)
    keep({ colorL: round(l), colorA: round(a), colorB: round(b) })
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    colorFault.value = error.message
  }
}
const round = (n: number) => Math.round(n * 100) / 100
</script>

<template>
  <FieldFrame id="option-color" :label="t('color')" :fault="colorFault || undefined" :hint="outside">
    <ElInput
      id="option-color"
      :model-value="colorDraft ?? hex"
      :placeholder="t('hexCodeOrLA')"
      autocomplete="off"
      :validate-event="false"
      :aria-invalid="colorFault !== '' ? 'true' : undefined"
      :aria-describedby="colorFault ? 'option-color-says' : outside ? 'option-color-hint' : undefined"
      @update:model-value="colorDraft = $event"
      @change="setColor"
    />
  </FieldFrame>
</template>
