<script setup lang="ts">
import { computed, ref } from 'vue'
import { beforeWall } from '@bonitas/core/stages/plan/elevation'
import type { Hung, PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { frameSizes } from '@bonitas/core/stages/plan/walls/framing'
import { useLocale } from '../form/useLocale.js'
import { inkOn } from './usePlan.js'
import { useHangRoving } from './useRoving.js'
import type { Box } from './useZoom.js'
import WallFace from './WallFace.vue'
import { t } from './words.js'

const { drawn } = useLocale()

/** One wall as one stands before it: what is fixed to it, what stands before it, what hangs on it. */
const props = defineProps<{
  facts: PlanFacts
  wallId: string
  upper: string
  lower: string
  lowerMm: number
  skirtingMm: number
  hexOf: (finishId: string | null) => string
  chosen: string | undefined
  stops: ReadonlyMap<string, string>
  live: { readonly id: string; readonly xMm: number; readonly centerMm: number } | undefined
  /** The part that is on screen, and the millimeters of a pixel. */
  view: Box
  px: number
}>()
const emit = defineEmits<{
  choose: [id: string, also: boolean]
  move: [id: string, xMm: number, centerMm: number]
  settle: []
}>()
const svg = ref<SVGSVGElement>()
const wall = computed(() => props.facts.room.walls.find((w) => w.id === props.wallId))
const H = computed(() => props.facts.room.heightMm ?? 2_500)
const W = computed(() => wall.value?.lengthMm ?? 1_000)
const y = (mm: number) => -mm
const before = computed(() => (wall.value ? beforeWall(wall.value, props.facts.standings) : []))
const wallPlacements = computed(() => props.facts.wallPlacements.filter((h) => h.wallId === props.wallId))
const at = (h: Hung) =>
  props.live?.id === h.id ? { x: props.live.xMm, c: props.live.centerMm } : { x: h.xMm, c: h.centerMm }
/** Mat and picture inside the frame, when they are known. */
const inside = (h: Hung) => {
  if (!h.frame) return undefined
  const s = frameSizes(h.frame)
  return { seen: s.seen, window: s.window, matted: h.frame.borderMm > 0 }
}
/** All that hangs is one stop of Tab, read from the top and the left. */
const roving = useHangRoving(svg, wallPlacements, () => props.chosen)
defineExpose({ step: roving.step })
const says = (h: Hung) =>
  t('nameWidthMmByHeightMmMiddle', {
    name: h.name,
    widthMm: drawn(Math.round(h.widthMm)),
    heightMm: drawn(Math.round(h.heightMm)),
    xMm: drawn(h.xMm),
    centerMm: drawn(h.centerMm),
    id: props.stops.get(h.id) ? `. ${props.stops.get(h.id) ?? ''}` : '',
  })

let grab: { id: string; dx: number; dy: number; sx: number; sy: number; began: boolean } | undefined
function point(event: PointerEvent) {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix) return undefined
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  return { x: p.x, mm: -p.y }
}
function down(event: PointerEvent): void {
  const id = (event.target as Element).closest<SVGGElement>('[data-hang]')?.dataset.hang
  if (!id) return
  emit('choose', id, event.shiftKey)
  const [p, h] = [point(event), wallPlacements.value.find((x) => x.id === id)]
  if (!p || !h || event.shiftKey) return
  grab = { id, dx: h.xMm - p.x, dy: h.centerMm - p.mm, sx: event.clientX, sy: event.clientY, began: false }
  svg.value?.setPointerCapture(event.pointerId)
}
function move(event: PointerEvent): void {
  if (!grab) return
  if (!grab.began && Math.hypot(event.clientX - grab.sx, event.clientY - grab.sy) < 3) return
  grab.began = true
  const p = point(event)
  if (!p) return
  let [x, c] = [Math.round(p.x + grab.dx), Math.round(p.mm + grab.dy)]
  if (!event.altKey) {
    if (Math.abs(c - props.facts.eyeLineMm) < 40) c = props.facts.eyeLineMm
    const middles = [W.value / 2, ...before.value.map((b) => (b.leftMm + b.rightMm) / 2)]
    const near = middles.find((m) => Math.abs(m - x) < 40)
    if (near !== undefined) x = Math.round(near)
  }
  emit('move', grab.id, x, c)
}
function up(): void {
  if (grab?.began) emit('settle')
  grab = undefined
}
</script>

