<script setup lang="ts">
import { ElInput } from 'element-plus'
import { ref, useId, watch } from 'vue'
import { inScreenGamut, labToHex, parseColor, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import FieldFrame from '../form/FieldFrame.vue'
import { useMeanwhile } from '../form/useMeanwhile.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number } = useLocale()
const OUTSIDE = t('noScreenShowsItThe')
/** A color, written as hexadecimal digits, by its name or as three CIELAB numbers. */
const props = defineProps<{ lab: LabD65; label: string }>()
const emit = defineEmits<{ keep: [lab: LabD65] }>()
const id = useId()
const text = (lab: LabD65) => labToHex(lab)
const draft = ref(text(props.lab))
const fault = ref('')
const dirty = ref(false)

const meanwhile = useMeanwhile(
  () => text(props.lab),
  () => dirty.value,
  (words) => (fault.value = words),
)
watch(
  () => props.lab,
  (lab) => {
    if (!dirty.value) draft.value = text(lab)
  },
)

/** @param knowing whether it is kept by Enter, with what another wrote in sight */
function keep(knowing: boolean): void {
  if (!dirty.value || !meanwhile.mayKeep(knowing)) return
  try {
    const lab = parseColor(draft.value)
    settle()
    emit('keep', lab)
    draft.value = text(lab)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}

function settle(): void {
  dirty.value = false
  fault.value = ''
  meanwhile.settled()
}

function back(event: Event): void {
  if (!dirty.value) return
  event.stopPropagation()
  settle()
  draft.value = text(props.lab)
}
</script>

<template>
  <FieldFrame :id="id" :label="label" :fault="fault">
    <div class="pair">
      <i :style="{ background: labToHex(lab) }"></i>
      <ElInput
        :id="id"
        v-model="draft"
        autocomplete="off"
        spellcheck="false"
        :validate-event="false"
        :data-dirty="dirty"
        :aria-invalid="fault ? 'true' : undefined"
        :aria-describedby="fault ? `${id}-says` : `${id}-lab`"
        @input="dirty = true"
        @blur="keep(false)"
        @keydown.enter.prevent="keep(true)"
        @keydown.esc="back"
      />
    </div>
    <p :id="`${id}-lab`" class="second">
      {{ `L ${number(lab.l)} a ${number(lab.a, 1)} b ${number(lab.b, 1)}`
      }}<template v-if="!inScreenGamut(lab)">: {{ OUTSIDE }}</template>
    </p>
  </FieldFrame>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: minmax(14px, 38px) minmax(76px, 1fr);
}
</style>
