<script setup lang="ts">
import { computed } from 'vue'
import { WALL_SIDES } from '@bonitas/core/job/words'
import { openingFaults } from '@bonitas/core/measure/roomAreas'
import { OPENING_KINDS, type Opening } from '@bonitas/core/measure/schema'
import { areaText, lengthText, volumeText } from '@bonitas/core/units/length'
import { labOf } from '@bonitas/core/palette/paletteFacts'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import { planView } from './planView.js'
import RoomPlan from './RoomPlan.vue'

const store = useJobStore()
const job = computed(() => store.snapshot)
const areas = computed(() => store.derived?.areas)
const plan = computed(() => (job.value ? planView(job.value.room, job.value.openings) : undefined))
const system = computed(() => job.value?.studio.system ?? 'metric')
const floor = computed(() => {
  const on = job.value?.placements.find((p) => p.surface === 'floor')
  const finish = job.value?.finishes.find((f) => f.id === on?.finishId)
  return finish && labOf(finish)
})
useStageKeys([['3.76 m, 376 cm, 3760, 12\' 4 1/2"', 'All are read as a length']])

const area = (mm2: number) => areaText(mm2, system.value)
const length = (mm: number) => lengthText(mm, system.value)

function faultOf(opening: Opening, field: string): string | undefined {
  return job.value && openingFaults(job.value.room, opening).find((f) => f.field === field)?.text
}

function addOpening(kind: 'door' | 'window'): void {
  const n = (job.value?.openings.filter((o) => o.kind === kind).length ?? 0) + 1
  const name = `${kind === 'door' ? 'Door' : 'Window'}${n > 1 ? ` ${n}` : ''}`
  store.add('openings', {
    wall: kind === 'door' ? 'south' : 'north',
    kind,
    name,
    startMm: 0,
    widthMm: kind === 'door' ? 800 : 1200,
    heightMm: kind === 'door' ? 2030 : 1200,
    sillMm: kind === 'door' ? 0 : 900,
  })
}

const wallSum = (w: { lengthMm: number; grossMm2: number; openingsMm2: number }) =>
  `${length(w.lengthMm)} × ${length(job.value?.room.heightMm ?? 0)}${w.openingsMm2 > 0 ? ` − ${area(w.openingsMm2)} openings` : ''}`
</script>

