<script setup lang="ts">
import { line, curveStepAfter, scaleLinear } from 'd3'
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import type { CurvePoint } from '@bonitas/core/stages/source/choosing'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import type { SetsResult } from './sets.worker.js'
import { useSets } from './useSets.js'

/** What the next euro buys: the best set at every total, and where the present choices stand. */
const props = withDefaults(defineProps<{ height?: number }>(), { height: 118 })
const store = useJobStore()
const { money } = useLocale()
const { task, choosingNow, run } = useSets()
const found = shallowRef<SetsResult>()
/** There is nothing to choose among. */
const bare = computed(() =>
  (store.derived?.items ?? []).every(
    (i) => i.state === 'ordered' || i.state === 'delivered' || i.options.length === 0,
  ),
)
const budget = shallowRef(0)
const trouble = shallowRef(false)
const POINTS = 24

let timer: ReturnType<typeof setTimeout> | undefined
function search(): void {
  const now = choosingNow()
  if (!now || bare.value) {
    found.value = undefined
    return
  }
  budget.value = now.budgetMinor
  // The curve tells no reasons: they stay here.
  const items = now.items.map((i) => ({ ...i, options: i.options.map((o) => ({ ...o, reasons: [] })) }))
  run({ kind: 'curve', choosing: { ...now, items }, points: POINTS })
    .then((result) => {
      if (result) found.value = result
    })
    .catch(() => (trouble.value = true))
}
// A row of edits is one question: the curve waits for the last of them, and for the page to be drawn.
watch(
  () => store.derived,
  () => {
    clearTimeout(timer)
    timer = setTimeout(search, 250)
  },
  { immediate: true },
)
onBeforeUnmount(() => clearTimeout(timer))

const W = 700
const PAD = { left: 34, right: 12, top: 12, bottom: 20 }
const view = computed(() => {
  const { curve, now, most } = found.value ?? {}
  const points = (curve ?? []).filter((p) => p.set.feasible)
  if (!now || !most || points.length === 0) return undefined
  const share = (value: number) => (100 * value) / most
  const end = Math.max(points.at(-1)?.budgetMinor ?? 0, budget.value, now.costMinor, 1)
  const x = scaleLinear()
    .domain([0, end])
    .range([PAD.left, W - PAD.right])
  const low = Math.max(0, Math.min(share(now.value), ...points.map((p) => share(p.set.value))) - 6)
  const y = scaleLinear()
    .domain([low, 100])
    .range([props.height - PAD.bottom, PAD.top])
    .nice(4)
  const unit = 10 ** currencyDigits(store.snapshot?.studio.currency ?? 'EUR')
  const path = line<CurvePoint>()
    .x((p) => x(p.budgetMinor))
    .y((p) => y(share(p.set.value)))
    .curve(curveStepAfter)(points)
  const atNow = [...points].reverse().find((p) => p.budgetMinor <= now.costMinor)
  const better = atNow && atNow.set.value > now.value ? atNow : undefined
  return {
    path,
    now: { x: x(Math.min(now.costMinor, end)), y: y(share(now.value)), share: Math.round(share(now.value)) },
    best: atNow ? Math.round(share(atNow.set.value)) : undefined,
    better: better && {
      swaps: better.set.changes.length,
      gain: Math.round(share(better.set.value - now.value)),
    },
    limit: x(Math.max(0, Math.min(budget.value, end))),
    xs: x
      .ticks(8)
      .map((t) => ({ at: x(t), text: t >= 1000 * unit ? `${t / unit / 1000}k` : String(t / unit) })),
    ys: y.ticks(3).map((t) => ({ at: y(t), text: String(t) })),
  }
})
const limitText = computed(() => money(Math.max(0, budget.value)))
</script>

<template>
  <section class="next-euro" aria-label="What the next euro buys">
    <header>
      <p>
        <b>What the next euro buys</b>
        <span class="second"
          >best set at every total; what clashes, comes late or is struck out left out</span
        >
      </p>
      <p v-if="view" class="second">
        chosen {{ view.now.share
        }}<template v-if="view.best !== undefined">
          · best at this total {{ Math.max(view.best, view.now.share) }}</template
        >
        ·
        <RouterLink :to="`/jobs/${store.snapshot?.brief.id}/source/best-set`">the best set</RouterLink>
      </p>
    </header>
    <p v-if="trouble" class="second">The search ended with a fault. Nothing was changed.</p>
    <p v-else-if="bare" class="second">
      Give open items some options with prices: the curve then says what each further amount would better.
    </p>
    <p v-else-if="found && !view" class="second">
      No set can be chosen: what may not wait has no option that fits. Give it one, or say that it may wait.
    </p>
    <!-- As high as the curve that takes its place, so that nothing moves when it comes. -->
    <p v-else-if="!view" class="second" :style="{ aspectRatio: `${W} / ${height}` }">
      {{ task.done.value === undefined ? '' : `Searching, ${Math.round(100 * task.done.value)} %` }}
    </p>
    <svg
      v-else
      :viewBox="`0 0 ${W} ${height}`"
      role="img"
      :aria-label="`Chosen now ${view.now.share} of 100, best at this total ${view.best ?? view.now.share} of 100`"
    >
      <line v-for="t in view.ys" :key="t.text" :x1="34" :x2="W - 12" :y1="t.at" :y2="t.at" class="grid" />
      <text v-for="t in view.ys" :key="`y${t.text}`" x="28" :y="t.at + 4" text-anchor="end">
        {{ t.text }}
      </text>
      <line x1="34" :x2="W - 12" :y1="height - 20" :y2="height - 20" class="base" />
      <text v-for="t in view.xs" :key="`x${t.text}`" :x="t.at" :y="height - 6" text-anchor="middle">
        {{ t.text }}
      </text>
      <line :x1="view.limit" :x2="view.limit" y1="4" :y2="height - 20" class="limit" />
      <text
        :x="view.limit + (view.limit > 200 ? -4 : 4)"
        y="13"
        :text-anchor="view.limit > 200 ? 'end' : 'start'"
      >
        may be spent {{ limitText }}
      </text>
      <path :d="view.path ?? ''" class="steps" />
      <circle :cx="view.now.x" :cy="view.now.y" r="5" />
      <text
        :x="view.now.x + (view.now.x > 430 ? -9 : 9)"
        :y="view.now.y + (view.now.y > height - 40 ? -9 : 14)"
        :text-anchor="view.now.x > 430 ? 'end' : 'start'"
      >
        {{
          view.better
            ? `now: ${view.better.swaps} ${view.better.swaps === 1 ? 'change gains' : 'changes gain'} ${view.better.gain} for no more money`
            : 'now: nothing better at this total'
        }}
      </text>
    </svg>
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  white-space: nowrap;
}
header p {
  overflow: hidden;
  text-overflow: ellipsis;
}
header p:last-child {
  flex: none;
}
svg {
  display: block;
  width: 100%;
}
text {
  font-size: 11px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
.grid {
  stroke: var(--panel);
}
.base {
  stroke: var(--ink);
}
.limit {
  stroke: var(--ink);
  stroke-dasharray: 2 2;
}
.steps {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
</style>
