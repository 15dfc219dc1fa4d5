<script setup lang="ts">
import { computed } from 'vue'
import type { Point } from '@bonitas/core/kernel/geometry/polygon'
import type { PlanRoom } from '@bonitas/core/stages/plan/planRoom'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { drawn, system } = useLocale()

/** The room under the pieces: floor, walls, openings, fixtures, and rulers at its upper and left edge. */
const props = defineProps<{ room: PlanRoom; floor: string; px: number }>()
const WALL = 90
const path = (points: readonly Point[]) => `M${points.map((p) => `${p.x} ${p.y}`).join('L')}Z`
const openings = computed(() =>
  props.room.openings.flatMap((o) => {
    const wall = props.room.walls.find((w) => w.id === o.wallId)
    if (!wall) return []
    const out = (p: Point, by: number) => ({ x: p.x - wall.into.x * by, y: p.y - wall.into.y * by })
    const [a, b] = o.ends
    const foot = o.hinge === 'left' ? a : b
    const tip = { x: foot.x + wall.into.x * o.widthMm, y: foot.y + wall.into.y * o.widthMm }
    const shut = o.hinge === 'left' ? b : a
    const swings = o.swept.length > 0
    const cross = (tip.x - foot.x) * (shut.y - foot.y) - (tip.y - foot.y) * (shut.x - foot.x)
    return [
      {
        ...o,
        box: path([a, b, out(b, WALL), out(a, WALL)]),
        pane: o.kind === 'window' ? [out(a, WALL / 2), out(b, WALL / 2)] : undefined,
        leaf: swings ? `M${foot.x} ${foot.y}L${tip.x} ${tip.y}` : undefined,
        swing: swings
          ? `M${tip.x} ${tip.y}A${o.widthMm} ${o.widthMm} 0 0 ${cross > 0 ? 1 : 0} ${shut.x} ${shut.y}`
          : undefined,
      },
    ]
  }),
)
const outer = computed(() => {
  const { walls } = props.room
  return walls.map((w, i) => {
    const before = walls[(i + walls.length - 1) % walls.length] ?? w
    const turn = before.dir.x * w.dir.y - before.dir.y * w.dir.x
    const a = { x: w.from.x - before.into.x * WALL, y: w.from.y - before.into.y * WALL }
    const b = { x: w.from.x - w.into.x * WALL, y: w.from.y - w.into.y * WALL }
    if (Math.abs(turn) < 1e-6) return b
    const along = ((b.x - a.x) * w.dir.y - (b.y - a.y) * w.dir.x) / turn
    return { x: a.x + before.dir.x * along, y: a.y + before.dir.y * along }
  })
})
/** How the ruler is parted: ticks, long ones and figures each so many ticks. Meters by tenths, or feet by quarters. */
const RULERS = {
  metric: { step: 100, figure: 10, long: 5, unit: ' m' },
  imperial: { step: 76.2, figure: 4, long: 2, unit: ' ft' },
} as const
const ruler = computed(() => RULERS[system.value])
const ticks = (from: number, to: number) =>
  Array.from({ length: Math.floor((to - from) / ruler.value.step) + 1 }, (_, i) => ({
    at: from + i * ruler.value.step,
    n: i,
  }))
const across = computed(() => ticks(props.room.low.x, props.room.high.x))
const down = computed(() => ticks(props.room.low.y, props.room.high.y))
const size = (n: number) =>
  (n % ruler.value.figure === 0 ? 11 : n % ruler.value.long === 0 ? 7 : 4) * props.px
</script>

<template>
  <g class="ground">
    <path :d="`${path(outer)} ${path(room.corners)}`" fill="var(--ink)" fill-rule="evenodd" />
    <path :d="path(room.corners)" :fill="floor" />
    <template v-for="o in openings" :key="o.id">
      <path :d="o.box" fill="var(--paper)" stroke="var(--ink)" :stroke-width="px" />
      <path
        v-if="o.pane"
        :d="`M${o.pane[0]?.x} ${o.pane[0]?.y}L${o.pane[1]?.x} ${o.pane[1]?.y}`"
        class="line"
        :stroke-width="px"
      />
      <path v-if="o.leaf" :d="o.leaf" class="line" :stroke-width="1.5 * px" />
      <path
        v-if="o.swing"
        :d="o.swing"
        class="line"
        :stroke-width="px"
        :stroke-dasharray="`${4 * px} ${3 * px}`"
      />
    </template>
    <template v-for="f in room.fixtures" :key="f.id">
      <g
        v-if="f.kind === 'ceiling point'"
        :transform="`translate(${f.box.x} ${f.box.y})`"
        class="line"
        :stroke-width="px"
      >
        <path :d="`M${-7 * px} 0H${7 * px}M0 ${-7 * px}V${7 * px}`" />
        <circle :r="4 * px" fill="none" />
      </g>
      <g v-else-if="f.depthMm <= 40" :transform="`translate(${f.box.x} ${f.box.y})`">
        <rect
          :x="-4 * px"
          :y="-4 * px"
          :width="8 * px"
          :height="8 * px"
          fill="var(--paper)"
          stroke="var(--ink)"
          :stroke-width="px"
        >
          <title>{{ f.name || f.kind }}</title>
        </rect>
      </g>
      <rect
        v-else
        :x="-f.box.halfW"
        :y="-f.box.halfD"
        :width="2 * f.box.halfW"
        :height="2 * f.box.halfD"
        :transform="`translate(${f.box.x} ${f.box.y}) rotate(${(Math.atan2(f.box.uy, f.box.ux) * 180) / Math.PI})`"
        fill="var(--ground)"
        stroke="var(--ink)"
        :stroke-width="px"
      >
        <title>{{ f.name || f.kind }}</title>
      </rect>
    </template>
    <g class="ruler" aria-hidden="true">
      <template v-for="tick in across" :key="`x${tick.n}`">
        <path :d="`M${tick.at} ${room.low.y - WALL - 8 * px}v${-size(tick.n)}`" :stroke-width="px" />
        <text
          v-if="tick.n % ruler.figure === 0"
          :x="tick.at + 3 * px"
          :y="room.low.y - WALL - 16 * px"
          :font-size="13 * px"
          >{{ tick.n / ruler.figure }}{{ ruler.unit }}</text
        >
      </template>
      <template v-for="tick in down" :key="`y${tick.n}`">
        <path :d="`M${room.low.x - WALL - 8 * px} ${tick.at}h${-size(tick.n)}`" :stroke-width="px" />
        <text
          v-if="tick.n % ruler.figure === 0 && tick.n > 0"
          class="end"
          :x="room.low.x - WALL - 22 * px"
          :y="tick.at + 4.5 * px"
          :font-size="13 * px"
          >{{ tick.n / ruler.figure }}</text
        >
      </template>
      <title>
        {{
          t('xByY', {
            x: drawn(Math.round(room.high.x - room.low.x)),
            y: drawn(Math.round(room.high.y - room.low.y)),
          })
        }}
      </title>
    </g>
  </g>
</template>

<style scoped>
.line {
  fill: none;
  stroke: var(--ink);
}
.ruler path {
  stroke: var(--ink-2);
}
.ruler text {
  fill: var(--ink-2);
  font-stretch: 75%;
}
.ruler text.end {
  text-anchor: end;
}
</style>
