<script setup lang="ts">
import { computed } from 'vue'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { labOf } from '@bonitas/core/stages/palette/paletteFacts'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { closureText } from './closureText.js'
import RoomPlan from './RoomPlan.vue'
import WallRun from './WallRun.vue'
import RoomResults from './RoomResults.vue'
import RoomCeilings from './RoomCeilings.vue'
import RoomDiagonals from './RoomDiagonals.vue'
import RoomFiles from './RoomFiles.vue'
import { headWord } from '@bonitas/core/model/vocabulary/tradeWords'
import { t } from './words.js'

const store = useJobStore()
const { measured, says } = useLocale()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.measure)
const walls = computed(() => facts.value?.walls ?? [])
const closure = computed(() => facts.value?.closure)
const drawing = computed(() => facts.value && planDrawing(facts.value))
const floor = computed(() => {
  const on = job.value?.finishAssignments.find((p) => p.surface === 'floor')
  const finish = job.value?.finishes.find((f) => f.id === on?.finishId)
  return finish && labOf(finish)
})
useStageKeys([
  [t('n4860Enter'), t('aWallThenRight')],
  [t('n1200LEnter'), t('aWallThenLeft')],
  [t('n850R45BayEnter'), t('aWallThenRightThrough')],
])

const chosen = useInAddress('wall')

const status = computed(() =>
  closure.value ? closureText(closure.value, walls.value.length, measured) : { word: '', text: '' },
)
</script>

<template>
  <StagePage v-if="job && facts && closure" :title="t('measure')">
    <template #head>
      <StageTabs stage="measure" />
    </template>
    <div class="measure">
      <WallRun v-model:chosen="chosen" />
      <section class="drawing" :aria-label="t('plan')">
        <div class="status" :class="closure.state" role="status">
          <b>{{ status.word }}</b>
          <span class="second">{{ status.text }}</span>
        </div>
        <div class="sheet">
          <RoomPlan
            v-if="drawing"
            :drawing="drawing"
            :floor="floor"
            :chosen="chosen"
            :label="t('planOfTheRoomWalls', { walls: walls.length, word: status.word })"
            @choose="chosen = $event"
          />
          <p v-else class="second teach">
            {{ t('thePlanDrawsItselfAs') }}
          </p>
        </div>
        <RoomFiles />
      </section>
      <section class="sizes" :aria-label="t('heightsAndDirection')">
        <RowField
          collection="room"
          :row="job.room"
          field="heightMm"
          kind="length"
          :label="t('ceilingHeight')"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="skirtingMm"
          kind="length"
          :label="headWord('skirting', says.locale)"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="corniceMm"
          kind="length"
          :label="headWord('cornice', says.locale)"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="lowerWallMm"
          kind="length"
          :label="t('railOrWainscotAt')"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="northDeg"
          kind="bearing"
          :label="t('wall1LooksTo')"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="latitudeDeg"
          kind="real"
          :label="t('latitude')"
          figure
        />
      </section>
      <RoomDiagonals class="checks" />
      <RoomCeilings class="checks" :at="chosen" />
    </div>
    <template #panel>
      <FindingsPanel stage="measure" page="" :quiet="t('theMeasuresRaiseNoQuestion')" />
      <RoomResults />
    </template>
  </StagePage>
</template>

<style scoped>
.measure {
  display: grid;
  grid-template-columns: minmax(316px, 9fr) minmax(0, 11fr);
  gap: 16px 22px;
}
.status {
  border-left: 4px solid var(--rule-2);
  padding: 2px 0 2px 10px;
  min-height: 44px;
}
.status b,
.status span {
  display: block;
}
.status.closed {
  border-left-color: var(--ink);
}
.status.gap,
.status.crossed {
  border-left-color: var(--stop);
}
.status.gap b,
.status.crossed b {
  color: var(--stop);
}
.sheet {
  height: 400px;
  display: grid;
  place-items: center;
  margin: 6px 0;
}
.sizes {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.checks {
  grid-column: 1 / -1;
}
.teach {
  max-width: 40ch;
}
@media (width < 760px) {
  .measure {
    grid-template-columns: 1fr;
  }
  .sheet {
    height: 320px;
  }
  .sizes {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
