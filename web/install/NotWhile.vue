<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { STEPS, type Step } from '@bonitas/core/model/vocabulary/install'
import ChoiceField from '../form/ChoiceField.vue'
import { t } from './words.js'

/** Steps that are not done at the same time as a task. */
const model = defineModel<readonly Step[]>({ required: true })
const left = computed(() => [
  { value: '', text: t('addStep') },
  ...STEPS.filter((s) => !model.value.includes(s)).map((s) => ({ value: s, text: s })),
])
const take = (step: string) => {
  const chosen = STEPS.find((s) => s === step)
  if (chosen) model.value = [...model.value, chosen]
}
</script>

<template>
  <div class="not-while">
    <ChoiceField
      :model-value="''"
      :label="t('notWhile')"
      :hint="t('notWhileTeach')"
      :choices="left"
      @update:model-value="take"
    />
    <ElButton
      v-for="s in model"
      :key="s"
      size="small"
      :aria-label="`${t('remove')}: ${s}`"
      @click="model = model.filter((o) => o !== s)"
      >{{ s }}<span class="cross" aria-hidden="true">✕</span></ElButton
    >
  </div>
</template>

<style scoped>
.not-while {
  margin-top: 8px;
}
.not-while :deep(.el-button) {
  margin: 4px 6px 0 0;
}
.cross {
  margin-left: 6px;
}
</style>
