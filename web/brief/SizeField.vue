<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref, useId, watch } from 'vue'
import { parseSize } from '@bonitas/core/stages/brief/spokenSize'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import { lengthText, mmText } from '@bonitas/core/kernel/units/length'
import FieldFrame from '../form/FieldFrame.vue'
import { useJobStore } from '../job/jobStore.js'

/** Width, depth and height of a piece in one field, read as they are spoken. */
const props = defineProps<{ piece: Piece }>()
const store = useJobStore()
const id = useId()
const system = computed(() => store.snapshot?.studio.system ?? 'metric')
const shown = computed(() => {
  const { widthMm, depthMm, heightMm } = props.piece
  const one = (mm: number) => (system.value === 'metric' ? mmText(mm) : lengthText(mm, 'imperial'))
  return [widthMm, depthMm, heightMm].map(one).join(' × ')
})
const typed = ref<string>()
const fault = ref('')
/** Another changed the size while this was being typed. It is shown, and not wiped unseen. */
const metAnother = ref(false)
watch(shown, (now) => {
  if (typed.value === undefined) return
  metAnother.value = true
  fault.value = `Meanwhile this became “${now}” in another place. Enter keeps what you typed, Esc takes that.`
})

/** @param knowing whether it is kept by Enter, with what another wrote in sight */
function keep(knowing: boolean): void {
  if (metAnother.value && !knowing) return
  if (typed.value === undefined || typed.value === shown.value) {
    back()
    return
  }
  try {
    const { widthMm, depthMm, heightMm, question } = parseSize(typed.value, props.piece.kind, system.value)
    if (question && (!fault.value || metAnother.value)) {
      metAnother.value = false
      fault.value = `${question} Enter again to keep it as it is.`
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
  metAnother.value = false
  typed.value = undefined
  fault.value = ''
}
</script>

<template>
  <FieldFrame :id="id" class="size" :label="`Size of ${piece.name}`" bare :fault="fault">
    <ElInput
      :id="id"
      class="is-bare is-figure"
      :model-value="typed ?? shown"
      :validate-event="false"
      autocomplete="off"
      :aria-label="`Size of ${piece.name}`"
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
