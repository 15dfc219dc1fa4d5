<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import type { Bar, ChartRow } from './chartView.js'

/** One row of the plan: its name, and its work as bars that can be dragged by days. */
const props = defineProps<{ row: ChartRow; inHand: string | undefined; days: number; says: string }>()
const emit = defineEmits<{
  take: [key: string]
  /** By so many days; while it is held, and when it is let go. */
  hold: [task: PlannedTask, days: number]
  drop: [task: PlannedTask, days: number]
}>()
const mine = computed(() => props.row.tasks.find((t) => t.task.key === props.inHand))
const track = ref<HTMLElement>()
let from: { x: number; task: PlannedTask; days: number } | undefined

const daysOf = (x: number): number => {
  const width = track.value?.clientWidth ?? 1
  return Math.round(((x - (from?.x ?? x)) / width) * props.days)
}
function down(event: PointerEvent, bar: Bar): void {
  const task = props.row.tasks.find((t) => t.task.key === bar.key)
  if (!task || event.button !== 0) return
  emit('take', bar.key)
  if (task.task.doneOn !== null) return
  from = { x: event.clientX, task, days: 0 }
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
function along(event: PointerEvent): void {
  if (!from) return
  const days = daysOf(event.clientX)
  if (days === from.days) return
  from.days = days
  emit('hold', from.task, days)
}
function up(): void {
  if (from) emit('drop', from.task, from.days)
  from = undefined
}
/** Taken away by the system: nothing was moved. */
function away(): void {
  if (from) emit('drop', from.task, 0)
  from = undefined
}
function keys(event: KeyboardEvent): void {
  const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
  if (step === 0 || event.altKey || event.ctrlKey || event.metaKey) return
  const task = mine.value ?? props.row.tasks[0]
  if (!task) return
  event.preventDefault()
  emit('take', task.task.key)
  emit('drop', task, step * (event.shiftKey ? 7 : 1))
}
</script>

<template>
  <div class="row" :class="{ chosen: mine }">
    <ElButton
      class="name"
      link
      :aria-pressed="!!mine"
      :aria-label="`${row.name}: ${says}`"
      @click="emit('take', mine?.task.key ?? row.tasks[0]?.task.key ?? '')"
      @keydown="keys"
      >{{ row.name }}</ElButton
    >
    <div ref="track" class="track">
      <template v-for="b in row.bars" :key="b.key">
        <i
          v-if="b.latest !== undefined"
          class="slip"
          :style="{ left: `${b.from + b.width}%`, width: `${b.latest - b.from - b.width}%` }"
        ></i>
        <i
          v-if="b.dry !== undefined"
          class="dry"
          :style="{ left: `${b.from + b.width}%`, width: `${b.dry - b.from - b.width}%` }"
        ></i>
        <i
          class="bar"
          :class="[b.state.replaceAll(' ', '-'), { held: b.key === inHand, agreed: b.agreed }]"
          :style="{ left: `${b.from}%`, width: `max(5px, ${b.width}%)` }"
          @pointerdown="down($event, b)"
          @pointermove="along"
          @pointerup="up"
          @pointercancel="away"
        ></i>
      </template>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: var(--names) minmax(0, 1fr);
  align-items: stretch;
  min-height: 24px;
  position: relative;
}
.row.chosen {
  background: rgb(247 247 247 / 85%);
}
.row.chosen .name.el-button.is-link {
  box-shadow: inset 4px 0 0 var(--ink);
  font-weight: 650;
}
.row .name.el-button.is-link {
  justify-content: start;
  text-align: left;
  white-space: normal;
  height: auto;
  padding: 2px 8px 2px 10px;
  line-height: 1.25;
  text-decoration: none;
}
.row .name.el-button.is-link:hover {
  text-decoration: underline;
}
.row .name.el-button :deep(span) {
  white-space: normal;
  text-align: left;
}
.track {
  position: relative;
}
i {
  position: absolute;
}
.bar {
  top: 5px;
  bottom: 5px;
  max-height: 16px;
  border: 2px solid var(--ink);
  cursor: grab;
  touch-action: none;
}
.nothing-to-spare {
  background: var(--ink);
}
.some-to-spare {
  background: var(--paper);
}
.done {
  background: var(--hatch);
  cursor: default;
}
.bar.agreed {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
.bar.held {
  box-shadow:
    0 0 0 3px var(--paper),
    0 0 0 5px var(--ink);
}
.slip {
  top: 12px;
  border-top: 1px solid var(--rule-2);
}
.dry {
  top: 11px;
  border-top: 3px dotted var(--ink);
}
</style>
