<script setup lang="ts">
import { ElButton, ElCheckbox, ElDialog } from 'element-plus'
import { computed, ref, shallowRef, useId, watch } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import ChoiceField from '../form/ChoiceField.vue'
import { limitsOf } from '../form/fieldText.js'
import PlainField from '../form/PlainField.vue'
import { useFieldHabits } from '../form/useLocale.js'
import { term } from '../words/term.js'
import type { Row } from './edits.js'
import { useJobStore } from './jobStore.js'
import { changesOf, holdsNow, readFact, saidOf, yesOrNo, type SeveralFact } from './severalFacts.js'
import { t } from './words.js'

/** One fact set on several rows: which fact, what it becomes, for whom; one step, undone as one. */
const props = defineProps<{
  collection: Collection
  rows: readonly (Row & { readonly name: string })[]
  facts: readonly SeveralFact[]
}>()
/** Rows drawn at once; more are reached by searching, and "mark all" marks those that are not drawn, too. */
const DRAWN = 100
const store = useJobStore()
const formId = useId()
const open = ref(false)
const field = ref('')
const given = ref('')
const search = ref('')
const marked = shallowRef<ReadonlySet<string>>(new Set())
const fault = ref('')

const locale = useFieldHabits()
const label = (f: SeveralFact) => f.label ?? term(limitsOf(props.collection, f.field).label)
const factChoices = computed(() => props.facts.map((f) => ({ value: f.field, text: label(f) })))
const fact = computed(() => props.facts.find((f) => f.field === field.value) ?? props.facts[0])
const choices = computed(() => {
  const own = fact.value?.choices ?? yesOrNo()
  // A line for none stands under '' here, as everywhere outside of a row.
  return own.map((c) => (typeof c === 'string' ? c : { value: c.value ?? '', text: c.text }))
})
const found = computed(() => {
  const words = search.value.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  return props.rows.filter((r) => {
    const told = `${r.name} ${fact.value ? holdsNow(fact.value, r[fact.value.field], locale.value) : ''}`
    return words.every((w) => told.toLocaleLowerCase().includes(w))
  })
})
const takes = computed(() => props.rows.filter((r) => marked.value.has(r.id)))
const allMarked = computed(() => found.value.length > 0 && found.value.every((r) => marked.value.has(r.id)))

function firstValue(): void {
  const first = choices.value[0]
  given.value = fact.value?.kind ? '' : ((typeof first === 'string' ? first : first?.value) ?? '')
  fault.value = ''
}
watch(fact, firstValue)

function begin(): void {
  field.value = props.facts[0]?.field ?? ''
  search.value = ''
  marked.value = new Set()
  firstValue()
  open.value = true
}
function mark(ids: readonly string[], yes: boolean): void {
  const next = new Set(marked.value)
  for (const id of ids)
    if (yes) next.add(id)
    else next.delete(id)
  marked.value = next
  fault.value = ''
}
function set(): void {
  if (!fact.value || takes.value.length === 0) {
    fault.value = t('markSomeFirst')
    return
  }
  let value: unknown
  try {
    value = readFact(props.collection, fact.value, given.value, locale.value)
  } catch (error) {
    fault.value = saidOf(error)
    return
  }
  const { changes, cannot } = changesOf(props.collection, takes.value, fact.value.field, value)
  if (cannot.length > 0) {
    fault.value = t('cannotTakeIt', { names: cannot.join('; ') })
    return
  }
  store.apply(changes, t('factOfMany', { fact: label(fact.value).toLocaleLowerCase(), many: changes.length }))
  open.value = false
}
</script>

<template>
  <ElButton link @click="begin">{{ t('severalAtOnce') }}</ElButton>
  <ElDialog v-model="open" :title="t('oneFactOnSeveral')" width="640" class="several">
    <form v-if="open" :id="formId" @submit.prevent="set">
      <div class="fact">
        <ChoiceField v-model="field" :label="t('fact')" :choices="factChoices" />
        <PlainField
          v-if="fact?.kind"
          v-model="given"
          :label="t('becomes')"
          :fault="fault || undefined"
          @change="fault = ''"
        />
        <ChoiceField v-else v-model="given" :label="t('becomes')" :choices="choices" />
      </div>
      <div class="which">
        <PlainField v-model="search" :label="t('findInTheList')" type="search" />
        <ElCheckbox
          :model-value="allMarked"
          :disabled="found.length === 0"
          @update:model-value="
            (yes) =>
              mark(
                found.map((r) => r.id),
                yes === true,
              )
          "
          >{{ t('markAllFound', { found: found.length }) }}</ElCheckbox
        >
      </div>
      <ul v-if="fact" :aria-label="t('whichOnes')">
        <li v-for="row in found.slice(0, DRAWN)" :key="row.id">
          <ElCheckbox
            :model-value="marked.has(row.id)"
            @update:model-value="(yes) => mark([row.id], yes === true)"
            >{{ row.name }}</ElCheckbox
          >
          <span class="second">{{ holdsNow(fact, row[fact.field], locale) }}</span>
        </li>
      </ul>
      <p v-if="found.length > DRAWN" class="second">{{ t('moreThanDrawn', { drawn: DRAWN }) }}</p>
      <p v-if="found.length === 0" class="second">{{ t('nothingFoundInTheList') }}</p>
      <p v-if="fault && !fact?.kind" class="fault" role="alert">{{ fault }}</p>
    </form>
    <template #footer>
      <ElButton @click="open = false">{{ t('leaveAsItIs') }}</ElButton>
      <ElButton type="primary" native-type="submit" :form="formId">{{
        t('setOnMany', { many: takes.length })
      }}</ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
.fact,
.which {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 16px;
  align-items: end;
}
ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
  max-height: 38vh;
  overflow: auto;
  border: 1px solid var(--rule);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 12px;
  align-items: center;
  padding: 0 10px;
  border-bottom: 1px solid var(--rule);
}
li :deep(.el-checkbox) {
  height: auto;
  min-height: 32px;
  white-space: normal;
}
li span {
  overflow-wrap: anywhere;
}
@media (width < 500px) {
  .fact,
  .which {
    grid-template-columns: 1fr;
  }
}
</style>
