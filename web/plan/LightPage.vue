<script setup lang="ts">
import { computed, ref } from 'vue'
import { lightGrid, daylightFactor, type Luminaire } from '@bonitas/core/stages/plan/light/roomLighting'
import {
  cavityRatio,
  chandelierIn,
  DAYLIGHT_LEAST,
  lumenMethod,
} from '@bonitas/core/stages/plan/light/photometry'
import { rankLampPlaces, diameterOverTable } from '@bonitas/core/stages/plan/light/lampPlaces'
import { GENERAL_LUX, MOOD_LUX } from '@bonitas/core/stages/plan/light/targets'
import { NEW_LIGHT } from '@bonitas/core/stages/plan/newRows'
import { onWall } from '@bonitas/core/stages/plan/planRoom'
import { usePlaces } from '@bonitas/core/stages/plan/rules/lamps'
import { AIMS } from '@bonitas/core/model/vocabulary/lamp'
import { perimeter } from '@bonitas/core/kernel/geometry/polygon'
import { mmText } from '@bonitas/core/kernel/units/length'
import FindingsPanel from '../job/FindingsPanel.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import FloorGround from './FloorGround.vue'
import { usePlan } from './usePlan.js'

const { store, facts } = usePlan()
const planeMm = ref(750)
const off = ref<ReadonlySet<string>>(new Set())
const rowOf = (lamp: Luminaire) => lamp.id.split(' ')[0] ?? lamp.id
const lamps = computed(() => (facts.value?.lamps ?? []).filter((l) => !off.value.has(rowOf(l))))
const grid = computed(
  () => facts.value && lightGrid(facts.value.room, lamps.value, facts.value.reflecting, planeMm.value, 200),
)
const uses = computed(() => (facts.value ? usePlaces({ ...facts.value, lamps: lamps.value }) : []))
const surfaces = computed(() => facts.value?.reflecting)

// Grey by a step of light, white the brightest; the figures say the rest.
const STEPS = [20, 50, 100, 200, 300, 500]
const grey = (lux: number) => {
  const i = STEPS.findIndex((s) => lux < s)
  return (
    ['#4a4a4a', '#707070', '#949494', '#b4b4b4', '#d0d0d0', '#e6e6e6', '#ffffff'][i < 0 ? 6 : i] ?? '#fff'
  )
}
const cells = computed(() => {
  const g = grid.value
  if (!g) return []
  return Array.from(g.lux, (lux, i) => ({
    lux,
    x: g.low.x + (i % g.nx) * g.stepX,
    y: g.low.y + Math.floor(i / g.nx) * g.stepY,
    i,
  })).filter((c) => !Number.isNaN(c.lux))
})
const figures = computed(() => {
  const g = grid.value
  // A figure about every 0.8 m.
  return g ? cells.value.filter((c) => (c.i % g.nx) % 4 === 2 && Math.floor(c.i / g.nx) % 4 === 2) : []
})
const view = computed(() => {
  const r = facts.value?.room
  return r
    ? { x: r.low.x - 430, y: r.low.y - 400, w: r.high.x - r.low.x + 620, h: r.high.y - r.low.y + 590 }
    : undefined
})
const px = computed(() => (view.value ? Math.max(view.value.w / 650, view.value.h / 470) : 10))

const target = computed(() => MOOD_LUX[facts.value?.schools.mood ?? ''] ?? GENERAL_LUX)
const index = computed(() => {
  const f = facts.value
  if (!f) return undefined
  const area = f.reflecting.floorM2
  const around = perimeter(f.room.corners) / 1000
  const over = Math.max(0.5, ((f.room.heightMm ?? 2500) - 750) / 1000)
  // Of any outline: the rectangle with the same area and perimeter has the same index.
  const rcr = cavityRatio(area, around, over)
  return { k: 5 / rcr, rcr, area }
})
/** Utilization of light from all over in a room, by what comes back: read off the grid itself when lamps are in. */
const utilization = computed(() => {
  const [g, f] = [grid.value, facts.value]
  const lumens = lamps.value.reduce((sum, l) => sum + l.lumens, 0)
  return g && f && lumens > 0 ? (g.meanLux * f.reflecting.floorM2) / lumens : undefined
})
const wanted = computed(() => {
  const [i, u] = [index.value, utilization.value]
  if (!i || !u) return undefined
  return lumenMethod({
    lux: target.value,
    areaM2: i.area,
    lumensEach: 806,
    utilization: Math.min(1, u),
    maintenance: 0.9,
  })
})
const day = computed(() => {
  const f = facts.value
  if (!f) return undefined
  const windows = f.room.openings
    .filter((o) => o.kind === 'window')
    .reduce((sum, o) => sum + (o.widthMm * o.heightMm) / 1e6, 0)
  const least = DAYLIGHT_LEAST[f.room.kind ?? '']
  return { percent: daylightFactor(windows, f.reflecting), windows, least }
})
const spots = computed(() => {
  const g = grid.value
  if (!g || g.meanLux === 0) return undefined
  const dark = cells.value.filter((c) => c.lux < target.value / 2).length / Math.max(1, cells.value.length)
  return { dark }
})
/** Bare lamps seen at eye height by somebody sitting: they glare (common practice). */
const glare = computed(() =>
  lamps.value.filter((l) => l.aim === 'all round' && l.heightMm > 900 && l.heightMm < 1500 && l.lumens > 600),
)

