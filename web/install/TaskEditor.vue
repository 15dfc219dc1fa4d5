<script setup lang="ts">
import { ElButton, ElCheckbox, ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed } from 'vue'
import { expected } from '@bonitas/core/kernel/schedule/threePoint'
import type { TaskRow } from '@bonitas/core/model/rows/tasks'
import { STEPS, type Step } from '@bonitas/core/model/vocabulary/install'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import FoldPart from '../form/FoldPart.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useUsual } from '../job/useUsual.js'
import FigureField from '../takeoff/FigureField.vue'
import NotWhile from './NotWhile.vue'
import SaidText from '../form/SaidText.vue'
import TaskAnswer from './TaskAnswer.vue'
import TaskDone from './TaskDone.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** One task: when, why then, who, how long; what is asked first; and that it is done. */
const props = defineProps<{ planned: PlannedTask; nameOf: (key: string) => string }>()
const store = useJobStore()
const { says, day } = useLocale()
const { change, rowOf } = useTaskRows()
const task = computed(() => props.planned.task)
const row = computed(() => rowOf(task.value))
const set = (part: Partial<TaskRow>) => change(task.value, part)
const when = (m: PlannedTask['start']) => `${day(m.day)}, ${says.value.clock(5 * Math.round(m.minute / 5))}`
/** What is to be expected of its three points. */
const usual = computed(() => expected(task.value.estimate))
const waits = computed(() =>
  props.planned.waits.map((w) => {
    const pause = w.lag > 0 ? ` + ${says.value.duration(w.lag)}` : ''
    return `${props.nameOf(w.key)}${pause}`
  }),
)
const crew = computed(() => [
  { value: '', text: t('whoeverCan', { name: props.planned.worker.name }) },
  ...(store.snapshot?.crew ?? []).map((c) => ({ value: c.id, text: c.name })),
])
const who = computed({
  get: () => row.value?.crewId ?? '',
  set: (id: string) => set({ crewId: id === '' ? null : id }),
})
const onDay = computed({
  get: () => row.value?.onDay ?? '',
  set: (iso: string) => {
    // What was typed and is no day stays in its field, and nowhere else.
    if (iso === '' || /^\d{4}-\d\d-\d\d$/.test(iso)) set({ onDay: iso === '' ? null : iso })
  },
})
const isOwn = computed(() => task.value.key.startsWith('own|'))
const step = computed({
  get: () => row.value?.step ?? 'style',
  set: (chosen: Step) => set({ step: chosen }),
})
const usualOf = useUsual()
const wallOf = computed({
  get: () => (row.value?.elsewhere ? 'elsewhere' : (row.value?.wallId ?? '')),
  set: (at: string) =>
    set({ elsewhere: at === 'elsewhere', wallId: at === '' || at === 'elsewhere' ? null : at }),
})
const walls = computed(() => [
  { value: '', text: t('anywhere') },
  { value: 'elsewhere', text: t('notInRoom') },
  ...(store.snapshot?.walls ?? []).map((w) => ({
    value: w.id,
    text: store.derived?.measure.nameOf(w.id) ?? w.name,
  })),
])
</script>

<template>
  <section class="editor">
    <h2>{{ task.name }}</h2>
    <ElDescriptions :column="1" border size="small">
      <ElDescriptionsItem :label="t('from')">{{ when(planned.start) }}</ElDescriptionsItem>
      <ElDescriptionsItem :label="t('until')">{{ when(planned.finish) }}</ElDescriptionsItem>
      <ElDescriptionsItem :label="t('work')">{{
        task.sum || says.duration(task.estimate.likely)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="task.usual" :label="t('inClosedJobs')">{{
        usualOf('hours', task.step)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="task.doneOn === null" :label="t('expected')">{{
        t('expectedTime', {
          mean: says.duration(usual.mean),
          deviation: says.duration(usual.deviation),
        })
      }}</ElDescriptionsItem>
      <ElDescriptionsItem :label="t('waitsFor')">{{ waits.join('; ') || t('nothing') }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="task.doneOn === null" :label="t('spare')">{{
        planned.critical ? t('nothing') : says.duration(planned.spareMinutes)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="planned.dryOn" :label="t('dryOn')">{{
        day(planned.dryOn)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="planned.hardOn" :label="t('hardOn')"
        >{{ day(planned.hardOn) }}; {{ t('nothingSticks') }}</ElDescriptionsItem
      >
    </ElDescriptions>
    <p v-if="task.because.length > 0" class="second">
      <b>{{ t('because') }}:</b> {{ task.because.slice(0, 4).join('; ')
      }}<template v-if="task.because.length > 4">; +{{ task.because.length - 4 }}</template>
    </p>
    <p v-if="task.caution" class="caution">{{ task.caution }}</p>
    <TaskAnswer :task="task" />
    <p v-if="task.first" class="second">
      <b>{{ t('firstStep') }}:</b> {{ task.first }}
    </p>
    <TaskDone :planned="planned" />
    <SaidText
      v-if="isOwn"
      :label="t('name')"
      :value="row?.name ?? ''"
      :max="120"
      @keep="set({ name: $event })"
    />
    <ChoiceField v-if="isOwn" v-model="step" :label="t('step')" :choices="STEPS" />
    <ChoiceField v-if="isOwn" v-model="wallOf" :label="t('atWall')" :choices="walls" />
    <ChoiceField v-model="who" :label="t('who')" :choices="crew" />
    <DayField v-model="onDay" :label="row?.agreed ? t('agreedDay') : t('notBefore')" />
    <ElCheckbox
      v-if="row?.onDay"
      :model-value="row.agreed"
      :validate-event="false"
      @update:model-value="set({ agreed: $event === true })"
      >{{ t('agreed') }}</ElCheckbox
    >
    <SaidText :label="t('note')" :value="row?.note ?? ''" :max="400" @keep="set({ note: $event })" />
    <FoldPart :title="t('work')">
      <div class="figures">
        <FigureField
          v-for="[field, label, value] in [
            ['bestMinutes', t('best'), task.estimate.best],
            ['minutes', t('likely'), task.estimate.likely],
            ['worstMinutes', t('worst'), task.estimate.worst],
            ['hands', t('hands'), task.hands],
          ] as const"
          :key="field"
          kind="whole"
          :label="label"
          :value="value"
          :least="field === 'hands' ? 1 : 0"
          :most="field === 'hands' ? 12 : 100_000"
          @keep="set({ [field]: $event })"
        />
        <FigureField
          kind="real"
          :label="t('dries')"
          :value="task.dryMinutes / 60"
          :most="2000"
          @keep="set({ dryHours: $event })"
        />
      </div>
      <NotWhile :model-value="task.notWhile" @update:model-value="set({ notWhile: [...$event] })" />
    </FoldPart>
    <ElButton v-if="isOwn && row" link @click="store.remove('tasks', row.id)">{{ t('remove') }}</ElButton>
    <ElButton v-else link @click="set({ leftOut: true })">{{ t('leaveOut') }}</ElButton>
  </section>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 9px;
}
.caution {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
  display: grid;
  gap: 6px;
}
.editor :deep(.el-descriptions__label) {
  min-width: 92px;
  padding-right: 12px;
  white-space: nowrap;
  vertical-align: top;
}
.figures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
}
.editor > :deep(.el-button) {
  justify-self: start;
}
</style>
