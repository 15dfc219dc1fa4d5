<script setup lang="ts">
import { ElButton, ElDialog, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, reactive, watch } from 'vue'
import { plainName } from '@bonitas/core/model/cascade'
import type { Change } from '@bonitas/core/model/changes'
import { fieldLabel, valueText } from '../form/valueText.js'
import type { Clash } from './changeQueue.js'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/**
 * Someone else changed the same field: both values side by side, as they are typed, and the person chooses for each. Nothing
 * is chosen beforehand, so that no button wipes the other's words unseen.
 */
const store = useJobStore()
type Side = 'mine' | 'theirs'
const choice = reactive<Record<string, Side | undefined>>({})
const met = computed(() => store.conflict)
const locale = computed(() => {
  const studio = store.snapshot?.studio
  return {
    currency: studio?.currency ?? 'EUR',
    locale: studio?.locale ?? 'en-IE',
    system: studio?.system ?? 'metric',
    today: store.day,
  }
})

const changeOf = ({ collection, id }: Clash): Change | undefined =>
  met.value?.group.changes.find((c) => c.collection === collection && c.id === id)

interface Question {
  readonly key: string
  readonly what: string
  readonly mine: string
  readonly theirs: string
}

/** What is asked: each field both changed, or a row that one of them removed. */
const questions = computed((): readonly Question[] => {
  const job = store.snapshot
  if (!job || !met.value) return []
  return met.value.clashes.flatMap((clash): Question[] => {
    const change = changeOf(clash)
    const { collection, id, now } = clash
    if (!change || !now) return []
    const name = plainName(collection, now)
    if ('remove' in change)
      return [
        {
          key: `${collection} ${id}`,
          what: name,
          mine: t('removeItAllTheSame'),
          theirs: t('keepItAsTheyChanged'),
        },
      ]
    const wanted = 'set' in change ? change.set : change.add
    return clash.fields
      .filter((f) => f !== 'id')
      .map((field) => ({
        key: `${collection} ${id} ${field}`,
        what: `${fieldLabel(collection, field)} of ${name}`,
        mine: valueText(job, collection, field, wanted[field], locale.value),
        theirs: valueText(job, collection, field, now[field], locale.value),
      }))
  })
})
const removedByOther = computed(() => met.value?.clashes.filter((c) => c.now === null) ?? [])
const open = computed(() => questions.value.filter((q) => choice[q.key] === undefined).length)

watch(
  questions,
  (list) => {
    for (const key of Object.keys(choice)) if (!list.some((q) => q.key === key)) choice[key] = undefined
  },
  { immediate: true },
)

/** The group as it goes on: what is ours over what stands now, and without what was left to the other. */
function decided(): Change[] {
  const { group, clashes } = met.value ?? { group: undefined, clashes: [] }
  const clashOf = new Map(clashes.map((c) => [`${c.collection} ${c.id}`, c]))
  const changes: Change[] = []
  for (const change of group?.changes ?? []) {
    const key = `${change.collection} ${change.id}`
    const clash = clashOf.get(key)
    if (!clash) {
      changes.push(change)
      continue
    }
    const { now } = clash
    if (!now) continue
    if ('remove' in change) {
      // A removal and what goes with it are one thing: kept, all of it is kept.
      if (choice[key] !== 'mine') return []
      changes.push({ ...change, seen: now.version })
      continue
    }
    const wanted = 'set' in change ? change.set : change.add
    const fields = Object.keys(wanted).filter((f) => {
      if (f === 'id') return false
      return clash.fields.includes(f) ? choice[`${key} ${f}`] === 'mine' : 'set' in change
    })
    if (fields.length === 0) continue
    const was = 'set' in change ? change.was : {}
    changes.push({
      collection: change.collection,
      id: change.id,
      set: Object.fromEntries(fields.map((f) => [f, wanted[f]])),
      was: Object.fromEntries(fields.map((f) => [f, clash.fields.includes(f) ? now[f] : was[f]])),
    })
  }
  return changes
}

const title = computed(() => (questions.value.length > 0 ? t('changedByTwoPeople') : t('removedMeanwhile')))
</script>

<template>
  <ElDialog
    :model-value="!!met"
    :title="title"
    width="620"
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
  >
    <template v-if="met">
      <p v-if="questions.length > 0">
        {{ t('youNameAndSomeoneElse', { name: met.group.name }) }}
      </p>
      <p v-for="c in removedByOther" :key="c.id">
        {{ t('whatYouChangedWasRemoved') }}
      </p>
      <div v-for="q in questions" :key="q.key" class="question">
        <p>{{ q.what }}</p>
        <ElRadioGroup
          :model-value="choice[q.key] ?? ''"
          :aria-label="q.what"
          @update:model-value="(side) => (choice[q.key] = side as Side)"
        >
          <ElRadioButton value="mine">{{ t('yoursMine', { mine: q.mine }) }}</ElRadioButton>
          <ElRadioButton value="theirs">{{ t('theirsTheirs', { theirs: q.theirs }) }}</ElRadioButton>
        </ElRadioGroup>
      </div>
    </template>
    <template #footer>
      <ElButton v-if="questions.length > 0" @click="store.settle([])">{{ t('leaveAllAsItIs') }}</ElButton>
      <ElButton type="primary" :disabled="open > 0" @click="store.settle(decided())">
        {{
          questions.length === 0 ? t('goOn') : open > 0 ? t('openToChoose', { open }) : t('keepWhatIsChosen')
        }}
      </ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
.question {
  display: grid;
  gap: 6px;
  margin-top: 14px;
}
.question p {
  overflow-wrap: anywhere;
}
</style>
