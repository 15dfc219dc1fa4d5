<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useJobStore } from '../job/jobStore.js'

/** Which findings the chosen schools made fire, over all stages. */
const store = useJobStore()
const route = useRoute()
const found = computed(() => (store.findings ?? []).filter((f) => f.school !== undefined && !f.accepted))
const stage = (rule: string) => rule.split('.')[0] ?? 'brief'
</script>

<template>
  <section aria-label="What the schools found">
    <h2>What the schools found</h2>
    <p v-if="found.length === 0 && store.findings" class="second">
      No finding hangs on a school at the moment. A finding that does says which school made it fire, and can
      be accepted once as deliberate.
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
