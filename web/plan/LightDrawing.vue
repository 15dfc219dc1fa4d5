<script setup lang="ts">
import { computed, ref } from 'vue'
import type { LightGrid, Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useLocale } from '../form/useLocale.js'
import SavePicture from '../chart/SavePicture.vue'
import FloorGround from './FloorGround.vue'
import { grayOf } from './lightSteps.js'
import { t } from './words.js'

const { drawn, light, measured } = useLocale()

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
const view = computed(() => {
  const { low, high } = props.facts.room
  return { x: low.x - 430, y: low.y - 400, w: high.x - low.x + 620, h: high.y - low.y + 590 }
})
const px = computed(() => Math.max(view.value.w / 650, view.value.h / 470))

/** A figure that a lamp would cover is left out: the lamp is there, and its light is read beside it. */
const figures = computed(() => {
  const { nx, stepX, stepY } = props.grid
  const clear = (c: { readonly x: number; readonly y: number }) =>
    props.lamps.every(({ at }) => Math.hypot(c.x + stepX / 2 - at.x, c.y + stepY / 2 - at.y) > 22 * px.value)
  return cells.value.filter((c) => (c.i % nx) % 4 === 2 && Math.floor(c.i / nx) % 4 === 2 && clear(c))
})

/** The cell that is read: pointed at, or walked to with the arrow keys. */
const at = ref<number>()
const drawing = ref<SVGSVGElement>()
const read = computed(() => cells.value.find((c) => c.i === at.value))
const words = computed(() => {
  const c = read.value
  if (!c) return t('pointOrWalkTheLight')
  const { low } = props.facts.room
  return t('lightHere', {
    lux: light(c.lux),
    right: measured(c.x + props.grid.stepX / 2 - low.x),
    down: measured(c.y + props.grid.stepY / 2 - low.y),
  })
})
function point(event: PointerEvent): void {
  const matrix = drawing.value?.getScreenCTM()
  if (!matrix) return
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  const g = props.grid
  const [column, row] = [Math.floor((p.x - g.low.x) / g.stepX), Math.floor((p.y - g.low.y) / g.stepY)]
  at.value = column >= 0 && column < g.nx && row >= 0 ? row * g.nx + column : undefined
}
function walk(event: KeyboardEvent): void {
  const { nx } = props.grid
  const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -nx, ArrowDown: nx }[event.key]
  if (by === undefined) return
  event.preventDefault()
  const to = (at.value ?? cells.value[Math.floor(cells.value.length / 2)]?.i ?? 0) + by
  // Past the walls there is no light to read.
  if (cells.value.some((c) => c.i === to)) at.value = to
}

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
  <figure class="light-drawing">
    <figcaption>
      <span role="status">{{ words }}</span>
      <SavePicture :name="t('lightOfThePlan')" :drawing="drawing" />
    </figcaption>
    <div
      class="reading"
      role="group"
      tabindex="0"
      :aria-label="t('lightOfThePlan')"
      @keydown="walk"
      @pointermove="point"
      @pointerleave="at = undefined"
    >
      <svg
        ref="drawing"
        :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
        role="img"
        :aria-label="
          t('lightOnPlaneMmMeanLuxLux', {
            planeMm: grid.planeMm ? t('aTable') : t('theFloor'),
            meanLux: Math.round(grid.meanLux),
            leastLux: Math.round(grid.leastLux),
            mostLux: Math.round(grid.mostLux),
          })
        "
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
          <title>
            {{ t('nameLumensLmAtHeightMm', { name: l.name, lumens: l.lumens, heightMm: drawn(l.heightMm) }) }}
          </title>
        </g>
        <rect
          v-if="read"
          class="read"
          :x="read.x"
          :y="read.y"
          :width="grid.stepX"
          :height="grid.stepY"
          :stroke-width="2 * px"
        />
      </svg>
    </div>
  </figure>
</template>

<style scoped>
.light-drawing {
  flex: 1;
  min-height: 300px;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 16px;
  font-size: 13px;
}
.reading {
  flex: 1;
  min-height: 0;
  display: flex;
}
svg {
  flex: 1;
  min-height: 0;
  width: 100%;
}
.read {
  fill: none;
  stroke: var(--stop);
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
