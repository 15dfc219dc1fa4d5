<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { computed } from 'vue'
import { dayText } from '@bonitas/core/kernel/units/days'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from './jobStore.js'

/** What was agreed first, and what every change order made of the budget. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const history = computed(() => {
  const now = job.value
  if (!now) return []
  let at = now.brief.agreedMinor
  const first = {
    id: 'agreed',
    on: now.brief.agreedOn,
    why: 'the budget',
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
      { id: 'on', head: 'Agreed on' },
      { id: 'why', head: 'What' },
      { id: 'by', head: 'By' },
      { id: 'change', head: 'Change', figure: true },
      { id: 'then', head: 'Budget then', figure: true },
    ]"
    :key-of="(c) => c.id"
  >
    <template #cell-on="{ row: c }">{{ c.on ? dayText(c.on, store.day) : 'not yet' }}</template>
    <template #cell-why="{ row: c }">{{ c.why }}</template>
    <template #cell-by="{ row: c }">{{ c.by }}</template>
    <template #cell-change="{ row: c }">{{ c.change === undefined ? '' : signed(c.change) }}</template>
    <template #cell-then="{ row: c }">{{ money(c.then) }}</template>
  </ListTable>
</template>
