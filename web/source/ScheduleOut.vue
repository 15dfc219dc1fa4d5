<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { saveSchedule } from './saveSchedule.js'
import { t } from './words.js'

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
    <h2>{{ t('theScheduleGivenOut') }}</h2>
    <ul class="out">
      <li>
        <ElButton link @click="save('xlsx', 'studio')">{{ t('scheduleAsXLSX') }}</ElButton>
      </li>
      <li>
        <ElButton link @click="save('csv', 'studio')">{{ t('scheduleAsCSV') }}</ElButton>
      </li>
      <li>
        <a :href="`${jobPath}/schedule.pdf`" target="_blank" rel="noopener">{{ t('scheduleAsPDF') }}</a>
      </li>
    </ul>
    <h2>{{ t('forTheClient') }}</h2>
    <p class="second">{{ t('listPricesNoTradePrices') }}</p>
    <ul class="out">
      <li>
        <ElButton link @click="save('xlsx', 'client')">{{ t('clientsXLSX') }}</ElButton>
      </li>
      <li>
        <ElButton link @click="save('csv', 'client')">{{ t('clientsCSV') }}</ElButton>
      </li>
      <li>
        <a :href="`${jobPath}/schedule.pdf?for=client`" target="_blank" rel="noopener">{{
          t('clientsPDF')
        }}</a>
      </li>
    </ul>
    <p class="second">
      {{ t('chosenNowChosenMinor', { chosenMinor: money(store.derived?.position.chosenMinor ?? 0) }) }}
    </p>
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
