<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, defineAsyncComponent, onMounted, ref, useId, watch } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { useJobStore } from '../job/jobStore.js'
import type { Row } from '../job/edits.js'
import FieldFrame from './FieldFrame.vue'
import { draftOf, dropDraft, keepDraft, type DraftPlace } from './drafts.js'
import { useMeanwhile } from './useMeanwhile.js'
import { editText, limitsOf, readText, shownText, type FieldKind } from './fieldText.js'
import { useFieldHabits } from './useLocale.js'
import { term } from '../words/term.js'
import { t } from './words.js'

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
const CalendarButton = defineAsyncComponent(() => import('./CalendarButton.vue'))
const box = ref<InstanceType<typeof ElInput>>()
const limits = computed(() => limitsOf(props.collection, props.field))
const name = computed(() => props.label ?? term(limits.value.label))
const row = computed(() => props.row as Row)
const value = computed(() => row.value[props.field])
const locale = useFieldHabits()
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
  fault.value = t('nameIsNotSavedYet', { name: name.value })
}
onMounted(restore)

function typed(): void {
  dirty.value = true
  keepDraft(place.value, draft.value)
}

const shown = () => shownText(props.kind, value.value, locale.value)
const meanwhile = useMeanwhile(
  shown,
  () => dirty.value,
  (text) => (fault.value = text),
)
// Another value comes to the row: shown where nothing is typed. What is typed stays, refused or not.
watch(value, () => dirty.value || reset())
// The field is now of another row; what was typed for the one before waits as its draft.
watch(
  () => row.value.id,
  () => {
    dirty.value = false
    meanwhile.settled()
    reset()
    restore()
  },
)

function reset(): void {
  draft.value = editing.value ? editText(props.kind, value.value, locale.value) : shown()
  if (dirty.value) dropDraft(place.value)
  dirty.value = false
  meanwhile.settled()
  fault.value = ''
}

function enter(): void {
  editing.value = true
  if (dirty.value) return
  draft.value = editText(props.kind, value.value, locale.value)
  void Promise.resolve().then(() => box.value?.select())
}

/** @param knowing whether it is kept by Enter, with what another wrote in sight */
function keep(knowing: boolean): boolean {
  if (!dirty.value) return true
  if (!meanwhile.mayKeep(knowing)) return false
  try {
    const read = readText(props.kind, draft.value, limits.value, locale.value)
    const wrong = store.faultsOf(props.collection, { ...row.value, [props.field]: read })[props.field]
    if (wrong) {
      fault.value = wrong
      return false
    }
    dirty.value = false
    meanwhile.settled()
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
  if (keep(false)) reset()
}

/** A day chosen from the calendar is kept at once, like a choice. */
function choose(day: string): void {
  draft.value = day
  typed()
  if (keep(true)) reset()
}

function key(event: KeyboardEvent | Event): void {
  if (!(event instanceof KeyboardEvent)) return
  if (event.key === 'Enter') {
    event.preventDefault()
    if (keep(true)) {
      reset()
      box.value?.select()
    }
  } else if (event.key === 'Escape' && dirty.value) {
    event.preventDefault()
    event.stopPropagation()
    reset()
  }
}
</script>

<template>
  <FieldFrame :id="id" :label="name" :bare="bare" :fault="fault" :hint="warning || hint">
    <ElInput
      :id="id"
      ref="box"
      v-model="draft"
      :inputmode="
        kind === 'money' || kind === 'percent' || kind === 'real'
          ? 'decimal'
          : kind === 'whole'
            ? 'numeric'
            : 'text'
      "
      autocomplete="off"
      :validate-event="false"
      :type="kind === 'text' ? 'textarea' : 'text'"
      :rows="1"
      :class="{ 'is-figure': figure, 'is-bare': bare }"
      :placeholder="bare && figure ? '—' : ''"
      :aria-label="bare ? name : undefined"
      :data-dirty="dirty"
      :data-length="kind === 'length' ? '' : undefined"
      :aria-invalid="fault ? 'true' : undefined"
      :aria-describedby="fault ? `${id}-says` : warning || hint ? `${id}-hint` : undefined"
      @focus="enter"
      @input="typed"
      @blur="leave"
      @keydown="key"
    >
      <template v-if="kind === 'date'" #suffix>
        <CalendarButton
          :day="typeof value === 'string' ? value : ''"
          :label="name"
          :locale="locale.locale"
          @choose="choose"
        />
      </template>
    </ElInput>
  </FieldFrame>
</template>
