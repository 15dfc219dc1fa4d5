<script setup lang="ts">
import { ElButton, ElButtonGroup } from 'element-plus'
import { computed, onMounted, ref, watch } from 'vue'
import { addDays } from '@bonitas/core/kernel/units/days'
import { ROWS } from '@bonitas/core/model/registry'
import { daysOff, weekdayOf } from '@bonitas/core/stages/install/crewTime'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import { useInAddress } from '../job/useInAddress.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useUploads } from '../job/useUploads.js'
import WaitingUploads from '../job/WaitingUploads.vue'
import SnagEntry from './SnagEntry.vue'
import TodayTask from './TodayTask.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** One day at the room, for a phone: what is done in which order, what comes, what is still open. */
const store = useJobStore()
const { day } = useLocale()
const { rowOf } = useTaskRows()
const { waiting, send, take, forget } = useUploads()
onMounted(() => store.needInstall())
const chosenDay = useInAddress('day')
const who = ref('')
const on = computed(() =>
  /^\d{4}-\d\d-\d\d$/.test(chosenDay.value ?? '') ? (chosenDay.value ?? '') : store.day,
)
const go = (days: number) => (chosenDay.value = addDays(on.value, days))
const people = computed(() => [
  { value: '', text: t('everybody') },
  ...(store.snapshot?.crew ?? []).map((c) => ({ value: c.id, text: c.name })),
])
/** Putting back is planned from the last day to begin it; without the end of a lease it has no day. */
const backTasks = computed(() => {
  const back = store.install?.putBack
  return back?.leaseEndsOn ? back.tasks : []
})
const planned = computed(() =>
  [...(store.install?.tasks ?? []), ...backTasks.value].filter(
    (x) => who.value === '' || x.worker.id === who.value,
  ),
)
const doneOn = (x: (typeof planned.value)[number]) => rowOf(x.task)?.doneOn ?? null
/** Whether whoever does it works on the day looked at: what begins on Friday and ends on Monday rests in between. */
const works = ({ worker }: PlannedTask) =>
  worker.weekdays.includes(weekdayOf(on.value)) &&
  daysOff(store.snapshot?.closures ?? [], on.value, worker.id).length === 0
/** What stood on a day stays on it while it is looked at: a tick takes nothing out of sight. */
const seen = new Set<string>()
const tasks = computed(() =>
  planned.value
    .filter((x) => {
      const done = doneOn(x)
      if (done !== null) return done === on.value || seen.has(`${on.value} ${x.task.key}`)
      return !x.unplaced && x.start.day <= on.value && x.finish.day >= on.value && works(x)
    })
    .sort(
      (x, y) =>
        Number(doneOn(x) === null) - Number(doneOn(y) === null) ||
        (x.start.day < y.start.day ? -1 : x.start.day > y.start.day ? 1 : x.start.minute - y.start.minute),
    ),
)
watch(tasks, (list) => list.forEach((x) => seen.add(`${on.value} ${x.task.key}`)))
const next = computed(
  () =>
    planned.value
      .filter((x) => doneOn(x) === null && !x.unplaced && x.start.day > on.value)
      .sort((x, y) => (x.start.day < y.start.day ? -1 : 1))[0],
)
const comes = computed(() => (store.install?.arrivals ?? []).filter((a) => a.arrival.on === on.value))
/** What was written down at the room and is not mended. */
const snags = computed(() =>
  (store.snapshot?.tasks ?? []).filter((r) => r.key === 'own' && r.step === 'snag list' && r.doneOn === null),
)
function addSnag(name: string): void {
  store.add('tasks', { ...ROWS.tasks.blank(), key: 'own', step: 'snag list', minutes: 15, name })
}
const picture = (subject: string, file: File) => take([file], { kind: 'work', subject })
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('install')">
    <template #head><StageTabs stage="install" /></template>
    <div class="day">
      <div class="which">
        <h2>{{ day(on) }}</h2>
        <ElButtonGroup>
          <ElButton size="small" @click="go(-1)">{{ t('dayBefore') }}</ElButton>
          <ElButton size="small" :disabled="on === store.day" @click="chosenDay = undefined">{{
            t('backToToday')
          }}</ElButton>
          <ElButton size="small" @click="go(1)">{{ t('dayAfter') }}</ElButton>
        </ElButtonGroup>
        <ChoiceField v-if="people.length > 2" v-model="who" :label="t('whoseDay')" :choices="people" />
      </div>
      <p v-if="!store.install" class="second" role="status">{{ t('planning') }}</p>
      <template v-else>
        <section v-if="comes.length > 0" class="comes">
          <h3>{{ t('comesToday') }}</h3>
          <p v-for="a in comes" :key="a.arrival.key">
            <b>{{ a.arrival.name }}</b> {{ a.arrival.supplierName }}
          </p>
          <p class="second">{{ t('takeReceipt') }}</p>
        </section>
        <p v-if="tasks.length === 0" class="second">
          {{ t('nothingOn', { day: day(on) }) }}
          <ElButton v-if="next" link @click="chosenDay = next.start.day">{{
            t('nextIs', { name: next.task.name, day: day(next.start.day) })
          }}</ElButton>
        </p>
        <TodayTask
          v-for="(x, i) in tasks"
          :key="x.task.key"
          :planned="x"
          :n="i + 1"
          :on="on"
          @picture="picture"
        />
      </template>
      <WaitingUploads :waiting="waiting" @again="send" @forget="forget" />
      <SnagEntry :snags="snags" @add="addSnag" @picture="picture" />
    </div>
  </StagePage>
</template>

<style scoped>
.day {
  max-width: 620px;
  display: grid;
  gap: 4px;
}
.which {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px 18px;
  padding-bottom: 10px;
}
.which h2 {
  font-size: 18px;
}
.comes {
  border-left: 4px solid var(--rule-2);
  padding: 4px 10px 8px;
}
h3 {
  font-size: 14px;
}
</style>
