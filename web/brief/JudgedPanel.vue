<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Which findings the chosen schools made fire, over all stages. */
const store = useJobStore()
const route = useRoute()
const found = computed(() => (store.findings ?? []).filter((f) => f.school !== undefined && !f.accepted))
const stage = (rule: string) => rule.split('.')[0] ?? 'brief'
</script>

<template>
  <section :aria-label="t('whatTheSchoolsFound')">
    <h2>{{ t('whatTheSchoolsFound') }}</h2>
    <p v-if="found.length === 0 && store.findings" class="second">
      {{ t('noFindingHangsOnA') }}
    </p>
    <ul>
      <li v-for="f in found" :key="f.key">
        <RouterLink :to="`/jobs/${String(route.params.jobId)}/${stage(f.rule)}`">{{ f.title }}</RouterLink>
        <span class="second">{{ f.school }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
}
li {
  border-bottom: 1px solid var(--rule);
  padding: 6px 0;
}
li .second {
  display: block;
}
</style>