<template>
  <StagePage
    v-if="job"
    title="Measure"
    says="type a length as it is spoken: 3.76 m, 376, 3760 mm, 12' 4 1/2&quot;"
  >
    <div class="measure">
      <section class="sizes">
        <h2>Room</h2>
        <div class="grid">
          <RowField
            collection="room"
            :row="job.room"
            field="lengthMm"
            kind="length"
            label="Length, north and south walls"
            figure
          />
          <RowField
            collection="room"
            :row="job.room"
            field="widthMm"
            kind="length"
            label="Width, east and west walls"
            figure
          />
          <RowField collection="room" :row="job.room" field="heightMm" kind="length" label="Height" figure />
          <RowField
            collection="room"
            :row="job.room"
            field="skirtingMm"
            kind="length"
            label="Skirting height"
            figure
          />
          <RowField
            collection="room"
            :row="job.room"
            field="lowerWallMm"
            kind="length"
            label="Lower wall, up to"
            hint="empty: walls in one piece"
            figure
          />
        </div>
      </section>
      <section class="drawing">
        <RoomPlan v-if="plan" :view="plan" :system="system" :floor="floor" />
        <p v-else class="second teach">
          The room is drawn here as soon as its length and width are known. Measure before looking at goods:
          sizes vary far more than buyers expect.
        </p>
      </section>
      <section class="openings">
        <div class="bar">
          <h2>Doors and windows</h2>
          <button class="button" @click="addOpening('door')">Add a door</button>
          <button class="button" @click="addOpening('window')">Add a window</button>
        </div>
        <table v-if="job.openings.length > 0">
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col" class="choice">Kind</th>
              <th scope="col" class="choice">Wall</th>
              <th scope="col" class="figure">From left</th>
              <th scope="col" class="figure">Width</th>
              <th scope="col" class="figure">Height</th>
              <th scope="col" class="figure">Sill</th>
              <th scope="col" class="gone"><span class="said-once">Remove</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="o in job.openings" :key="o.id">
              <td><RowField collection="openings" :row="o" field="name" kind="text" bare /></td>
              <td><RowChoice collection="openings" :row="o" field="kind" :choices="OPENING_KINDS" bare /></td>
              <td><RowChoice collection="openings" :row="o" field="wall" :choices="WALL_SIDES" bare /></td>
              <td class="figure">
                <RowField
                  collection="openings"
                  :row="o"
                  field="startMm"
                  kind="length"
                  bare
                  :label="`From left of ${o.name || o.kind}`"
                  figure
                  :warning="faultOf(o, 'startMm')"
                />
              </td>
              <td class="figure">
                <RowField
                  collection="openings"
                  :row="o"
                  field="widthMm"
                  kind="length"
                  bare
                  :label="`Width of ${o.name || o.kind}`"
                  figure
                />
              </td>
              <td class="figure">
                <RowField
                  collection="openings"
                  :row="o"
                  field="heightMm"
                  kind="length"
                  bare
                  :label="`Height of ${o.name || o.kind}`"
                  figure
                  :warning="faultOf(o, 'heightMm')"
                />
              </td>
              <td class="figure">
                <RowField
                  collection="openings"
                  :row="o"
                  field="sillMm"
                  kind="length"
                  bare
                  :label="`Sill of ${o.name || o.kind}`"
                  figure
                />
              </td>
              <td class="figure">
                <button
                  class="word"
                  :aria-label="`Remove ${o.name || o.kind}`"
                  @click="store.remove('openings', o.id)"
                >
                  Remove
                </button>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-else class="second">
          Every opening is taken out of its wall. “From left” counts as seen from inside.
        </p>
      </section>
    </div>
    <template #panel>
      <h2>What it comes to</h2>
      <template v-if="areas">
        <dl>
          <div>
            <dt>
              Floor <span>{{ length(job.room.lengthMm ?? 0) }} × {{ length(job.room.widthMm ?? 0) }}</span>
            </dt>
            <dd>{{ area(areas.floorMm2) }}</dd>
          </div>
          <div>
            <dt>Ceiling <span>as the floor</span></dt>
            <dd>{{ area(areas.ceilingMm2) }}</dd>
          </div>
          <div v-for="w in areas.walls" :key="w.side">
            <dt>
              {{ w.side[0]?.toUpperCase() }}{{ w.side.slice(1) }} wall <span>{{ wallSum(w) }}</span>
            </dt>
            <dd>{{ area(w.netMm2) }}</dd>
          </div>
          <div class="sum">
            <dt>Walls, net of openings</dt>
            <dd>{{ area(areas.wallsNetMm2) }}</dd>
          </div>
          <div v-if="job.room.lowerWallMm">
            <dt>
              Lower wall <span>up to {{ length(job.room.lowerWallMm) }}</span>
            </dt>
            <dd>{{ area(areas.walls.reduce((s, w) => s + w.lowerMm2, 0)) }}</dd>
          </div>
          <div>
            <dt>Skirting run <span>perimeter less doors</span></dt>
            <dd>
              {{
                system === 'metric' ? `${(areas.skirtingMm / 1000).toFixed(2)} m` : length(areas.skirtingMm)
              }}
            </dd>
          </div>
          <div>
            <dt>Skirting face</dt>
            <dd>{{ area(areas.trimMm2) }}</dd>
          </div>
          <div>
            <dt>Door leaves <span>one face each</span></dt>
            <dd>{{ area(areas.doorsMm2) }}</dd>
          </div>
          <div>
            <dt>Volume</dt>
            <dd>{{ volumeText(areas.volumeMm3, system) }}</dd>
          </div>
        </dl>
      </template>
      <p v-else class="second">
        Length, width and height are needed before an area can be given. Until then Take-off has nothing to
        count.
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.measure {
  display: grid;
  grid-template-columns: 224px minmax(0, 1fr);
  gap: 20px 26px;
}
.grid {
  display: grid;
  gap: 10px;
  margin-top: 8px;
}
.drawing {
  min-height: 380px;
  display: grid;
  place-items: center;
}
.openings {
  grid-column: 1 / -1;
}
.bar {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-bottom: 4px;
}
.bar h2 {
  margin-right: auto;
}
.openings table {
  table-layout: fixed;
}
.openings .choice {
  width: 88px;
}
.openings th.figure {
  width: 82px;
}
.openings .gone {
  width: 74px;
}
.teach {
  max-width: 40ch;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-bottom: 1px solid var(--rule);
  padding: 6px 0;
}
dl .sum {
  border-bottom-color: var(--ink);
  font-weight: 600;
}
dt span {
  display: block;
  font-size: 13px;
  color: var(--ink-2);
  font-weight: 400;
}
dd {
  font-weight: 600;
  white-space: nowrap;
}
</style>
