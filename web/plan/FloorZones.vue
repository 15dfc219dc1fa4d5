<script setup lang="ts">
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { cautionZones } from '@bonitas/core/stages/plan/zones'

/** Where someone can be hurt by what stands or hangs there, over the plan. */
const props = defineProps<{ facts: PlanFacts; px: number }>()
const zones = computed(() => cautionZones(props.facts))
const path = (points: readonly { x: number; y: number }[]) =>
  `M${points.map((p) => `${p.x} ${p.y}`).join('L')}Z`
/** Its name stands at its lower edge, clear of the piece. */
const foot = (points: readonly { x: number; y: number }[]) => {
  const { low, high } = props.facts.room
  const y = Math.min(high.y, Math.max(...points.map((p) => p.y)))
  const x = points.reduce((sum, p) => sum + Math.min(high.x, Math.max(low.x, p.x)), 0) / points.length
  return { x, y }
}
</script>

<template>
  <g class="zones">
    <clipPath id="room-of-zones"><path :d="path(facts.room.corners)" /></clipPath>
    <g v-for="z in zones" :key="z.id" clip-path="url(#room-of-zones)">
      <path class="halo" :d="path(z.outline)" :stroke-width="4 * px" />
      <path
        :d="path(z.outline)"
        :stroke-width="1.6 * px"
        :stroke-dasharray="`${7 * px} ${3 * px} ${1 * px} ${3 * px}`"
      />
      <text :x="foot(z.outline).x" :y="foot(z.outline).y - 5 * px" :font-size="13 * px" text-anchor="middle">
        {{ z.name }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.zones {
  pointer-events: none;
}
path {
  fill: none;
  stroke: var(--ink);
}
path.halo {
  stroke: #fff;
  stroke-opacity: 0.8;
}
text {
  fill: var(--ink);
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 0.25em;
  font-stretch: 75%;
}
</style>
