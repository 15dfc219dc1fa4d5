<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { Shelf } from '@bonitas/core/model/rows/shelves'
import type { ShelfPlacement } from '@bonitas/core/model/rows/shelfPlacements'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { labOf } from '@bonitas/core/stages/palette/paletteFacts'
import { inRoom } from '@bonitas/core/stages/palette/visibleArea'
import { stylingFacts } from '@bonitas/core/stages/handover/stylingFacts'
import ChoiceBox from '../form/ChoiceBox.vue'
import ChoiceField from '../form/ChoiceField.vue'
import RowCheck from '../form/RowCheck.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import { PLAIN } from '../plan/usePlan.js'
import ShelfDrawing from './ShelfDrawing.vue'
import StorageSums from './StorageSums.vue'
import { t } from './words.js'

const store = useJobStore()
const job = computed(() => store.snapshot)
const chosenId = useInAddress('piece')
const pointed = shallowRef<JudgedFinding>()
const marked = computed(() => new Set(pointed.value?.about.map((r) => r.id)))

const shown = computed(() => job.value && inScheme(job.value))
const facts = computed(() => shown.value && stylingFacts(shown.value, store.derived?.areas?.floorMm2))
const here = computed(() => shown.value?.pieces.filter(inRoom) ?? [])
/** First those that carry something already, then what has shelves by its kind, then the rest. */
const HOSTS: readonly string[] = [
  'shelves',
  'cabinet',
  'tray',
  'low table',
  'side table',
  'desk',
  'chest of drawers',
]
/** What is set out on shelves by its kind. */
const SMALL: readonly string[] = ['object', 'books', 'plant', 'picture', 'tray']
const hosts = computed(() => {
  const units = new Set(facts.value?.units.map((u) => u.id))
  const rank = (p: { id: string; kind: string }) =>
    units.has(p.id) ? -1 : HOSTS.includes(p.kind) ? HOSTS.indexOf(p.kind) : HOSTS.length
  return [...here.value].sort((a, b) => rank(a) - rank(b))
})
const host = computed(() => hosts.value.find((p) => p.id === chosenId.value) ?? hosts.value[0])
const unit = computed(() => facts.value?.units.find((u) => u.id === host.value?.id))
const rows = computed(() => job.value?.shelves.filter((s) => s.pieceId === host.value?.id) ?? [])
const onIt = computed(() =>
  (job.value?.shelfPlacements ?? [])
    .filter((s) => s.hostId === host.value?.id)
    .sort((a, b) => b.level - a.level || a.position - b.position),
)
const nameOf = (id: string) => here.value.find((p) => p.id === id)?.name ?? ''
const hexOf = (pieceId: string): string => {
  const finishId = here.value.find((p) => p.id === pieceId)?.finishId
  const finish = shown.value?.finishes.find((f) => f.id === finishId)
  return finish ? labToHex(labOf(finish)) : PLAIN
}
const things = computed(() => here.value.filter((p) => p.id !== host.value?.id))
const levelChoices = computed(() => [
  ...(unit.value?.levels ?? [])
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
  { id: 'closed', head: t('closed') },
  { id: 'fullPercent', head: t('inUse'), kind: 'whole', figure: true },
]
const placeColumns = computed((): TableColumn<ShelfPlacement>[] => [
  { id: 'pieceId', head: t('thing'), choices: things.value.map((p) => ({ value: p.id, text: p.name })) },
  { id: 'level', head: t('shelf') },
  { id: 'position', head: t('order'), kind: 'whole', figure: true },
  { id: 'count', head: t('howMany'), kind: 'whole', figure: true },
  { id: 'lies', head: t('laidFlat') },
])

function addShelves(): void {
  const p = host.value
  if (!p) return
  const levels = p.kind === 'shelves' ? Math.max(1, Math.round(p.heightMm / 380)) : 1
  store.add('shelves', {
    pieceId: p.id,
    position: rows.value.length,
    name: '',
    levels,
    across: 1,
    clearHeightMm: Math.max(40, Math.round((p.heightMm - (levels + 1) * 18) / levels)),
    clearWidthMm: null,
    clearDepthMm: null,
    closed: p.kind !== 'shelves',
    bearsG: null,
    fullPercent: null,
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
  const smallest = [...things.value].sort(
    (a, b) => Math.max(a.widthMm, a.heightMm) - Math.max(b.widthMm, b.heightMm),
  )
  const small = smallest.filter((s) => SMALL.includes(s.kind))
  const p = small.find((s) => !placed.has(s.id)) ?? small[0] ?? smallest[0]
  const level = unit.value?.levels.find((l) => l.number > 0 && !l.closed)?.number ?? 0
  if (!p || !host.value) return
  const last = Math.max(-1, ...onIt.value.filter((s) => s.level === level).map((s) => s.position))
  store.add('shelfPlacements', {
    pieceId: p.id,
    hostId: host.value.id,
    level,
    compartment: null,
    position: last + 1,
    count: p.count,
    xMm: null,
    onId: null,
    lies: false,
  })
}
</script>

<template>
  <StagePage v-if="job" :title="t('handover')" :says="t('whatStandsOnAndIn')">
    <template #head><StageTabs stage="handover" /></template>
    <p class="teaching">{{ t('teach') }}</p>
    <p v-if="!host">
      {{ t('addPiecesFirst') }}
      <RouterLink :to="`/jobs/${job.brief.id}/brief/pieces`">{{ t('toThePieces') }}</RouterLink>
    </p>
    <div v-else class="shelves">
      <div class="front">
        <ChoiceField
          :model-value="host.id"
          :label="t('shelvesOf')"
          :choices="hosts.map((p) => ({ value: p.id, text: p.name }))"
          @update:model-value="chosenId = $event"
        />
        <ShelfDrawing
          v-if="unit"
          :unit="unit"
          :size="host"
          :hex-of="hexOf"
          :marked="marked"
          class="drawing"
        />
      </div>
      <div class="rows">
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
                @choose="store.change('shelfPlacements', row.id, { level: Number($event) })"
            /></template>
            <template #cell-lies="{ row }"
              ><RowCheck collection="shelfPlacements" :row="row" field="lies" bare
            /></template>
          </RowTable>
        </section>
      </div>
    </div>
    <template #panel>
      <FindingsPanel stage="handover" :quiet="t('composedWell')" @point="(f) => (pointed = f)" />
      <StorageSums />
    </template>
  </StagePage>
</template>

<style scoped>
.teaching {
  padding-bottom: 10px;
  max-width: 84ch;
}
.shelves {
  display: grid;
  grid-template-columns: minmax(200px, 1fr) minmax(0, 2.4fr);
  gap: 12px 22px;
}
.front {
  min-width: 0;
}
.drawing {
  height: min(60vh, 480px);
  margin-top: 10px;
}
.rows {
  min-width: 0;
}
.rows section {
  margin-bottom: 20px;
}
:deep(.of-pieceId) {
  min-width: 130px;
}
@media (width < 1000px) {
  .shelves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
