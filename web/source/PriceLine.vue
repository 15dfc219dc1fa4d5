<script setup lang="ts">
import { ElButton } from 'element-plus'
import { scaleLinear, scaleTime } from 'd3'
import { computed } from 'vue'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import { priceHistory } from '@bonitas/core/stages/source/priceHistory'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** What became of a price: the days it was seen, its steps, and what was noticed. */
const props = defineProps<{ option: DerivedOption }>()
const store = useJobStore()
const { money } = useLocale()
const history = computed(() =>
  priceHistory(
    (store.snapshot?.priceObservations ?? []).filter((s) => s.optionId === props.option.option.id),
    {
      priceMinor: props.option.option.priceMinor,
      stock: props.option.option.stock ?? null,
      on: store.day,
      watchMinor: props.option.option.watchMinor ?? null,
    },
  ),
)
/** Keeps today's price before it is changed, so that the next one has something to be held against. */
function note(): void {
  const { id, priceMinor, stock } = props.option.option
  store.add('priceObservations', { optionId: id, on: store.day, priceMinor, stock: stock ?? null, where: '' })
}
const path = computed(() => {
  const { points } = history.value
  const [first, last] = [points[0], points.at(-1)]
  if (!first || !last || points.length < 2) return undefined
  const x = scaleTime()
    .domain([new Date(first.on), new Date(last.on)])
    .range([4, 316])
  const most = Math.max(...points.map((p) => p.priceMinor))
  const y = scaleLinear().domain([0, most]).range([44, 6])
  return points
    .map(
      (p, i) =>
        `${i === 0 ? 'M' : 'H'}${x(new Date(p.on))}${i === 0 ? ` ${y(p.priceMinor)}` : `V${y(p.priceMinor)}`}`,
    )
    .join('')
})
</script>

<template>
  <div>
    <svg
      v-if="path"
      viewBox="0 0 320 48"
      role="img"
      :aria-label="history.points.map((p) => `${p.on} ${money(p.priceMinor)}`).join(', ')"
    >
      <line x1="4" x2="316" y1="44" y2="44" />
      <path :d="path" />
    </svg>
    <ul class="second">
      <li v-for="(e, i) in history.events" :key="i">
        {{ e.on }}: {{ e.kind
        }}<template v-if="'toMinor' in e"> from {{ money(e.fromMinor) }} to {{ money(e.toMinor) }}</template>
      </li>
      <li v-if="history.markdowns > 0">
        {{ history.offPercent.toFixed(1) }} % below the first price seen; a comparison, not money left
      </li>
    </ul>
    <ElButton link @click="note">Note today's price and stock</ElButton>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 340px;
}
line {
  stroke: var(--rule-2);
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
