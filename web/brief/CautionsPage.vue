<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { cautionsOf } from '@bonitas/core/job/cautions'
import type { AnsweredCaution } from '@bonitas/core/job/cautions'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { STAGES } from '../stages.js'
import { t } from './words.js'

const store = useJobStore()
const { day } = useLocale()
onMounted(() => {
  void store.needPlan()
  store.needInstall()
})
/** The plan is judged once the room has its walls. */
const planned = computed(() => store.plan?.facts !== undefined)
const cautions = computed(() => {
  const [job, found] = [store.snapshot, store.findings]
  if (!job || !found) return undefined
  const judged = new Set(
    STAGES.map((s) => s.path).filter(
      (s) => (s !== 'plan' || planned.value) && (s !== 'install' || !!store.install),
    ),
  )
  return cautionsOf(
    job,
    [...found, ...(store.plan?.findings ?? []), ...(store.install?.findings ?? [])],
    judged,
  )
})
const stops = computed(() => cautions.value?.open.filter((f) => f.severity === 'stop').length ?? 0)
const stageName = (path: string) => STAGES.find((s) => s.path === path)?.name ?? path
const keyOf = (a: AnsweredCaution) => a.finding.key
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <div v-if="cautions" class="cautions">
      <section>
        <h2>{{ t('cautionsOpen', { n: cautions.open.length, stops }) }}</h2>
        <p v-if="cautions.open.length === 0" class="second">{{ t('noCautionOpen') }}</p>
        <FindingsPanel v-else stage="cautions" :list="cautions.open" />
      </section>
      <section>
        <h2>{{ t('cautionsAnswered', { n: cautions.answered.length }) }}</h2>
        <p v-if="cautions.answered.length === 0" class="second">{{ t('noCautionAnswered') }}</p>
        <ListTable
          v-else
          :rows="cautions.answered"
          :columns="[
            { id: 'what', head: t('caution') },
            { id: 'reason', head: t('answer') },
            { id: 'by', head: t('answeredBy') },
            { id: 'on', head: t('answeredOn') },
          ]"
          :key-of="keyOf"
        >
          <template #cell-what="{ row }">{{ row.finding.title }}</template>
          <template #cell-reason="{ row }">{{ row.reason }}</template>
          <template #cell-by="{ row }">{{ row.by || t('notNoted') }}</template>
          <template #cell-on="{ row }">{{ row.on ? day(row.on) : t('notNoted') }}</template>
        </ListTable>
      </section>
      <section>
        <h2>{{ t('cautionsAsked') }}</h2>
        <p v-if="!planned" class="second">{{ t('planNotJudged') }}</p>
        <template v-for="q in cautions.quiet" :key="q.stage">
          <h3>{{ stageName(q.stage) }}</h3>
          <ul>
            <li v-for="title in q.titles" :key="title">{{ title }}</li>
          </ul>
        </template>
      </section>
    </div>
    <p v-else class="second" role="status">{{ t('beingJudged') }}</p>
    <template #panel>
      <section class="panel-part">
        <h2>{{ t('cautionsHandOver') }}</h2>
        <p>{{ t('cautionsFollow') }}</p>
        <p>{{ t('cautionsTrades') }}</p>
        <p class="second">{{ t('cautionsNeverSafe') }}</p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.cautions {
  display: grid;
  gap: 20px;
  max-width: 900px;
}
.cautions > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
h3 {
  font-size: 13px;
  margin: 8px 0 2px;
}
ul {
  margin: 0;
  padding-left: 16px;
  list-style: square;
  columns: 2;
  column-gap: 28px;
  font-size: 13px;
  color: var(--ink-2);
}
@media (width < 760px) {
  ul {
    columns: 1;
  }
}
</style>
