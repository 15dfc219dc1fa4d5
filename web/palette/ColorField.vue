<script setup lang="ts">
import { ElInput } from 'element-plus'
import { ref, useId, watch } from 'vue'
import { labToHex, parseColor, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import FieldFrame from '../form/FieldFrame.vue'

/** A color, written as six hexadecimal digits or as three CIELAB numbers. */
const props = defineProps<{ lab: LabD65; label: string }>()
const emit = defineEmits<{ keep: [lab: LabD65] }>()
const id = useId()
const text = (lab: LabD65) => labToHex(lab)
const draft = ref(text(props.lab))
const fault = ref('')
const dirty = ref(false)

watch(
  () => props.lab,
  (lab) => {
    if (dirty.value) return
    draft.value = text(lab)
  },
)

function keep(): void {
  if (!dirty.value) return
  try {
    const lab = parseColor(draft.value)
    dirty.value = false
    fault.value = ''
    emit('keep', lab)
    draft.value = text(lab)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}

function back(event: Event): void {
  if (!dirty.value) return
  event.stopPropagation()
  dirty.value = false
  fault.value = ''
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
        @blur="keep"
        @keydown.enter.prevent="keep"
        @keydown.esc="back"
      />
    </div>
    <p :id="`${id}-lab`" class="second">
      {{ `L ${lab.l.toFixed(0)} a ${lab.a.toFixed(1)} b ${lab.b.toFixed(1)}` }}
    </p>
  </FieldFrame>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 38px 1fr;
}
</style>
