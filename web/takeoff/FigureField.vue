<script setup lang="ts">
import { ref, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { readText, shownText, type FieldKind } from '../form/fieldText.js'
import PlainField from '../form/PlainField.vue'
import { useFieldHabits } from '../form/useLocale.js'
import { t } from './words.js'

/** A figure of a row that may not be there yet; emptied it is what is usual again. */
const props = withDefaults(
  defineProps<{
    kind: FieldKind
    label: string
    value: number | null
    /** What is kept for one of what is typed: 1,000 where meters are typed and millimeters kept. */
    per?: number
    /** The least and the most that may be typed. */
    least?: number
    most?: number
    hint?: string
  }>(),
  { per: 1, least: 0, most: 10_000, hint: '' },
)
const emit = defineEmits<{ keep: [value: number | null] }>()
const habits = useFieldHabits()
// To the hundredth; what is left as it is shown keeps its own figure.
const shown = () =>
  shownText(
    props.kind,
    props.value === null ? null : Math.round((100 * props.value) / props.per) / 100,
    habits.value,
  )
const text = ref(shown())
const fault = ref('')
watch(shown, (now, before) => {
  if (text.value === before) text.value = now
})

function back(): void {
  text.value = shown()
  fault.value = ''
}

function keep(): void {
  fault.value = ''
  if (text.value === shown()) return
  const { label, least, most, kind, per } = props
  try {
    const limits = { label, min: least, max: most, nullable: true, maxLength: undefined }
    const read = readText(kind, text.value, limits, habits.value)
    // Money has no upper end of its own: the schema's is never typed.
    if (typeof read === 'number' && (read < least || (kind !== 'money' && read > most)))
      throw new InputError('OUT_OF_RANGE', {
        where: label,
        what: t('isOutOfRange'),
        fix: t('writeANumberFromTo', { least, most }),
      })
    emit('keep', typeof read === 'number' ? read * per : null)
    text.value = shown()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
</script>

<template>
  <PlainField
    v-model="text"
    :label="label"
    :hint="hint || undefined"
    :fault="fault || undefined"
    inputmode="decimal"
    figure
    @change="keep"
    @keydown.esc="back"
  />
</template>
