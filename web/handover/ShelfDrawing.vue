<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SetDown, Unit } from '@bonitas/core/stages/handover/stylingFacts'
import { useLocale } from '../form/useLocale.js'
import { inkOn } from '../plan/usePlan.js'
import { useRoving } from '../plan/useRoving.js'
import { shelfView, type DrawnThing } from './shelfView.js'
import { useShelfDrag } from './useShelfDrag.js'
import { t } from './words.js'

/** A piece from the front, to scale, with what stands on and in it: things are chosen, dragged, and moved by keys. */
const props = defineProps<{
  unit: Unit
  size: { readonly widthMm: number; readonly heightMm: number }
  hexOf: (pieceId: string) => string
  /** Places that are pointed at. */
  marked: ReadonlySet<string>
  chosen?: string | undefined
  /** Only looked at: a proposal. */
  still?: boolean
}>()
const emit = defineEmits<{ choose: [id: string]; drop: [id: string, level: number, xMm: number] }>()
const { says } = useLocale()
const svg = ref<SVGSVGElement>()
const view = computed(() => shelfView(props.unit, props.size))
/** Written as large as the drawing allows. */
const type = computed(() => Math.max(1.4 * view.value.widthMm, view.value.heightMm + view.value.aboveMm) / 36)
const box = computed(() => {
  const { widthMm, heightMm, aboveMm } = view.value
  const e = props.still ? 8 : 4.4 * type.value
  const over = props.still ? 8 : 2.4 * type.value
  return `${-e} ${-aboveMm - over} ${widthMm + e + 12} ${heightMm + aboveMm + over + 12}`
})
const fits = (name: string, w: number) => name.length * type.value * 0.5 < w
const all = computed(() => view.value.levels.flatMap((l) => l.things.map((d) => ({ ...d, level: l.level }))))
const roving = useRoving(
  svg,
  computed(() => all.value.map((d) => ({ id: d.body.thing.id, box: { x: d.x, y: d.y + d.h } }))),
  computed(() => props.chosen),
)
defineExpose({ step: roving.step })
const named = (thing: SetDown) => (thing.count > 1 ? `${thing.count} × ${thing.name}` : thing.name)
const told = (d: DrawnThing & { level: { number: number; name: string } }) =>
  [
    named(d.body.thing),
    says.value.sides([d.w, d.h]),
    d.level.number === 0 ? t('theTop') : d.level.name || t('shelfN', { n: d.level.number }),
    t('fromTheLeft', { length: says.value.length(d.body.xMm) }),
    ...(d.body.over ? [t('doesNotFit')] : []),
  ].join(', ')

const { drag, down, move, up, cancel } = useShelfDrag(svg, view, {
  still: () => props.still,
  choose: (id) => emit('choose', id),
  drop: (id, level, xMm) => emit('drop', id, level, xMm),
})
const at = (d: DrawnThing) =>
  drag.value?.id === d.body.thing.id ? { x: drag.value.x, y: drag.value.y } : { x: d.x, y: d.y }
/** What stands in front is drawn last: what is dragged, then what is chosen. */
const inFront = (id: string) => Number(id === drag.value?.id) * 2 + Number(id === props.chosen)
const ordered = computed(() =>
  [...all.value].sort((a, b) => inFront(a.body.thing.id) - inFront(b.body.thing.id)),
)
</script>

