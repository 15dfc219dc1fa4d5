<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { labelPlaces, type TapeStretch, type TapeView } from './tapeView.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

/** The budget as a measuring tape. Arrows walk its stretches; Enter opens the purchase. */
const props = defineProps<{ view: TapeView }>()
const emit = defineEmits<{ open: [itemId: string] }>()

const frame = ref<HTMLElement>()
const widthPx = ref(740)
const pointed = ref<Pick<TapeStretch, 'text'>>()
const here = ref(0)
let watcher: ResizeObserver | undefined

onMounted(() => {
  watcher = new ResizeObserver(([entry]) => (widthPx.value = entry?.contentRect.width ?? widthPx.value))
  if (frame.value) watcher.observe(frame.value)
})
onBeforeUnmount(() => watcher?.disconnect())

// Archivo at 13 px: digits and letters measure about seven pixels on average, the figure in semi-bold a little more.
const labels = computed(() => {
  const list = props.view.labels
  const widths = list.map((l) => Math.max(l.word.length * 7, l.amount.length * 7.6))
  const places = labelPlaces(
    list.map((l) => (l.left / 100) * widthPx.value),
    widths,
    widthPx.value,
  )
  return list.map((l, i) => ({ ...l, px: places[i] ?? 0 }))
})

function step(event: KeyboardEvent): void {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
  if (by === 0) return
  event.preventDefault()
  event.stopPropagation()
  here.value = Math.max(0, Math.min(props.view.stretches.length - 1, here.value + by))
  frame.value?.querySelectorAll<HTMLElement>('.stretch')[here.value]?.focus()
}
</script>

<template>
  <section class="tape" :aria-label="t('budget')">
    <div class="labels">
      <p v-if="view.bare" class="second">{{ t('noMoneyIsAgreedYet') }}</p>
      <p v-else-if="pointed" class="pointed">
        <b>{{ pointed.text }}</b>
      </p>
      <template v-else>
        <div v-for="l in labels" :key="l.word" class="label" :class="l.state" :style="{ left: `${l.px}px` }">
          <FigureSum :sum="l.sum"
            ><span>{{ l.word }}</span
            ><b>{{ l.amount }}</b></FigureSum
          >
        </div>
      </template>
    </div>
    <div ref="frame" class="bar" role="group" :aria-label="t('stretchesOfTheTape')" @keydown="step">
      <button
        v-for="(s, i) in view.stretches"
        :key="s.key"
        class="stretch"
        :class="s.state"
        :style="{ left: `${s.left}%`, width: `${s.width}%` }"
        :tabindex="i === here ? 0 : -1"
        :aria-label="s.text"
        @mouseenter="pointed = s"
        @mouseleave="pointed = undefined"
        @focus="((pointed = s), (here = i))"
        @blur="pointed = undefined"
        @click="s.itemId && emit('open', s.itemId)"
      ></button>
      <i class="hook" :style="{ left: `${view.hook}%` }"></i>
      <button
        v-for="c in view.changes"
        :key="c.text"
        class="notch"
        :style="{ left: `${c.left}%` }"
        :aria-label="t('changeOrderText', { text: c.text })"
        @mouseenter="pointed = c"
        @mouseleave="pointed = undefined"
        @focus="pointed = c"
        @blur="pointed = undefined"
      ></button>
    </div>
    <div class="ticks" aria-hidden="true">
      <div
        v-for="mark in view.ticks"
        :key="mark.left"
        class="tick"
        :class="{ long: mark.text }"
        :style="{ left: `${mark.left}%` }"
      >
        <span v-if="mark.text" :class="{ before: mark.left > 98 }">{{ mark.text }}</span>
      </div>
    </div>
  </section>
</template>

<style scoped>
.tape {
  padding: 7px 26px 0 20px;
  height: 92px;
  min-width: 0;
}
.labels {
  position: relative;
  height: 28px;
  font-size: 13px;
  line-height: 14px;
  margin-bottom: 1px;
}
.label {
  position: absolute;
  white-space: nowrap;
}
.label span span {
  color: var(--ink-2);
}
/* Word and figure are one target, two lines high. */
.label :deep(.figure-sum.figure-sum.el-button) {
  height: 28px;
  line-height: 14px;
  text-decoration: none;
}
.label :deep(.figure-sum > span) {
  display: grid;
  justify-items: start;
}
.label.over,
.label.over span span {
  color: var(--stop);
}
.pointed {
  padding-top: 14px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.bar {
  position: relative;
  height: 24px;
  border: 1px solid var(--ink);
  border-right: 0;
  background: #fff;
}
/* Over the border of the bar too: 24 px high, so that each can be hit. */
.stretch {
  position: absolute;
  top: -1px;
  bottom: -1px;
  border: 0;
  padding: 0;
  border-right: 1px solid var(--paper);
}
.stretch.paid {
  background: var(--ink);
}
.stretch.ordered {
  background: var(--hatch);
  border-right-color: var(--ink);
}
.stretch.chosen {
  background: #d0d0d0;
  border-right-color: var(--ink-2);
}
.stretch.free {
  background: #fff;
  border-right: 0;
}
.stretch.reserve {
  background: #fff radial-gradient(circle at 2px 2px, var(--ink-2) 1px, transparent 1.2px) 0 0 / 6px 6px;
  border-left: 1px dashed var(--ink);
  border-right: 0;
}
.stretch.over {
  background: var(--stop);
}
.stretch:hover,
.stretch:focus-visible {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
  z-index: 1;
}
.hook {
  position: absolute;
  top: -3px;
  bottom: -14px;
  width: 3px;
  margin-left: -1px;
  background: var(--ink);
}
/* Where the hook sat before a change order: a small wedge under the lower edge. */
.notch {
  position: absolute;
  bottom: -14px;
  width: 24px;
  height: 24px;
  margin-left: -12px;
  border: 0;
  padding: 0;
  background: none;
  z-index: 1;
}
.notch::before {
  content: '';
  position: absolute;
  left: 6px;
  top: 11px;
  border: 6px solid transparent;
  border-top: 0;
  border-bottom: 9px solid var(--ink);
}
.ticks {
  position: relative;
  height: 22px;
}
.tick {
  position: absolute;
  top: 0;
  width: 1px;
  height: 6px;
  background: var(--ink);
}
.tick.long {
  height: 16px;
}
.ticks span {
  position: absolute;
  left: 3px;
  top: 3px;
  font-size: 13px;
  font-weight: 600;
  line-height: 1;
  font-stretch: 75%;
}
/* At the very end of the tape there is no room after the tick. */
.ticks .before {
  left: auto;
  right: 3px;
}
</style>
