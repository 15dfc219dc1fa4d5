<script setup lang="ts">
import { computed } from 'vue'
import { labToHex, type LabD65 } from '@bonitas/core/color/lab'
import { lengthText, mmText, type UnitSystem } from '@bonitas/core/units/length'
import type { PlanView } from './planView.js'

/** The room from above, with its dimensions as on a drawing. */
const props = defineProps<{ view: PlanView; system: UnitSystem; floor: LabD65 | undefined }>()
const WALL = 110
const EDGE = 760
const box = computed(
  () => `${-EDGE} ${-EDGE} ${props.view.lengthMm + 2 * EDGE} ${props.view.widthMm + 2 * EDGE}`,
)
// Text keeps its size on screen: in room units it grows with the room.
const size = computed(() => (props.view.lengthMm + 2 * EDGE) / 44)
const text = (mm: number) => (props.system === 'metric' ? mmText(mm) : lengthText(mm, 'imperial'))
/** The opening drawn in the thickness of its wall, outside the room. */
function inWall(o: PlanView['openings'][number]) {
  const half = WALL / 2
  const dx = o.x1 === o.x2 ? (o.x1 === 0 ? -half : half) : 0
  const dy = o.y1 === o.y2 ? (o.y1 === 0 ? -half : half) : 0
  return { x1: o.x1 + dx, x2: o.x2 + dx, y1: o.y1 + dy, y2: o.y2 + dy }
}
const middle = (a: number, b: number) => (a + b) / 2
</script>

<template>
  <svg
    class="plan"
    :viewBox="box"
    role="img"
    :aria-label="`Plan of the room, ${text(view.lengthMm)} by ${text(view.widthMm)}`"
  >
    <rect
      :x="-WALL"
      :y="-WALL"
      :width="view.lengthMm + 2 * WALL"
      :height="view.widthMm + 2 * WALL"
      fill="#1a1a1a"
    />
    <rect
      x="0"
      y="0"
      :width="view.lengthMm"
      :height="view.widthMm"
      :fill="floor ? labToHex(floor) : '#f7f7f7'"
    />
    <g v-for="o in view.openings" :key="o.id">
      <line v-bind="inWall(o)" stroke="#dedede" :stroke-width="WALL + 4" />
      <template v-if="o.kind === 'window'">
        <line v-bind="inWall(o)" stroke="#1a1a1a" :stroke-width="WALL" />
        <line v-bind="inWall(o)" stroke="#f7f7f7" :stroke-width="WALL - 26" />
        <line v-bind="inWall(o)" stroke="#1a1a1a" stroke-width="14" />
      </template>
      <g v-if="o.swing" fill="none" stroke="#1a1a1a" stroke-width="14">
        <line
          :x1="o.swing.leaf.x1"
          :y1="o.swing.leaf.y1"
          :x2="o.swing.leaf.x2"
          :y2="o.swing.leaf.y2"
          stroke-width="28"
        />
        <path :d="o.swing.arc" stroke-dasharray="40 30" />
      </g>
    </g>
    <g v-for="d in view.dimensions" :key="d.key" stroke="#1a1a1a" stroke-width="9">
      <line :x1="d.x1" :y1="d.y1" :x2="d.x2" :y2="d.y2" />
      <template v-if="d.vertical">
        <line :x1="d.x1 - 50" :x2="d.x1 + 50" :y1="d.y1" :y2="d.y1" />
        <line :x1="d.x1 - 50" :x2="d.x1 + 50" :y1="d.y2" :y2="d.y2" />
        <text
          :x="d.x1 - size * 0.45"
          :y="middle(d.y1, d.y2)"
          :font-size="size"
          text-anchor="middle"
          :transform="`rotate(-90 ${d.x1 - size * 0.45} ${middle(d.y1, d.y2)})`"
        >
          {{ text(d.mm) }}
        </text>
      </template>
      <template v-else>
        <line :x1="d.x1" :x2="d.x1" :y1="d.y1 - 50" :y2="d.y1 + 50" />
        <line :x1="d.x2" :x2="d.x2" :y1="d.y1 - 50" :y2="d.y1 + 50" />
        <text
          :x="middle(d.x1, d.x2)"
          :y="d.y1 < 0 ? d.y1 - size * 0.45 : d.y1 + size * 1.2"
          :font-size="size"
          text-anchor="middle"
        >
          {{ text(d.mm) }}
        </text>
      </template>
    </g>
    <g
      :transform="`translate(${view.lengthMm + EDGE * 0.62} ${-EDGE * 0.45})`"
      stroke="#1a1a1a"
      fill="#1a1a1a"
    >
      <path d="M 0 180 L 0 -160 M -60 -60 L 0 -170 L 60 -60" fill="none" stroke-width="18" />
      <text :font-size="size" x="0" :y="180 + size" text-anchor="middle" stroke="none">N</text>
    </g>
  </svg>
</template>

<style scoped>
.plan {
  width: 100%;
  height: 100%;
  max-height: 440px;
}
text {
  fill: var(--ink);
  stroke: none;
  font-stretch: 75%;
  font-weight: 600;
}
</style>
