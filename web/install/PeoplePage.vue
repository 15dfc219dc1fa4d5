<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import { SKILLS, WEEKDAYS } from '@bonitas/core/model/vocabulary/install'
import RowField from '../form/RowField.vue'
import RowTable from '../form/RowTable.vue'
import RowWords from '../form/RowWords.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import DaysOff from './DaysOff.vue'
import { t } from './words.js'

/** Who works when: people with their hours and days, days off, quiet hours, and where things stand meanwhile. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const { volume } = useLocale()
onMounted(() => store.needInstall())

function addPerson(): void {
  const position = Math.max(-1, ...(job.value?.crew ?? []).map((c) => c.position)) + 1
  store.add('crew', { ...ROWS.crew.blank(), name: t('newPerson'), position, skills: ['decorator'] })
}
function addQuiet(): void {
  store.add('quietHours', { ...ROWS.quietHours.blank(), what: t('newQuiet'), from: 13 * 60, until: 15 * 60 })
}
</script>

<template>
  <StagePage v-if="job" :title="t('install')">
    <template #head><StageTabs stage="install" /></template>
    <section>
      <div class="part-head">
        <h2>{{ t('people') }}</h2>
        <ElButton size="small" @click="addPerson">{{ t('addPerson') }}</ElButton>
      </div>
      <p class="second">{{ t('peopleTeach') }}</p>
      <fieldset v-for="c in job.crew" :key="c.id" class="person">
        <legend class="visually-hidden">{{ c.name }}</legend>
        <div class="fields">
          <RowField collection="crew" :row="c" field="name" kind="text" />
          <RowField collection="crew" :row="c" field="hands" kind="whole" figure />
          <RowField collection="crew" :row="c" field="from" kind="clock" figure />
          <RowField collection="crew" :row="c" field="until" kind="clock" figure />
          <RowField collection="crew" :row="c" field="note" kind="text" />
        </div>
        <div class="words">
          <span class="second">{{ t('canDo') }}</span>
          <RowWords
            collection="crew"
            :row="c"
            field="skills"
            :choices="SKILLS"
            :label="`${t('canDo')}: ${c.name}`"
          />
          <span class="second">{{ t('worksOn') }}</span>
          <RowWords
            collection="crew"
            :row="c"
            field="weekdays"
            :choices="WEEKDAYS"
            :label="`${t('worksOn')}: ${c.name}`"
          />
        </div>
        <ElButton link :aria-label="`${t('remove')}: ${c.name}`" @click="store.remove('crew', c.id)">{{
          t('remove')
        }}</ElButton>
      </fieldset>
    </section>
    <DaysOff />
    <section>
      <div class="part-head">
        <h2>{{ t('quiet') }}</h2>
        <ElButton size="small" @click="addQuiet">{{ t('addQuiet') }}</ElButton>
      </div>
      <p class="second">{{ t('quietTeach') }}</p>
      <RowTable
        v-if="job.quietHours.length > 0"
        collection="quietHours"
        :rows="job.quietHours"
        :columns="[
          { id: 'what', head: t('why'), kind: 'text' },
          { id: 'from', head: t('from'), kind: 'clock' },
          { id: 'until', head: t('until'), kind: 'clock' },
          { id: 'weekdays', head: t('on') },
        ]"
        :name-of="(q) => q.what"
        removable
      >
        <template #cell-weekdays="{ row: q }"
          ><RowWords
            collection="quietHours"
            :row="q"
            field="weekdays"
            :choices="WEEKDAYS"
            :label="`${t('on')}: ${q.what}`"
        /></template>
      </RowTable>
    </section>
    <section>
      <h2>{{ t('holding') }}</h2>
      <p class="second">{{ t('holdingTeach', { volume: volume(store.install?.clearedMm3 ?? 0) }) }}</p>
      <div class="fields">
        <RowField collection="brief" :row="job.brief" field="holdingPlace" kind="text" />
        <RowField
          collection="brief"
          :row="job.brief"
          field="holdingM3"
          kind="room volume"
          :label="job.studio.system === 'metric' ? t('holds') : t('holdsCuFt')"
          figure
        />
      </div>
    </section>
    <template #panel>
      <FindingsPanel stage="install" page="people" :quiet="t('planRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
section {
  padding-bottom: 18px;
}
.person {
  border: 0;
  border-top: 1px solid var(--rule-2);
  margin: 8px 0 0;
  padding: 10px 0 4px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.fields {
  display: grid;
  grid-template-columns: minmax(160px, 2fr) 80px 110px 110px minmax(160px, 2fr);
  gap: 8px 14px;
  width: 100%;
  max-width: 860px;
}
.words {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 6px 12px;
  align-items: baseline;
}
@media (width < 800px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }
  .words {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
