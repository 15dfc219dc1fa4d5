<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { ledgerDates } from '@bonitas/core/job/ledgerTables'
import { daysBetween } from '@bonitas/core/kernel/units/days'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LoanList from './LoanList.vue'
import { t } from './words.js'

/** What comes when: last days to send back, payments, deliveries, refunds, and what lapses. */
const store = useJobStore()
const { money, day } = useLocale()
const job = computed(() => store.snapshot)
const dates = computed(() =>
  job.value && store.derived
    ? ledgerDates(job.value, store.derived, store.day, store.install?.lastOrders)
    : [],
)
onMounted(() => store.needInstall())
const WORDS = {
  'order by': t('lastDayToOrder'),
  'return by': t('lastDayToSendBack'),
  pay: t('toPay'),
  expected: t('expectedWord'),
  lapses: t('lapses'),
  'refund due': t('refundShouldBeHere'),
  'give back': t('toGiveBack'),
  'answer due': t('answerToTheClaim'),
} as const
const away = (on: string) => {
  const n = daysBetween(store.day, on)
  if (n === 0) return t('today')
  return n > 0 ? t('inDays', { n }) : t('daysAgo', { n: -n })
}
const canComeBack = computed(() =>
  dates.value.filter((d) => d.kind === 'return by').reduce((s, d) => s + (d.amountMinor ?? 0), 0),
)
</script>

<template>
  <StagePage v-if="job" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <p class="second">
      {{ t('canComeBackOfGoodsCanStill', { canComeBack: money(canComeBack) }) }}
      <a :href="`/api/jobs/${job.brief.id}/ledger.ics`" download>{{ t('allDatesAsACalendar') }}</a>
    </p>
    <ListTable
      v-if="dates.length > 0"
      :rows="dates"
      :columns="[
        { id: 'date', head: 'Date' },
        { id: 'howFarAway', head: t('howFarAway'), quietHead: true },
        { id: 'what', head: t('what') },
        { id: 'ofWhat', head: t('ofWhat'), quietHead: true },
        { id: 'amount', head: t('amount'), figure: true },
      ]"
      :key-of="(d) => d.id"
      :row-class="(d) => ({ past: d.on < store.day })"
    >
      <template #cell-date="{ row: d }"
        ><span class="date">{{ day(d.on) }}</span></template
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
      {{ t('noDayIsWaitingOrders') }}
    </p>
    <LoanList />
    <template #panel>
      <FindingsPanel stage="ledger" :quiet="t('nothingIsLateOverOr')" />
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
