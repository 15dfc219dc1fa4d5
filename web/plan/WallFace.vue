<script setup lang="ts">
import { computed } from 'vue'
import type { BeforeWall, PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { avoidedOn } from '@bonitas/core/stages/plan/rules/frames'
import { layPanels } from '@bonitas/core/stages/plan/walls/layPanels'
import { elevationLabels } from './elevationLabels.js'
import { inkOn } from './usePlan.js'
import WallZones from './WallZones.vue'
import { zonesShown } from './zonesShown.js'

/** A wall seen from the room without what hangs on it: its colors, what is set out, its openings, what stands before it. */
const props = defineProps<{
  facts: PlanFacts
  wallId: string
  heightMm: number
  widthMm: number
  upper: string
  lower: string
  lowerMm: number
  skirtingMm: number
  before: readonly BeforeWall[]
  hexOf: (finishId: string | null) => string
  /** Millimeters that a pixel of the screen stands for. */
  px: number
}>()
const y = (mm: number) => -mm
const openings = computed(() => props.facts.room.openings.filter((o) => o.wallId === props.wallId))
const fixtures = computed(() =>
  props.facts.room.fixtures.filter((f) => f.wallId === props.wallId && f.kind !== 'ceiling point'),
)
const panelLayouts = computed(() =>
  props.facts.panelLayouts
    .filter((s) => s.wallId === props.wallId)
    .map((s) => ({ s, laid: layPanels(s, avoidedOn(props.facts, props.wallId)) })),
)
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
const names = computed(() =>
  elevationLabels(props.before, props.px).flatMap((l) => {
    const of = props.before.find((b) => b.standing.id === l.id)?.standing
    return of ? [{ ...l, name: of.name, ink: inkOn(props.hexOf(of.piece.finishId)) }] : []
  }),
)
</script>

<template>
  <g>
    <rect x="0" :y="y(heightMm)" :width="widthMm" :height="heightMm" :fill="upper" />
    <rect v-if="lowerMm > 0" x="0" :y="y(lowerMm)" :width="widthMm" :height="lowerMm" :fill="lower" />
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
      :width="widthMm"
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
    <rect
      x="0"
      :y="y(heightMm)"
      :width="widthMm"
      :height="heightMm"
      fill="none"
      stroke="var(--ink)"
      :stroke-width="2 * px"
    />
    <g v-for="b in before" :key="b.standing.id" class="stands">
      <path
        :d="shapeOf(b)"
        :fill="hexOf(b.standing.piece.finishId)"
        stroke="var(--ink)"
        :stroke-width="px"
        stroke-linejoin="round"
      />
      <title>{{ b.standing.name }}</title>
    </g>
    <text
      v-for="l in names"
      :key="l.id"
      class="stands"
      :x="l.xMm"
      :y="y(l.heightMm)"
      :font-size="13 * px"
      :fill="l.ink"
    >
      {{ l.name }}
    </text>
    <WallZones v-if="zonesShown" :facts="facts" :wall-id="wallId" :px="px" />
  </g>
</template>

<style scoped>
text {
  text-anchor: middle;
  dominant-baseline: central;
  font-stretch: 80%;
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
.stands {
  font-weight: 550;
}
</style>
