<script setup lang="ts">
import { computed } from 'vue'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { DIAL_RADIUS, DIAL_RINGS, dialDistance, dialView } from './dialView.js'
import { t } from './words.js'

/** Where every finish leans: hue around, strength outward, share as size. */
const props = defineProps<{ finishes: readonly FinishFacts[]; selected: string | undefined }>()
defineEmits<{ choose: [id: string] }>()
const dots = computed(() => dialView(props.finishes))
// The elementary hues on the CIELAB circle, as in the undertone model.
const AXES = [
  { word: 'red', deg: 25 },
  { word: 'yellow', deg: 90 },
  { word: 'green', deg: 165 },
  { word: 'blue', deg: 245 },
  { word: 'violet', deg: 305 },
].map(({ word, deg }) => {
  const [x, y] = [Math.cos((deg * Math.PI) / 180), -Math.sin((deg * Math.PI) / 180)]
  return {
    word,
    x: x * DIAL_RADIUS,
    y: y * DIAL_RADIUS,
    tx: x * 112,
    ty: y * 112 + 4,
    anchor: Math.abs(x) < 0.3 ? 'middle' : x > 0 ? 'start' : 'end',
  }
})
</script>

<template>
  <svg class="dial" viewBox="-150 -124 300 250" role="img" :aria-label="t('undertonesOfTheFinishesBy')">
    <circle v-for="c in DIAL_RINGS" :key="c" :r="dialDistance(c)" class="ring" />
    <circle r="100" class="ring" />
    <line v-for="a in AXES" :key="a.word" x1="0" y1="0" :x2="a.x" :y2="a.y" class="ring" />
    <text v-for="a in AXES" :key="a.word" :x="a.tx" :y="a.ty" :text-anchor="a.anchor">{{ a.word }}</text>
    <circle
      v-for="d in dots"
      :key="d.id"
      :cx="d.x"
      :cy="d.y"
      :r="d.r"
      :fill="d.color"
      :class="{ selected: d.id === selected, benched: d.benched }"
      class="dot"
      @click="$emit('choose', d.id)"
    >
      <title>{{ d.text }}</title>
    </circle>
  </svg>
</template>

<style scoped>
.dial {
  width: 100%;
  height: 236px;
  flex: none;
}
.ring {
  fill: none;
  stroke: var(--rule);
  stroke-width: 0.8;
}
text {
  font-size: 12.5px;
  fill: var(--ink-2);
}
.dot {
  stroke: #fff;
  stroke-width: 1.3;
  cursor: pointer;
}
.dot.benched {
  stroke: var(--ink);
  stroke-dasharray: 2 2;
}
.dot.selected {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
