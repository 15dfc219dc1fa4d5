<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { SCHOOLS, TOPICS, type Topic } from '@bonitas/core/model/vocabulary/schools'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import JudgedPanel from './JudgedPanel.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import type { heardBy } from './schoolRules.js'

/** What listens to each topic comes after the page; a topic of a later stage has none yet, and says so. */
const rules = shallowRef<{ readonly heardBy: typeof heardBy }>()
// Without the network there is nothing to tell them by; the schools can be chosen all the same.
onMounted(async () => (rules.value = await import('./schoolRules.js').catch(() => undefined)))

const store = useJobStore()
const job = computed(() => store.snapshot)
const chosen = (topic: Topic) => job.value?.schools[topic] ?? null
const choose = (topic: Topic, school: string | null) =>
  job.value && store.change('schools', job.value.schools.id, { [topic]: school })
const settled = computed(() => TOPICS.filter((t) => chosen(t) !== null).length)
</script>

<template>
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <p class="second says">
      Where good decorators disagree, the job chooses: {{ settled }} of {{ TOPICS.length }} topics settled. A
      topic that is not settled judges nothing; a choice can change at any time, and every finding follows at
      once.
    </p>
    <div class="topics">
      <fieldset v-for="t in TOPICS" :key="t">
        <legend>{{ SCHOOLS[t].title }}</legend>
        <label class="school none">
          <input type="radio" :name="t" :checked="chosen(t) === null" @change="choose(t, null)" />
          <span class="second">not settled</span>
        </label>
        <label v-for="s in SCHOOLS[t].schools" :key="s.name" class="school">
          <input type="radio" :name="t" :checked="chosen(t) === s.name" @change="choose(t, s.name)" />
          <span
            ><b>{{ s.name }}</b
            ><span class="second">{{ s.says }}</span></span
          >
        </label>
        <p class="second">
          <template v-if="rules">{{
            rules.heardBy(t).length > 0
              ? `Judged by: ${rules.heardBy(t).join('; ')}`
              : 'Kept for a later stage: no rule judges it yet.'
          }}</template>
          <template v-else>&nbsp;</template>
        </p>
        <RowField
          v-if="t === 'lead'"
          collection="brief"
          :row="job.brief"
          field="leadName"
          kind="text"
          label="Which one leads"
          hint="everything else is tested against it"
        />
      </fieldset>
    </div>
    <template #panel><JudgedPanel /></template>
  </StagePage>
</template>

<style scoped>
.says {
  max-width: 80ch;
  margin-bottom: 12px;
}
.topics {
  columns: 2;
  column-gap: 34px;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--ink);
  margin: 0 0 18px;
  padding: 8px 0 0;
  break-inside: avoid;
  display: grid;
  gap: 7px;
  min-width: 0;
}
legend {
  float: left;
  font-size: 15px;
  font-weight: 650;
  padding: 0;
}
.school {
  display: grid;
  grid-template-columns: 16px 1fr;
  gap: 9px;
  align-items: start;
}
.school.none {
  justify-self: end;
  grid-template-columns: 16px auto;
  margin-top: -24px;
}
.school input {
  margin-top: 2px;
}
.school span span {
  display: block;
}
@media (width < 760px) {
  .topics {
    columns: 1;
  }
}
</style>
