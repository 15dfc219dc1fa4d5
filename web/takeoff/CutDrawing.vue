<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, useId } from 'vue'
import { doorName } from '@bonitas/core/stages/takeoff/floor/floorPlan'
import type { DrawnPart, Drawing, MarkedPoint } from '@bonitas/core/stages/takeoff/trade'
import type { DrawingFormat } from '../plan/planDownload.js'
import type { Point } from '@bonitas/core/kernel/geometry/polygon'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** A wall with its drops, a roll with its cuts, a floor with its boards: to scale, the fill says what becomes of each part. */
const props = defineProps<{ drawing: Drawing }>()
const { says } = useLocale()
const save = async (format: DrawingFormat) =>
  (await import('./cutDownload.js')).downloadCuts(props.drawing, says.value, format)
const id = useId()

// Drawn this wide at the most, and a strip at least so high that its figures can be read.
const WIDEST = 600
const HIGHEST = 260
const LEAST = 34
const MARGIN = { left: 62, top: 8, right: 8 }
const foot = computed(() => (props.drawing.spans ? 42 : 26))

const across = computed(() => Math.min(WIDEST / props.drawing.widthMm, HIGHEST / props.drawing.heightMm))
/** A strip of molding is too thin to read at its own scale: it is drawn higher, which its name says. */
const up = computed(() => Math.max(across.value, LEAST / props.drawing.heightMm))
const wide = computed(() => props.drawing.widthMm * across.value)
const high = computed(() => props.drawing.heightMm * up.value)
const place = (p: DrawnPart) => ({
  x: MARGIN.left + p.xMm * across.value,
  y: MARGIN.top + p.yMm * up.value,
  width: Math.max(0, p.widthMm * across.value),
  height: Math.max(0, p.heightMm * up.value),
})
const parts = computed(() => props.drawing.parts.filter((p) => p.widthMm > 0.5 && p.heightMm > 0.5))
const labeled = computed(() =>
  parts.value.filter(
    (p) => p.label !== '' && p.widthMm * across.value > 7 * p.label.length + 4 && p.heightMm * up.value > 12,
  ),
)
/** The number of a tall part stands near its top, where no window hides it. */
const labelY = (p: DrawnPart) => {
  const { y, height } = place(p)
  return height > 60 ? y + 18 : y + height / 2 + 4
}
/** A cross whose middle is the point. */
const crossAt = (p: MarkedPoint) => {
  const [x, y] = [MARGIN.left + p.xMm * across.value, MARGIN.top + p.yMm * up.value]
  return `M${x - 5} ${y}H${x + 5}M${x} ${y - 5}V${y + 5}`
}
/** The name of a door stands so many pixels from it. */
const DOOR_NAME = 14
const at = ({ x, y }: Point) => ({ x: MARGIN.left + x * across.value, y: MARGIN.top + y * up.value })
/** The edge of what is laid: its own outline, or the sheet. */
const edge = computed(() => {
  const { widthMm: x, heightMm: y, outline } = props.drawing
  const points = outline ?? [
    { x: 0, y: 0 },
    { x, y: 0 },
    { x, y },
    { x: 0, y },
  ]
  return points
    .map(at)
    .map((p) => `${p.x},${p.y}`)
    .join(' ')
})
const doors = computed(() =>
  (props.drawing.doors ?? []).map((door) => {
    const name = doorName(props.drawing, door, DOOR_NAME / across.value)
    return { ...door, a: at(door.from), b: at(door.to), middle: at(name.at), turn: name.isUpright ? -90 : 0 }
  }),
)
const says1 = computed(() => says.value.drawn(props.drawing.widthMm))
</script>

