<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { computed } from 'vue'
import { ledgerDates } from '@bonitas/core/job/ledgerTables'
import { daysBetween, dayText } from '@bonitas/core/kernel/units/days'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LoanList from './LoanList.vue'

/** What comes when: last days to send back, payments, deliveries, refunds, and what lapses. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const dates = computed(() =>
  job.value && store.derived ? ledgerDates(job.value, store.derived, store.day) : [],
)
const WORDS = {
  'return by': 'last day to send back',
  pay: 'to pay',
  expected: 'expected',
  lapses: 'lapses',
  'refund due': 'refund should be here',
  'give back': 'to give back',
  'answer due': 'answer to the claim',
} as const
const away = (on: string) => {
  const n = daysBetween(store.day, on)
  if (n === 0) return 'today'
  return n > 0 ? `in ${n} ${n === 1 ? 'day' : 'days'}` : `${-n} ${n === -1 ? 'day' : 'days'} ago`
}
const canComeBack = computed(() =>
  dates.value.filter((d) => d.kind === 'return by').reduce((s, d) => s + (d.amountMinor ?? 0), 0),
)
</script>

<template>
  <StagePage v-if="job" title="Ledger">
    <template #head><StageTabs stage="ledger" /></template>
    <p class="second">
      {{ money(canComeBack) }} of goods can still go back.
      <a :href="`/api/jobs/${job.brief.id}/ledger.ics`" download>All dates as a calendar</a>
    </p>
    <ListTable
      v-if="dates.length > 0"
      :rows="dates"
      :columns="[
        { id: 'date', head: 'Date' },
        { id: 'howFarAway', head: 'How far away', quietHead: true },
        { id: 'what', head: 'What' },
        { id: 'ofWhat', head: 'Of what', quietHead: true },
        { id: 'amount', head: 'Amount', figure: true },
      ]"
      :key-of="(d) => d.id"
      :row-class="(d) => ({ past: d.on < store.day })"
    >
      <template #cell-date="{ row: d }"
        ><span class="date">{{ dayText(d.on, store.day) }}</span></template
      >
      <template #cell-howFarAway="{ row: d }"
        ><span class="date">{{ away(d.on) }}</span></template
      >
      <template #cell-what="{ row: d }">{{ WORDS[d.kind] }}</template>
      <template #cell-ofWhat="{ row: d }"
        ><b>{{ d.what }}</b></template
      >
      <template #cell-amount="{ row: d }">{{
        d.amountMinor === undefined ? '' : money(d.amountMinor)
      }}</template>
    </ListTable>
    <p v-else class="second teach">
      No day is waiting. Orders bring expected days and payments, deliveries bring last days to send back.
    </p>
    <LoanList />
    <template #panel>
      <FindingsPanel stage="ledger" quiet="Nothing is late, over or about to lapse." />
    </template>
  </StagePage>
</template>

<style scoped>
.date {
  white-space: nowrap;
}
.past .date {
  font-weight: 650;
}
.teach {
  max-width: 60ch;
}
</style>
