<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import FigureField from '../takeoff/FigureField.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** That a task is done, and how long it took; not before what must be asked first has its answer. */
const props = defineProps<{
  planned: PlannedTask
  /** The day looked at: what is ticked on a day that is past was done on it. */
  on?: string
}>()
const store = useJobStore()
const { day } = useLocale()
const { change, rowOf } = useTaskRows()
const task = computed(() => props.planned.task)
const row = computed(() => rowOf(task.value))
const doneDay = computed(() => (props.on && props.on < store.day ? props.on : store.day))
const doneOn = computed(() => row.value?.doneOn ?? null)
const unanswered = computed(() => task.value.asks !== undefined && !row.value?.answer.trim())
</script>

<template>
  <div class="done">
    <template v-if="doneOn === null">
      <ElButton size="small" :disabled="unanswered" @click="change(task, { doneOn: doneDay })">{{
        t('done')
      }}</ElButton>
      <span v-if="unanswered" class="second">{{ t('answerBefore') }}</span>
    </template>
    <template v-else>
      <span
        ><b>✓</b> {{ t('doneOn') }} <b>{{ day(doneOn) }}</b></span
      >
      <ElButton link @click="change(task, { doneOn: null })">{{ t('notDone') }}</ElButton>
      <FigureField
        kind="whole"
        :label="t('took')"
        :value="row?.spentMinutes ?? null"
        :most="100_000"
        @keep="change(task, { spentMinutes: $event })"
      />
    </template>
  </div>
</template>

<style scoped>
.done {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
}
</style>
