<script setup lang="ts">
import { computed } from 'vue'
import { dayText } from '@bonitas/core/kernel/units/days'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from './jobStore.js'

/** What was agreed first, and what every change order made of the budget. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const history = computed(() => {
  let at = job.value?.brief.agreedMinor ?? 0
  return (job.value?.changeOrders ?? []).map((c) => ({ ...c, then: (at += c.amountMinor) }))
})
const signed = (minor: number) => `${minor < 0 ? '−' : '+'}${money(Math.abs(minor))}`
</script>

<template>
  <table v-if="job">
    <thead>
      <tr>
        <th scope="col">Agreed on</th>
        <th scope="col">What</th>
        <th scope="col">By</th>
        <th scope="col" class="figure">Change</th>
        <th scope="col" class="figure">Budget then</th>
      </tr>
    </thead>
    <tbody>
      <tr>
        <td>{{ job.brief.agreedOn ? dayText(job.brief.agreedOn, store.day) : 'not yet' }}</td>
        <td>the budget</td>
        <td>{{ job.client.name }}</td>
        <td class="figure"></td>
        <td class="figure">{{ money(job.brief.agreedMinor) }}</td>
      </tr>
      <tr v-for="c in history" :key="c.id">
        <td>{{ dayText(c.agreedOn, store.day) }}</td>
        <td>{{ c.why }}</td>
        <td>{{ c.agreedBy }}</td>
        <td class="figure">{{ signed(c.amountMinor) }}</td>
        <td class="figure">{{ money(c.then) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
td {
  padding: 4px 12px 4px 0;
}
</style>
