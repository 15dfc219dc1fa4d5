<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { STAGES } from '../stages.js'
import { term } from '../words/term.js'
import { t } from './words.js'

/** The pages of one stage, as words in its title line. */
const props = defineProps<{ stage: string }>()
const pages = computed(() => (STAGES.find((s) => s.path === props.stage)?.pages ?? []).filter((p) => p.tab))
const route = useRoute()
const base = computed(() => `/jobs/${String(route.params.jobId)}/${props.stage}`)
const to = (path: string) => (path ? `${base.value}/${path}` : base.value)
</script>

<template>
  <nav class="tabs" :aria-label="t('pagesOfStage', { stage })">
    <RouterLink
      v-for="p in pages"
      :key="p.path"
      :to="to(p.path)"
      :aria-current="route.path === to(p.path) ? 'page' : undefined"
      >{{ term(p.tab ?? '') }}</RouterLink
    >
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  min-width: 0;
}
a {
  text-decoration: none;
  padding: 5px 0 3px;
  border-bottom: 2px solid transparent;
  color: var(--ink-2);
}
a:hover {
  border-bottom-color: var(--rule-2);
}
a[aria-current] {
  color: var(--ink);
  border-bottom-color: var(--ink);
  font-weight: 600;
}
@media (width < 1200px) {
  .tabs {
    gap: 2px 16px;
  }
  a {
    padding: 6px 0;
  }
}
</style>
