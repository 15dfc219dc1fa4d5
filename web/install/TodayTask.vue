<script setup lang="ts">
import { computed } from 'vue'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import FileButton from '../form/FileButton.vue'
import FoldPart from '../form/FoldPart.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import PhotoStrip from '../job/PhotoStrip.vue'
import SaidText from '../form/SaidText.vue'
import TaskAnswer from './TaskAnswer.vue'
import TaskDone from './TaskDone.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** A task as it is done at the room: when, by whom, what to know, and that it is done. */
const props = defineProps<{ planned: PlannedTask; n: number; on: string }>()
const emit = defineEmits<{ picture: [subject: string, file: File] }>()
const store = useJobStore()
const { says } = useLocale()
const { rowOf, rowIdOf, change } = useTaskRows()
const task = computed(() => props.planned.task)
const row = computed(() => rowOf(task.value))
const done = computed(() => !!row.value?.doneOn)
const clock = (minute: number) => says.value.clock(5 * Math.round(minute / 5))
const when = computed(() => {
  const { start, finish } = props.planned
  const [from, until] = [clock(start.minute), clock(finish.minute)]
  if (start.day < props.on) return finish.day > props.on ? t('allDay') : t('untilThen', { until })
  return finish.day > props.on ? t('fromThen', { from }) : `${from} – ${until}`
})
const sheet = computed(() => store.install?.sheets[task.value.key] ?? [])
const notes = computed(() => [task.value.first, task.value.caution].filter((x) => x !== undefined))
</script>

<template>
  <article :class="{ done }">
    <h2>
      <span class="n" aria-hidden="true">{{ done ? '✓' : n }}</span> {{ task.name }}
    </h2>
    <p class="second">
      <template v-if="!done">{{ when }}, </template>{{ planned.worker.name
      }}<template v-if="task.hands > 1">, {{ t('peopleCount', { n: task.hands }) }}</template
      ><template v-if="task.sum">. {{ task.sum }}</template>
    </p>
    <TaskAnswer :task="task" />
    <TaskDone :planned="planned" :on="on" />
    <FoldPart v-if="sheet.length > 0 || notes.length > 0 || task.because.length > 0" :title="t('toKnow')">
      <dl v-if="sheet.length > 0">
        <template v-for="line in sheet" :key="`${line.what} ${line.says}`">
          <dt>{{ line.what }}</dt>
          <dd>{{ line.says }}</dd>
        </template>
      </dl>
      <p v-for="note in notes" :key="note" class="caution">{{ note }}</p>
      <p v-if="task.because.length > 0" class="second">{{ task.because.join('; ') }}</p>
    </FoldPart>
    <SaidText :label="t('note')" :value="row?.note ?? ''" :max="400" @keep="change(task, { note: $event })" />
    <PhotoStrip v-if="row" :subject="`task:${row.id}`" :of="task.name" />
    <FileButton
      :label="t('pictureOf', { name: task.name })"
      :words="t('addPicture')"
      accept="image/*"
      camera
      link
      @picked="emit('picture', `task:${rowIdOf(task)}`, $event)"
    />
  </article>
</template>

<style scoped>
article {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 12px 0 14px;
  border-top: 1px solid var(--rule-2);
}
article > * {
  max-width: 100%;
}
article > :deep(.fold-part),
article > :deep(.plain-field) {
  width: 100%;
}
h2 {
  font-size: 16px;
  display: flex;
  gap: 10px;
}
.n {
  min-width: 1.2em;
  font-stretch: 75%;
}
.done h2 {
  color: var(--ink-2);
}
dl {
  display: grid;
  grid-template-columns: minmax(90px, auto) 1fr;
  gap: 4px 14px;
}
dt {
  font-weight: 600;
}
.caution {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
  margin: 6px 0;
}
</style>
