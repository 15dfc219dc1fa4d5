<script setup lang="ts">
import { computed } from 'vue'
import { rightIn } from '@bonitas/core/job/rightIn'
import { rightInInstall } from '@bonitas/core/job/install/rightInInstall'
import { lookedFor } from '@bonitas/core/job/lookedFor'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/** What the rule book looked for in a stage and did not find: so that silence can be told from not having looked. */
const props = defineProps<{ stage: string }>()
const store = useJobStore()
const titles = computed(() => {
  const found =
    props.stage === 'plan'
      ? store.plan?.findings
      : props.stage === 'install'
        ? store.install?.findings
        : store.findings
  return store.snapshot && found ? lookedFor(props.stage, found, store.snapshot.schools) : []
})
const right = computed(() => {
  const { snapshot: job, install } = store
  if (!job) return []
  if (props.stage === 'install')
    return install
      ? rightInInstall(
          job,
          install,
          install.findings.some((f) => f.rule === 'install.too-early'),
        )
      : []
  return store.derived ? rightIn(props.stage, job, store.derived, store.plan) : []
})
</script>

<template>
  <div class="looked">
    <template v-if="right.length > 0">
      <h2>{{ t('whatIsRight') }}</h2>
      <ul>
        <li v-for="line in right" :key="line">{{ line }}</li>
      </ul>
    </template>
    <h2>{{ t('lookedForN', { n: titles.length }) }}</h2>
    <ul>
      <li v-for="title in titles" :key="title">{{ title }}</li>
    </ul>
  </div>
</template>

<style scoped>
.looked {
  font-size: 13px;
  color: var(--ink-2);
}
h2 {
  font-size: 13px;
  font-weight: 500;
  color: var(--ink);
}
ul {
  margin: 4px 0 0;
  padding-left: 16px;
  list-style: square;
}
</style>
