<script setup lang="ts">
import { computed } from 'vue'
import type { TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import FigureField from '../takeoff/FigureField.vue'
import { useRecords } from './useRecords.js'
import { t } from './words.js'

/** What was over of goods that were reckoned: asked once, when the room is done, so that the next one is reckoned by it. */
const props = defineProps<{ lines: readonly TakeoffLine[] }>()
const store = useJobStore()
const { says, system } = useLocale()
const { recordOf, setRecord } = useRecords()
const ML_PER = computed(() => (system.value === 'metric' ? 1000 : 3785.411784))
const rows = computed(() => [
  ...props.lines
    .filter((l) => l.packs !== undefined && !l.soldByLength && l.row.itemId !== null)
    .map((l) => ({
      ...{ id: l.row.id, name: l.row.name, bought: l.packsText, left: l.row.leftPacks, per: 1 },
      unit: t('packsUnit'),
      keep: (left: number | null) => store.change('takeoffs', l.row.id, { leftPacks: left }),
    })),
  ...(store.derived?.paint ?? [])
    .filter((l) => !l.isPrimer && l.tins)
    .map((l) => ({
      ...{ id: l.finishId, name: l.name, bought: says.value.liquid((l.tins?.volumeMl ?? 0) / 1000) },
      ...{ left: recordOf(l.finishId)?.leftMl ?? null, per: ML_PER.value },
      unit: system.value === 'metric' ? t('liters') : t('gallons'),
      keep: (left: number | null) =>
        setRecord(l.finishId, { leftMl: left === null ? null : Math.round(left) }),
    })),
])
</script>

<template>
  <section v-if="rows.length > 0" class="left-over">
    <h2>{{ t('leftOver') }}</h2>
    <p class="second">{{ t('leftOverTeach') }}</p>
    <ListTable
      :rows="rows"
      :columns="[
        { id: 'name', head: t('what') },
        { id: 'bought', head: t('reckoned'), figure: true },
        { id: 'left', head: t('leftOfIt') },
      ]"
      :key-of="(r) => r.id"
    >
      <template #cell-name="{ row: r }">{{ r.name }}</template>
      <template #cell-bought="{ row: r }">{{ r.bought }}</template>
      <template #cell-left="{ row: r }"
        ><FigureField
          kind="real"
          :label="t('leftOfName', { name: r.name, unit: r.unit })"
          :value="r.left"
          :per="r.per"
          :most="1000000"
          @keep="r.keep($event)"
      /></template>
    </ListTable>
  </section>
</template>

<style scoped>
.left-over {
  margin-bottom: 26px;
  display: grid;
  gap: 8px;
}
:deep(.of-left) {
  width: 260px;
}
</style>
