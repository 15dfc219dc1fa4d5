<script setup lang="ts">
import { ElRadio, ElRadioGroup } from 'element-plus'
import { computed, onMounted, shallowRef } from 'vue'
import { SCHOOLS, TOPICS, type Topic } from '@bonitas/core/model/vocabulary/schools'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import JudgedPanel from './JudgedPanel.vue'
import type { heardBy } from './schoolRules.js'
import { t } from './words.js'

/** What listens to each topic comes after the page; a topic of a later stage has none yet, and says so. */
const rules = shallowRef<{ readonly heardBy: typeof heardBy }>()
// Without the network there is nothing to tell them by; the schools can be chosen all the same.
onMounted(async () => (rules.value = await import('./schoolRules.js').catch(() => undefined)))

const store = useJobStore()
const job = computed(() => store.snapshot)
const chosen = (topic: Topic) => job.value?.schools[topic] ?? null
const choose = (topic: Topic, school: string | null) =>
  job.value && store.change('schools', job.value.schools.id, { [topic]: school })
const settled = computed(() => TOPICS.filter((about) => chosen(about) !== null).length)
</script>

<template>
  <StagePage v-if="job" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <p class="second says">
      {{ t('whereGoodDecoratorsDisagreeThe', { settled, TOPICS: TOPICS.length }) }}
    </p>
    <div class="topics">
      <fieldset v-for="about in TOPICS" :key="about">
        <legend>{{ SCHOOLS[about].title }}</legend>
        <ElRadioGroup
          :model-value="chosen(about) ?? ''"
          :aria-label="SCHOOLS[about].title"
          @change="choose(about, $event === '' ? null : String($event))"
        >
          <ElRadio class="none" value=""
            ><span class="second">{{ t('notSettled') }}</span></ElRadio
          >
          <ElRadio v-for="s in SCHOOLS[about].schools" :key="s.name" :value="s.name">
            <b>{{ s.name }}</b><span class="second">{{ s.says }}</span>
          </ElRadio>
        </ElRadioGroup>
        <p class="second">
          <template v-if="rules">{{
            rules.heardBy(about).length > 0
              ? t('judgedByJoin', { join: rules.heardBy(about).join('; ') })
              : t('keptForALaterStage')
          }}</template>
          <template v-else>&nbsp;</template>
        </p>
        <RowField
          v-if="about === 'lead'"
          collection="brief"
          :row="job.brief"
          field="leadName"
          kind="text"
          :label="t('whichOneLeads')"
          :hint="t('everythingElseIsTestedAgainst')"
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
  width: 100%;
  font-size: 15px;
  font-weight: 650;
  padding: 0;
}
fieldset .el-radio-group {
  display: grid;
  gap: 7px;
}
fieldset .el-radio {
  align-items: start;
  margin-right: 0;
}
fieldset .el-radio :deep(.el-radio__inner) {
  margin-top: 1px;
}
fieldset b,
fieldset .el-radio .second {
  display: block;
}
@media (width < 760px) {
  .topics {
    columns: 1;
  }
}
</style>
