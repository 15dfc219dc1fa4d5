<script setup lang="ts">
import { computed } from 'vue'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/** What was agreed first, and what every change order made of the budget. */
const store = useJobStore()
const { money, day } = useLocale()
const job = computed(() => store.snapshot)
const history = computed(() => {
  const now = job.value
  if (!now) return []
  let at = now.brief.agreedMinor
  const first = {
    id: 'agreed',
    on: now.brief.agreedOn,
    why: t('theBudget'),
    by: now.client.name,
    change: undefined as number | undefined,
    then: at,
  }
  return [
    first,
    ...now.changeOrders.map((c) => ({
      id: c.id,
      on: c.agreedOn,
      why: c.why,
      by: c.agreedBy,
      change: c.amountMinor,
      then: (at += c.amountMinor),
    })),
  ]
})
const signed = (minor: number) => `${minor < 0 ? '−' : '+'}${money(Math.abs(minor))}`
</script>

<template>
  <ListTable
    v-if="job"
    :rows="history"
    :columns="[
      { id: 'on', head: t('agreedOn') },
      { id: 'why', head: t('what') },
      { id: 'by', head: t('by') },
      { id: 'change', head: t('change'), figure: true },
      { id: 'then', head: t('budgetThen'), figure: true },
    ]"
    :key-of="(c) => c.id"
  >
    <template #cell-on="{ row: c }">{{ c.on ? day(c.on) : t('notYet') }}</template>
    <template #cell-why="{ row: c }">{{ c.why }}</template>
    <template #cell-by="{ row: c }">{{ c.by }}</template>
    <template #cell-change="{ row: c }">{{ c.change === undefined ? '' : signed(c.change) }}</template>
    <template #cell-then="{ row: c }">{{ money(c.then) }}</template>
  </ListTable>
</template>
