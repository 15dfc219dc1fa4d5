<script setup lang="ts">
import { computed, ref } from 'vue'
import { parseSize } from '@bonitas/core/stages/brief/spokenSize'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import { lengthText, mmText } from '@bonitas/core/kernel/units/length'
import { useJobStore } from '../job/jobStore.js'

/** Width, depth and height of a piece in one field, read as they are spoken. */
const props = defineProps<{ piece: Piece }>()
const store = useJobStore()
const system = computed(() => store.snapshot?.studio.system ?? 'metric')
const shown = computed(() => {
  const { widthMm, depthMm, heightMm } = props.piece
  const one = (mm: number) => (system.value === 'metric' ? mmText(mm) : lengthText(mm, 'imperial'))
  return [widthMm, depthMm, heightMm].map(one).join(' × ')
})
const typed = ref<string>()
const fault = ref('')

function keep(): void {
  if (typed.value === undefined || typed.value === shown.value) {
    typed.value = undefined
    fault.value = ''
    return
  }
  try {
    const { widthMm, depthMm, heightMm, question } = parseSize(typed.value, props.piece.kind, system.value)
    if (question && !fault.value) {
      fault.value = `${question} Enter again to keep it as it is.`
      return
    }
    store.change('pieces', props.piece.id, { widthMm, depthMm, heightMm })
    typed.value = undefined
    fault.value = ''
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
function back(): void {
  typed.value = undefined
  fault.value = ''
}
</script>

<template>
  <div class="row-field bare size">
    <input
      :value="typed ?? shown"
      class="right"
      autocomplete="off"
      :aria-label="`Size of ${piece.name}`"
      :aria-invalid="fault ? 'true' : undefined"
      :data-dirty="typed !== undefined"
      @input="typed = ($event.target as HTMLInputElement).value"
      @blur="keep"
      @keydown.enter.prevent="keep"
      @keydown.esc.stop="back"
    />
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.size {
  min-width: 138px;
}
</style>
