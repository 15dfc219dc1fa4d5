<script setup lang="ts">
import { ElButton, ElProgress } from 'element-plus'
import { computed, onMounted, shallowRef, toRaw, watch } from 'vue'
import type { BudgetChance } from '@bonitas/core/stages/ledger/budgetChance'
import type { Help, Readiness } from '@bonitas/core/stages/install/readiness'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTask } from '../worker/useTask.js'
import MoneyChance from './MoneyChance.vue'
import ChanceChart from './ChanceChart.vue'
import type { ReadinessAnswer, ReadinessAsk } from './readiness.worker.js'
import { t } from './words.js'

/** Whether it will be ready: ten thousand runs of the plan with times as they may turn out, what decides it, what would help. */
const store = useJobStore()
const { day } = useLocale()
const RUNS = 10_000
const SEED = 1
const found = shallowRef<Readiness>()
const money = shallowRef<BudgetChance>()
const failed = shallowRef('')
const { done, run, stop } = useTask<ReadinessAnswer>(
  () => new Worker(new URL('./readiness.worker.ts', import.meta.url), { type: 'module' }),
)
const job = computed(() => store.snapshot)

async function go(): Promise<void> {
  if (!store.snapshot) return
  failed.value = ''
  try {
    const answer = await run({
      ...{ job: toRaw(store.snapshot), today: store.day, runs: RUNS, seed: SEED },
      lateness: store.lateness,
    } satisfies ReadinessAsk)
    if (!answer) return
    found.value = answer.readiness
    money.value = answer.money
  } catch (error) {
    failed.value = error instanceof Error ? error.message : String(error)
  }
}
onMounted(() => store.needInstall())
watch(
  () => [store.snapshot, store.lateness],
  () => void go(),
  { immediate: true },
)

const names = computed(
  () =>
    new Map([
      ...(store.install?.tasks ?? []).map((x) => [x.task.key, x.task.name] as const),
      ...(store.install?.arrivals ?? []).map((a) => [a.arrival.key, a.arrival.name] as const),
    ]),
)
const nameOf = (key: string) => names.value.get(key) ?? key
const inHundred = (share: number) => String(Math.round(100 * share))
const helpName = (h: Help) =>
  h.kind === 'a day less' ? t('dayLess', { name: nameOf(h.key) }) : t('inTime', { name: nameOf(h.key) })
const helps = computed(() => [
  { key: '', name: t('asPlanned'), chance: found.value?.chance ?? 0 },
  ...[...(found.value?.helps ?? [])]
    // What changes nothing is no help.
    .filter((h) => h.chance - (found.value?.chance ?? 0) >= 0.005)
    .sort((x, y) => y.chance - x.chance)
    .map((h) => ({ key: h.key, name: helpName(h), chance: h.chance })),
])
const late = computed(() => [
  ...new Set(
    (store.install?.arrivals ?? [])
      .filter((a) => a.arrival.lateDays.length > 0)
      .map((a) => a.arrival.supplierName),
  ),
])
const guessed = computed(() =>
  (store.install?.arrivals ?? []).some(
    (a) => a.arrival.itemId !== null && a.arrival.on !== null && a.arrival.lateDays.length === 0,
  ),
)
</script>

<template>
  <StagePage v-if="job" :title="t('install')">
    <template #head><StageTabs stage="install" /></template>
    <p v-if="store.install && store.install.unmeasured.length > 0" class="missing">
      {{ t('notInThePlan', { names: store.install.unmeasured.join(', ') }) }}
    </p>
    <p v-if="failed" class="second" role="alert">{{ t('planCannotBeMade') }}</p>
    <div v-if="done !== undefined" class="running">
      <ElProgress :percentage="Math.round(100 * done)" :aria-label="t('running')" />
      <ElButton size="small" @click="stop">{{ t('stop') }}</ElButton>
    </div>
    <template v-if="found && found.byDay.length > 0">
      <h2 class="answer">
        <template v-if="found.chance !== undefined && job.brief.installOn">{{
          t('byDay', { day: day(job.brief.installOn), n: inHundred(found.chance) })
        }}</template>
        <template v-else>{{ t('noDateToHold') }}</template>
      </h2>
      <p class="second">
        <template v-if="store.install?.readyOn">{{
          t('likelyWouldSay', { day: day(store.install.readyOn) })
        }}</template>
        <template v-if="found.eightyOn"> {{ t('eighty', { day: day(found.eightyOn) }) }}.</template>
        <template v-if="late.length > 0"> {{ t('latenessKnown', { names: late.join(', ') }) }}</template>
        <template v-if="guessed"> {{ t('latenessUsual') }}</template>
      </p>
      <ChanceChart
        :by-day="found.byDay"
        :runs="found.runs"
        :install-on="job.brief.installOn"
        :eighty-on="found.eightyOn"
      />
      <section v-if="found.chance !== undefined && found.chance < 0.995 && helps.length > 1">
        <h2>{{ t('wouldHelp') }}</h2>
        <ListTable
          :rows="helps"
          :columns="[
            { id: 'name', head: t('change') },
            { id: 'bar', head: t('chance'), quietHead: true },
            { id: 'chance', head: t('chance'), figure: true },
          ]"
          :key-of="(h, i) => `${h.key} ${i}`"
        >
          <template #cell-name="{ row: h }">{{ h.name }}</template>
          <template #cell-bar="{ row: h }"
            ><span class="share" aria-hidden="true"><i :style="{ width: `${100 * h.chance}%` }"></i></span
          ></template>
          <template #cell-chance="{ row: h }"
            ><b>{{ inHundred(h.chance) }}</b></template
          >
        </ListTable>
      </section>
      <section v-if="found.decides.length > 0">
        <h2>
          {{ t('decides') }} <span class="second">{{ t('decidesTeach') }}</span>
        </h2>
        <ListTable
          :rows="found.decides"
          :columns="[
            { id: 'name', head: t('what') },
            { id: 'share', head: t('chance'), figure: true },
          ]"
          :key-of="(d) => d.key"
        >
          <template #cell-name="{ row: d }">{{ nameOf(d.key) }}</template>
          <template #cell-share="{ row: d }">{{ inHundred(d.share) }}</template>
        </ListTable>
      </section>
    </template>
    <p v-else-if="found" class="second teach">{{ t('nothingToDoYet') }}</p>
    <MoneyChance v-if="money && job.items.length > 0" :chance="money" />
    <template #panel>
      <FindingsPanel stage="install" page="ready" :quiet="t('planRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
.running {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
}
.missing {
  border-left: 4px solid var(--ink);
  padding: 4px 10px;
}
.answer {
  font-size: 18px;
  padding-top: 6px;
}
section {
  padding-top: 16px;
}
.share {
  display: block;
  width: 220px;
  max-width: 40vw;
  height: 10px;
  border: 1px solid var(--ink);
}
.share i {
  display: block;
  height: 100%;
  background: var(--ink);
}
.teach {
  max-width: 62ch;
  padding-top: 20px;
}
</style>
