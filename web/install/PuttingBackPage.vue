<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import TaskEditor from './TaskEditor.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** Giving the room back as it was: what, how, where the originals are, the last day to begin; and the list on paper. */
const store = useJobStore()
const route = useRoute()
const { money, says, day } = useLocale()
const inHand = useInAddress('of')
const { rowOf } = useTaskRows()
onMounted(() => store.needInstall())
const job = computed(() => store.snapshot)
const back = computed(() => store.install?.putBack)
const list = computed(() => back.value?.list ?? [])
const tasks = computed(() =>
  [...(back.value?.tasks ?? [])].sort((x, y) =>
    x.start.day < y.start.day ? -1 : x.start.day > y.start.day ? 1 : x.start.minute - y.start.minute,
  ),
)
const open = computed(() => tasks.value.filter((x) => !rowOf(x.task)?.doneOn))
const chosen = computed(() => tasks.value.find((x) => x.task.key === inHand.value) ?? tasks.value[0])
const names = computed(() => new Map(tasks.value.map((x) => [x.task.key, x.task.name])))
const nameOf = (key: string) => names.value.get(key) ?? key
const beginLine = computed(() => {
  const { leaseEndsOn, beginBy, readyOn } = back.value ?? {}
  if (open.value.length === 0) return ''
  if (!leaseEndsOn) return t('backNoLease')
  if (beginBy === undefined) return t('backNever')
  const ready = day(readyOn ?? '')
  if (beginBy < store.day) return t('backLate', { ready })
  const n = open.value.length
  return t('backBegin', { day: day(beginBy), tasks: says.value.count(n, 'task'), ready })
})
const print = () => window.print()
</script>

<template>
  <StagePage v-if="job" class="put-back" :title="t('install')" broad>
    <template #head><StageTabs stage="install" /></template>
    <p v-if="!back" class="second" role="status">{{ t('planning') }}</p>
    <template v-else>
      <p class="where">
        {{ job.brief.roomName }}, {{ job.client.name
        }}<template v-if="job.brief.place">, {{ job.brief.place }}</template
        >.
        <template v-if="back.leaseEndsOn">{{ t('leaseEnds', { day: day(back.leaseEndsOn) }) }}</template>
        <b> {{ beginLine }}</b>
      </p>
      <p v-if="list.length === 0" class="second teach">{{ t('nothingToPutBackThe') }}</p>
      <template v-else>
        <p class="unprinted">
          <ElButton size="small" @click="print">{{ t('print') }}</ElButton>
          <RouterLink :to="`/jobs/${String(route.params.jobId)}/brief/constraints`">{{
            t('backToConstraints')
          }}</RouterLink>
        </p>
        <h2>{{ t('toPutBack') }}</h2>
        <ListTable
          :rows="list"
          :columns="[
            { id: 'what', head: t('what') },
            { id: 'how', head: t('how') },
            { id: 'original', head: t('original') },
            { id: 'cost', head: t('cost'), figure: true },
          ]"
          :key-of="(_b, i) => String(i)"
          :sums="
            back.costMinor > 0
              ? { what: t('paintBeforeTinsAndLabor'), cost: money(back.costMinor) }
              : undefined
          "
        >
          <template #cell-what="{ row: b }"
            >{{ b.what
            }}<span v-if="b.withoutConsent" class="second under">{{
              t('withoutWrittenConsent')
            }}</span></template
          >
          <template #cell-how="{ row: b }"
            >{{ b.how }}<span v-if="b.sum" class="second under">{{ b.sum }}</span></template
          >
          <template #cell-original="{ row: b }">{{ b.originalAt || '–' }}</template>
          <template #cell-cost="{ row: b }">{{ b.costMinor > 0 ? money(b.costMinor) : '' }}</template>
        </ListTable>
        <h2 v-if="tasks.length > 0">{{ t('whenItIsDone') }}</h2>
        <ListTable
          v-if="tasks.length > 0"
          :rows="tasks"
          :columns="[
            { id: 'done', head: t('done'), quietHead: true },
            { id: 'day', head: t('when') },
            { id: 'task', head: t('task') },
            { id: 'who', head: t('who') },
            { id: 'work', head: t('work'), figure: true },
          ]"
          :key-of="(x) => x.task.key"
          :row-class="(x) => (x.task.key === chosen?.task.key ? 'in-hand' : '')"
          @pointed="(x) => (inHand = x.task.key)"
        >
          <template #cell-done="{ row: x }"
            ><span class="box">{{ rowOf(x.task)?.doneOn ? '✓' : '' }}</span></template
          >
          <template #cell-day="{ row: x }">{{
            x.unplaced ? t('noDay') : day(rowOf(x.task)?.doneOn ?? x.start.day)
          }}</template>
          <template #cell-task="{ row: x }"
            ><ElButton link :aria-pressed="x.task.key === chosen?.task.key" @click="inHand = x.task.key">{{
              x.task.name
            }}</ElButton></template
          >
          <template #cell-who="{ row: x }">{{ x.worker.name }}</template>
          <template #cell-work="{ row: x }">{{ says.duration(x.task.estimate.likely) }}</template>
        </ListTable>
        <p class="second">{{ t('youngPaintLiftsUnderStrips') }}</p>
      </template>
    </template>
    <template #panel>
      <TaskEditor v-if="chosen" :key="chosen.task.key" :planned="chosen" :name-of="nameOf" />
      <FindingsPanel stage="install" page="putting-back" :quiet="t('planRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
h2 {
  font-size: 14px;
  padding: 12px 0 2px;
}
.where {
  padding: 2px 0 6px;
}
.unprinted {
  display: flex;
  gap: 18px;
  align-items: center;
}
.teach {
  padding-top: 20px;
}
.box {
  display: inline-grid;
  place-content: center;
  width: 17px;
  height: 17px;
  border: 1px solid var(--ink);
}
.under {
  display: block;
}
@media print {
  .put-back :deep(aside.panel),
  .unprinted {
    display: none;
  }
  :deep(tr) {
    break-inside: avoid;
  }
}
</style>
