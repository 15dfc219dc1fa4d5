<script setup lang="ts">
import { computed, nextTick, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { JudgedFinding } from '@bonitas/core/findings/finding'

import { fromWall } from '@bonitas/core/stages/plan/planRoom'
import { alignedTo, againstWall, mirroredAcross, nearestWall } from '@bonitas/core/stages/plan/snap'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useInAddress } from '../job/useInAddress.js'
import { usePageKeys, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import { lookLine } from '../job/stageLines.js'
import StageTabs from '../job/StageTabs.vue'
import FloorGround from './FloorGround.vue'
import FloorMarks from './FloorMarks.vue'
import FloorWaiting from './FloorWaiting.vue'
import FloorPiece from './FloorPiece.vue'
import PieceFacts from './PieceFacts.vue'
import PlacedPiece from './PlacedPiece.vue'
import { measuresOf } from './floorView.js'
import { downloadPlan } from './planDownload.js'
import { useMoving } from './useMoving.js'
import { usePlan } from './usePlan.js'
import { useWaiting } from './useWaiting.js'

const { store, facts, hexOf, floorHex } = usePlan()
const router = useRouter()
const moving = useMoving(facts)
const { live, guides, moved, told } = moving
const chosenId = useInAddress('stand')
const otherId = ref<string>()
const openBeds = ref(false)
const pointed = shallowRef<JudgedFinding>()
const svg = ref<SVGSVGElement>()

useStageKeys([
  ['Arrows', 'move the chosen piece 10 mm, with Shift 100'],
  ['R', 'turn by a quarter, with Shift 15°'],
  ['W', 'to the nearest wall'],
  ['C', 'to the middle of its wall'],
  ['M', 'mirror left and right'],
  ['O', 'extend beds and fold them in'],
  ['N', 'the next piece that is not in the room yet'],
  ['T', 'print the floor tape-out'],
  ['P', 'propose arrangements'],
  ['Delete', 'take it out of the room'],
])

const room = computed(() => facts.value?.room)
const standings = computed(() => facts.value?.standings ?? [])
/** Rugs lie under everything; what hangs high is drawn last. */
const drawn = computed(() =>
  [...standings.value].sort(
    (a, b) =>
      Number(b.kind === 'rug') - Number(a.kind === 'rug') ||
      a.raisedMm - b.raisedMm ||
      (a.kind === 'rug' ? b.widthMm * b.depthMm - a.widthMm * a.depthMm : 0),
  ),
)
const chosen = computed(() => moved.value ?? moving.of(chosenId.value))
const other = computed(() => moving.of(otherId.value))
const chosenRow = computed(() => store.snapshot?.floorPlacements.find((s) => s.id === chosenId.value))
const check = computed(() => moving.check(chosen.value))

/** Millimeters a pixel of the screen stands for, so that lines and lettering keep their size. */
const MARGIN = { left: 430, top: 400, right: 190, bottom: 190 }
const view = computed(() => {
  const r = room.value
  if (!r) return undefined
  const w = r.high.x - r.low.x + MARGIN.left + MARGIN.right
  const h = r.high.y - r.low.y + MARGIN.top + MARGIN.bottom
  return { x: r.low.x - MARGIN.left, y: r.low.y - MARGIN.top, w, h }
})
const PLAN_PX = { w: 650, h: 470 }
const px = computed(() => (view.value ? Math.max(view.value.w / PLAN_PX.w, view.value.h / PLAN_PX.h) : 10))

const stopsOf = computed(() => {
  const list = told.value ?? store.plan?.findings ?? []
  const by = new Map<string, string>()
  for (const f of list)
    if (f.severity === 'stop' && !f.accepted)
      for (const r of f.about) if (r.kind === 'stand' && !by.has(r.id)) by.set(r.id, f.title)
  return by
})
const findings = computed(() => {
  const all = told.value ?? store.plan?.findings ?? []
  const id = chosenId.value
  const about = (f: JudgedFinding) => f.about.some((r) => r.id === id || r.id === chosen.value?.pieceId)
  return id ? [...all].sort((a, b) => Number(about(b)) - Number(about(a))) : all
})
const looks = computed(() => lookLine((store.plan?.findings ?? []).filter((f) => !f.accepted)))
const marked = computed(() => new Set(pointed.value?.about.map((r) => r.id)))
const measures = computed(() => (facts.value ? measuresOf(facts.value) : []))
const walk = computed(() => facts.value?.walks.find((w) => w.toId === chosenId.value))

async function focusPiece(id: string): Promise<void> {
  chosenId.value = id
  await nextTick()
  svg.value?.querySelector<SVGGElement>(`[data-stand="${id}"]`)?.focus()
}
const { waiting, undrawn, place, draw } = useWaiting(facts, focusPiece)

function choose(id: string, also: boolean): void {
  if (also && chosenId.value && chosenId.value !== id) otherId.value = chosenId.value
  else if (!also) otherId.value = undefined
  chosenId.value = id
}

// Pointer
let grab:
  { id: string; dx: number; dy: number; turn: number; sx: number; sy: number; began: boolean } | undefined
// Taken once at the beginning of a drag: asking for it at every move would make the browser lay the page out twice.
let toSheet: DOMMatrix | undefined
function toPlan(event: PointerEvent): { x: number; y: number } | undefined {
  toSheet ??= svg.value?.getScreenCTM()?.inverse()
  return toSheet && new DOMPoint(event.clientX, event.clientY).matrixTransform(toSheet)
}
function down(event: PointerEvent): void {
  toSheet = undefined
  const id = (event.target as Element).closest<SVGGElement>('[data-stand]')?.dataset.stand
  if (!id) {
    chosenId.value = undefined
    otherId.value = undefined
    return
  }
  moving.keep()
  choose(id, event.shiftKey)
  const [at, s] = [toPlan(event), moving.of(id)]
  if (!at || !s || s.piece.stays || event.shiftKey) return
  grab = {
    id,
    dx: s.box.x - at.x,
    dy: s.box.y - at.y,
    turn: s.turnDeg,
    sx: event.clientX,
    sy: event.clientY,
    began: false,
  }
  svg.value?.setPointerCapture(event.pointerId)
}
function move(event: PointerEvent): void {
  if (!grab) return
  if (!grab.began && Math.hypot(event.clientX - grab.sx, event.clientY - grab.sy) < 3) return
  grab.began = true
  const at = toPlan(event)
  if (at) moving.moveTo(grab.id, at.x + grab.dx, at.y + grab.dy, grab.turn, event.altKey)
}
function up(): void {
  if (grab?.began) moving.keep()
  grab = undefined
}
function cancel(): void {
  grab = undefined
  moving.drop()
}

// Keys
const STEP: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
usePageKeys(keys)
function keys(event: KeyboardEvent): void {
  const stand = (event.target as Element).closest<SVGGElement>('[data-stand]')?.dataset.stand
  const key = event.key
  if (key === 'n' || key === 'N') {
    const next = waiting.value[0]
    if (next) void place(next.piece.id, next.number)
    event.preventDefault()
    return
  }
  if (key === 'o' || key === 'O') {
    openBeds.value = !openBeds.value
    return
  }
  if (key === 't' || key === 'T') {
    tape()
    return
  }
  if (key === 'p' || key === 'P') {
    void router.push(`/jobs/${store.snapshot?.brief.id ?? ''}/plan/proposals`)
    return
  }
  const id = stand ?? chosenId.value
  const s = moving.of(id)
  if (!id || !s) return
  if ((key === 'Enter' || key === ' ') && stand) {
    event.preventDefault()
    choose(stand, event.shiftKey)
    return
  }
  chosenId.value = id
  const arrow = STEP[key]
  if (arrow) {
    event.preventDefault()
    if (s.piece.stays) return
    const by = event.shiftKey ? 100 : 10
    moving.step(id, arrow[0] * by, arrow[1] * by)
  } else if (key === 'r' || key === 'R') turn(event.shiftKey ? 15 : 90)
  else if (key === 'w' || key === 'W') toWall()
  else if (key === 'c' || key === 'C') toMiddle()
  else if (key === 'm' || key === 'M') mirror()
  else if (key === 'Delete' || key === 'Backspace') {
    event.preventDefault()
    takeOut()
  } else if (key === 'Escape') {
    moving.drop()
    chosenId.value = undefined
    otherId.value = undefined
  }
}

// Acts on the chosen piece
const put = (place: { xMm: number; yMm: number; turnDeg?: number }) =>
  chosenRow.value && !chosen.value?.piece.stays && store.change('floorPlacements', chosenRow.value.id, place)
function turn(by: number): void {
  if (chosenId.value && !chosen.value?.piece.stays) moving.step(chosenId.value, 0, 0, by)
}
function toWall(): void {
  moving.keep()
  const [s, r] = [moving.of(chosenId.value), room.value]
  const wall = s && r && nearestWall(s.box, r)
  if (s && wall) put(againstWall(s.widthMm, s.depthMm, wall, fromWall(wall, s.box).alongMm))
}
function toMiddle(): void {
  moving.keep()
  const [s, r] = [moving.of(chosenId.value), room.value]
  const wall = s && r && nearestWall(s.box, r)
  if (!s || !wall) return
  const { alongMm } = fromWall(wall, s.box)
  const by = wall.lengthMm / 2 - alongMm
  put({ xMm: Math.round(s.box.x + wall.right.x * by), yMm: Math.round(s.box.y + wall.right.y * by) })
}
function mirror(): void {
  moving.keep()
  const [row, r] = [chosenRow.value, room.value]
  if (row && r) put(mirroredAcross(r, row))
}
function align(how: Parameters<typeof alignedTo>[2]): void {
  const [s, to] = [moving.of(chosenId.value), other.value]
  if (s && to) put(alignedTo(s.box, to.box, how))
}
function takeOut(): void {
  if (chosenId.value) {
    moving.drop()
    const at = drawn.value.findIndex((s) => s.id === chosenId.value)
    const next = drawn.value[at + 1] ?? drawn.value[at - 1]
    store.remove('floorPlacements', chosenId.value)
    chosenId.value = undefined
    // The focus goes on to the next piece, and not to nowhere.
    void nextTick(() => svg.value?.querySelector<SVGGElement>(`[data-stand="${next?.id ?? ''}"]`)?.focus())
  }
}
function park(): void {
  const [row, s] = [chosenRow.value, chosen.value]
  if (!row || !s) return
  const { id: _id, version: _v, ...fields } = row
  chosenId.value = store.add('floorPlacements', {
    ...fields,
    parked: true,
    xMm: row.xMm + 200,
    yMm: row.yMm + 200,
  })
}
const parkedStandings = computed(() => facts.value?.parked ?? [])

function tape(): void {
  const job = store.snapshot
  if (job)
    window.open(
      `/api/jobs/${job.brief.id}/plan/tape-out.pdf${chosenId.value ? `?stand=${chosenId.value}` : ''}`,
      '_blank',
      'noopener',
    )
}
</script>

<template>
  <StagePage v-if="store.snapshot" title="Plan" broad>
    <template #head>
      <StageTabs stage="plan" />
      <p class="second hint">arrows move 10, Shift 100 · R turns · N next piece · ? all keys</p>
    </template>
    <div v-if="!store.plan" class="second" role="status">Laying out the room …</div>
    <div v-else-if="!room || !view" class="teaching">
      <p>
        The Plan says what fits, where it stands and where it hangs. It begins with a measured room: call out
        the walls until they close.
      </p>
      <RouterLink class="button" :to="`/jobs/${store.snapshot.brief.id}/measure`"
        >Measure the room</RouterLink
      >
    </div>
    <div v-else class="floor">
      <svg
        ref="svg"
        :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
        role="group"
        aria-label="Floor plan"
        @pointerdown="down"
        @pointermove="move"
        @pointerup="up"
        @pointercancel="cancel"
      >
        <FloorGround :room="room" :floor="floorHex" :px="px" />
        <FloorPiece
          v-for="s in drawn"
          :key="s.id"
          :standing="s"
          :hex="hexOf(s.piece.finishId)"
          :px="px"
          :chosen="s.id === chosenId || marked.has(s.id)"
          :also="s.id === otherId"
          :stop="stopsOf.get(s.id) ?? ''"
          :at="live?.id === s.id ? live : undefined"
          :open="openBeds"
        />
        <template v-if="openBeds">
          <FloorPiece
            v-for="s in parkedStandings"
            :key="s.id"
            :standing="s"
            :hex="hexOf(s.piece.finishId)"
            :px="px"
            parked
            :chosen="s.id === chosenId"
          />
        </template>
        <FloorMarks
          v-if="facts"
          :facts="facts"
          :check="check"
          :walk="live ? undefined : walk"
          :guides="guides"
          :px="px"
        />
      </svg>
    </div>
    <template #panel>
      <template v-if="chosen && chosenRow && facts">
        <PlacedPiece
          v-model:open="openBeds"
          :chosen="chosen"
          :row="chosenRow"
          :other="other"
          :check="check"
          :facts="facts"
          @put="put"
          @turn="turn(90)"
          @wall="toWall"
          @middle="toMiddle"
          @mirror="mirror"
          @align="align"
          @tape="tape"
          @park="park"
          @out="takeOut"
        />
        <PieceFacts :piece-id="chosen.pieceId" />
      </template>
      <section v-if="measures.length > 0 && facts && !chosen" class="measures">
        <h2>Measures</h2>
        <table>
          <tbody>
            <tr v-for="m in measures" :key="m.name">
              <td>{{ m.name }}</td>
              <td class="figure" :title="m.sum">
                <b>{{ m.value }}</b>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="acts">
          <button class="word" @click="downloadPlan(facts, 'svg', store.snapshot.brief.roomName)">
            Plan as SVG
          </button>
          <button class="word" @click="downloadPlan(facts, 'dxf', store.snapshot.brief.roomName)">
            Plan as DXF
          </button>
          <button class="word" @click="tape">Floor tape-out, 1 : 1</button>
        </p>
      </section>
      <FindingsPanel
        stage="plan"
        :most="live ? 5 : 24"
        :list="findings"
        quiet="Nothing here asks for another place."
        @point="(f) => (pointed = f)"
      />
    </template>
    <template #strip>
      <FloorWaiting
        v-if="room"
        :waiting="waiting"
        :undrawn="undrawn"
        :placed="standings.length"
        :looks="looks"
        @place="place"
        @draw="draw"
      />
    </template>
  </StagePage>
</template>

<style scoped>
.hint {
  margin-left: auto;
  overflow: hidden;
  text-overflow: ellipsis;
}
.floor {
  contain: layout style paint;
  height: 100%;
  min-height: 380px;
}
svg {
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  user-select: none;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
.measures td {
  padding: 4px 0;
}
.measures td:first-child {
  padding-right: 10px;
}
.measures .figure {
  white-space: normal;
}
</style>
