<script setup lang="ts">
import { computed } from 'vue'
import { keptAfter } from '@bonitas/core/job/keptAfter'
import { makingOf } from '@bonitas/core/job/making/makingOf'
import ListTable from '../form/ListTable.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTakeoffs } from '../takeoff/useTakeoffs.js'
import { t } from './words.js'

/** What is over and stays with the client to mend with. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const { lines } = useTakeoffs()
const kept = computed(() =>
  store.snapshot && store.derived
    ? keptAfter(
        store.snapshot,
        store.derived,
        lines.value,
        makingOf(store.snapshot, store.derived, lines.value).consumables,
      )
    : [],
)
</script>

<template>
  <StagePage v-if="job" :title="t('handover')" :says="t('whatIsOver')">
    <template #head><StageTabs stage="handover" /></template>
    <p v-if="kept.length === 0" class="second teach">{{ t('nothingIsKept') }}</p>
    <ListTable
      v-else
      :rows="kept"
      :columns="[
        { id: 'name', head: t('keptHead') },
        { id: 'howMuch', head: t('howMuch') },
        { id: 'finish', head: t('finishAndCode') },
        { id: 'where', head: t('usedAt') },
      ]"
      :key-of="(k) => k.id"
    >
      <template #cell-name="{ row: k }"
        ><b>{{ k.name }}</b></template
      >
      <template #cell-howMuch="{ row: k }">{{ k.howMuch }}</template>
      <template #cell-finish="{ row: k }">{{ k.finish }}</template>
      <template #cell-where="{ row: k }">{{ k.where }}</template>
    </ListTable>
    <template #panel>
      <h2>{{ t('labelEach') }}</h2>
      <p class="second">{{ t('labelWith') }}</p>
      <p class="second caution">{{ t('keepPaint') }}</p>
    </template>
  </StagePage>
</template>

<style scoped>
.teach {
  max-width: 62ch;
  padding-top: 20px;
}
.caution {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
  margin-top: 12px;
}
</style>
