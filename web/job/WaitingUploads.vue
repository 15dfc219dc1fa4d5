<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Upload } from './uploadStore.js'
import { t } from './words.js'

/** Files on their way, and those that did not get through, each with its reason. */
defineProps<{ waiting: readonly Upload[] }>()
const emit = defineEmits<{ again: [upload: Upload]; forget: [id: string] }>()
</script>

<template>
  <ul v-if="waiting.length > 0" class="waiting" role="status">
    <li v-for="w in waiting" :key="w.id" :class="{ failed: w.failed }">
      <b>{{ w.file.name }}</b> {{ w.says }}
      <ElButton v-if="w.failed" link @click="emit('again', w)">{{ t('sendAgain') }}</ElButton>
      <ElButton v-if="w.failed" link @click="emit('forget', w.id)">{{ t('leaveIt') }}</ElButton>
    </li>
  </ul>
</template>

<style scoped>
.waiting {
  display: grid;
  gap: 4px;
}
.waiting li {
  padding: 4px 10px;
  border-left: 4px solid var(--rule-2);
  background: var(--paper);
}
.waiting .failed {
  border-left-color: var(--stop);
}
</style>
