<script setup lang="ts">
// What is drawn over the pieces: the sight line, the way to the chosen piece, the floor it needs and its distances.
import { computed } from 'vue'
import type { LiveCheck } from '@bonitas/core/stages/plan/liveCheck'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import type { Guide } from '@bonitas/core/stages/plan/snap'
import type { Walkway } from '@bonitas/core/stages/plan/walkways'
import { useLocale } from '../form/useLocale.js'
import FloorZones from './FloorZones.vue'
import { zonesShown } from './zonesShown.js'
import { t } from './words.js'

const { drawn } = useLocale()

const props = defineProps<{
  facts: PlanFacts
  check: LiveCheck | undefined
  walk: Walkway | undefined
  guides: readonly Guide[]
  /** Millimeters of the room a pixel stands for. */
  px: number
}>()

/** Where the words of the sight line stand: near the door, read from below or from the right. */
const sightLabel = computed(() => {
  const line = props.facts.sight
  if (!line) return { x: 0, y: 0, deg: 0 }
  const [dx, dy] = [line.to.x - line.from.x, line.to.y - line.from.y]
  const deg = (Math.atan2(dy, dx) * 180) / Math.PI
  return {
    x: line.from.x + dx * 0.3,
    y: line.from.y + dy * 0.3,
    deg: deg > 90.5 ? deg - 180 : deg < -90.5 ? deg + 180 : deg,
  }
})
const dims = computed(() => props.check?.gaps ?? [])
const dimText = (g: { from: { x: number; y: number }; to: { x: number; y: number } }) => {
  const across = Math.abs(g.to.x - g.from.x) >= Math.abs(g.to.y - g.from.y)
  const [mx, my] = [(g.from.x + g.to.x) / 2, (g.from.y + g.to.y) / 2]
  return across
    ? { x: mx, y: my - 8 * props.px, anchor: 'middle' }
    : { x: mx + 6 * props.px, y: my, anchor: 'start' }
}
</script>

<template>
  <g>
    <FloorZones v-if="zonesShown" :facts="facts" :px="px" />
    <path
      v-if="walk && walk.path.length > 1"
      class="walk"
      :d="`M${walk.path.map((p) => `${p.x} ${p.y}`).join('L')}`"
      :stroke-width="1.4 * px"
      :stroke-dasharray="`${2 * px} ${5 * px}`"
    />
    <path
      v-for="(z, i) in check?.zones ?? []"
      :key="`z${i}`"
      class="zone"
      :class="{ tight: z.tight }"
      :d="`M${z.points.map((p) => `${p.x} ${p.y}`).join('L')}Z`"
      :stroke-width="px"
      :stroke-dasharray="`${3 * px} ${3 * px}`"
    />
    <g v-if="facts.sight" class="sight">
      <path
        :d="`M${facts.sight.from.x} ${facts.sight.from.y}L${facts.sight.to.x} ${facts.sight.to.y}`"
        :stroke-width="px"
        :stroke-dasharray="`${8 * px} ${3 * px} ${2 * px} ${3 * px}`"
      />
      <text
        :font-size="13 * px"
        :stroke-width="3 * px"
        :transform="`translate(${sightLabel.x} ${sightLabel.y}) rotate(${sightLabel.deg})`"
        :y="-7 * px"
      >
        {{ t('sightLineFromTheDoor') }}
      </text>
    </g>
    <path
      v-for="(g, i) in guides"
      :key="`g${i}`"
      class="guide"
      :d="`M${g.from.x} ${g.from.y}L${g.to.x} ${g.to.y}`"
      :stroke-width="px"
    />
    <g v-for="(g, i) in dims" :key="`d${i}`" class="dim" :class="{ tight: g.tight }">
      <path :d="`M${g.from.x} ${g.from.y}L${g.to.x} ${g.to.y}`" :stroke-width="px" />
      <circle :cx="g.from.x" :cy="g.from.y" :r="2 * px" />
      <circle :cx="g.to.x" :cy="g.to.y" :r="2 * px" />
      <text
        :x="dimText(g).x"
        :y="dimText(g).y"
        :text-anchor="dimText(g).anchor"
        :font-size="13 * px"
        :stroke-width="4 * px"
      >
        {{ drawn(g.mm) }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.sight path {
  stroke: var(--ink);
  fill: none;
  pointer-events: none;
}
.sight text {
  text-anchor: middle;
  font-stretch: 75%;
  fill: var(--ink);
  stroke: var(--paper);
  paint-order: stroke;
  pointer-events: none;
}
.walk {
  fill: none;
  stroke: var(--ink);
  pointer-events: none;
}
.zone {
  fill: none;
  stroke: var(--ink);
  pointer-events: none;
}
.zone.tight {
  stroke: var(--stop);
}
.guide {
  stroke: var(--ink);
  stroke-dasharray: 30 30;
  pointer-events: none;
}
.dim {
  pointer-events: none;
}
.dim path {
  stroke: var(--ink);
}
.dim circle {
  fill: var(--ink);
}
.dim text {
  font-stretch: 75%;
  font-weight: 650;
  fill: var(--ink);
  stroke: var(--paper);
  paint-order: stroke;
  dominant-baseline: central;
}
.dim.tight path {
  stroke: var(--stop);
}
.dim.tight circle,
.dim.tight text {
  fill: var(--stop);
}
</style>
