<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { placesForALamp, TABLE_PLANE_MM } from '@bonitas/core/stages/plan/light/roomLight'
import { lightGrid, type Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import { usePlaces } from '@bonitas/core/stages/plan/light/usePlaces'
import ListTable from '../form/ListTable.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LampTable from './LampTable.vue'
import LightDrawing from './LightDrawing.vue'
import { grayOf, LIGHT_STEPS } from './lightSteps.js'
import RoomLightTable from './RoomLightTable.vue'
import { usePlan } from './usePlan.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

const { store, facts } = usePlan()
const planeMm = ref(TABLE_PLANE_MM)
const off = ref<ReadonlySet<string>>(new Set())
const rowOf = (lamp: Luminaire) => lamp.id.split(' ')[0] ?? lamp.id
const lamps = computed(() => (facts.value?.lamps ?? []).filter((l) => !off.value.has(rowOf(l))))
const grid = computed(
  () => facts.value && lightGrid(facts.value.room, lamps.value, facts.value.reflecting, planeMm.value, 200),
)
const uses = computed(() => (facts.value ? usePlaces({ ...facts.value, lamps: lamps.value }) : []))

const placed = computed(() => new Set((facts.value?.lamps ?? []).map(rowOf)))
const places = computed(() => (facts.value ? placesForALamp(facts.value, lamps.value).slice(0, 4) : []))
function toggle(id: string): void {
  const next = new Set(off.value)
  if (next.has(id)) next.delete(id)
  else next.add(id)
  off.value = next
}
const isLight = (rule: string) => /use-dark|lamp|pendant|sleep-dark|cord|shade|suspension|wet/.test(rule)
const findings = computed(() => (store.plan?.findings ?? []).filter((f) => isLight(f.rule)))
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('plan')" broad>
    <template #head><StageTabs stage="plan" /></template>
    <p v-if="!store.plan" class="second" role="status">{{ t('layingOutTheRoom') }}</p>
    <p v-else-if="!facts || !grid" class="teaching">
      {{ t('lightIsComputedOnceThe') }}
    </p>
    <div v-else class="light">
      <div class="over-bench">
        <span role="group" :aria-label="t('height')">
          <ElButton
            :aria-pressed="planeMm === TABLE_PLANE_MM ? 'true' : 'false'"
            @click="planeMm = TABLE_PLANE_MM"
          >
            {{ t('onATable') }}
          </ElButton>
          <ElButton :aria-pressed="planeMm === 0 ? 'true' : 'false'" @click="planeMm = 0">
            {{ t('onTheFloor') }}
          </ElButton>
        </span>
        <span class="key second"
          ><template v-for="(s, i) in LIGHT_STEPS" :key="s"
            ><i :style="{ background: grayOf(s - 1) }"></i>{{ i === 0 ? `under ${s}` : s }}</template
          ><i :style="{ background: '#fff' }"></i>{{ t('lxAndMore') }}</span
        >
      </div>
      <LightDrawing :facts="facts" :grid="grid" :lamps="lamps" />
    </div>
    <template #panel>
      <template v-if="facts && grid">
        <section class="panel-part wide-part">
          <h2>{{ t('lightForEachUse') }}</h2>
          <ListTable
            v-if="uses.length > 0"
            :rows="uses"
            :columns="[
              { id: 'use', head: t('use') },
              { id: 'at', head: t('at') },
              { id: 'lx', head: 'lx', figure: true },
              { id: 'wanted', head: t('wanted'), figure: true },
            ]"
            :key-of="(u) => u.use.id + u.by.id"
            :row-class="(u) => ({ dark: u.lux < 0.8 * u.targetLux })"
          >
            <template #cell-use="{ row: u }">{{ u.use.name }}</template>
            <template #cell-at="{ row: u }">{{ u.by.name }}</template>
            <template #cell-lx="{ row: u }">{{ Math.round(u.lux) }}</template>
            <template #cell-wanted="{ row: u }"
              ><FigureSum :sum="u.says">{{ u.targetLux }}</FigureSum></template
            >
          </ListTable>
          <p v-else class="second">
            {{ t('sayInTheBriefWhich') }}
          </p>
        </section>
        <RoomLightTable :facts="facts" :grid="grid" :lamps="lamps" />
        <section v-if="places.length > 0" class="panel-part wide-part">
          <h2>{{ t('whereOneMoreLampHelps') }}</h2>
          <ol>
            <li v-for="p in places" :key="p.place.name">
              <b>{{ p.place.name }}</b>: <span class="second">{{ p.refused ?? p.reasons.join('; ') }}</span>
            </li>
          </ol>
        </section>
        <FindingsPanel stage="plan" :list="findings" :quiet="t('noLampAsksToBe')" />
        <p class="second">
          {{ t('lampsAsPointsWithoutWhat') }}
        </p>
      </template>
    </template>
    <template #strip>
      <LampTable v-if="facts" :off="off" :placed="placed" @toggle="toggle" />
    </template>
  </StagePage>
</template>

<style scoped>
.light {
  height: 100%;
  display: flex;
  flex-direction: column;
}
.key {
  display: inline-flex;
  align-items: center;
  gap: 5px;
}
.key i {
  width: 20px;
  height: 14px;
  margin-left: 8px;
  border: 1px solid var(--rule-2);
}
.wide-part {
  justify-items: stretch;
}
:deep(.dark) {
  font-weight: 650;
}
ol {
  margin: 0;
  padding-left: 20px;
  font-size: 13px;
}
</style>