<template>
  <svg
    ref="svg"
    class="shelf-drawing"
    :class="{ still }"
    :viewBox="box"
    :role="still ? 'img' : 'group'"
    :aria-label="t('drawingOf', { name: unit.name })"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="cancel"
    @focusin="roving.focused"
  >
    <defs>
      <pattern id="shut" width="24" height="24" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="24" stroke="#8a8a8a" stroke-width="5" />
      </pattern>
    </defs>
    <rect class="body" x="0" y="0" :width="view.widthMm" :height="view.heightMm" />
    <template v-for="l in view.levels" :key="l.level.number">
      <template v-if="l.level.number > 0">
        <rect
          class="opening"
          :x="l.x"
          :y="l.y"
          :width="l.w"
          :height="l.h"
          :fill="l.level.closed ? 'url(#shut)' : '#fff'"
        />
        <line
          v-for="n in l.level.across - 1"
          :key="n"
          class="side"
          :x1="l.x + (n * l.w) / l.level.across"
          :x2="l.x + (n * l.w) / l.level.across"
          :y1="l.y"
          :y2="l.y + l.h"
        />
        <g v-if="!still" class="height">
          <path
            :d="`M${-1.1 * type} ${l.y}V${l.y + l.h}M${-1.5 * type} ${l.y}h${0.8 * type}M${-1.5 * type} ${l.y + l.h}h${0.8 * type}`"
            :stroke-width="type / 14"
          />
          <text :x="-1.8 * type" :y="l.y + l.h / 2 + type / 3" :font-size="type">
            {{ l.level.clearHeightMm === undefined ? l.level.number : says.drawn(l.level.clearHeightMm) }}
          </text>
        </g>
      </template>
    </template>
    <g v-if="!still && view.levels[0]" class="width">
      <path
        :d="`M${view.levels[0].x} ${-view.aboveMm - type}h${view.levels[0].w}M${view.levels[0].x} ${-view.aboveMm - 1.4 * type}v${0.8 * type}M${view.levels[0].x + view.levels[0].w} ${-view.aboveMm - 1.4 * type}v${0.8 * type}`"
        :stroke-width="type / 14"
      />
      <text :x="view.widthMm / 2" :y="-view.aboveMm - 1.35 * type" :font-size="type">
        {{ says.drawn(Math.round(view.levels[0].w)) }}
      </text>
    </g>
    <g
      v-for="d in ordered"
      :key="d.body.thing.id"
      class="thing"
      :class="{
        marked: marked.has(d.body.thing.id),
        over: d.body.over,
        shut: d.level.closed,
        chosen: d.body.thing.id === chosen,
      }"
      :tabindex="still ? undefined : d.body.thing.id === roving.stop.value ? 0 : -1"
      :role="still ? undefined : 'button'"
      :aria-label="still ? undefined : told(d)"
      :aria-pressed="still ? undefined : d.body.thing.id === chosen"
      :data-stand="d.body.thing.id"
      :transform="`translate(${at(d).x} ${at(d).y})`"
      @focus="emit('choose', d.body.thing.id)"
    >
      <title>{{ told(d) }}</title>
      <rect :width="d.w" :height="d.h" :fill="hexOf(d.body.thing.pieceId)" />
      <template v-if="d.body.thing.count > 1 && !d.level.closed">
        <line
          v-for="n in d.body.thing.count - 1"
          :key="n"
          class="each"
          :x1="d.h > d.body.thing.highMm ? 0 : (n * d.w) / d.body.thing.count"
          :x2="d.h > d.body.thing.highMm ? d.w : (n * d.w) / d.body.thing.count"
          :y1="d.h > d.body.thing.highMm ? (n * d.h) / d.body.thing.count : 0"
          :y2="d.h > d.body.thing.highMm ? (n * d.h) / d.body.thing.count : d.h"
        />
      </template>
      <text
        v-if="!still && fits(d.body.thing.name, d.w) && d.h > 1.1 * type && !d.level.closed"
        :x="d.w / 2"
        :y="d.h / 2 + type / 3"
        :font-size="type"
        :fill="inkOn(hexOf(d.body.thing.pieceId))"
      >
        {{ d.body.thing.name }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.shelf-drawing {
  display: block;
  width: 100%;
  height: 100%;
  font-stretch: 75%;
  touch-action: none;
  user-select: none;
}
text {
  text-anchor: middle;
}
.body {
  fill: #d2d2d2;
  stroke: var(--ink);
  stroke-width: 6;
}
.opening {
  stroke: var(--ink);
  stroke-width: 3;
}
.side {
  stroke: var(--ink);
  stroke-width: 5;
}
.height path,
.width path {
  stroke: var(--ink-2);
  fill: none;
}
.height text {
  text-anchor: end;
}
.thing {
  outline: none;
}
.shelf-drawing:not(.still) .thing {
  cursor: grab;
}
.thing rect {
  stroke: var(--ink);
  stroke-width: 3;
}
.each {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-opacity: 0.5;
}
.thing.shut rect {
  fill-opacity: 0.35;
  stroke-dasharray: 12 9;
}
.thing.marked rect,
.thing.chosen rect {
  stroke-width: 9;
}
.thing.over rect {
  stroke: var(--stop);
  stroke-width: 7;
  stroke-dasharray: 20 8;
}
.thing:focus-visible rect {
  stroke-width: 13;
}
</style>
