<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { misfits } from '@bonitas/core/stages/measure/measureFacts'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { FIXTURE_KINDS, HINGES, OPENING_KINDS, SWINGS } from '@bonitas/core/model/vocabulary/room'
import type { Fixture } from '@bonitas/core/model/rows/fixtures'
import type { Opening } from '@bonitas/core/model/rows/openings'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LaserLine from './LaserLine.vue'
import RoomPlan from './RoomPlan.vue'
import { useWallChoices } from './useWallChoices.js'

const store = useJobStore()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.measure)
const drawing = computed(() => facts.value && planDrawing(facts.value))
const walls = useWallChoices()
const wrong = computed(() => (facts.value ? misfits(facts.value) : []))
const faultOf = (id: string, field: string) => wrong.value.find((m) => m.id === id && m.field === field)?.text
const nameOf = (row: { readonly name: string; readonly kind: string }) => row.name || row.kind
const lengthsIn = (heads: Readonly<Record<string, string>>) =>
  Object.entries(heads).map(([id, head]) => ({
    id,
    head,
    kind: 'length' as const,
    figure: true,
    warning: (row: { readonly id: string }) => faultOf(row.id, id),
  }))
const openingColumns = computed((): TableColumn<Opening>[] => [
  { id: 'name', head: 'Name', kind: 'text', label: () => 'Name' },
  { id: 'kind', head: 'Kind', choices: OPENING_KINDS },
  { id: 'wallId', head: 'Wall', choices: walls.value },
  ...lengthsIn({ startMm: 'From left', widthMm: 'Width', heightMm: 'Height', sillMm: 'Sill' }),
  { id: 'hinge', head: 'Hinge', choices: HINGES },
  { id: 'swing', head: 'Swing', choices: SWINGS },
])
const fixtureColumns = computed((): TableColumn<Fixture>[] => [
  { id: 'name', head: 'Name', kind: 'text', label: () => 'Name' },
  { id: 'kind', head: 'Kind', choices: FIXTURE_KINDS },
  { id: 'wallId', head: 'Wall', choices: walls.value },
  ...lengthsIn({
    startMm: 'From left',
    bottomMm: 'From floor',
    widthMm: 'Width',
    heightMm: 'Height',
    depthMm: 'Stands out',
  }),
])
const next = (rows: readonly { kind: string }[], kind: string, word: string) => {
  const n = rows.filter((r) => r.kind === kind).length + 1
  return `${word}${n > 1 ? ` ${n}` : ''}`
}

function addOpening(kind: 'door' | 'window'): void {
  const wallId = walls.value[0]?.value
  if (!wallId || !job.value) return
  const door = kind === 'door'
  store.add('openings', {
    wallId,
    kind,
    name: next(job.value.openings, kind, door ? 'Door' : 'Window'),
    startMm: 0,
    widthMm: door ? 800 : 1200,
    heightMm: door ? 2030 : 1200,
    sillMm: door ? 0 : 900,
    hinge: door ? 'left' : 'none',
    swing: door ? 'in' : 'none',
  })
}

// Usual sizes to begin from (common practice); each is measured and overwritten.
const START = {
  radiator: { widthMm: 1000, heightMm: 600, bottomMm: 120, depthMm: 100 },
  socket: { widthMm: 80, heightMm: 80, bottomMm: 300, depthMm: 10 },
  switch: { widthMm: 80, heightMm: 80, bottomMm: 1050, depthMm: 10 },
  'ceiling point': { widthMm: 0, heightMm: 0, bottomMm: 0, depthMm: 1500 },
  'built-in': { widthMm: 1200, heightMm: 2400, bottomMm: 0, depthMm: 600 },
} as const
function addFixture(kind: keyof typeof START): void {
  const wallId = walls.value[0]?.value
  if (!wallId || !job.value) return
  const word = `${kind[0]?.toUpperCase() ?? ''}${kind.slice(1)}`
  store.add('fixtures', {
    wallId,
    kind,
    name: next(job.value.fixtures, kind, word),
    startMm: 0,
    ...START[kind],
  })
}
</script>

<template>
  <StagePage v-if="job && facts" title="Measure">
    <template #head><StageTabs stage="measure" /></template>
    <p v-if="walls.length === 0" class="second teach">
      Openings and fixtures belong to a wall. Call out the walls first; each then keeps its place from the
      left end of its wall, as seen from inside.
    </p>
    <template v-else>
      <section class="bench-part" aria-label="Doors and windows">
        <div class="part-head">
          <h2>Doors and windows</h2>
          <ElButton @click="addOpening('door')">Add a door</ElButton>
          <ElButton @click="addOpening('window')">Add a window</ElButton>
        </div>
        <p v-if="job.openings.length === 0" class="second">
          Every opening is taken out of its wall. “From left” counts as seen from inside; a door’s width is
          what passes between its stops.
        </p>
        <RowTable
          v-else
          collection="openings"
          :rows="job.openings"
          :columns="openingColumns"
          :name-of="nameOf"
          removable
        />
      </section>
      <section class="bench-part" aria-label="Fixtures">
        <div class="part-head">
          <h2>Fixtures</h2>
          <ElButton v-for="(_s, kind) in START" :key="kind" @click="addFixture(kind)">
            Add a {{ kind }}
          </ElButton>
        </div>
        <p v-if="job.fixtures.length === 0" class="second">
          Radiators, vents, sockets, switches, ceiling points and what is built in: they decide what can stand
          and hang where.
        </p>
        <RowTable
          v-else
          collection="fixtures"
          :rows="job.fixtures"
          :columns="fixtureColumns"
          :name-of="nameOf"
          removable
        />
        <p class="second caution">
          Before drilling or nailing near sockets, switches and pipes: power off and tested, cables and pipes
          found first. Work on wiring, gas and water belongs to licensed trades; local rules say who may do
          it.
        </p>
      </section>
      <LaserLine />
    </template>
    <template #panel>
      <div class="small">
        <RoomPlan v-if="drawing" :drawing="drawing" label="Plan of the room with its openings" />
      </div>
      <FindingsPanel stage="measure" quiet="The measures raise no question." />
    </template>
  </StagePage>
</template>

<style scoped>
.bench-part {
  margin-bottom: 22px;
}
:deep(.of-name) {
  min-width: 116px;
}
.caution {
  border-left: 4px solid var(--rule-2);
  padding-left: 10px;
  margin-top: 10px;
  max-width: 90ch;
}
.small {
  height: 250px;
}
.teach {
  max-width: 60ch;
}
</style>
