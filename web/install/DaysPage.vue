<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import { daysBetween } from '@bonitas/core/kernel/units/days'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import ArrivalRows from './ArrivalRows.vue'
import ChartAxis from './ChartAxis.vue'
import ChartGround from './ChartGround.vue'
import ChartRowLine from './ChartRowLine.vue'
import { chartView, type ChartRow } from './chartView.js'
import PlanPapers from './PlanPapers.vue'
import TaskEditor from './TaskEditor.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** The plan of the work, day by day: what comes, who does what when, and what it hangs on. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const { day, says } = useLocale()
const inHand = useInAddress('of')
const { move, moved, said, lefts } = useTaskRows()
onMounted(() => store.needInstall())

const install = computed(() => store.install)
const chart = computed(() =>
  install.value && job.value
    ? chartView(install.value, {
        today: store.day,
        closures: job.value.closures,
        until: [job.value.brief.installOn, job.value.brief.revealOn],
      })
    : undefined,
)
const chosen = computed(
  () => install.value?.tasks.find((task) => task.task.key === inHand.value) ?? install.value?.tasks[0],
)
const chosenRow = computed(() =>
  chart.value?.groups
    .flatMap((g) => g.rows)
    .find((r) => r.tasks.some((task) => task.task.key === chosen.value?.task.key)),
)
const names = computed(
  () =>
    new Map([
      ...(install.value?.tasks ?? []).map((task) => [task.task.key, task.task.name] as const),
      ...(install.value?.arrivals ?? []).map((a) => [a.arrival.key, a.arrival.name] as const),
    ]),
)
const nameOf = (key: string) => names.value.get(key) ?? key
const lines = computed(() => {
  const [c, brief] = [chart.value, job.value?.brief]
  if (!c || !brief) return []
  return (
    [
      ['today', store.day, ''],
      ['install', brief.installOn, t('installDay', { day: bare(brief.installOn ?? '') })],
      ['reveal', brief.revealOn, t('revealDay', { day: bare(brief.revealOn ?? '') })],
    ] as const
  ).flatMap(([kind, on, text]) =>
    on && on >= c.firstDay
      ? [{ kind, text, at: c.at({ day: on, minute: kind === 'today' ? 0 : 1440 }) }]
      : [],
  )
})
/** A day without its year, as on an axis. */
const bare = (iso: string) => says.value.day(iso, iso)
const readyLine = computed(() => {
  const [ready, wanted] = [install.value?.readyOn, job.value?.brief.installOn]
  if (!ready) return install.value?.tasks.some((x) => x.unplaced) ? t('notReady') : ''
  if (!wanted) return `${t('ready', { day: day(ready) })}. ${t('noInstallDate')}`
  const n = daysBetween(ready, wanted)
  const days = says.value.count(Math.abs(n), 'day')
  return n >= 0 ? t('readyBefore', { day: day(ready), days }) : t('readyAfter', { day: day(ready), days })
})
function rowSays(row: ChartRow): string {
  const task = row.tasks.find((x) => x.task.key === inHand.value) ?? row.tasks[0]
  if (!task) return ''
  return `${day(task.start.day)} – ${day(row.tasks.at(-1)?.finish.day ?? '')}. ${t('moveHint')}.`
}
function drop(task: PlannedTask, days: number): void {
  store.tryTasks(null)
  move(task, days)
}
function addOwn(): void {
  const id = store.add('tasks', {
    ...ROWS.tasks.blank(),
    ...{ key: 'own', name: t('ownTask'), step: 'style', minutes: 60 },
  })
  inHand.value = `own|${id}`
}
</script>

<template>
  <StagePage v-if="job" :title="t('install')" :says="t('legend')" broad>
    <template #head><StageTabs stage="install" /></template>
    <p v-if="store.installFailed" class="second" role="alert">{{ t('planCannotBeMade') }}</p>
    <p v-if="!install || !chart" class="second" role="status">{{ t('planning') }}</p>
    <p v-else-if="install.tasks.length === 0" class="second teach">{{ t('nothingToDoYet') }}</p>
    <template v-else>
      <p class="ready">
        <b>{{ readyLine }}</b>
      </p>
      <div class="chart">
        <ChartGround :chart="chart" :lines="lines" />
        <ChartAxis :chart="chart" :lines="lines" />
        <section v-if="install.arrivals.length > 0">
          <h2>
            {{ t('arrivals') }} <span class="second">{{ t('fromTheLedger') }}</span>
          </h2>
          <ArrivalRows :install="install" :chart="chart" />
        </section>
        <section v-for="g in chart.groups" :key="g.id">
          <h2>{{ g.name }}</h2>
          <ChartRowLine
            v-for="row in g.rows"
            :key="row.id"
            :row="row"
            :in-hand="chosen?.task.key"
            :days="chart.days"
            :says="rowSays(row)"
            @take="inHand = $event"
            @hold="(task, days) => store.tryTasks(moved(task, days))"
            @drop="drop"
          />
        </section>
      </div>
      <p class="visually-hidden" role="status">{{ said }}</p>
      <ElButton size="small" @click="addOwn">{{ t('addTask') }}</ElButton>
      <PlanPapers :install="install" />
      <p v-if="install.beside.length > 0" class="second">
        {{ t('notPlanned', { names: install.beside.join('; ') }) }}
      </p>
      <section v-if="lefts.length > 0">
        <h2>{{ t('leftOutTasks') }}</h2>
        <ul>
          <li v-for="r in lefts" :key="r.id">
            {{ r.name || r.key.split('|')[0] }}
            <ElButton link @click="store.change('tasks', r.id, { leftOut: false })">{{
              t('putBackIn')
            }}</ElButton>
          </li>
        </ul>
      </section>
    </template>
    <template #panel>
      <nav v-if="(chosenRow?.tasks.length ?? 0) > 1" class="of-row" :aria-label="t('tasksOfRow')">
        <ElButton
          v-for="task in chosenRow?.tasks"
          :key="task.task.key"
          size="small"
          :aria-pressed="task.task.key === chosen?.task.key"
          @click="inHand = task.task.key"
          >{{ task.task.name }}</ElButton
        >
      </nav>
      <TaskEditor v-if="chosen" :key="chosen.task.key" :planned="chosen" :name-of="nameOf" />
      <FindingsPanel stage="install" page="" :quiet="t('planRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
.chart {
  --names: 250px;
  position: relative;
  padding-bottom: 6px;
  margin-bottom: 10px;
  border-bottom: 1px solid var(--rule-2);
}
section h2 {
  position: relative;
  font-size: 14px;
  padding: 6px 0 2px;
  border-top: 1px solid var(--rule-2);
}
.ready {
  padding: 2px 0 8px;
}
.teach {
  max-width: 62ch;
  padding-top: 20px;
}
.of-row {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
}
.of-row :deep(.el-button) {
  margin: 0;
  height: auto;
  white-space: normal;
  text-align: left;
}
@media (width < 700px) {
  .chart {
    --names: 150px;
  }
}
</style>
