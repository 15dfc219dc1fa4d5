<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ROOM_KINDS } from '@bonitas/core/model/vocabulary/room'
import { computed } from 'vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import RoomUses from './RoomUses.vue'
import WhoLives from './WhoLives.vue'
import { t } from './words.js'

const store = useJobStore()
const job = computed(() => store.snapshot)
useStageKeys([
  [t('enterInTheLastUse'), t('addAnotherUse')],
  [t('arrowsInTheTable'), t('walkItSpaceTicks')],
])

function addVisit(): void {
  store.add('visits', { on: job.value?.brief.installOn ?? store.day, what: t('visit') })
}
function addFocus(): void {
  const focalPoints = job.value?.focalPoints ?? []
  store.add('focalPoints', {
    name: t('focusPointFocalPoints', { focalPoints: focalPoints.length + 1 }),
    position: nextPosition(focalPoints),
  })
}
</script>

<template>
  <StagePage v-if="job" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <div class="brief">
      <section>
        <h2>{{ t('theJob') }}</h2>
        <div class="grid">
          <RowField collection="client" :row="job.client" field="name" kind="text" />
          <RowField collection="brief" :row="job.brief" field="roomName" kind="text" />
          <RowField collection="brief" :row="job.brief" field="place" kind="text" />
          <RowChoice
            collection="room"
            :row="job.room"
            field="kind"
            :choices="[{ value: null, text: t('notSaid') }, ...ROOM_KINDS]"
          />
        </div>
      </section>
      <section>
        <h2>{{ t('dates') }}</h2>
        <div class="grid">
          <RowField
            collection="brief"
            :row="job.brief"
            field="installOn"
            kind="date"
            :hint="job.brief.installOn ? '' : t('noDateYet')"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="revealOn"
            kind="date"
            :hint="job.brief.revealOn ? '' : t('noDateYet')"
          />
        </div>
        <div v-for="v in job.visits" :key="v.id" class="line visit">
          <RowField collection="visits" :row="v" field="on" kind="date" bare :label="t('dayOfTheVisit')" />
          <RowField
            collection="visits"
            :row="v"
            field="what"
            kind="text"
            bare
            :label="t('whatTheVisitIsFor')"
          />
          <ElButton
            link
            :aria-label="t('removeWhat', { what: v.what })"
            @click="store.remove('visits', v.id)"
          >
            ×
          </ElButton>
        </div>
        <ElButton link @click="addVisit">{{ t('addAVisit') }}</ElButton>
      </section>
      <WhoLives class="broad" />
      <RoomUses class="broad" />
      <section class="broad">
        <div class="part-head">
          <h2>{{ t('promisedFocusPoints') }}</h2>
          <ElButton @click="addFocus">{{ t('addAFocusPoint') }}</ElButton>
        </div>
        <p v-if="job.focalPoints.length === 0" class="second">
          {{ t('oneToThreePlacesThat') }}
        </p>
        <div v-for="f in job.focalPoints" :key="f.id" class="line">
          <RowField collection="focalPoints" :row="f" field="name" kind="text" bare />
          <span class="second">{{
            t('filterItems', { filter: job.items.filter((i) => i.focalPointId === f.id).length })
          }}</span>
          <ElButton
            link
            :aria-label="t('removeName', { name: f.name })"
            @click="store.remove('focalPoints', f.id)"
          >
            ×
          </ElButton>
        </div>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" page="" :quiet="t('theBriefRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px 34px;
}
.brief > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.broad {
  grid-column: 1 / -1;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  margin-top: 8px;
}
.line {
  display: grid;
  grid-template-columns: 1fr auto 24px;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 2px 0;
}
.line.visit {
  grid-template-columns: 130px 1fr 24px;
}
@media (width < 760px) {
  .brief {
    grid-template-columns: 1fr;
  }
}
</style>
