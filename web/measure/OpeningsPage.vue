<script setup lang="ts">
import { computed } from 'vue'
import { misfits } from '@bonitas/core/stages/measure/measureFacts'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { FIXTURE_KINDS, HINGES, OPENING_KINDS, SWINGS } from '@bonitas/core/model/vocabulary/room'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
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
        <div class="bar">
          <h2>Doors and windows</h2>
          <button class="button" @click="addOpening('door')">Add a door</button>
          <button class="button" @click="addOpening('window')">Add a window</button>
        </div>
        <p v-if="job.openings.length === 0" class="second">
          Every opening is taken out of its wall. “From left” counts as seen from inside; a door’s width is
          what passes between its stops.
        </p>
        <div v-else class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Kind</th>
                <th scope="col">Wall</th>
                <th scope="col" class="figure">From left</th>
                <th scope="col" class="figure">Width</th>
                <th scope="col" class="figure">Height</th>
                <th scope="col" class="figure">Sill</th>
                <th scope="col">Hinge</th>
                <th scope="col">Swing</th>
                <th scope="col"><span class="visually-hidden">Remove</span></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="o in job.openings" :key="o.id">
                <td><RowField collection="openings" :row="o" field="name" kind="text" bare /></td>
                <td>
                  <RowChoice collection="openings" :row="o" field="kind" :choices="OPENING_KINDS" bare />
                </td>
                <td><RowChoice collection="openings" :row="o" field="wallId" :choices="walls" bare /></td>
                <td v-for="f in ['startMm', 'widthMm', 'heightMm', 'sillMm']" :key="f" class="figure">
                  <RowField
                    collection="openings"
                    :row="o"
                    :field="f"
                    kind="length"
                    bare
                    figure
                    :label="`${{ startMm: 'From left', widthMm: 'Width', heightMm: 'Height', sillMm: 'Sill' }[f] ?? ''} of ${o.name || o.kind}`"
                    :warning="faultOf(o.id, f)"
                  />
                </td>
                <td><RowChoice collection="openings" :row="o" field="hinge" :choices="HINGES" bare /></td>
                <td><RowChoice collection="openings" :row="o" field="swing" :choices="SWINGS" bare /></td>
                <td class="figure">
                  <button
                    class="word"
                    :aria-label="`Remove ${o.name || o.kind}`"
                    @click="store.remove('openings', o.id)"
                  >
                    ×
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
      <section class="bench-part" aria-label="Fixtures">
        <div class="bar">
          <h2>Fixtures</h2>
          <button v-for="(_s, kind) in START" :key="kind" class="button" @click="addFixture(kind)">
            Add a {{ kind }}
          </button>
        </div>
        <p v-if="job.fixtures.length === 0" class="second">
          Radiators, vents, sockets, switches, ceiling points and what is built in: they decide what can stand
          and hang where.
        </p>
        <div v-else class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Kind</th>
                <th scope="col">Wall</th>
                <th scope="col" class="figure">From left</th>
                <th scope="col" class="figure">From floor</th>
                <th scope="col" class="figure">Width</th>
                <th scope="col" class="figure">Height</th>
                <th scope="col" class="figure">Stands out</th>
                <th scope="col"><span class="visually-hidden">Remove</span></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="x in job.fixtures" :key="x.id">
                <td><RowField collection="fixtures" :row="x" field="name" kind="text" bare /></td>
                <td>
                  <RowChoice collection="fixtures" :row="x" field="kind" :choices="FIXTURE_KINDS" bare />
                </td>
                <td><RowChoice collection="fixtures" :row="x" field="wallId" :choices="walls" bare /></td>
                <td
                  v-for="f in ['startMm', 'bottomMm', 'widthMm', 'heightMm', 'depthMm']"
                  :key="f"
                  class="figure"
                >
                  <RowField
                    collection="fixtures"
                    :row="x"
                    :field="f"
                    kind="length"
                    bare
                    figure
                    :label="`${{ startMm: 'From left', bottomMm: 'From floor', widthMm: 'Width', heightMm: 'Height', depthMm: 'Stands out' }[f] ?? ''} of ${x.name || x.kind}`"
                    :warning="faultOf(x.id, f)"
                  />
                </td>
                <td class="figure">
                  <button
                    class="word"
                    :aria-label="`Remove ${x.name || x.kind}`"
                    @click="store.remove('fixtures', x.id)"
                  >
                    ×
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
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
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 4px;
}
.bar h2 {
  margin-right: auto;
}
.scroll {
  overflow-x: auto;
}
td {
  padding: 1px 6px 1px 0;
  vertical-align: middle;
}
th.figure,
td.figure {
  padding-left: 4px;
}
td:first-child {
  min-width: 116px;
}
td.figure {
  min-width: 54px;
}
td :deep(.row-choice select) {
  min-width: 74px;
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
