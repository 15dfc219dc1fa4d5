<script setup lang="ts">
import { computed } from 'vue'
import { extended, type Standing } from '@bonitas/core/stages/plan/standing'
import { useLocale } from '../form/useLocale.js'
import { inkOn } from './usePlan.js'
import { t } from './words.js'

const { drawn } = useLocale()

/** One piece from above, in the color it wears, its front told by its shape. */
const props = defineProps<{
  standing: Standing
  hex: string
  px: number
  chosen?: boolean
  also?: boolean
  /** Words of what is wrong where it stands. */
  stop?: string
  /** Where it is being moved to, while it is. */
  at?: { readonly xMm: number; readonly yMm: number; readonly turnDeg: number } | undefined
  parked?: boolean
  open?: boolean
  /** A picture of a piece, not one to be chosen. */
  inert?: boolean
  /** The one of the drawing that Tab stops at. */
  tabStop?: boolean
}>()
const ROUND = new Set(['plant', 'lamp'])
const s = computed(() => props.standing)
const place = computed(() => props.at ?? { xMm: s.value.box.x, yMm: s.value.box.y, turnDeg: s.value.turnDeg })
const w = computed(() => s.value.widthMm)
const d = computed(() => s.value.depthMm)
const ink = computed(() => inkOn(props.hex))
const round = computed(() => ROUND.has(s.value.kind) && Math.abs(w.value - d.value) < 60)
const openDepth = computed(() => (extended(s.value) ? 2 * (extended(s.value)?.halfD ?? 0) : 0))
/** Lines that tell the front: a back rest, a keyboard, pillows, drawers. */
const marks = computed(() => {
  const [hw, hd] = [w.value / 2, d.value / 2]
  const back = Math.min(220, d.value * 0.24)
  switch (s.value.kind) {
    case 'sofa':
    case 'sofa bed':
    case 'armchair': {
      const arm = Math.min(180, w.value * 0.14)
      return `M${-hw + arm} ${hd}V${-hd + back}H${hw - arm}V${hd}`
    }
    case 'chair':
      return `M${-hw} ${-hd + back}H${hw}`
    case 'bed':
    case 'cot':
      return `M${-hw + 60} ${-hd + 60}h${w.value / 2 - 90}v${Math.min(380, d.value * 0.2)}h${-(w.value / 2 - 90)}zM30 ${-hd + 60}h${w.value / 2 - 90}v${Math.min(380, d.value * 0.2)}h${-(w.value / 2 - 90)}z`
    case 'piano':
      return `M${-hw + 40} ${hd - 150}H${hw - 40}`
    case 'wardrobe':
    case 'cabinet':
    case 'chest of drawers':
      return `M0 ${hd}V${hd - 60}M${-hw} ${hd - 60}H${hw}`
    case 'shelves':
      return `M${-hw} ${-hd + 30}H${hw}`
    default:
      return ''
  }
})
const upright = computed(() => {
  // Lettering is read from below or from the right, whatever way the piece is turned.
  const along = w.value >= d.value ? 0 : 90
  const seen = (((place.value.turnDeg + along) % 360) + 360) % 360
  return seen > 90.5 && seen < 270.5 ? along + 180 : along
})
const room = computed(() => Math.max(w.value, d.value) / props.px - 8)
const fontPx = computed(() =>
  Math.max(10, Math.min(14, room.value / Math.max(4, s.value.name.length * 0.52))),
)
/** As many whole words of its name as there is room for. */
const label = computed(() => {
  const most = Math.floor(room.value / (fontPx.value * 0.5))
  const words = s.value.name.split(' ')
  while (words.length > 1 && words.join(' ').length > most) words.pop()
  const text = words.join(' ').replace(/,$/, '')
  return text.length <= most ? text : ''
})
/** What lies under others is named at its edge. */
const labelY = computed(() => (s.value.kind === 'rug' ? Math.min(w.value, d.value) / 2 - 11 * props.px : 0))
const cross = computed(() => Math.min(w.value, d.value) / props.px)
const says = computed(() =>
  t('nameWByDAt', {
    name: s.value.name,
    w: drawn(w.value),
    d: drawn(d.value),
    xMm: drawn(Math.round(place.value.xMm)),
    yMm: drawn(Math.round(place.value.yMm)),
    turnDeg: Math.round(place.value.turnDeg),
    stop: props.stop ? `. ${props.stop}` : '',
  }),
)
</script>

<template>
  <g
    class="piece"
    :class="{ chosen, also, stop: !!stop, parked, rug: s.kind === 'rug' }"
    :transform="`translate(${place.xMm} ${place.yMm}) rotate(${place.turnDeg})`"
    :tabindex="inert ? undefined : tabStop ? 0 : -1"
    :role="inert ? undefined : 'button'"
    :aria-label="inert ? undefined : says"
    :aria-pressed="inert ? undefined : chosen ? 'true' : 'false'"
    :data-stand="inert ? undefined : s.id"
  >
    <rect
      v-if="open && openDepth"
      :x="-w / 2"
      :y="-d / 2"
      :width="w"
      :height="openDepth"
      class="letout"
      :stroke-width="1.2 * px"
      :stroke-dasharray="`${6 * px} ${4 * px}`"
    />
    <ellipse
      v-if="round"
      :rx="w / 2"
      :ry="d / 2"
      :fill="hex"
      class="body"
      :stroke-width="(chosen ? 2.6 : 1.1) * px"
    />
    <rect
      v-else
      :x="-w / 2"
      :y="-d / 2"
      :width="w"
      :height="d"
      :fill="hex"
      class="body"
      :stroke-width="(chosen ? 2.6 : 1.1) * px"
    />
    <path v-if="marks" :d="marks" fill="none" :stroke="ink" :stroke-width="px" />
    <text
      v-if="label && cross > 13"
      :font-size="fontPx * px"
      :fill="ink"
      :transform="`rotate(${upright})`"
      :y="labelY"
      >{{ label }}</text
    >
    <rect
      v-if="chosen"
      class="halo"
      :x="-w / 2 - 4 * px"
      :y="-d / 2 - 4 * px"
      :width="w + 8 * px"
      :height="d + 8 * px"
      :stroke-width="1.2 * px"
    />
    <title>{{ s.name }} · {{ drawn(w) }} × {{ drawn(d) }} × {{ drawn(s.heightMm) }}</title>
  </g>
</template>

<style scoped>
.piece {
  cursor: grab;
  outline: none;
}
.body {
  stroke: var(--ink);
}
.piece.rug .body {
  stroke-opacity: 0.65;
}
.piece.parked {
  opacity: 0.45;
}
.piece.stop .body {
  stroke: var(--stop);
}
.halo {
  fill: none;
  stroke: var(--ink);
}
.piece.also .body {
  stroke-dasharray: 60 40;
}
.piece:focus-visible .body {
  stroke-width: 34;
}
.letout {
  fill: #ffffff;
  fill-opacity: 0.45;
  stroke: var(--ink);
}
text {
  text-anchor: middle;
  dominant-baseline: central;
  font-weight: 550;
  pointer-events: none;
}
</style>
