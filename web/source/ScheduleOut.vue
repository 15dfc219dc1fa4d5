<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { saveSchedule } from './saveSchedule.js'

/** The schedule given out: whole for the studio, without trade prices and suppliers for the client. */
const store = useJobStore()
const { money } = useLocale()
const jobPath = computed(() => `/api/jobs/${store.snapshot?.brief.id ?? ''}`)
function save(kind: 'xlsx' | 'csv', reader: 'studio' | 'client'): void {
  if (store.snapshot && store.derived) void saveSchedule(store.snapshot, store.derived, kind, reader)
}
</script>

<template>
  <section class="schedule-out">
    <h2>The schedule, given out</h2>
    <ul class="out">
      <li>
        <ElButton link @click="save('xlsx', 'studio')">Schedule as XLSX</ElButton>
      </li>
      <li>
        <ElButton link @click="save('csv', 'studio')">Schedule as CSV</ElButton>
      </li>
      <li><a :href="`${jobPath}/schedule.pdf`" target="_blank" rel="noopener">Schedule as PDF</a></li>
    </ul>
    <h2>For the client</h2>
    <p class="second">List prices; no trade prices, no suppliers, nothing that was not chosen.</p>
    <ul class="out">
      <li>
        <ElButton link @click="save('xlsx', 'client')">Client’s XLSX</ElButton>
      </li>
      <li>
        <ElButton link @click="save('csv', 'client')">Client’s CSV</ElButton>
      </li>
      <li>
        <a :href="`${jobPath}/schedule.pdf?for=client`" target="_blank" rel="noopener">Client’s PDF</a>
      </li>
    </ul>
    <p class="second">Chosen now: {{ money(store.derived?.position.chosenMinor ?? 0) }}.</p>
  </section>
</template>

<style scoped>
.schedule-out {
  display: grid;
  gap: 8px;
}
.out {
  display: grid;
  gap: 4px;
}
</style>
