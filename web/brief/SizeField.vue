<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref, useId } from 'vue'
import { parseSize } from '@bonitas/core/stages/brief/spokenSize'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import FieldFrame from '../form/FieldFrame.vue'
import { useMeanwhile } from '../form/useMeanwhile.js'
import { useJobStore } from '../job/jobStore.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** Width, depth and height of a piece in one field, read as they are spoken. */
const props = defineProps<{ piece: Piece }>()
const store = useJobStore()
const id = useId()
const { says, typed: asTyped, system } = useLocale()
const shown = computed(() => {
  const { widthMm, depthMm, heightMm } = props.piece
  const one = (mm: number) => (system.value === 'metric' ? says.value.drawn(mm) : asTyped(mm))
  return [widthMm, depthMm, heightMm].map(one).join(' × ')
})
const typed = ref<string>()
const fault = ref('')
const meanwhile = useMeanwhile(
  () => shown.value,
  () => typed.value !== undefined,
  (text) => (fault.value = text),
)

/** @param knowing whether it is kept by Enter, with what another wrote in sight */
function keep(knowing: boolean): void {
  if (!meanwhile.mayKeep(knowing)) return
  if (typed.value === undefined || typed.value === shown.value) {
    back()
    return
  }
  try {
    const { widthMm, depthMm, heightMm, question } = parseSize(typed.value, props.piece.kind, says.value)
    if (question && (!fault.value || meanwhile.met.value)) {
      meanwhile.settled()
      fault.value = t('questionEnterAgainToKeep', { question })
      return
    }
    store.change('pieces', props.piece.id, { widthMm, depthMm, heightMm })
    back()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
function back(): void {
  meanwhile.settled()
  typed.value = undefined
  fault.value = ''
}
</script>

<template>
  <FieldFrame :id="id" class="size" :label="t('sizeOfName', { name: piece.name })" bare :fault="fault">
    <ElInput
      :id="id"
      class="is-bare is-figure"
      :model-value="typed ?? shown"
      :validate-event="false"
      autocomplete="off"
      :aria-label="t('sizeOfName', { name: piece.name })"
      :aria-invalid="fault ? 'true' : undefined"
      :aria-describedby="fault ? `${id}-says` : undefined"
      :data-dirty="typed !== undefined"
      @update:model-value="typed = $event"
      @blur="keep(false)"
      @keydown.enter.prevent="keep(true)"
      @keydown.esc.stop="back"
    />
  </FieldFrame>
</template>

<style scoped>
.size {
  min-width: 138px;
}
</style>