<template>
  <figure>
    <figcaption>
      <b>{{ drawing.name }}</b><span v-if="drawing.times > 1" class="second times">
        {{ t('cutSo', { times: drawing.times }) }}</span
      >
      <ElButton link :aria-label="t('drawingAs', { name: drawing.name, kind: 'SVG' })" @click="save('svg')"
        >SVG</ElButton
      >
      <ElButton link :aria-label="t('drawingAs', { name: drawing.name, kind: 'DXF' })" @click="save('dxf')"
        >DXF</ElButton
      >
    </figcaption>
    <svg
      :width="wide + MARGIN.left + MARGIN.right"
      :height="high + MARGIN.top + foot"
      role="img"
      :aria-labelledby="id"
    >
      <title :id="id">
        {{
          t('drawingOf', {
            name: drawing.name,
            parts: parts.length,
            wide: says1,
            high: says.drawn(drawing.heightMm),
          })
        }}
      </title>
      <defs>
        <pattern :id="`${id}-over`" width="6" height="6" patternUnits="userSpaceOnUse">
          <path d="M0 6 L6 0" stroke="#1a1a1a" stroke-width="0.8" />
        </pattern>
        <pattern :id="`${id}-lost`" width="5" height="5" patternUnits="userSpaceOnUse">
          <circle cx="1.5" cy="1.5" r="0.8" fill="#1a1a1a" />
        </pattern>
      </defs>
      <template v-if="drawing.outline">
        <!-- What is cut away beyond the edge of the floor is lost. -->
        <template v-for="(p, i) in parts" :key="`beyond${i}`">
          <rect v-bind="place(p)" class="used" />
          <rect v-bind="place(p)" :style="{ fill: `url(#${id}-lost)` }" class="plain" />
        </template>
        <polygon :points="edge" class="floor" />
      </template>
      <g v-for="(p, i) in parts" :key="i">
        <rect v-bind="place(p)" :class="drawing.outline && p.use === 'used' ? 'whole' : p.use" />
        <rect
          v-if="p.use === 'spare'"
          v-bind="place(p)"
          :style="{ fill: `url(#${id}-over)` }"
          class="plain"
        />
        <rect v-if="p.use === 'lost'" v-bind="place(p)" :style="{ fill: `url(#${id}-lost)` }" class="plain" />
      </g>
      <polygon :points="edge" class="edge" />
      <template v-for="d in doors" :key="d.name">
        <line :x1="d.a.x" :y1="d.a.y" :x2="d.b.x" :y2="d.b.y" class="door" />
        <text
          class="label"
          :transform="`translate(${d.middle.x} ${d.middle.y}) rotate(${d.turn}) translate(0 4)`"
        >
          {{ d.name }}
        </text>
      </template>
      <text
        v-for="(p, i) in labeled"
        :key="`t${i}`"
        :x="place(p).x + place(p).width / 2"
        :y="labelY(p)"
        class="label"
      >
        {{ p.label }}
      </text>
      <g v-for="(p, i) in drawing.points ?? []" :key="`p${i}`" class="point">
        <path :d="crossAt(p)" />
        <text v-if="p.label !== ''" :x="MARGIN.left + p.xMm * across + 10" :y="MARGIN.top + p.yMm * up + 16">
          {{ p.label }}
        </text>
      </g>
      <template v-for="(s, i) in drawing.spans ?? []" :key="`s${i}`">
        <path
          v-if="i > 0"
          :d="`M${MARGIN.left + s.fromMm * across} ${MARGIN.top - 6}V${MARGIN.top + high + 6}`"
          class="corner"
        />
        <text :x="MARGIN.left + ((s.fromMm + s.toMm) / 2) * across" :y="MARGIN.top + high + 34" class="size">
          {{ s.name }}
        </text>
      </template>
      <text :x="MARGIN.left + wide / 2" :y="MARGIN.top + high + 18" class="size">{{ says1 }}</text>
      <text :x="MARGIN.left - 8" :y="MARGIN.top + high / 2 + 4" class="size high">
        {{ drawing.strip ? '' : says.drawn(drawing.heightMm) }}
      </text>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.times {
  margin-left: 6px;
}
svg {
  display: block;
  max-width: 100%;
}
rect {
  stroke: var(--ink);
  stroke-width: 0.8;
  fill: #fff;
}
rect.plain {
  stroke: none;
}
rect.used {
  fill: #fff;
}
rect.whole {
  fill: none;
}
.floor {
  fill: #fff;
}
rect.spare {
  fill: var(--panel);
}
rect.opening {
  fill: #9a9a9a;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.door {
  stroke: var(--ink);
  stroke-width: 5;
}
.point path {
  stroke: var(--ink);
  stroke-width: 1.6;
}
.point text {
  font-weight: 650;
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 3px;
}
.corner {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 6 3;
}
text {
  font-size: 12px;
  text-anchor: middle;
}
.label {
  font-weight: 650;
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 3px;
}
.size.high {
  text-anchor: end;
}
</style>
