<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { MINDS, PERSON_KINDS } from '@bonitas/core/model/vocabulary/person'
import { proposedHanging } from '@bonitas/core/stages/brief/household'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowWords from '../form/RowWords.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Who lives with the room, and the height their pictures hang at. */
const store = useJobStore()
const { typed, says } = useLocale()
const job = computed(() => store.snapshot)
const peopleList = ref<HTMLElement>()
const proposal = computed(() => proposedHanging(job.value?.people ?? [], says.value))

async function addPerson(kind: 'adult' | 'child' | 'dog'): Promise<void> {
  const people = job.value?.people ?? []
  const n = people.filter((p) => p.kind === kind).length + 1
  const word = `${kind[0]?.toUpperCase() ?? ''}${kind.slice(1)}`
  store.add('people', {
    position: nextPosition(people),
    name: n > 1 ? `${word} ${n}` : word,
    kind,
    ageYears: null,
    standingEyeMm: null,
    seatedEyeMm: null,
    minds: [],
    note: '',
  })
  await nextTick()
  const names = peopleList.value?.querySelectorAll<HTMLElement>('.name input, .name textarea')
  names?.[names.length - 1]?.focus()
}
</script>

<template>
  <section v-if="job" ref="peopleList">
    <div class="part-head">
      <h2>{{ t('whoLivesWithIt') }}</h2>
      <ElButton @click="addPerson('adult')">{{ t('addAnAdult') }}</ElButton>
      <ElButton @click="addPerson('child')">{{ t('addAChild') }}</ElButton>
      <ElButton @click="addPerson('dog')">{{ t('addAPet') }}</ElButton>
    </div>
    <p v-if="job.people.length === 0" class="second teach">
      {{ t('eyeHeightsSetTheHanging') }}
    </p>
    <div v-for="p in job.people" :key="p.id" class="person">
      <RowField class="name" collection="people" :row="p" field="name" kind="text" :label="t('name')" />
      <RowChoice collection="people" :row="p" field="kind" :choices="PERSON_KINDS" :label="t('who')" />
      <RowField collection="people" :row="p" field="ageYears" kind="whole" :label="t('age')" figure />
      <RowField
        collection="people"
        :row="p"
        field="standingEyeMm"
        kind="length"
        :label="t('eyesStanding')"
        figure
      />
      <RowField
        collection="people"
        :row="p"
        field="seatedEyeMm"
        kind="length"
        :label="t('eyesSeated')"
        figure
      />
      <RowField collection="people" :row="p" field="note" kind="text" :label="t('note')" />
      <ElButton link :aria-label="t('removeName', { name: p.name })" @click="store.remove('people', p.id)"
        >×</ElButton
      >
      <div class="minds">
        <span class="second">{{ t('toMind') }}</span>
        <RowWords
          collection="people"
          :row="p"
          field="minds"
          :choices="MINDS"
          :label="t('toMindOfName', { name: p.name })"
        />
      </div>
    </div>
    <div v-if="job.people.length > 0" class="hanging">
      <RowField
        collection="brief"
        :row="job.brief"
        field="hangingMm"
        kind="length"
        :label="t('agreedHangingHeightMiddleOf')"
        :hint="t('proposedMmSays', { mm: typed(proposal.mm), says: proposal.says })"
        figure
      />
    </div>
  </section>
</template>

<style scoped>
.person {
  display: grid;
  grid-template-columns: 1.4fr 1fr 60px 1fr 1fr 1.6fr 24px;
  gap: 6px 10px;
  align-items: end;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.minds {
  grid-column: 1 / -1;
  display: flex;
  gap: 10px;
  align-items: baseline;
}
.hanging {
  max-width: 420px;
  padding-top: 10px;
}
.teach {
  max-width: 70ch;
  margin: 6px 0;
}
@media (width < 760px) {
  .person {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
