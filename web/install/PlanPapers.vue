<script setup lang="ts">
import { computed } from 'vue'
import { useJobStore } from '../job/jobStore.js'
import type { InstallView } from '../job/install.worker.js'
import { t } from './words.js'

/** The plan to take along: on paper, as a workbook, as a calendar for each person, a sheet for each trade without a price. */
const props = defineProps<{ install: InstallView }>()
const store = useJobStore()
const papers = computed(() => `/api/jobs/${store.snapshot?.brief.id ?? ''}/install`)
const trades = computed(() => [...new Set(props.install.tasks.map((x) => x.task.skill))])
const workers = computed(() => store.snapshot?.crew ?? [])
</script>

<template>
  <p class="papers">
    <a :href="`${papers}/plan.pdf`" target="_blank" rel="noopener">{{ t('asPdf') }}</a>
    <a :href="`${papers}/plan.xlsx`" download>{{ t('asXlsx') }}</a>
    <a :href="`${papers}/plan.csv`" download>{{ t('asCsv') }}</a>
    <a :href="`${papers}.ics`" download>{{ t('asCalendar') }}</a>
    <a v-for="w in workers" :key="w.id" :href="`${papers}.ics?who=${w.id}`" download>{{
      t('calendarOf', { name: w.name })
    }}</a>
    <a
      v-for="s in trades"
      :key="s"
      :href="`${papers}/plan.pdf?trade=${encodeURIComponent(s)}`"
      target="_blank"
      rel="noopener"
      >{{ t('sheetOf', { trade: s }) }}</a
    >
  </p>
</template>

<style scoped>
.papers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  padding: 10px 0 4px;
}
/* As large as a finger needs them. */
.papers a {
  display: inline-flex;
  align-items: center;
  min-height: 26px;
}
</style>
