<script setup lang="ts">
import type { Chart } from './chartView.js'

/** What lies behind every row: weekends, days off, and the days that matter, as lines. */
defineProps<{ chart: Chart; lines: readonly { readonly at: number; readonly kind: string }[] }>()
const side = (part: { from: number; width: number }) => ({ left: `${part.from}%`, width: `${part.width}%` })
</script>

<template>
  <div class="ground" aria-hidden="true">
    <i v-for="b in chart.weekends" :key="`w${b.from}`" class="weekend" :style="side(b)"></i>
    <i v-for="b in chart.closed" :key="`c${b.from}`" class="closed" :style="side(b)"></i>
    <i v-for="w in chart.weeks" :key="w.day" class="week" :style="{ left: `${w.at}%` }"></i>
    <i v-for="l in lines" :key="l.kind" :class="l.kind" :style="{ left: `${l.at}%` }"></i>
  </div>
</template>

<style scoped>
.ground {
  position: absolute;
  inset: 0 0 0 var(--names);
  pointer-events: none;
}
i {
  position: absolute;
  top: 0;
  bottom: 0;
}
.weekend {
  background: #d0d0d0;
}
.closed {
  background: repeating-linear-gradient(-45deg, #a6a6a6 0 1.5px, transparent 1.5px 6px);
}
.week {
  border-left: 1px solid var(--rule);
}
.today {
  border-left: 1px dashed var(--ink);
}
.install {
  border-left: 3px solid var(--ink);
}
.reveal {
  border-left: 2px dotted var(--ink);
}
</style>
