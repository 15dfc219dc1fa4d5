<script setup lang="ts">
import { curveStepAfter, line, scaleLinear, scaleTime, timeFormat } from 'd3'
import { computed } from 'vue'
import { burn, type BurnPoint } from '@bonitas/core/stages/ledger/burn'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { addDays } from '@bonitas/core/kernel/units/days'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** The budget used up over time: bound by orders, paid, and where both stand against install day and the budget. */
const store = useJobStore()
const { money } = useLocale()
const W = 700
const H = 190
const PAD = { left: 44, right: 14, top: 16, bottom: 22 }
const date = (iso: string) => new Date(`${iso}T00:00:00Z`)

const view = computed(() => {
  const job = store.snapshot
  const position = store.derived?.position
  if (!job || !position) return undefined
  const points = burn(job.entries)
  const first = points[0]
  const last = points.at(-1)
  if (!first || !last) return undefined
  const end =
    [job.brief.installOn, job.brief.revealOn, store.day, last.on]
      .filter((d): d is string => !!d)
      .sort()
      .at(-1) ?? store.day
  const x = scaleTime()
    .domain([date(addDays(first.on, -2)), date(addDays(end, 3))])
    .range([PAD.left, W - PAD.right])
  const top = Math.max(position.agreedMinor, last.boundMinor, position.forecastMinor, 1)
  const y = scaleLinear()
    .domain([0, top])
    .range([H - PAD.bottom, PAD.top])
    .nice(4)
  const now: BurnPoint = { ...last, on: store.day > last.on ? store.day : last.on }
  const path = (of: (p: BurnPoint) => number) =>
    line<BurnPoint>()
      .x((p) => x(date(p.on)))
      .y((p) => y(of(p)))
      .curve(curveStepAfter)([
      { ...first, boundMinor: 0, paidMinor: 0, on: addDays(first.on, -2) },
      ...points,
      now,
    ]) ?? ''
  const unit = 10 ** currencyDigits(job.studio.currency)
  const mark = (on: string | null | undefined, text: string) => (on ? [{ x: x(date(on)), text }] : [])
  return {
    bound: path((p) => p.boundMinor),
    paid: path((p) => p.paidMinor),
    boundAt: { x: x(date(now.on)), y: y(last.boundMinor), text: money(last.boundMinor) },
    paidAt: { x: x(date(now.on)), y: y(last.paidMinor), text: money(last.paidMinor) },
    agreedY: y(position.agreedMinor),
    forecast: { y: y(position.forecastMinor), text: money(position.forecastMinor) },
    ys: y
      .ticks(4)
      .map((t) => ({ at: y(t), text: t >= 1000 * unit ? `${t / unit / 1000}k` : String(t / unit) })),
    xs: x.ticks(6).map((t) => ({ at: x(t), text: timeFormat('%-d %b')(t) })),
    marks: [...mark(store.day, 'today'), ...mark(job.brief.installOn, 'install')],
  }
})
</script>

<template>
  <p v-if="!view" class="second">
    Once something is ordered, this shows how the budget is used up against the days.
  </p>
  <svg
    v-else
    :viewBox="`0 0 ${W} ${H}`"
    role="img"
    :aria-label="`Bound by orders ${view.boundAt.text}, paid ${view.paidAt.text}, forecast ${view.forecast.text}`"
  >
    <line
      v-for="t in view.ys"
      :key="t.text"
      :x1="PAD.left"
      :x2="W - PAD.right"
      :y1="t.at"
      :y2="t.at"
      class="grid"
    />
    <text v-for="t in view.ys" :key="`y${t.text}`" :x="PAD.left - 6" :y="t.at + 4" text-anchor="end">
      {{ t.text }}
    </text>
    <text v-for="t in view.xs" :key="`x${t.text}`" :x="t.at" :y="H - 6" text-anchor="middle">
      {{ t.text }}
    </text>
    <line :x1="PAD.left" :x2="W - PAD.right" :y1="view.agreedY" :y2="view.agreedY" class="agreed" />
    <text :x="PAD.left + 4" :y="view.agreedY - 4">agreed budget</text>
    <line :x1="PAD.left" :x2="W - PAD.right" :y1="view.forecast.y" :y2="view.forecast.y" class="forecast" />
    <text :x="W - PAD.right" :y="view.forecast.y + 12" text-anchor="end">
      forecast {{ view.forecast.text }}
    </text>
    <g v-for="m in view.marks" :key="m.text">
      <line :x1="m.x" :x2="m.x" :y1="PAD.top" :y2="H - PAD.bottom" class="mark" />
      <text :x="m.x + 4" :y="H - PAD.bottom - 4">{{ m.text }}</text>
    </g>
    <path :d="view.bound" class="bound" />
    <path :d="view.paid" class="paid" />
    <text :x="view.boundAt.x + 6" :y="view.boundAt.y - 4">ordered {{ view.boundAt.text }}</text>
    <text :x="view.paidAt.x + 6" :y="view.paidAt.y + 13">paid {{ view.paidAt.text }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 230px;
}
text {
  font-size: 11px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 3px;
}
.grid {
  stroke: var(--rule);
}
.agreed {
  stroke: var(--ink);
  stroke-width: 1.6;
}
.forecast {
  stroke: var(--ink);
  stroke-dasharray: 6 3;
}
.mark {
  stroke: var(--ink-2);
  stroke-dasharray: 2 3;
}
.bound,
.paid {
  fill: none;
  stroke: var(--ink);
}
.bound {
  stroke-dasharray: 3 2;
  stroke-width: 1.6;
}
.paid {
  stroke-width: 2.6;
}
</style>
