<script setup lang="ts">
import { computed, ref } from 'vue'
import { lineView, nearestPlace, PAD, type LineView, type Mark, type Series } from './lineView.js'
import SavePicture from './SavePicture.vue'
import { t } from './words.js'

/**
 * A chart of lines with axes, a legend and exact values: pointed at, or walked with the arrow keys, it says what every
 * line is worth there. It can be saved as a picture.
 */
const props = withDefaults(
  defineProps<{
    name: string
    series: readonly Series[]
    saysX: (x: number) => string
    saysY: (y: number) => string
    height?: number
    width?: number
    time?: boolean
    steps?: boolean
    afloat?: boolean
    levels?: readonly Mark[]
    moments?: readonly Mark[]
    /** What the vertical axis counts. */
    unit?: string
  }>(),
  { height: 200, width: 700, levels: () => [], moments: () => [], unit: '' },
)
const drawing = ref<SVGSVGElement>()
const view = computed(() => lineView(props))
/** The place that is read; none until it is pointed at or walked. */
const at = ref<number>()
const place = computed(() => (at.value === undefined ? undefined : view.value?.places[at.value]))
const worth = (p: LineView['places'][number] | undefined) =>
  (p?.values ?? []).map((v) => `${v.name} ${v.text}`).join(', ')
const top = PAD.top
/** Inside the drawing, so that a saved picture says which line is which; letters are about 7 wide. */
const legend = computed(() => {
  let at = 8
  return props.series.map((s) => {
    const here = at
    at += 28 + 7 * s.name.length + 22
    return { name: s.name, form: s.form, single: s.points.length === 1, at: here }
  })
})
const bottom = computed(() => props.height - PAD.bottom)
const words = computed(() =>
  place.value ? t('at', { place: place.value.text, values: worth(place.value) }) : '',
)

function point(event: PointerEvent): void {
  const box = drawing.value?.getBoundingClientRect()
  if (!box || !view.value) return
  at.value = nearestPlace(view.value, ((event.clientX - box.left) / box.width) * props.width)
}
function walk(event: KeyboardEvent): void {
  const most = (view.value?.places.length ?? 0) - 1
  const now = at.value ?? most
  const to = {
    ArrowLeft: now - 1,
    ArrowDown: now - 1,
    ArrowRight: now + 1,
    ArrowUp: now + 1,
    PageUp: now - 10,
    PageDown: now + 10,
    Home: 0,
    End: most,
  }[event.key]
  if (to === undefined) return
  event.preventDefault()
  at.value = Math.min(most, Math.max(0, to))
}
</script>

<template>
  <figure v-if="view" class="line-chart">
    <figcaption>
      <span v-if="unit" class="second">{{ unit }}</span>
      <SavePicture :name="name" :drawing="drawing" />
    </figcaption>
    <!-- Read like a slider: its value is a place, said with what every line is worth there. -->
    <div
      class="reading"
      role="slider"
      tabindex="0"
      :aria-label="t('valuesOf', { name })"
      aria-orientation="horizontal"
      aria-valuemin="0"
      :aria-valuemax="view.places.length - 1"
      :aria-valuenow="at ?? view.places.length - 1"
      :aria-valuetext="words || worth(view.places.at(-1))"
      :title="place ? undefined : t('pointOrWalk')"
      @keydown="walk"
      @pointermove="point"
      @pointerleave="at = undefined"
    >
      <svg ref="drawing" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true">
        <g v-for="s in legend" :key="s.name" :transform="`translate(${s.at} 11)`">
          <circle v-if="s.single" cx="11" cy="-4" r="4" class="only" />
          <path v-else d="M0 -4H22" :class="s.form" />
          <text x="28">{{ s.name }}</text>
        </g>
        <g v-for="tick in view.ys" :key="tick.text">
          <line :x1="view.left" :x2="width - PAD.right" :y1="tick.at" :y2="tick.at" class="grid" />
          <text :x="view.left - 6" :y="tick.at + 4" text-anchor="end">{{ tick.text }}</text>
        </g>
        <g v-for="tick in view.xs" :key="`x${tick.text}`">
          <line :x1="tick.at" :x2="tick.at" :y1="bottom" :y2="bottom + 4" class="axis" />
          <text :x="tick.at" :y="height - 6" text-anchor="middle">{{ tick.text }}</text>
        </g>
        <line :x1="view.left" :x2="width - PAD.right" :y1="bottom" :y2="bottom" class="axis" />
        <g v-for="m in view.moments" :key="m.text">
          <line :x1="m.at" :x2="m.at" :y1="top" :y2="bottom" class="moment" />
          <text
            :x="m.at + (m.at > width - 80 ? -4 : 4)"
            y="29"
            :text-anchor="m.at > width - 80 ? 'end' : 'start'"
          >
            {{ m.text }}
          </text>
        </g>
        <g v-for="l in view.levels" :key="l.text">
          <line :x1="view.left" :x2="width - PAD.right" :y1="l.at" :y2="l.at" class="level" />
          <text :x="view.left + 6" :y="l.at - 4">{{ l.text }}</text>
        </g>
        <path v-for="p in view.paths" :key="p.name" :d="p.d" :class="p.form" />
        <circle v-for="d in view.dots" :key="d.name" :cx="d.at" :cy="d.up" r="5" class="only" />
        <g v-if="place">
          <line :x1="place.at" :x2="place.at" :y1="top" :y2="bottom" class="read" />
          <circle v-for="v in place.values" :key="v.name" :cx="place.at" :cy="v.at" r="3.5" class="dot" />
        </g>
      </svg>
      <p class="says" :class="{ second: !place }">{{ words || t('pointOrWalk') }}</p>
    </div>
  </figure>
</template>

<style scoped>
.line-chart {
  margin: 0;
  display: grid;
  gap: 4px;
  min-width: 0;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
  font-size: 13px;
}
figcaption .save-picture {
  margin-left: auto;
}
.reading > svg {
  display: block;
  width: 100%;
}
.says {
  font-size: 13px;
  min-height: 1.4em;
}
text {
  font-size: 12px;
  fill: var(--ink-2);
}
.grid {
  stroke: var(--rule);
}
.axis {
  stroke: var(--ink-2);
}
.moment,
.read {
  stroke: var(--ink-2);
  stroke-dasharray: 2 3;
}
.read {
  stroke: var(--ink);
  stroke-dasharray: none;
}
.level {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 8 3;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
}
path.dashed {
  stroke-dasharray: 6 4;
}
path.dotted {
  stroke-dasharray: 1.5 3;
}
path.filled {
  fill: var(--rule);
  stroke: var(--rule-2);
  stroke-width: 1;
}
.only {
  fill: var(--ink);
}
.dot {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.8;
}
</style>
