<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import type { Light } from '@bonitas/core/model/rows/lights'
import { AIMS } from '@bonitas/core/model/vocabulary/lamp'
import { NEW_LIGHT } from '@bonitas/core/stages/plan/newRows'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The lamps of the job with the light they give; those lit for a look, and what could carry one more. */
defineProps<{ off: ReadonlySet<string>; placed: ReadonlySet<string> }>()
const emit = defineEmits<{ toggle: [id: string] }>()
const store = useJobStore()
const columns: TableColumn<Light>[] = [
  { id: 'name', head: t('lamp'), kind: 'text', label: () => t('name') },
  { id: 'on', head: t('on') },
  { id: 'lumens', head: t('lumens'), kind: 'whole', figure: true },
  { id: 'beamDeg', head: t('beam'), kind: 'real', figure: true },
  { id: 'aim', head: t('thrown'), choices: AIMS },
  { id: 'headMm', head: t('aboveFoot'), kind: 'length', figure: true },
  { id: 'switchMm', head: t('switchFromPillow'), kind: 'length', figure: true },
]
const rows = computed(() => store.snapshot?.lights ?? [])
const unlit = computed(() => {
  const job = store.snapshot
  if (!job) return []
  return job.pieces.filter(
    (p) =>
      p.kind === 'lamp' &&
      p.verdict !== 'let go' &&
      p.verdict !== 'move' &&
      !job.lights.some((l) => l.pieceId === p.id),
  )
})
const points = computed(() => {
  const job = store.snapshot
  if (!job) return []
  return job.fixtures.filter(
    (f) =>
      (f.kind === 'ceiling point' || f.kind === 'wall light') &&
      !job.lights.some((l) => l.fixtureId === f.id),
  )
})
function addPiece(id: string): void {
  const piece = store.snapshot?.pieces.find((p) => p.id === id)
  if (piece)
    store.add('lights', {
      ...NEW_LIGHT,
      name: piece.name,
      pieceId: id,
      headMm: Math.max(0, Math.round(piece.heightMm * 0.85)),
    })
}
function addFixture(id: string): void {
  const f = store.snapshot?.fixtures.find((x) => x.id === id)
  if (f)
    store.add('lights', {
      ...NEW_LIGHT,
      name: f.name || f.kind,
      fixtureId: id,
      aim: 'down',
      beamDeg: 120,
      headMm:
        f.kind === 'wall light' ? f.bottomMm : Math.max(1800, (store.snapshot?.room.heightMm ?? 2500) - 350),
    })
}
</script>

<template>
  <div class="lamps">
    <RowTable
      v-if="rows.length > 0"
      collection="lights"
      :rows="rows"
      :columns="columns"
      :name-of="(l) => l.name"
      removable
    >
      <template #cell-on="{ row }">
        <ElCheckbox
          :model-value="!off.has(row.id)"
          :aria-label="t('nameIsOn', { name: row.name })"
          @change="emit('toggle', row.id)"
        />
        <span v-if="!placed.has(row.id)" class="second">{{ t('notPlaced') }}</span>
      </template>
    </RowTable>
    <p v-else class="second">
      {{ t('noLampHasItsLight') }}
    </p>
    <p class="acts">
      <ElButton v-for="p in unlit" :key="p.id" class="chip" @click="addPiece(p.id)">
        {{ t('lightOfName', { name: p.name }) }}
      </ElButton>
      <ElButton v-for="f in points" :key="f.id" class="chip" @click="addFixture(f.id)">
        {{ t('lampAtName', { name: f.name || f.kind }) }}
      </ElButton>
    </p>
  </div>
</template>

<style scoped>
.lamps {
  display: grid;
  gap: 6px;
  max-height: 200px;
  overflow: auto;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
</style>