<template>
  <svg
    v-if="wall"
    ref="svg"
    :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
    role="group"
    :aria-label="t('nameElevation', { name: wall.name })"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @focusin="roving.focused"
  >
    <WallFace
      :facts="facts"
      :wall-id="wallId"
      :height-mm="H"
      :width-mm="W"
      :upper="upper"
      :lower="lower"
      :lower-mm="lowerMm"
      :skirting-mm="skirtingMm"
      :before="before"
      :hex-of="hexOf"
      :px="px"
    />
    <g class="eye">
      <path
        :d="`M0 ${y(facts.eyeLineMm)}H${W}`"
        :stroke-width="px"
        :stroke-dasharray="`${6 * px} ${4 * px}`"
      />
      <text
        class="end"
        :x="W - 6 * px"
        :y="y(facts.eyeLineMm) - 9 * px"
        :font-size="13 * px"
        :fill="inkOn(upper)"
      >
        {{ t('eyeLineEyeLineMm', { eyeLineMm: drawn(facts.eyeLineMm) }) }}
      </text>
    </g>
    <g
      v-for="h in wallPlacements"
      :key="h.id"
      class="hang"
      :class="{ chosen: h.id === chosen, stop: stops.has(h.id) }"
      :tabindex="h.id === roving.stop.value ? 0 : -1"
      role="button"
      :aria-label="says(h)"
      :aria-pressed="h.id === chosen ? 'true' : 'false'"
      :data-hang="h.id"
      :transform="`translate(${at(h).x} ${y(at(h).c)}) rotate(${h.row.turnDeg})`"
    >
      <rect
        class="body"
        :x="-h.widthMm / 2"
        :y="-h.heightMm / 2"
        :width="h.widthMm"
        :height="h.heightMm"
        :fill="hexOf(h.piece.finishId)"
        :stroke-width="(h.id === chosen ? 2.4 : 1.1) * px"
      />
      <template v-if="inside(h)">
        <rect
          :x="-(inside(h)?.seen[0] ?? 0) / 2"
          :y="-(inside(h)?.seen[1] ?? 0) / 2"
          :width="inside(h)?.seen[0]"
          :height="inside(h)?.seen[1]"
          fill="var(--paper)"
        />
        <rect
          :x="-(inside(h)?.window[0] ?? 0) / 2"
          :y="-(inside(h)?.window[1] ?? 0) / 2"
          :width="inside(h)?.window[0]"
          :height="inside(h)?.window[1]"
          fill="#c9c9c9"
        />
      </template>
      <title>{{ says(h) }}</title>
      <g
        v-for="(n, i) in h.nails"
        :key="i"
        class="nail"
        :transform="`translate(${n.xMm - h.xMm} ${h.centerMm - n.heightMm})`"
      >
        <path :d="`M${-5 * px} 0H${5 * px}M0 ${-5 * px}V${5 * px}`" :stroke-width="1.4 * px" />
      </g>
    </g>
    <g v-for="h in wallPlacements" :key="`n${h.id}`" class="leader">
      <template v-if="live?.id !== h.id">
        <template v-for="(n, i) in h.nails" :key="i">
          <path :d="`M${n.xMm} ${y(n.heightMm) - 6 * px}V${y(H) - 8 * px}`" :stroke-width="0.7 * px" />
          <text :x="n.xMm" :y="y(H) - 16 * px" :font-size="13 * px">{{ drawn(Math.round(n.xMm)) }}</text>
        </template>
      </template>
    </g>
    <text class="note" x="0" :y="y(H) - 34 * px" :font-size="13 * px">{{ t('nailsFromTheLeftCorner') }}</text>
    <g class="height">
      <path
        :d="`M${-14 * px} ${y(H)}V0M${-20 * px} ${y(H)}h${12 * px}M${-20 * px} 0h${12 * px}`"
        :stroke-width="px"
      />
      <text :transform="`translate(${-26 * px} ${y(H / 2)}) rotate(-90)`" :font-size="13 * px">
        {{ drawn(H) }}
      </text>
      <path :d="`M0 ${16 * px}H${W}M0 ${10 * px}v${12 * px}M${W} ${10 * px}v${12 * px}`" :stroke-width="px" />
      <text :x="W / 2" :y="30 * px" :font-size="13 * px">{{ drawn(Math.round(W)) }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  user-select: none;
}
text {
  text-anchor: middle;
  dominant-baseline: central;
  font-stretch: 80%;
}
.eye path {
  stroke: var(--ink);
  fill: none;
}
text.end {
  text-anchor: end;
}
text.note {
  text-anchor: start;
}
.hang {
  cursor: grab;
  outline: none;
}
.hang .body {
  stroke: var(--ink);
}
.hang.stop .body {
  stroke: var(--stop);
}
.hang:focus-visible .body {
  stroke-width: 30;
}
.nail path,
.height path {
  stroke: var(--ink);
  fill: none;
}
.leader path {
  stroke: #6a6a6a;
}
</style>
