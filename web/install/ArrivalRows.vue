<script setup lang="ts">
import type { PlannedArrival } from '@bonitas/core/stages/install/workPlan'
import { useLocale } from '../form/useLocale.js'
import type { InstallView } from '../job/install.worker.js'
import type { Chart } from './chartView.js'
import { t } from './words.js'

/** What is to come: the day it comes, and the last day it can be ordered. */
const props = defineProps<{ install: InstallView; chart: Chart }>()
const { says } = useLocale()
const NOON = 12 * 60
const comesAt = (a: PlannedArrival) =>
  a.arrival.on === null ? undefined : props.chart.at({ day: a.arrival.on, minute: NOON })
const lastOrder = (a: PlannedArrival) =>
  props.install.lastOrders.find((o) => o.arrival.arrival.key === a.arrival.key)
const orderAt = (a: PlannedArrival) => {
  const last = lastOrder(a)
  return last && last.orderBy >= props.chart.firstDay
    ? props.chart.at({ day: last.orderBy, minute: NOON })
    : undefined
}
/** A day without its year: the axis tells which. */
const bare = (iso: string) => says.value.day(iso, iso)
function told(a: PlannedArrival): string {
  const { arrival } = a
  const spare =
    arrival.on === null
      ? t('noDay')
      : a.spareDays > 0
        ? t('daysToSpare', { n: a.spareDays })
        : a.spareDays === 0
          ? t('nothingToSpare')
          : t('comesTooLate', { n: -a.spareDays })
  const state = {
    ordered: arrival.supplierName,
    'building work': t('buildingWork'),
    open: t('notChosen'),
    chosen: arrival.on === null ? '' : t('ifOrderedToday'),
  }[arrival.state]
  const last = lastOrder(a)
  return [
    arrival.on === null ? '' : bare(arrival.on),
    state,
    arrival.state === 'open' ? '' : spare,
    last ? t('orderBy', { day: bare(last.orderBy) }) : '',
  ]
    .filter(Boolean)
    .join(', ')
}
/** The words stand beside both marks, at the side that has more room, and wrap there. */
const wordsAt = (a: PlannedArrival) => {
  const marks = [comesAt(a), orderAt(a)].filter((at) => at !== undefined)
  const [first, last] = [Math.min(100, ...marks), Math.max(0, ...marks)]
  return first > 100 - last
    ? { marginRight: `calc(${100 - first}% + 16px)`, textAlign: 'right' as const }
    : { marginLeft: `calc(${last}% + 12px)` }
}
</script>

<template>
  <ul class="arrivals">
    <li v-for="a in install.arrivals" :key="a.arrival.key" class="row">
      <b class="name">{{ a.arrival.name }}</b>
      <span class="track">
        <i
          v-if="orderAt(a) !== undefined"
          class="order"
          aria-hidden="true"
          :style="{ left: `${orderAt(a)}%` }"
          >{{ '◀' }}</i
        >
        <i
          v-if="comesAt(a) !== undefined"
          aria-hidden="true"
          class="comes"
          :style="{ left: `${comesAt(a)}%` }"
          >{{ a.arrival.state === 'ordered' ? '▼' : '▽' }}</i
        >
        <span class="words" :style="wordsAt(a)"
          ><span>{{ told(a) }}</span></span
        >
      </span>
    </li>
  </ul>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: var(--names) minmax(0, 1fr);
  min-height: 22px;
  position: relative;
}
.name {
  padding: 2px 8px 2px 10px;
  line-height: 1.25;
}
.track {
  position: relative;
}
i {
  position: absolute;
  top: 1px;
  font-style: normal;
  transform: translateX(-50%);
  line-height: 1.3;
}
.words {
  display: block;
  padding: 2px 0;
  font-size: 13px;
  color: var(--ink-2);
}
/* A line of the ground would run through the letters. */
.words span {
  background: var(--ground);
  box-decoration-break: clone;
  padding: 0 2px;
}
.order {
  transform: translateX(-100%);
  font-size: 12px;
  top: 3px;
}
</style>
