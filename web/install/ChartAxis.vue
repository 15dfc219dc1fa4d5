<script setup lang="ts">
import { computed } from 'vue'
import { useLocale } from '../form/useLocale.js'
import type { Chart } from './chartView.js'

/** The weeks and the days that matter, over the rows, in sight however far they are scrolled. */
const props = defineProps<{
  chart: Chart
  lines: readonly { readonly at: number; readonly kind: string; readonly text: string }[]
}>()
const { says } = useLocale()
/** A day without its year, as on an axis. */
const bare = (iso: string) => says.value.day(iso, iso)
/** No closer than they can be read: an eleventh of the width is some sixty pixels. */
const weeks = computed(() => {
  let last = -100
  return props.chart.weeks.filter(({ at }) => {
    if (at - last < 9 || at > 92) return false
    last = at
    return true
  })
})
</script>

<template>
  <div class="head" aria-hidden="true">
    <div class="axis weeks">
      <span v-for="w in weeks" :key="w.day" class="tick" :style="{ left: `${w.at}%` }">{{
        bare(w.day)
      }}</span>
    </div>
    <div class="axis days">
      <span
        v-for="l in lines.filter((x) => x.text)"
        :key="l.kind"
        class="named"
        :class="l.kind"
        :style="{ right: `${100 - l.at}%` }"
        >{{ l.text }}</span
      >
    </div>
  </div>
</template>

<style scoped>
.head {
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--ground);
}
.axis {
  position: relative;
  margin-left: var(--names);
  height: 20px;
}
.weeks {
  border-bottom: 1px solid var(--ink);
}
.days {
  height: 38px;
}
.tick,
.named {
  position: absolute;
  white-space: nowrap;
  font-size: 13px;
  font-weight: 650;
}
.tick {
  padding-left: 4px;
}
.named {
  padding-right: 5px;
}
.named.reveal {
  top: 17px;
}
</style>
