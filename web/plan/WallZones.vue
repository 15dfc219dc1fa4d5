<script setup lang="ts">
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { cautionZones } from '@bonitas/core/stages/plan/zones'

/** The zones that reach up one wall. */
const props = defineProps<{ facts: PlanFacts; wallId: string; px: number }>()
const zones = computed(() =>
  cautionZones(props.facts).flatMap((z) =>
    z.onWalls.filter((w) => w.wallId === props.wallId).map((w) => ({ ...w, id: z.id, name: z.name })),
  ),
)
</script>

<template>
  <g class="zones">
    <g v-for="(z, i) in zones" :key="z.id">
      <rect
        :x="z.leftMm"
        :y="-z.topMm"
        :width="z.rightMm - z.leftMm"
        :height="z.topMm"
        :stroke-width="1.4 * px"
        :stroke-dasharray="`${7 * px} ${3 * px} ${1 * px} ${3 * px}`"
      />
      <text
        :x="z.leftMm + 6 * px"
        :y="-z.topMm + (16 + 17 * i) * px"
        :font-size="13 * px"
        text-anchor="start"
      >
        {{ z.name }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.zones {
  pointer-events: none;
}
rect {
  fill: none;
  stroke: var(--ink);
}
text {
  text-anchor: start;
  fill: var(--ink);
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 0.25em;
  font-stretch: 75%;
}
</style>
