<script setup lang="ts">
import { computed, onMounted, ref, useId, watch } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { useJobStore } from '../job/jobStore.js'
import type { Row } from '../job/edits.js'
import { draftOf, dropDraft, keepDraft, type DraftPlace } from './drafts.js'
import { editText, limitsOf, readText, shownText, type FieldKind, type Locale } from './fieldText.js'

/**
 * One field of one row. What is typed is read when the field is left or Enter is pressed; what cannot be kept stays
 * in the field with its message, so nothing typed is lost. Esc puts back what was there.
 */
const props = defineProps<{
  collection: Collection
  row: object
  field: string
  kind: FieldKind
  /** Another label than the schema's. */
  label?: string
  /** In a table the column head is the label; it is still said to a screen reader. */
  bare?: boolean
  hint?: string
  /** Said beside the field although its value is kept. */
  warning?: string | undefined
  figure?: boolean
}>()

const store = useJobStore()
const id = useId()
const input = ref<HTMLInputElement>()
const limits = computed(() => limitsOf(props.collection, props.field))
const name = computed(() => props.label ?? limits.value.label)
const row = computed(() => props.row as Row)
const value = computed(() => row.value[props.field])
const locale = computed<Locale>(() => {
  const studio = store.snapshot?.studio
  return {
    currency: studio?.currency ?? 'EUR',
    locale: studio?.locale ?? 'en-IE',
    system: studio?.system ?? 'metric',
  }
})
const editing = ref(false)
const dirty = ref(false)
const draft = ref(shownText(props.kind, value.value, locale.value))
const fault = ref('')

const place = computed((): DraftPlace => ({
  jobId: store.snapshot?.brief.id ?? '',
  collection: props.collection,
  id: row.value.id,
  field: props.field,
}))

/** What was typed before a reload, and never kept, stands in its field again. */
function restore(): void {
  const left = draftOf(place.value)
  if (left === null) return
  draft.value = left
  dirty.value = true
  fault.value = `${name.value} is not saved yet. Press Enter to save it, or Esc for what was there.`
}
onMounted(restore)

function typed(): void {
  dirty.value = true
  keepDraft(place.value, draft.value)
}

// Another value comes to the row: shown where nothing is typed. What is typed stays, refused or not.
watch(value, () => dirty.value || reset())
// The field is now of another row; what was typed for the one before waits as its draft.
watch(
  () => row.value.id,
  () => {
    dirty.value = false
    reset()
    restore()
  },
)

/** The message opens to the left where the bench or panel ends before it would. */
const opensLeft = ref(false)
watch(fault, (text) => {
  const edge = input.value?.closest('.bench, .panel, .strip')?.getBoundingClientRect().right ?? Infinity
  opensLeft.value = text !== '' && (input.value?.getBoundingClientRect().left ?? 0) + 268 > edge
})

function reset(): void {
  draft.value = editing.value
    ? editText(props.kind, value.value, locale.value)
    : shownText(props.kind, value.value, locale.value)
  if (dirty.value) dropDraft(place.value)
  dirty.value = false
  fault.value = ''
}

function enter(): void {
  editing.value = true
  if (dirty.value) return
  draft.value = editText(props.kind, value.value, locale.value)
  void Promise.resolve().then(() => input.value?.type !== 'date' && input.value?.select())
}

function keep(): boolean {
  if (!dirty.value) return true
  try {
    const read = readText(props.kind, draft.value, limits.value, locale.value)
    const wrong = store.faultsOf(props.collection, { ...row.value, [props.field]: read })[props.field]
    if (wrong) {
      fault.value = wrong
      return false
    }
    dirty.value = false
    fault.value = ''
    dropDraft(place.value)
    store.change(props.collection, row.value.id, { [props.field]: read })
    return true
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
    return false
  }
}

function leave(): void {
  editing.value = false
  if (keep()) reset()
}

function key(event: KeyboardEvent): void {
  if (event.key === 'Enter') {
    event.preventDefault()
    if (keep()) {
      reset()
      input.value?.select()
    }
  } else if (event.key === 'Escape' && dirty.value) {
    event.preventDefault()
    event.stopPropagation()
    reset()
  }
}
</script>

<template>
  <div class="row-field" :class="{ bare }">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ name }}</label>
    <input
      :id="id"
      ref="input"
      v-model="draft"
      :type="kind === 'date' ? 'date' : 'text'"
      :inputmode="
        kind === 'money' || kind === 'percent' || kind === 'real'
          ? 'decimal'
          : kind === 'whole'
            ? 'numeric'
            : 'text'
      "
      autocomplete="off"
      :class="{ right: figure }"
      :data-dirty="dirty"
      :data-length="kind === 'length' ? '' : undefined"
      :aria-invalid="fault ? 'true' : undefined"
      :aria-describedby="fault ? `${id}-says` : warning || hint ? `${id}-hint` : undefined"
      @focus="enter"
      @input="typed"
      @blur="leave"
      @keydown="key"
    />
    <p v-if="warning || hint" :id="`${id}-hint`" class="second">{{ warning || hint }}</p>
    <p v-if="fault" :id="`${id}-says`" class="fault" :class="{ left: opensLeft }">{{ fault }}</p>
  </div>
</template>

<style>
.row-field {
  display: grid;
  gap: 2px;
  align-content: start;
}
.row-field label,
.row-choice label {
  font-size: 13px;
  color: var(--ink-2);
}
.row-field input.right {
  text-align: right;
}
/* A message lies over what is below it: a field that is left must not move the button that is being pressed. */
.row-field {
  position: relative;
}
.row-field .fault {
  position: absolute;
  top: 100%;
  left: 0;
  min-width: 100%;
  width: max-content;
  max-width: 260px;
  z-index: 5;
  padding: 5px 8px;
  background: #fff;
  border: 1px solid var(--stop);
  text-align: left;
  white-space: normal;
}
.row-field .fault.left {
  left: auto;
  right: 0;
}
.row-field .fault:empty {
  display: none;
}
.row-field.bare input {
  border-color: transparent;
  background: transparent;
  min-height: 28px;
  padding: 2px 5px;
  margin-left: -6px;
  width: calc(100% + 6px);
}
.row-field.bare input.right {
  margin: 0 -6px 0 0;
}
.row-field.bare input:hover,
.row-field.bare input:focus {
  border-color: var(--rule-2);
  background: var(--paper);
}
.row-field.bare input[aria-invalid='true'] {
  border-color: var(--stop);
}
</style>
