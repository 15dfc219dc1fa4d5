<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { avoidedOn } from '@bonitas/core/stages/plan/rules/frames'
import type { PanelLayout } from '@bonitas/core/model/rows/panelLayouts'
import { curtainRail, layPanels } from '@bonitas/core/stages/plan/walls/layPanels'
import FoldPart from '../form/FoldPart.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

const { drawn } = useLocale()

/** One thing set out along a wall, its numbers, and how its fields come out. */
const props = defineProps<{ row: PanelLayout; facts: PlanFacts }>()
const store = useJobStore()
const laid = computed(() => layPanels(props.row, avoidedOn(props.facts, props.row.wallId)))
const window = computed(() => props.facts.room.openings.find((o) => o.id === props.row.openingId))
const says = computed(() => {
  const { row } = props
  if (row.kind === 'curtain rail' && window.value) {
    const beyond = window.value.startMm - row.startMm
    const rail = curtainRail(window.value.startMm, window.value.widthMm, Math.max(0, beyond), 2)
    return t('reachesBeyondBeyondTheWindow', {
      beyond: drawn(beyond),
      stackMm: drawn(rail.stackMm),
      overGlassMm:
        rail.overGlassMm > 0
          ? t('overGlassMmOfItOverThe', { overGlassMm: drawn(rail.overGlassMm) })
          : t('andLeaveTheGlassFree'),
    })
  }
  if (laid.value.stiles.length === 0)
    return t('endMmLongAtBottomMm', { endMm: drawn(row.endMm - row.startMm), bottomMm: drawn(row.bottomMm) })
  return t('countFieldsOfFieldMmClashes', {
    count: row.count,
    fieldMm: drawn(Math.round(laid.value.fieldMm)),
    clashes: laid.value.clashes.length > 0 ? t('aSocketOnAStile') : t('noSocketOnAStile'),
  })
})
</script>

<template>
  <FoldPart class="set-out">
    <template #title>
      <b>{{ row.name || row.kind }}</b> <span class="second">{{ says }}</span>
    </template>
    <div class="fields">
      <RowField collection="panelLayouts" :row="row" field="name" kind="text" />
      <RowField collection="panelLayouts" :row="row" field="startMm" kind="length" figure />
      <RowField collection="panelLayouts" :row="row" field="endMm" kind="length" figure />
      <RowField
        collection="panelLayouts"
        :row="row"
        field="bottomMm"
        kind="length"
        figure
        :label="t('lowerEdge')"
      />
      <RowField collection="panelLayouts" :row="row" field="heightMm" kind="length" figure />
      <RowField
        v-if="laid.stiles.length > 0"
        collection="panelLayouts"
        :row="row"
        field="count"
        kind="whole"
        figure
        :label="t('fields')"
      />
      <RowField
        v-if="laid.stiles.length > 0"
        collection="panelLayouts"
        :row="row"
        field="stileMm"
        kind="length"
        figure
      />
      <RowField collection="panelLayouts" :row="row" field="depthMm" kind="length" figure />
    </div>
    <p v-if="laid.stiles.length > 0" class="second">
      {{
        t('fieldsBeginAtJoinFrom', { join: laid.fields.map((f) => drawn(Math.round(f.leftMm))).join(', ') })
      }}
    </p>
    <ElButton link @click="store.remove('panelLayouts', row.id)">{{ t('takeItOffTheWall') }}</ElButton>
  </FoldPart>
</template>

<style scoped>
.set-out {
  font-size: 13px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 6px 10px;
  padding: 6px 0;
}
</style>
