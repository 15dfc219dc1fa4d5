<script setup lang="ts">
import { computed } from 'vue'
import type { Unit } from '@bonitas/core/stages/handover/stylingFacts'
import { inkOn } from '../plan/usePlan.js'
import { shelfView } from './shelfView.js'
import { t } from './words.js'

/** A piece from the front with what stands on and in it, each thing in the color it wears. */
const props = defineProps<{
  unit: Unit
  size: { readonly widthMm: number; readonly heightMm: number }
  hexOf: (pieceId: string) => string
  /** Places that are pointed at. */
  marked: ReadonlySet<string>
}>()
const view = computed(() => shelfView(props.unit, props.size))
/** Written as large as the drawing allows. */
const type = computed(() => Math.max(1.6 * view.value.widthMm, view.value.heightMm + view.value.aboveMm) / 34)
const edge = computed(() => 1.6 * type.value)
const box = computed(() => {
  const { widthMm, heightMm, aboveMm } = view.value
  const e = edge.value
  return `${-e} ${-aboveMm - e / 3} ${widthMm + 1.3 * e} ${heightMm + aboveMm + (2 * e) / 3}`
})
const fits = (name: string, w: number) => name.length * type.value * 0.5 < w
</script>

<template>
  <svg class="shelf-drawing" :viewBox="box" role="img" :aria-label="t('drawingOf', { name: unit.name })">
    <defs>
      <pattern id="shut" width="24" height="24" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="24" stroke="#8a8a8a" stroke-width="5" />
      </pattern>
    </defs>
    <rect class="body" x="0" y="0" :width="view.widthMm" :height="view.heightMm" />
    <template v-for="l in view.levels" :key="l.level.number">
      <rect
        v-if="l.level.number > 0"
        class="opening"
        x="0"
        :y="l.y"
        :width="view.widthMm"
        :height="l.h"
        :fill="l.level.closed ? 'url(#shut)' : '#fff'"
      />
      <line
        v-for="n in l.level.across - 1"
        :key="n"
        class="side"
        :x1="(n * view.widthMm) / l.level.across"
        :x2="(n * view.widthMm) / l.level.across"
        :y1="l.y"
        :y2="l.y + l.h"
      />
      <text
        v-if="l.level.number > 0"
        class="number"
        :x="-type / 3"
        :y="l.y + l.h / 2 + type / 3"
        :font-size="type"
      >
        {{ l.level.number }}
      </text>
      <g v-for="(d, i) in l.things" :key="`${d.thing.id} ${i}`">
        <title>{{ d.thing.name }}</title>
        <rect
          class="thing"
          :class="{ marked: marked.has(d.thing.id), over: d.over, shut: l.level.closed }"
          :x="d.x"
          :y="d.y"
          :width="d.w"
          :height="d.h"
          :fill="hexOf(d.thing.pieceId)"
        />
        <text
          v-if="fits(d.thing.name, d.w) && !l.level.closed"
          :x="d.x + d.w / 2"
          :y="d.y + d.h / 2 + type / 3"
          text-anchor="middle"
          :font-size="type"
          :fill="inkOn(hexOf(d.thing.pieceId))"
        >
          {{ d.thing.name }}
        </text>
      </g>
    </template>
  </svg>
</template>

<style scoped>
.shelf-drawing {
  display: block;
  width: 100%;
  height: 100%;
  font-stretch: 75%;
}
.body {
  fill: #efefef;
  stroke: var(--ink);
  stroke-width: 6;
}
.opening {
  stroke: var(--ink);
  stroke-width: 2;
}
.side {
  stroke: var(--ink);
  stroke-width: 4;
}
.number {
  text-anchor: end;
  fill: var(--ink-2);
}
.thing {
  stroke: var(--ink);
  stroke-width: 3;
}
.thing.shut {
  fill-opacity: 0.35;
  stroke-dasharray: 12 9;
}
.thing.marked {
  stroke-width: 9;
}
.thing.over {
  stroke: var(--stop);
  stroke-width: 7;
}
</style>
