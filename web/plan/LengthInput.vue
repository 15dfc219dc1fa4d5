<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref, useId, watch } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { roundMm } from '@bonitas/core/kernel/units/mm'
import { readLength } from '@bonitas/core/kernel/units/length'
import FieldFrame from '../form/FieldFrame.vue'
import { useMeanwhile } from '../form/useMeanwhile.js'
import { useJobStore } from '../job/jobStore.js'
import { useLocale } from '../form/useLocale.js'

/** A length that is typed as it is spoken and belongs to no single field of a row: a distance to a wall. */
const props = withDefaults(
  defineProps<{ label: string; mm: number; minMm?: number; maxMm?: number; bare?: boolean }>(),
  { minMm: -20_000, maxMm: 50_000 },
)
const emit = defineEmits<{ typed: [mm: number] }>()
const store = useJobStore()
const { says } = useLocale()
const id = useId()
const input = ref<InstanceType<typeof ElInput>>()
const system = computed(() => store.snapshot?.studio.system ?? 'metric')
const shown = () => (system.value === 'metric' ? says.value.drawn(props.mm) : says.value.typed(props.mm))
const draft = ref(shown())
const dirty = ref(false)
const fault = ref('')
const meanwhile = useMeanwhile(
  shown,
  () => dirty.value,
  (words) => (fault.value = words),
)
watch(
  () => props.mm,
  () => dirty.value || settle(),
)
/** Nothing is typed: the field shows how it is. */
function settle(): void {
  dirty.value = false
  fault.value = ''
  meanwhile.settled()
  draft.value = shown()
}
function enter(): void {
  if (!dirty.value && system.value === 'metric') draft.value = String(roundMm(props.mm))
  void Promise.resolve().then(() => input.value?.select())
}
/** @param knowing whether it is kept by Enter, with what came meanwhile in sight */
function keep(knowing: boolean): void {
  if (!dirty.value) {
    draft.value = shown()
    return
  }
  if (!meanwhile.mayKeep(knowing)) return
  try {
    const read = readLength(draft.value, {
      label: props.label,
      system: system.value,
      minMm: props.minMm,
      maxMm: props.maxMm,
    })
    settle()
    emit('typed', read)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
function escape(event: Event): void {
  if (!dirty.value) return
  event.stopPropagation()
  settle()
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
      @blur="keep(false)"
      @keydown.enter.prevent="keep(true)"
      @keydown.esc="escape"
    />
  </FieldFrame>
</template>
