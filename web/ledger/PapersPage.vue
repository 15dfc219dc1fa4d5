<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { paperOf, PAPERS, type Cell } from '@bonitas/core/job/papers'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { t } from './words.js'

/** What leaves the house: each paper as PDF, workbook or CSV, with its sums said here first. */
const store = useJobStore()
const { money, day } = useLocale()
const job = computed(() => store.snapshot)
const ABOUT = {
  statement: t('forTheClientReceivedSpent'),
  budget: t('whereTheMoneyStandsBy'),
  purchases: t('everythingOrderedWithSourcePrice'),
  tax: t('netTaxAndGrossBy'),
} as const
const papers = computed(() => {
  const [j, d] = [job.value, store.derived]
  return j && d ? PAPERS.map((name) => paperOf(name, j, d, store.day)) : []
})
const text = (c: Cell) =>
  c === null ? '' : typeof c === 'object' ? ('on' in c ? day(c.on) : money(c.minor)) : String(c)
/** The line that sums the paper up. */
const summary = (p: (typeof papers.value)[number]) => {
  const table = p.tables.find((each) => each.total) ?? p.tables[0]
  return (table?.head ?? [])
    .map((h, i) => ({ h, c: table?.total?.[i] ?? null }))
    .filter(({ c }) => typeof c === 'object' && c !== null)
    .slice(0, 4)
    .map(({ h, c }) => `${h.toLowerCase()} ${text(c)}`)
    .join(' · ')
}
</script>

<template>
  <StagePage v-if="job" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <div class="papers">
      <article v-for="p in papers" :key="p.name">
        <h2>{{ p.title }}</h2>
        <p>{{ ABOUT[p.name] }}</p>
        <p class="second">{{ summary(p) }}</p>
        <p class="get">
          <ElButton
            v-for="f in ['pdf', 'xlsx', 'csv']"
            :key="f"
            tag="a"
            :href="`/api/jobs/${job.brief.id}/papers/${p.name}.${f}`"
            :target="f === 'pdf' ? '_blank' : undefined"
            rel="noopener"
            :aria-label="t('paperAs', { title: p.title, format: f.toUpperCase() })"
            >{{ f.toUpperCase() }}</ElButton
          >
        </p>
      </article>
      <article>
        <h2>{{ t('calendar') }}</h2>
        <p>{{ t('lastDaysToSendBack') }}</p>
        <p class="get">
          <ElButton tag="a" :href="`/api/jobs/${job.brief.id}/ledger.ics`" download>iCalendar</ElButton>
        </p>
      </article>
      <article>
        <h2>{{ t('orders') }}</h2>
        <p v-if="job.orders.length === 0" class="second">{{ t('noOrderYet') }}</p>
        <p v-for="o in store.derived?.orders ?? []" :key="o.order.id">
          <a :href="`/api/jobs/${job.brief.id}/orders/${o.order.id}.pdf`" target="_blank" rel="noopener">{{
            o.name
          }}</a>
        </p>
      </article>
    </div>
    <template #panel>
      <p class="second">
        {{ t('pdfWorkbookAndCSVAre') }}
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.papers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: start;
}
article {
  background: var(--paper);
  padding: 12px 14px;
  display: grid;
  gap: 6px;
}
.get {
  display: flex;
  gap: 8px;
}
.get .el-button {
  text-decoration: none;
}
</style>
