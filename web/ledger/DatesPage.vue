<script setup lang="ts">
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
    <table v-if="dates.length > 0">
      <thead>
        <tr>
          <th scope="col">Date</th>
          <th scope="col"><span class="visually-hidden">How far away</span></th>
          <th scope="col">What</th>
          <th scope="col"><span class="visually-hidden">Of what</span></th>
          <th scope="col" class="figure">Amount</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="d in dates" :key="d.id" :class="{ past: d.on < store.day }">
          <td class="date">{{ dayText(d.on, store.day) }}</td>
          <td class="date">{{ away(d.on) }}</td>
          <td>{{ WORDS[d.kind] }}</td>
          <td>
            <b>{{ d.what }}</b>
          </td>
          <td class="figure">{{ d.amountMinor === undefined ? '' : money(d.amountMinor) }}</td>
        </tr>
      </tbody>
    </table>
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
td {
  padding: 5px 12px 5px 0;
}
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
