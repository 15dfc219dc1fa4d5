<script setup lang="ts">
import { computed } from 'vue'
import { labToHex, type LabD65 } from '@bonitas/core/kernel/color/lab'
import type { Mark, PlanDrawing } from '@bonitas/core/stages/measure/planDrawing'

/** The room from above, with its dimensions as on a drawing. Pointing at a wall or its figure chooses the wall. */
const props = defineProps<{
  drawing: PlanDrawing
  floor?: LabD65 | undefined
  label: string
  chosen?: string | undefined
}>()
const emit = defineEmits<{ choose: [wallId: string] }>()
const box = computed(() => {
  const { low, high } = props.drawing
  return `${low.x} ${low.y} ${high.x - low.x} ${high.y - low.y}`
})
const pt = (p: { x: number; y: number }) => `${p.x} ${p.y}`
const path = (m: Mark & { kind: 'outline' }) => `M${m.points.map(pt).join('L')}${m.closed ? 'Z' : ''}`
const outlines = (layer: string) =>
  props.drawing.marks.filter(
    (m): m is Mark & { kind: 'outline' } => m.kind === 'outline' && m.layer === layer,
  )
const lines = (layer: string) =>
  props.drawing.marks.filter((m): m is Mark & { kind: 'line' } => m.kind === 'line' && m.layer === layer)
const texts = computed(() =>
  props.drawing.marks.filter((m): m is Mark & { kind: 'text' } => m.kind === 'text'),
)
const arcs = computed(() => props.drawing.marks.filter((m): m is Mark & { kind: 'arc' } => m.kind === 'arc'))
/** Inner and outer outline of a closed room as one shape with a hole; quads of an open one. */
const walls = computed(() => {
  const all = outlines('WALL').filter((m) => m.closed)
  return all.length === 2 && props.drawing.marks.some((m) => m.layer === 'FLOOR')
    ? [all.map(path).join('')]
    : all.map(path)
})
const unit = computed(() => props.drawing.textMm)
const north = computed(() => {
  const { high, low, upDeg, textMm } = props.drawing
  return upDeg === undefined
    ? undefined
    : { x: high.x - textMm * 0.9, y: low.y + textMm * 1.6, deg: -upDeg, r: textMm }
})
</script>

<template>
  <svg class="plan" :viewBox="box" role="img" :aria-label="label">
    <path
      v-for="(m, i) in outlines('FLOOR')"
      :key="i"
      :d="path(m)"
      :fill="floor ? labToHex(floor) : '#f7f7f7'"
    />
    <path v-for="(d, i) in walls" :key="`w${i}`" :d="d" fill="var(--ink)" fill-rule="evenodd" />
    <line
      v-for="(m, i) in lines('CEILING')"
      :key="`c${i}`"
      :x1="m.from.x"
      :y1="m.from.y"
      :x2="m.to.x"
      :y2="m.to.y"
      class="thin"
      stroke-dasharray="90 60"
      :stroke-width="unit / 12"
    />
    <path
      v-for="(m, i) in outlines('FIXTURE')"
      :key="`f${i}`"
      :d="path(m)"
      class="thin"
      fill="var(--ground)"
      :stroke-width="unit / 12"
    />
    <line
      v-for="(m, i) in lines('FIXTURE')"
      :key="`fl${i}`"
      :x1="m.from.x"
      :y1="m.from.y"
      :x2="m.to.x"
      :y2="m.to.y"
      class="thin"
      :stroke-width="unit / 10"
    />
    <path
      v-for="(m, i) in [...outlines('DOOR'), ...outlines('WINDOW')]"
      :key="`o${i}`"
      :d="path(m)"
      fill="var(--paper)"
      stroke="var(--ink)"
      :stroke-width="unit / 14"
    />
    <line
      v-for="(m, i) in [...lines('DOOR'), ...lines('WINDOW')]"
      :key="`d${i}`"
      :x1="m.from.x"
      :y1="m.from.y"
      :x2="m.to.x"
      :y2="m.to.y"
      class="thin"
      :stroke-width="unit / 9"
    />
    <path
      v-for="(m, i) in arcs"
      :key="`a${i}`"
      :d="`M${pt(m.from)}A${m.radius} ${m.radius} 0 0 ${m.clockwise ? 1 : 0} ${pt(m.to)}`"
      fill="none"
      class="thin"
      stroke-dasharray="40 30"
      :stroke-width="unit / 12"
    />
    <line
      v-for="(m, i) in lines('DIMENSION')"
      :key="`m${i}`"
      :x1="m.from.x"
      :y1="m.from.y"
      :x2="m.to.x"
      :y2="m.to.y"
      class="thin"
      :stroke-width="unit / 18"
    />
    <line
      v-for="(m, i) in lines('GAP')"
      :key="`g${i}`"
      :x1="m.from.x"
      :y1="m.from.y"
      :x2="m.to.x"
      :y2="m.to.y"
      class="gap"
      :stroke-width="unit / 3"
    />
    <circle
      v-for="(m, i) in lines('GAP')"
      :key="`gc${i}`"
      :cx="(m.from.x + m.to.x) / 2"
      :cy="(m.from.y + m.to.y) / 2"
      :r="unit * 1.5"
      class="gap"
      fill="none"
      :stroke-width="unit / 9"
    />
    <text
      v-for="(m, i) in texts"
      :key="`t${i}`"
      :x="m.at.x"
      :y="m.at.y"
      :font-size="m.sizeMm"
      :class="[m.layer.toLowerCase(), { chosen: m.id !== undefined && m.id === chosen }]"
      :transform="`rotate(${m.angleDeg} ${m.at.x} ${m.at.y})`"
      @click="m.id && emit('choose', m.id)"
    >
      {{ m.text }}
    </text>
    <g v-if="north" :transform="`translate(${north.x} ${north.y}) rotate(${north.deg})`">
      <path
        :d="`M0 ${north.r} L0 ${-north.r} M${-north.r * 0.35} ${-north.r * 0.4} L0 ${-north.r} L${north.r * 0.35} ${-north.r * 0.4}`"
        fill="none"
        class="thin"
        :stroke-width="unit / 9"
      />
      <text
        :y="-north.r * 1.5"
        :font-size="unit * 0.9"
        :transform="`rotate(${-north.deg} 0 ${-north.r * 1.5})`"
      >
        N
      </text>
    </g>
  </svg>
</template>

<style scoped>
.plan {
  width: 100%;
  height: 100%;
  max-height: 100%;
  display: block;
}
.thin {
  stroke: var(--ink);
}
.gap {
  stroke: var(--stop);
}
text {
  fill: var(--ink);
  stroke: none;
  font-stretch: 75%;
  font-weight: 600;
  text-anchor: middle;
  dominant-baseline: central;
}
text.dimension {
  cursor: pointer;
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 0.25em;
}
/* Wall numbers lie on the client's floor, whatever its color: a pale halo keeps them legible. */
text.name,
text.ceiling {
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 0.3em;
  stroke-linejoin: round;
}
text.chosen {
  text-decoration: underline;
  font-weight: 800;
}
</style>
