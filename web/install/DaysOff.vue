<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { put, type RowChange } from '@bonitas/core/model/changes'
import { ROWS } from '@bonitas/core/model/registry'
import { request } from '../api/http.js'
import FileButton from '../form/FileButton.vue'
import RowTable from '../form/RowTable.vue'
import { useJobStore } from '../job/jobStore.js'
import { readCalendar, type CalendarDays } from './readCalendar.js'
import { t } from './words.js'

/** Days on which nobody works, or somebody is away: typed, of the country, or read from a calendar. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const said = ref('')
const fault = ref('')
const who = computed(() => [
  { value: null, text: t('everybody') },
  ...(job.value?.crew ?? []).map((c) => ({ value: c.id, text: c.name })),
])

function add(): void {
  const today = store.day
  store.add('closures', { ...ROWS.closures.blank(), what: t('newDaysOff'), fromOn: today, untilOn: today })
}

/** What is read again changes what it made before; what is new is added; all of it in one step. */
function take(days: readonly CalendarDays[], source: string): void {
  const known = new Map((job.value?.closures ?? []).map((c) => [c.uid, c]))
  const changes = days.map(({ uid, what, fromOn, untilOn }): RowChange => {
    const before = uid === '' ? undefined : known.get(uid)
    const fields = { what: what.slice(0, 120), fromOn, untilOn, source: source.slice(0, 200) }
    if (before) return put('closures', before.id, fields)
    const add = { ...ROWS.closures.blank(), ...fields, uid: uid.slice(0, 200), id: crypto.randomUUID() }
    return { collection: 'closures', add } as unknown as RowChange
  })
  said.value = t('readInto', { n: days.length, file: source })
  if (changes.length > 0) store.apply(changes, said.value)
}
async function read(file: File): Promise<void> {
  fault.value = ''
  try {
    take(await readCalendar(await file.text(), store.day), file.name)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
async function holidays(): Promise<void> {
  fault.value = ''
  try {
    const { days, source } = await request<{ days: CalendarDays[]; source: string }>(
      `/jobs/${job.value?.brief.id ?? ''}/holidays`,
    )
    take(days, source)
  } catch (error) {
    fault.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <section v-if="job">
    <div class="part-head">
      <h2>{{ t('daysOff') }}</h2>
      <ElButton @click="add">{{ t('addDaysOff') }}</ElButton>
      <ElButton @click="holidays">{{ t('holidaysOf') }}</ElButton>
      <FileButton :label="t('readCalendar')" accept=".ics,text/calendar" @picked="read" />
    </div>
    <p class="second">{{ t('daysOffTeach') }}</p>
    <p v-if="fault" role="alert" class="fault">{{ fault }}</p>
    <p class="second" role="status">{{ said }}</p>
    <RowTable
      v-if="job.closures.length > 0"
      collection="closures"
      :rows="job.closures"
      :columns="[
        { id: 'what', head: t('what'), kind: 'text' },
        { id: 'crewId', head: t('who'), choices: who },
        { id: 'fromOn', head: t('firstDay'), kind: 'date' },
        { id: 'untilOn', head: t('lastDay'), kind: 'date' },
        { id: 'source', head: t('knownFrom') },
      ]"
      :name-of="(c) => c.what"
      removable
    >
      <template #cell-source="{ row: c }"
        ><span class="second">{{ c.source }}</span></template
      >
    </RowTable>
  </section>
</template>

<style scoped>
section {
  padding-bottom: 18px;
}
.fault {
  color: var(--stop);
}
</style>