/** Free places for one more lamp: near each socket, and at the corners of the room. */
const places = computed(() => {
  const f = facts.value
  if (!f) return []
  const sockets = f.room.fixtures.filter((x) => x.kind === 'socket')
  const by = sockets.flatMap((s) => {
    const wall = f.room.walls.find((w) => w.id === s.wallId)
    return wall
      ? [
          {
            name: `by ${s.name || 'the socket'}`,
            at: onWall(wall, s.startMm + s.widthMm / 2, 250),
            heightMm: 1400,
          },
        ]
      : []
  })
  const corners = f.room.walls.map((w) => ({
    name: `left end of ${w.name}`,
    at: onWall(w, 350, 350),
    heightMm: 1400,
  }))
  const free = [...by, ...corners].filter((p) =>
    f.standings.every(
      (s) =>
        s.kind === 'rug' ||
        Math.hypot(s.box.x - p.at.x, s.box.y - p.at.y) > Math.min(s.box.halfW, s.box.halfD) + 150,
    ),
  )
  return rankLampPlaces(
    free,
    lamps.value.map((l) => l.at),
    sockets.map((s) => ({ name: s.name || 'socket', at: s.box })),
    f.needs.cordReach,
  ).slice(0, 4)
})
const pendantSize = computed(() => {
  const f = facts.value
  if (!f) return undefined
  const ft = (mm: number) => mm / 304.8
  const [w, d] = [f.room.high.x - f.room.low.x, f.room.high.y - f.room.low.y]
  const table = f.standings.find((s) => s.kind === 'table')
  return {
    room: Math.round(chandelierIn(ft(w), ft(d)) * 25.4),
    table: table && diameterOverTable(Math.min(table.widthMm, table.depthMm)),
    height: Math.max(0, (f.room.heightMm ?? 2500) - f.needs.headClear),
  }
})

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
function toggle(id: string): void {
  const next = new Set(off.value)
  if (next.has(id)) next.delete(id)
  else next.add(id)
  off.value = next
}
const isPlaced = (id: string) => (facts.value?.lamps ?? []).some((l) => rowOf(l) === id)
const isLight = (rule: string) => /use-dark|lamp|pendant|sleep-dark|cord|shade|suspension|wet/.test(rule)
const findings = computed(() => (store.plan?.findings ?? []).filter((f) => isLight(f.rule)))
</script>

