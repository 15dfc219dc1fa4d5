<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import type { Effort } from '@bonitas/core/model/rows/efforts'
import type { MakingWork } from '@bonitas/core/stages/takeoff/making/making'
import { ONE, USUAL_TASKS, workUnit } from '@bonitas/core/stages/takeoff/making/usual'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import FigureField from './FigureField.vue'
import { capital } from '@bonitas/core/kernel/capital'
import { t } from './words.js'

/** One kind of work: where it is, and how long it takes here. */
const props = defineProps<{ work: MakingWork }>()
const store = useJobStore()
const { system, says } = useLocale()
const unit = computed(() => workUnit(props.work.by, system.value))
/** Minutes are kept for a square meter, a meter or a piece; they are typed for the unit the studio reckons by. */
const per = computed(() => ONE[props.work.by] / unit.value[0])
/** Usual minutes as one would say them: 111 for 100 square feet, not 111.48. */
const usual = computed(() => Number((USUAL_TASKS[props.work.task].minutes / per.value).toPrecision(3)))

function change(part: Partial<Effort>): void {
  const { row, task } = props.work
  if (row) store.change('efforts', row.id, part)
  else store.add('efforts', { ...ROWS.efforts.blank(), task, ...part })
}
</script>

<template>
  <section class="editor">
    <h2>{{ capital(work.task) }}</h2>
    <p>{{ work.because.join('; ') }}</p>
    <FigureField
      kind="real"
      :label="t('minutesFor', { unit: unit[1] })"
      :value="work.row?.minutes ?? usual * per"
      :per="per"
      :most="100_000"
      :hint="t('usuallyItIs', { usual: says.figure(usual) })"
      @keep="change({ minutes: $event })"
    />
    <ElCheckbox
      :model-value="work.leftOut"
      :validate-event="false"
      @update:model-value="change({ leftOut: $event === true })"
      >{{ t('doneByOthers') }}</ElCheckbox
    >
  </section>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 9px;
}
</style>
