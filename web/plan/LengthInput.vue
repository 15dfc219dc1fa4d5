<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref, useId, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { roundMm } from '@bonitas/core/kernel/units/mm'
import { lengthText, mmText, readLength } from '@bonitas/core/kernel/units/length'
import FieldFrame from '../form/FieldFrame.vue'
import { useJobStore } from '../job/jobStore.js'

/** A length that is typed as it is spoken and belongs to no single field of a row: a distance to a wall. */
const props = withDefaults(
  defineProps<{ label: string; mm: number; minMm?: number; maxMm?: number; bare?: boolean }>(),
  { minMm: -20_000, maxMm: 50_000 },
)
const emit = defineEmits<{ typed: [mm: number] }>()
const store = useJobStore()
const id = useId()
const input = ref<InstanceType<typeof ElInput>>()
const system = computed(() => store.snapshot?.studio.system ?? 'metric')
const shown = () => (system.value === 'metric' ? mmText(props.mm) : lengthText(props.mm, 'imperial'))
const draft = ref(shown())
const dirty = ref(false)
const fault = ref('')
watch(
  () => props.mm,
  () => {
    if (dirty.value) return
    draft.value = shown()
    fault.value = ''
  },
)
function enter(): void {
  if (!dirty.value && system.value === 'metric') draft.value = String(roundMm(props.mm))
  void Promise.resolve().then(() => input.value?.select())
}
function keep(): void {
  if (!dirty.value) {
    draft.value = shown()
    return
  }
  try {
    const read = readLength(draft.value, {
      label: props.label,
      system: system.value,
      minMm: props.minMm,
      maxMm: props.maxMm,
    })
    dirty.value = false
    fault.value = ''
    emit('typed', read)
    draft.value = shown()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
function escape(event: Event): void {
  if (!dirty.value) return
  event.stopPropagation()
  dirty.value = false
  fault.value = ''
  draft.value = shown()
}
defineExpose({ focus: () => input.value?.focus() })
</script>

<template>
  <FieldFrame :id="id" :label="label" :bare="bare" :fault="fault">
    <ElInput
      :id="id"
      ref="input"
      v-model="draft"
      class="is-figure"
      :class="{ 'is-bare': bare }"
      autocomplete="off"
      :validate-event="false"
      :aria-label="bare ? label : undefined"
      :data-dirty="dirty"
      :aria-invalid="fault ? 'true' : undefined"
      :aria-describedby="fault ? `${id}-says` : undefined"
      @focus="enter"
      @input="dirty = true"
      @blur="keep"
      @keydown.enter.prevent="keep"
      @keydown.esc="escape"
    />
  </FieldFrame>
</template>
