<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed, nextTick, ref, useId, watch, type Component, type ComponentPublicInstance } from 'vue'
import type { Choices } from './choices.js'
import { term } from '../words/term.js'
import { t } from './words.js'

/** One of a few words. Typing narrows the list, Enter takes the first, arrows walk. */
const props = defineProps<{
  id?: string
  label: string
  value: string | null
  choices: Choices
  bare?: boolean
  disabled?: boolean
  fault?: boolean
}>()
const emit = defineEmits<{ choose: [value: string | null] }>()
// Element Plus declares the props of these two in a form that a strict template does not accept.
const Choice = ElSelect as Component
const Line = ElOption as Component
const own = useId()
const select = ref<ComponentPublicInstance>()
const lines = computed(() =>
  props.choices.map((c) => (typeof c === 'string' ? { value: c, text: term(c) } : c)),
)
// Element Plus takes null and '' for nothing chosen, so a line is known by its place.
const index = computed(() => lines.value.findIndex((c) => c.value === props.value))
const words = computed(() => lines.value[index.value]?.text ?? '')

function choose(at: number): void {
  const chosen = lines.value[at]
  if (chosen && chosen.value !== props.value) emit('choose', chosen.value)
}

/** A select costs ten native ones to make: in a table it is text until it is pointed at or reached. */
const awake = ref(!props.bare)
async function wake(focus: boolean): Promise<void> {
  awake.value = true
  await nextTick()
  if (focus) input()?.focus()
}
const root = () => select.value?.$el as HTMLElement | undefined
const input = () => root()?.querySelector('input')
// What is chosen stands beside the input, not in it: without this a screen reader hears the label alone.
watch(
  [select, () => props.fault],
  () => {
    input()?.setAttribute('aria-describedby', `${own}-value`)
    if (props.fault) input()?.setAttribute('aria-invalid', 'true')
    else input()?.removeAttribute('aria-invalid')
  },
  { flush: 'post' },
)

/** The list scrolls, so it can be reached with Tab; the component leaves that out. */
function opened(visible: boolean): void {
  const list = input()?.getAttribute('aria-controls')
  if (visible && list)
    void nextTick(() =>
      document.getElementById(list)?.closest('.el-scrollbar__wrap')?.setAttribute('tabindex', '0'),
    )
}
/** Left by the focus, or by a pointer that only passed over. */
function rest(): void {
  if (props.bare) awake.value = false
}
function passed(): void {
  if (!root()?.contains(document.activeElement)) rest()
}
</script>

<template>
  <button
    v-if="!awake"
    type="button"
    role="combobox"
    class="choice-rest"
    aria-haspopup="listbox"
    aria-expanded="false"
    :aria-controls="own"
    :aria-label="label"
    :aria-describedby="`${own}-value`"
    :disabled="disabled"
    @focus="wake(true)"
    @pointerenter="disabled || wake(false)"
  >
    <span :id="`${own}-value`">{{ words }}</span>
  </button>
  <Choice
    v-else
    :id="id ?? own"
    ref="select"
    class="choice-box"
    :class="{ 'is-bare': bare }"
    :model-value="index < 0 ? undefined : index"
    :aria-label="label"
    :disabled="disabled"
    :validate-event="false"
    :show-arrow="false"
    :offset="2"
    :persistent="false"
    filterable
    default-first-option
    placeholder=""
    :no-match-text="t('nothingOfThatName')"
    :no-data-text="t('nothingToChooseFrom')"
    append-to="#over"
    @visible-change="opened"
    @blur="rest"
    @pointerleave="passed"
    @update:model-value="choose"
  >
    <template #label="{ label: chosen }"
      ><span :id="`${own}-value`">{{ chosen }}</span></template
    >
    <Line v-for="(c, i) in lines" :key="i" :value="i" :label="c.text" />
  </Choice>
</template>

<style>
.choice-rest {
  width: 100%;
  min-height: 30px;
  border: 0;
  padding: 0;
  background: none;
  text-align: left;
}
.choice-rest:disabled {
  color: inherit;
}
</style>
