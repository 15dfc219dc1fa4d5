<script setup lang="ts">
import { computed } from 'vue'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useSessionStore } from '../session/sessionStore.js'
import SaidText from '../form/SaidText.vue'
import { useTaskRows } from './useTaskRows.js'
import { t } from './words.js'

/** What must be asked before a task is begun, and the answer, with who gave it and when. No answer makes anything safe. */
const props = defineProps<{ task: PlannedTask['task'] }>()
const store = useJobStore()
const session = useSessionStore()
const { day } = useLocale()
const { change, rowOf } = useTaskRows()
const row = computed(() => rowOf(props.task))
function keep(answer: string): void {
  const by = answer === '' ? '' : (session.visitor?.member.name ?? '')
  change(props.task, { answer, answeredBy: by, answeredOn: answer === '' ? null : store.day })
}
</script>

<template>
  <div v-if="task.asks" class="asks">
    <p>
      <b>{{ t('asksFirst') }}:</b> {{ task.asks }}
    </p>
    <SaidText :label="t('answer')" :value="row?.answer ?? ''" :max="200" @keep="keep" />
    <p class="second">
      <template v-if="row?.answeredBy && row.answeredOn">{{
        t('answeredBy', { by: row.answeredBy, on: day(row.answeredOn) })
      }}</template>
      {{ t('answerCloses') }}
    </p>
  </div>
</template>

<style scoped>
.asks {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
  display: grid;
  gap: 6px;
}
</style>
