<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import type { Shelf } from '@bonitas/core/model/rows/shelves'
import type { ShelfPlacement } from '@bonitas/core/model/rows/shelfPlacements'
import { ROWS } from '@bonitas/core/model/registry'
import { SMALL, type Unit } from '@bonitas/core/stages/handover/stylingFacts'
import ChoiceBox from '../form/ChoiceBox.vue'
import RowCheck from '../form/RowCheck.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** What shelves a piece has, and what stands on them, as lists. */
const props = defineProps<{ host: Piece; unit: Unit | undefined; things: readonly Piece[] }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const rows = computed(() => job.value?.shelves.filter((s) => s.pieceId === props.host.id) ?? [])
const onIt = computed(() =>
  (job.value?.shelfPlacements ?? [])
    .filter((s) => s.hostId === props.host.id)
    .sort((a, b) => b.level - a.level || a.position - b.position),
)
const nameOf = (id: string) => props.things.find((p) => p.id === id)?.name ?? ''
const levelChoices = computed(() => [
  ...(props.unit?.levels ?? [])
    .filter((l) => l.number > 0)
    .map((l) => ({
      value: String(l.number),
      text: l.name || t(l.closed ? 'closedShelfN' : 'shelfN', { n: l.number }),
    })),
  { value: '0', text: t('theTop') },
])
const shelfColumns: TableColumn<Shelf>[] = [
  { id: 'name', head: t('name'), kind: 'text' },
  { id: 'levels', head: t('levels'), kind: 'whole', figure: true },
  { id: 'across', head: t('across'), kind: 'whole', figure: true },
  { id: 'clearHeightMm', head: t('clearHeight'), kind: 'length', figure: true },
  { id: 'clearWidthMm', head: t('clearWidth'), kind: 'length', figure: true },
  { id: 'clearDepthMm', head: t('clearDepth'), kind: 'length', figure: true },
  { id: 'bearsG', head: t('bears'), kind: 'weight', figure: true },
  { id: 'closed', head: t('closed') },
  { id: 'fullPercent', head: t('inUse'), kind: 'whole', figure: true },
]
const placeColumns = computed((): TableColumn<ShelfPlacement>[] => [
  { id: 'pieceId', head: t('thing'), choices: props.things.map((p) => ({ value: p.id, text: p.name })) },
  { id: 'level', head: t('shelf') },
  { id: 'position', head: t('order'), kind: 'whole', figure: true },
  { id: 'xMm', head: t('fromLeft'), kind: 'length', figure: true },
  { id: 'count', head: t('howMany'), kind: 'whole', figure: true },
  { id: 'lies', head: t('laidFlat') },
])

function addShelves(): void {
  const p = props.host
  const levels = p.kind === 'shelves' ? Math.max(1, Math.round(p.heightMm / 380)) : 1
  store.add('shelves', {
    ...ROWS.shelves.blank(),
    ...{ pieceId: p.id, position: rows.value.length, levels, closed: p.kind !== 'shelves' },
    clearHeightMm: Math.max(40, Math.round((p.heightMm - (levels + 1) * 18) / levels)),
  })
}

/** The first small thing that has no place yet, on the lowest open shelf; both are chosen in its row. */
function addPlace(): void {
  const j = job.value
  const placed = new Set(
    [...(j?.shelfPlacements ?? []), ...(j?.floorPlacements ?? []), ...(j?.wallPlacements ?? [])].map(
      (s) => s.pieceId,
    ),
  )
  const smallest = [...props.things].sort(
    (a, b) => Math.max(a.widthMm, a.heightMm) - Math.max(b.widthMm, b.heightMm),
  )
  const small = smallest.filter((s) => SMALL.has(s.kind))
  const p = small.find((s) => !placed.has(s.id)) ?? small[0] ?? smallest[0]
  const level = props.unit?.levels.find((l) => l.number > 0 && !l.closed)?.number ?? 0
  if (!p) return
  const last = Math.max(-1, ...onIt.value.filter((s) => s.level === level).map((s) => s.position))
  store.add('shelfPlacements', {
    ...ROWS.shelfPlacements.blank(),
    ...{ pieceId: p.id, hostId: props.host.id, level, position: last + 1, count: p.count },
  })
}
</script>

<template>
  <section class="bench-part">
    <div class="part-head">
      <h2>{{ t('shelvesAndCompartments') }}</h2>
      <ElButton @click="addShelves">{{ t('addARow') }}</ElButton>
    </div>
    <p v-if="rows.length === 0" class="second">{{ t('noShelvesYet') }}</p>
    <RowTable
      v-else
      collection="shelves"
      :rows="rows"
      :columns="shelfColumns"
      :name-of="(r, i) => r.name || t('rowN', { n: i + 1 })"
      removable
    >
      <template #cell-closed="{ row }"
        ><RowCheck collection="shelves" :row="row" field="closed" bare
      /></template>
    </RowTable>
  </section>
  <section class="bench-part">
    <div class="part-head">
      <h2>{{ t('onIt') }}</h2>
      <ElButton :disabled="things.length === 0" @click="addPlace">{{ t('putOnIt') }}</ElButton>
    </div>
    <p v-if="onIt.length === 0" class="second">{{ t('nothingOnIt') }}</p>
    <RowTable
      v-else
      collection="shelfPlacements"
      :rows="onIt"
      :columns="placeColumns"
      :name-of="(r) => nameOf(r.pieceId)"
      removable
    >
      <template #cell-level="{ row }"
        ><ChoiceBox
          :label="t('shelfOf', { name: nameOf(row.pieceId) })"
          :value="String(row.level)"
          :choices="levelChoices"
          bare
          @choose="store.change('shelfPlacements', row.id, { level: Number($event), xMm: null })"
      /></template>
      <template #cell-lies="{ row }"
        ><RowCheck collection="shelfPlacements" :row="row" field="lies" bare
      /></template>
    </RowTable>
  </section>
</template>

<style scoped>
.bench-part {
  margin-top: 18px;
}
:deep(.of-pieceId) {
  min-width: 130px;
}
</style>
