<script setup lang="ts">
import { computed } from 'vue'
import { burn, type BurnPoint } from '@bonitas/core/stages/ledger/burn'
import { addDays } from '@bonitas/core/kernel/units/days'
import LineChart from '../chart/LineChart.vue'
import { dayOf, timeOf } from '../chart/days.js'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The budget used up over time: bound by orders, paid, and where both stand against install day and the budget. */
const store = useJobStore()
const { money, day } = useLocale()

const view = computed(() => {
  const job = store.snapshot
  const position = store.derived?.position
  if (!job || !position) return undefined
  const points = burn(job.entries)
  const first = points[0]
  const last = points.at(-1)
  if (!first || !last) return undefined
  const now: BurnPoint = { ...last, on: store.day > last.on ? store.day : last.on }
  const all = [{ ...first, boundMinor: 0, paidMinor: 0, on: addDays(first.on, -2) }, ...points, now]
  const line = (of: (p: BurnPoint) => number) => all.map((p) => ({ x: timeOf(p.on), y: of(p) }))
  const mark = (on: string | null | undefined, name: string) => (on ? [{ at: timeOf(on), name }] : [])
  return {
    series: [
      { name: t('boundByOrders'), form: 'dashed', points: line((p) => p.boundMinor) },
      { name: t('paid'), form: 'full', points: line((p) => p.paidMinor) },
    ] as const,
    levels: [
      { at: position.agreedMinor, name: t('agreedBudget') },
      { at: position.forecastMinor, name: t('forecastWord') },
    ],
    moments: [...mark(store.day, t('today')), ...mark(job.brief.installOn, t('installMark'))],
  }
})
</script>

<template>
  <p v-if="!view" class="second">
    {{ t('onceSomethingIsOrderedThis') }}
  </p>
  <LineChart
    v-else
    time
    steps
    :name="t('usedUpOverTime')"
    :series="view.series"
    :levels="view.levels"
    :moments="view.moments"
    :says-x="(x) => day(dayOf(x))"
    :says-y="money"
  />
</template>