<template>
  <StagePage v-if="store.snapshot" title="Plan" broad>
    <template #head><StageTabs stage="plan" /></template>
    <p v-if="!store.plan" class="second" role="status">Laying out the room …</p>
    <p v-else-if="!facts || !view || !grid" class="teaching">
      Light is reckoned once the room is measured and its walls close.
    </p>
    <div v-else class="light">
      <div class="over-bench">
        <span role="group" aria-label="Height">
          <button class="button" :aria-pressed="planeMm === 750 ? 'true' : 'false'" @click="planeMm = 750">
            On a table
          </button>
          <button class="button" :aria-pressed="planeMm === 0 ? 'true' : 'false'" @click="planeMm = 0">
            On the floor
          </button>
        </span>
        <span class="key second"
          ><template v-for="(s, i) in STEPS" :key="s"
            ><i :style="{ background: grey(s - 1) }"></i>{{ i === 0 ? `under ${s}` : s }}</template
          ><i :style="{ background: '#fff' }"></i>lx and more</span
        >
      </div>
      <svg
        :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
        role="img"
        :aria-label="`Light on ${planeMm ? 'a table' : 'the floor'}: ${Math.round(grid.meanLux)} lux in the mean, ${Math.round(grid.leastLux)} at the least, ${Math.round(grid.mostLux)} at the most`"
      >
        <FloorGround :room="facts.room" floor="#f7f7f7" :px="px" />
        <rect
          v-for="c in cells"
          :key="c.i"
          :x="c.x"
          :y="c.y"
          :width="grid.stepX + 1"
          :height="grid.stepY + 1"
          shape-rendering="crispEdges"
          :fill="grey(c.lux)"
        />
        <path
          v-for="s in facts.standings"
          :key="s.id"
          class="outline"
          :d="`M${[
            [-1, -1],
            [1, -1],
            [1, 1],
            [-1, 1],
          ]
            .map(
              ([a = 0, b = 0]) =>
                `${s.box.x + a * s.box.halfW * s.box.ux - b * s.box.halfD * s.box.uy} ${s.box.y + a * s.box.halfW * s.box.uy + b * s.box.halfD * s.box.ux}`,
            )
            .join('L')}Z`"
          :stroke-width="px * 0.8"
        />
        <text
          v-for="c in figures"
          :key="`t${c.i}`"
          :x="c.x + grid.stepX / 2"
          :y="c.y + grid.stepY / 2"
          :font-size="13 * px"
          :fill="c.lux < 100 ? '#fff' : '#1a1a1a'"
        >
          {{ Math.round(c.lux) }}
        </text>
        <g v-for="l in lamps" :key="l.id" :transform="`translate(${l.at.x} ${l.at.y})`">
          <circle :r="8 * px" fill="var(--paper)" stroke="var(--ink)" :stroke-width="1.5 * px" />
          <path
            :d="`M${-5 * px} ${-5 * px}L${5 * px} ${5 * px}M${-5 * px} ${5 * px}L${5 * px} ${-5 * px}`"
            stroke="var(--ink)"
            :stroke-width="1.5 * px"
          />
          <title>{{ l.name }}, {{ l.lumens }} lm at {{ mmText(l.heightMm) }}</title>
        </g>
      </svg>
    </div>
    <template #panel>
      <template v-if="facts && grid && surfaces">
        <section class="panel-part wide-part">
          <h2>Light for each use</h2>
          <table v-if="uses.length > 0">
            <thead>
              <tr>
                <th scope="col">Use</th>
                <th scope="col">At</th>
                <th scope="col" class="figure">lx</th>
                <th scope="col" class="figure">Wanted</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="u in uses" :key="u.use.id + u.by.id" :class="{ dark: u.lux < 0.8 * u.targetLux }">
                <td>{{ u.use.name }}</td>
                <td>{{ u.by.name }}</td>
                <td class="figure">{{ Math.round(u.lux) }}</td>
                <td class="figure" :title="u.says">{{ u.targetLux }}</td>
              </tr>
            </tbody>
          </table>
          <p v-else class="second">
            Say in the Brief which piece serves which use, and set it in the room: its light is told here.
          </p>
        </section>
        <section class="panel-part wide-part">
          <h2>The room</h2>
          <table>
            <tbody>
              <tr>
                <td>Mean, {{ planeMm ? 'on a table' : 'on the floor' }}</td>
                <td class="figure">
                  <b>{{ Math.round(grid.meanLux) }} lx</b>
                </td>
              </tr>
              <tr>
                <td>Least to most</td>
                <td class="figure">{{ Math.round(grid.leastLux) }} – {{ Math.round(grid.mostLux) }} lx</td>
              </tr>
              <tr>
                <td>Evenness, least to mean</td>
                <td class="figure">{{ grid.evenness.toFixed(2) }}</td>
              </tr>
              <tr>
                <td>Of it thrown back by the surfaces</td>
                <td
                  class="figure"
                  :title="`ceiling ${Math.round(surfaces.ceiling * 100)} %, walls ${Math.round(surfaces.walls * 100)} %, floor ${Math.round(surfaces.floor * 100)} % by their LRV`"
                >
                  {{ Math.round(grid.reflectedLux) }} lx
                </td>
              </tr>
              <tr v-if="spots">
                <td>Floor darker than half of {{ target }} lx</td>
                <td class="figure">{{ Math.round(spots.dark * 100) }} %</td>
              </tr>
              <tr v-if="index">
                <td>Room index</td>
                <td class="figure" :title="`room cavity ratio ${index.rcr.toFixed(2)}`">
                  {{ index.k.toFixed(2) }}
                </td>
              </tr>
              <tr v-if="wanted && utilization">
                <td>For {{ target }} lx all over</td>
                <td
                  class="figure"
                  :title="`E A / (F UF MF): ${target} lx × ${index?.area.toFixed(1)} m² / (${utilization.toFixed(2)} × 0.90)`"
                >
                  {{ Math.round(wanted.totalLumens).toLocaleString('en') }} lm, {{ wanted.luminaires }} × 806
                </td>
              </tr>
              <tr v-if="day">
                <td>Daylight factor, open view</td>
                <td class="figure" :title="`${day.windows.toFixed(1)} m² of window, clear double glazing`">
                  {{ day.percent.toFixed(1) }} %{{ day.least ? `, ${day.least} wanted` : '' }}
                </td>
              </tr>
              <tr v-if="pendantSize">
                <td>Hanging lamp over the floor</td>
                <td class="figure" title="feet of length and width as inches across; head clearance under it">
                  {{ mmText(pendantSize.room) }} across, drop {{ mmText(pendantSize.height) }}
                </td>
              </tr>
              <tr v-if="pendantSize?.table">
                <td>Over the table</td>
                <td class="figure">
                  {{ mmText(pendantSize.table.leastMm) }} – {{ mmText(pendantSize.table.mostMm) }} across
                </td>
              </tr>
            </tbody>
          </table>
          <p v-if="glare.length > 0" class="second">
            Shade {{ glare.map((l) => l.name).join(', ') }}: a bare lamp at eye height glares.
          </p>
        </section>
        <section v-if="places.length > 0" class="panel-part wide-part">
          <h2>Where one more lamp helps</h2>
          <ol>
            <li v-for="p in places" :key="p.place.name">
              <b>{{ p.place.name }}</b>: <span class="second">{{ p.refused ?? p.reasons.join('; ') }}</span>
            </li>
          </ol>
        </section>
        <FindingsPanel stage="plan" :list="findings" quiet="No lamp asks to be looked at." />
        <p class="second">
          Lamps as points, without what stands in their light; light thrown back spread evenly. Good enough to
          see what is dark, not a lighting design.
        </p>
      </template>
    </template>
    <template #strip>
      <div v-if="facts" class="lamps">
        <table v-if="rows.length > 0">
          <thead>
            <tr>
              <th scope="col">Lamp</th>
              <th scope="col">On</th>
              <th scope="col" class="figure">Lumens</th>
              <th scope="col" class="figure">Beam</th>
              <th scope="col">Thrown</th>
              <th scope="col" class="figure">Above foot</th>
              <th scope="col"><span class="visually-hidden">Remove</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in rows" :key="l.id">
              <td><RowField collection="lights" :row="l" field="name" kind="text" bare /></td>
              <td>
                <input
                  type="checkbox"
                  :checked="!off.has(l.id)"
                  :aria-label="`${l.name} is on`"
                  @change="toggle(l.id)"
                />
                <span v-if="!isPlaced(l.id)" class="second">not placed</span>
              </td>
              <td class="figure">
                <RowField collection="lights" :row="l" field="lumens" kind="whole" bare figure />
              </td>
              <td class="figure">
                <RowField collection="lights" :row="l" field="beamDeg" kind="real" bare figure />
              </td>
              <td><RowChoice collection="lights" :row="l" field="aim" :choices="AIMS" bare /></td>
              <td class="figure">
                <RowField collection="lights" :row="l" field="headMm" kind="length" bare figure />
              </td>
              <td><button class="word" @click="store.remove('lights', l.id)">Remove</button></td>
            </tr>
          </tbody>
        </table>
        <p v-else class="second">
          No lamp has its light entered yet. Lumens stand on every box; a 60 W bulb of old gave about 806 (EC
          244/2009, from memory).
        </p>
        <p class="acts">
          <button v-for="p in unlit" :key="p.id" class="chip" @click="addPiece(p.id)">
            Light of {{ p.name }}
          </button>
          <button v-for="f in points" :key="f.id" class="chip" @click="addFixture(f.id)">
            Lamp at {{ f.name || f.kind }}
          </button>
        </p>
      </div>
    </template>
  </StagePage>
</template>

<style scoped>
.light {
  height: 100%;
  display: flex;
  flex-direction: column;
}
svg {
  flex: 1;
  min-height: 300px;
  width: 100%;
}
svg text {
  text-anchor: middle;
  dominant-baseline: central;
  font-stretch: 75%;
  font-weight: 600;
}
.outline {
  fill: none;
  stroke: var(--ink);
  stroke-opacity: 0.6;
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
.dark td {
  font-weight: 650;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
.chip {
  border: 1px solid var(--rule-2);
  background: #fff;
  padding: 3px 9px;
  min-height: 28px;
  font-size: 13px;
}
.lamps {
  display: grid;
  gap: 6px;
  max-height: 200px;
  overflow: auto;
}
ol {
  margin: 0;
  padding-left: 20px;
  font-size: 13px;
}
td {
  vertical-align: middle;
}
</style>
