<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { paperOf, PAPERS, type Cell } from '@bonitas/core/job/papers'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'

/** What leaves the house: each paper as PDF, workbook or CSV, with its sums said here first. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const ABOUT = {
  statement: 'For the client: received, spent, still to come. No supplier and no trade price.',
  budget: 'Where the money stands by category, and every change of the budget.',
  purchases: 'Everything ordered, with source, price, tax and the day it can go back until.',
  tax: 'Net, tax and gross by month, for the bookkeeper.',
} as const
const papers = computed(() => {
  const [j, d] = [job.value, store.derived]
  return j && d ? PAPERS.map((name) => paperOf(name, j, d, store.day)) : []
})
const text = (c: Cell) => (c === null ? '' : typeof c === 'object' ? money(c.minor) : String(c))
/** The line that sums the paper up. */
const summary = (p: (typeof papers.value)[number]) => {
  const table = p.tables.find((t) => t.total) ?? p.tables[0]
  return (table?.head ?? [])
    .map((h, i) => ({ h, c: table?.total?.[i] ?? null }))
    .filter(({ c }) => typeof c === 'object' && c !== null)
    .slice(0, 4)
    .map(({ h, c }) => `${h.toLowerCase()} ${text(c)}`)
    .join(' · ')
}
</script>

<template>
  <StagePage v-if="job" title="Ledger">
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
            :aria-label="`${p.title} as ${f.toUpperCase()}`"
            >{{ f.toUpperCase() }}</ElButton
          >
        </p>
      </article>
      <article>
        <h2>Calendar</h2>
        <p>Last days to send back, payments, deliveries and refunds, for the calendar of phone or desk.</p>
        <p class="get">
          <ElButton tag="a" :href="`/api/jobs/${job.brief.id}/ledger.ics`" download>iCalendar</ElButton>
        </p>
      </article>
      <article>
        <h2>Orders</h2>
        <p v-if="job.orders.length === 0" class="second">No order yet.</p>
        <p v-for="o in store.derived?.orders ?? []" :key="o.order.id">
          <a :href="`/api/jobs/${job.brief.id}/orders/${o.order.id}.pdf`" target="_blank" rel="noopener">{{
            o.name
          }}</a>
        </p>
      </article>
    </div>
    <template #panel>
      <p class="second">
        PDF, workbook and CSV are written from the same tables, so their sums are the same to the cent.
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
