<script setup lang="ts">
import { computed } from 'vue'
import type { LightGrid, Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import FloorGround from './FloorGround.vue'
import { grayOf } from './lightSteps.js'
import { useLocale } from '../form/useLocale.js'

const { drawn } = useLocale()

/** The light of a room on one level plane: gray by its steps, in figures about every 0.8 m. */
const props = defineProps<{ facts: PlanFacts; grid: LightGrid; lamps: readonly Luminaire[] }>()

const cells = computed(() => {
  const g = props.grid
  return Array.from(g.lux, (lux, i) => ({
    lux,
    x: g.low.x + (i % g.nx) * g.stepX,
    y: g.low.y + Math.floor(i / g.nx) * g.stepY,
    i,
  })).filter((c) => !Number.isNaN(c.lux))
})
const figures = computed(() => {
  const { nx } = props.grid
  return cells.value.filter((c) => (c.i % nx) % 4 === 2 && Math.floor(c.i / nx) % 4 === 2)
})
const view = computed(() => {
  const { low, high } = props.facts.room
  return { x: low.x - 430, y: low.y - 400, w: high.x - low.x + 620, h: high.y - low.y + 590 }
})
const px = computed(() => Math.max(view.value.w / 650, view.value.h / 470))

const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const
function outlineOf({ box }: PlanFacts['standings'][number]): string {
  const corners = CORNERS.map(([a, b]) => {
    const [w, d] = [a * box.halfW, b * box.halfD]
    return `${box.x + w * box.ux - d * box.uy} ${box.y + w * box.uy + d * box.ux}`
  })
  return `M${corners.join('L')}Z`
}
</script>

<template>
  <svg
    :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
    role="img"
    :aria-label="`Light on ${grid.planeMm ? 'a table' : 'the floor'}: ${Math.round(grid.meanLux)} lux in the mean, ${Math.round(grid.leastLux)} at the least, ${Math.round(grid.mostLux)} at the most`"
  >
    <FloorGround :room="facts.room" floor="#f7f7f7" :px="px" />
    <rect
      v-for="c in cells"
      :key="c.i"
      :x="c.x"
      :y="c.y"
      :width="grid.stepX + 1"
      :height="grid.stepY + 1"
      shape-rendering="crispEdges"
      :fill="grayOf(c.lux)"
    />
    <path
      v-for="s in facts.standings"
      :key="s.id"
      class="outline"
      :d="outlineOf(s)"
      :stroke-width="px * 0.8"
    />
    <text
      v-for="c in figures"
      :key="`t${c.i}`"
      :x="c.x + grid.stepX / 2"
      :y="c.y + grid.stepY / 2"
      :font-size="13 * px"
      :fill="c.lux < 100 ? '#fff' : '#1a1a1a'"
    >
      {{ Math.round(c.lux) }}
    </text>
    <g v-for="l in lamps" :key="l.id" :transform="`translate(${l.at.x} ${l.at.y})`">
      <circle :r="8 * px" fill="var(--paper)" stroke="var(--ink)" :stroke-width="1.5 * px" />
      <path
        :d="`M${-5 * px} ${-5 * px}L${5 * px} ${5 * px}M${-5 * px} ${5 * px}L${5 * px} ${-5 * px}`"
        stroke="var(--ink)"
        :stroke-width="1.5 * px"
      />
      <title>{{ l.name }}, {{ l.lumens }} lm at {{ drawn(l.heightMm) }}</title>
    </g>
  </svg>
</template>

<style scoped>
svg {
  flex: 1;
  min-height: 300px;
  width: 100%;
}
svg text {
  text-anchor: middle;
  dominant-baseline: central;
  font-stretch: 75%;
  font-weight: 600;
}
.outline {
  fill: none;
  stroke: var(--ink);
  stroke-opacity: 0.6;
}
</style>
