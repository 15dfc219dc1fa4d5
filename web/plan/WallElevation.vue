<script setup lang="ts">
import { computed, ref } from 'vue'
import { beforeWall } from '@bonitas/core/stages/plan/elevation'
import type { BeforeWall, Hung, PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { avoidedOn } from '@bonitas/core/stages/plan/rules/frames'
import { frameSizes } from '@bonitas/core/stages/plan/walls/framing'
import { laySetOut } from '@bonitas/core/stages/plan/walls/setOut'
import { mmText } from '@bonitas/core/kernel/units/length'
import { inkOn } from './usePlan.js'

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
const PX = { w: 690, h: 400 }
const px = computed(() => Math.max((W.value + 560) / PX.w, (H.value + 720) / PX.h))
const box = computed(() => `-420 ${-H.value - 400} ${W.value + 560} ${H.value + 720}`)
const y = (mm: number) => -mm
const before = computed(() => (wall.value ? beforeWall(wall.value, props.facts.standings) : []))
const wallPlacements = computed(() => props.facts.wallPlacements.filter((h) => h.wallId === props.wallId))
const openings = computed(() => props.facts.room.openings.filter((o) => o.wallId === props.wallId))
const fixtures = computed(() =>
  props.facts.room.fixtures.filter((f) => f.wallId === props.wallId && f.kind !== 'ceiling point'),
)
const panelLayouts = computed(() =>
  props.facts.panelLayouts
    .filter((s) => s.wallId === props.wallId)
    .map((s) => ({ s, laid: laySetOut(s, avoidedOn(props.facts, props.wallId)) })),
)
const at = (h: Hung) =>
  props.live?.id === h.id ? { x: props.live.xMm, c: props.live.centerMm } : { x: h.xMm, c: h.centerMm }
/** Mat and picture inside the frame, when they are known. */
const inside = (h: Hung) => {
  if (!h.frame) return undefined
  const s = frameSizes(h.frame)
  return { seen: s.seen, window: s.window, matted: h.frame.borderMm > 0 }
}
const says = (h: Hung) =>
  `${h.name}, ${mmText(Math.round(h.widthMm))} by ${mmText(Math.round(h.heightMm))}, middle ${mmText(h.xMm)} from the left and ${mmText(h.centerMm)} above the floor${props.stops.get(h.id) ? `. ${props.stops.get(h.id) ?? ''}` : ''}`

/** A piece from the front: a lamp as foot, pole and shade, a plant as its pot and crown, anything else as its box. */
function shapeOf(b: BeforeWall): string {
  const [l, r, t, f] = [b.leftMm, b.rightMm, y(b.topMm), y(b.standing.raisedMm)]
  const [m, w, h] = [(l + r) / 2, r - l, f - t]
  if (b.standing.kind === 'lamp' && h > w)
    return `M${l + w * 0.15} ${t}H${r - w * 0.15}L${r} ${t + h * 0.2}H${m + 12}V${f - 25}H${m + w * 0.3}V${f}H${m - w * 0.3}V${f - 25}H${m - 12}V${t + h * 0.2}H${l}Z`
  if (b.standing.kind === 'plant')
    return `M${m - w * 0.22} ${f}L${m - w * 0.28} ${f - h * 0.35}Q${l - w * 0.1} ${t + h * 0.5} ${l + w * 0.1} ${t + h * 0.2}Q${m} ${t - h * 0.15} ${r - w * 0.1} ${t + h * 0.2}Q${r + w * 0.1} ${t + h * 0.5} ${m + w * 0.28} ${f - h * 0.35}L${m + w * 0.22} ${f}Z`
  return `M${l} ${t}H${r}V${f}H${l}Z`
}

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
    :viewBox="box"
    role="group"
    :aria-label="`${wall.name}, elevation`"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
  >
    <rect x="0" :y="y(H)" :width="W" :height="H" :fill="upper" />
    <rect v-if="lowerMm > 0" x="0" :y="y(lowerMm)" :width="W" :height="lowerMm" :fill="lower" />
    <template v-for="{ s, laid } in panelLayouts" :key="s.id">
      <template v-if="laid.stiles.length > 0">
        <rect
          v-for="(f, i) in laid.fields"
          :key="i"
          class="panel-line"
          :x="f.leftMm"
          :y="y(s.bottomMm + s.heightMm)"
          :width="Math.max(0, f.rightMm - f.leftMm)"
          :height="s.heightMm"
          :stroke-width="px"
        />
      </template>
      <rect
        v-else
        class="solid-line"
        :x="s.startMm"
        :y="y(s.bottomMm + Math.max(30, s.heightMm))"
        :width="s.endMm - s.startMm"
        :height="Math.max(30, s.heightMm)"
        :stroke-width="px"
      >
        <title>{{ s.name || s.kind }}</title>
      </rect>
    </template>
    <rect
      v-if="skirtingMm > 0"
      x="0"
      :y="y(skirtingMm)"
      :width="W"
      :height="skirtingMm"
      fill="var(--paper)"
      stroke="var(--rule-2)"
      :stroke-width="px"
    />
    <g v-for="o in openings" :key="o.id">
      <rect
        :x="o.startMm"
        :y="y(o.sillMm + o.heightMm)"
        :width="o.widthMm"
        :height="o.heightMm"
        fill="var(--paper)"
        stroke="var(--ink)"
        :stroke-width="px"
      />
      <path
        v-if="o.kind === 'window'"
        :d="`M${o.startMm + o.widthMm / 2} ${y(o.sillMm + o.heightMm)}V${y(o.sillMm)}`"
        stroke="var(--ink)"
        :stroke-width="px"
      />
      <title>{{ o.name || o.kind }}</title>
    </g>
    <rect
      v-for="f in fixtures"
      :key="f.id"
      :x="f.startMm"
      :y="y(f.bottomMm + f.heightMm)"
      :width="Math.max(30, f.widthMm)"
      :height="Math.max(30, f.heightMm)"
      fill="var(--ground)"
      stroke="var(--ink)"
      :stroke-width="px"
    >
      <title>{{ f.name || f.kind }}</title>
    </rect>
    <rect x="0" :y="y(H)" :width="W" :height="H" fill="none" stroke="var(--ink)" :stroke-width="2 * px" />
    <g v-for="b in before" :key="b.standing.id" class="stands">
      <path
        :d="shapeOf(b)"
        :fill="hexOf(b.standing.piece.finishId)"
        stroke="var(--ink)"
        :stroke-width="px"
        stroke-linejoin="round"
      />
      <text
        v-if="
          b.standing.kind !== 'lamp' &&
          (b.rightMm - b.leftMm) / px > 44 &&
          (b.topMm - b.standing.raisedMm) / px > 16
        "
        :x="(b.leftMm + b.rightMm) / 2"
        :y="y((b.topMm + b.standing.raisedMm) / 2)"
        :font-size="13 * px"
        :fill="inkOn(hexOf(b.standing.piece.finishId))"
      >
        {{ b.standing.name }}
      </text>
    </g>
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
        eye line {{ mmText(facts.eyeLineMm) }}
      </text>
    </g>
    <g
      v-for="h in wallPlacements"
      :key="h.id"
      class="hang"
      :class="{ chosen: h.id === chosen, stop: stops.has(h.id) }"
      tabindex="0"
      role="button"
      :aria-label="says(h)"
      :aria-pressed="h.id === chosen ? 'true' : 'false'"
      :data-hang="h.id"
      :transform="`translate(${at(h).x} ${y(at(h).c)})`"
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
          <text :x="n.xMm" :y="y(H) - 16 * px" :font-size="13 * px">{{ mmText(Math.round(n.xMm)) }}</text>
        </template>
      </template>
    </g>
    <text class="note" x="0" :y="y(H) - 34 * px" :font-size="13 * px">nails, from the left corner</text>
    <g class="height">
      <path
        :d="`M${-14 * px} ${y(H)}V0M${-20 * px} ${y(H)}h${12 * px}M${-20 * px} 0h${12 * px}`"
        :stroke-width="px"
      />
      <text :transform="`translate(${-26 * px} ${y(H / 2)}) rotate(-90)`" :font-size="13 * px">
        {{ mmText(H) }}
      </text>
      <path :d="`M0 ${16 * px}H${W}M0 ${10 * px}v${12 * px}M${W} ${10 * px}v${12 * px}`" :stroke-width="px" />
      <text :x="W / 2" :y="30 * px" :font-size="13 * px">{{ mmText(Math.round(W)) }}</text>
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
.panel-line {
  fill: none;
  stroke: var(--ink);
  stroke-opacity: 0.55;
}
.solid-line {
  fill: var(--rule-2);
  stroke: var(--ink);
}
text {
  text-anchor: middle;
  dominant-baseline: central;
  font-stretch: 80%;
}
.stands text {
  font-weight: 550;
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
