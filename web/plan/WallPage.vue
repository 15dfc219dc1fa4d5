<script setup lang="ts">
import { put } from '@bonitas/core/model/changes'
import { computed, nextTick, ref, shallowRef } from 'vue'
import { useInAddress } from '../job/useInAddress.js'
import { useRoute, useRouter } from 'vue-router'
import { NEW_HANG, NEW_FRAME } from '@bonitas/core/stages/plan/newRows'
import { curtainRail } from '@bonitas/core/stages/plan/walls/setOut'
import type { SetOutKind } from '@bonitas/core/model/vocabulary/settingOut'
import { finishOn } from '@bonitas/core/stages/palette/paletteFacts'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { mmText } from '@bonitas/core/kernel/units/length'
import FindingsPanel from '../job/FindingsPanel.vue'
import { usePageKeys, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { weightText } from '@bonitas/core/kernel/units/weight'
import LengthInput from './LengthInput.vue'
import HangEditor from './HangEditor.vue'
import FrameEditor from './FrameEditor.vue'
import SetOutEditor from './SetOutEditor.vue'
import WallElevation from './WallElevation.vue'
import { layGroup, LAYOUTS, type Layout } from './hangGroups.js'
import { downloadElevation } from './planDownload.js'
import { usePlan } from './usePlan.js'

const { store, facts, hexOf } = usePlan()
const route = useRoute()
const router = useRouter()
const chosen = useInAddress('hang')
const also = ref<ReadonlySet<string>>(new Set())
const live = shallowRef<{ id: string; xMm: number; centerMm: number }>()
const gap = ref(100)

useStageKeys([
  ['Arrows', 'move the chosen picture 10 mm, with Shift 100'],
  ['E', 'its middle to the eye line'],
  ['C', 'over the middle of the furniture, or of the wall'],
  ['[ and ]', 'the wall to the left and to the right'],
  ['N', 'hang the next piece'],
  ['Delete', 'take it down'],
])

const walls = computed(() => facts.value?.room.walls ?? [])
const wallId = computed(() => {
  const asked = typeof route.query.wall === 'string' ? route.query.wall : ''
  const found = walls.value.find((w) => w.id === asked)
  // Without one asked for, the wall on which most hangs.
  const count = (id: string) => facts.value?.wallPlacements.filter((h) => h.wallId === id).length ?? 0
  return (found ?? [...walls.value].sort((a, b) => count(b.id) - count(a.id))[0])?.id ?? ''
})
const wall = computed(() => walls.value.find((w) => w.id === wallId.value))
function show(id: string): void {
  chosen.value = undefined
  also.value = new Set()
  void router.replace({ query: { wall: id } })
}
function beside(by: 1 | -1): void {
  const at = walls.value.findIndex((w) => w.id === wallId.value)
  const next = walls.value[(at + by + walls.value.length) % walls.value.length]
  if (next) show(next.id)
}

const onWall = computed(() => facts.value?.wallPlacements.filter((h) => h.wallId === wallId.value) ?? [])
const hung = computed(() => onWall.value.find((h) => h.id === chosen.value))
const row = computed(() => store.snapshot?.wallPlacements.find((h) => h.id === chosen.value))
const panelLayouts = computed(
  () => store.snapshot?.panelLayouts.filter((s) => s.wallId === wallId.value) ?? [],
)
const upper = computed(() => {
  const p = store.derived?.palette
  const on = p && (finishOn(p, `wall:${wallId.value}`) ?? finishOn(p, 'walls'))
  return on ? labToHex(on.lab) : '#efefef'
})
const lower = computed(() => {
  const on = store.derived && finishOn(store.derived.palette, 'lower')
  return on ? labToHex(on.lab) : upper.value
})
const stops = computed(() => {
  const by = new Map<string, string>()
  for (const f of store.plan?.findings ?? [])
    if (f.severity === 'stop' && !f.accepted)
      for (const r of f.about) if (r.kind === 'hang') by.set(r.id, f.title)
  return by
})
const findings = computed(() => {
  const ids = new Set([
    wallId.value,
    ...onWall.value.map((h) => h.id),
    ...panelLayouts.value.map((s) => s.id),
  ])
  return (store.plan?.findings ?? []).filter((f) => f.about.some((r) => ids.has(r.id)))
})

const HANGABLE: ReadonlySet<string> = new Set(['picture', 'mirror', 'shelves', 'lamp', 'object'])
const waiting = computed(() => {
  const job = store.snapshot
  if (!job || !facts.value) return []
  const count = new Map<string, number>()
  for (const h of job.wallPlacements) count.set(h.pieceId, (count.get(h.pieceId) ?? 0) + 1)
  const onFloor = new Set(job.floorPlacements.map((s) => s.pieceId))
  return facts.value.pieces
    .filter((p) => HANGABLE.has(p.kind) && !onFloor.has(p.id) && (count.get(p.id) ?? 0) < p.count)
    .filter(
      (p) =>
        p.kind === 'picture' ||
        p.kind === 'mirror' ||
        p.fixing === 'screwed to the wall' ||
        p.fixing === 'adhesive strips' ||
        p.fixing === 'wired in',
    )
    .map((p) => ({ piece: p, number: (count.get(p.id) ?? 0) + 1 }))
})

async function hang(pieceId: string, number: number): Promise<void> {
  const [f, w] = [facts.value, wall.value]
  const piece = f?.pieces.find((p) => p.id === pieceId)
  if (!f || !w || !piece) return
  const taken = [
    ...onWall.value.map((h) => [h.xMm - h.widthMm / 2 - 60, h.xMm + h.widthMm / 2 + 60] as const),
    ...f.room.openings
      .filter((o) => o.wallId === w.id)
      .map((o) => [o.startMm, o.startMm + o.widthMm] as const),
  ]
  const half = piece.widthMm / 2
  const places = Array.from({ length: Math.floor(w.lengthMm / 50) }, (_, i) => i * 50)
    .filter(
      (x) => x >= half && x <= w.lengthMm - half && taken.every(([a, b]) => x + half <= a || x - half >= b),
    )
    .sort((a, b) => Math.abs(a - w.lengthMm / 2) - Math.abs(b - w.lengthMm / 2))
  chosen.value = store.add('wallPlacements', {
    ...NEW_HANG,
    pieceId,
    number,
    wallId: w.id,
    xMm: Math.round(places[0] ?? w.lengthMm / 2),
    centerMm: f.eyeLineMm,
  })
  await nextTick()
  document.querySelector<SVGGElement>(`[data-hang="${chosen.value}"]`)?.focus()
}

function choose(id: string, more: boolean): void {
  also.value = more && chosen.value ? new Set([...also.value, chosen.value, id]) : new Set()
  chosen.value = id
}
function settle(): void {
  const now = live.value
  live.value = undefined
  if (now) store.change('wallPlacements', now.id, { xMm: now.xMm, centerMm: now.centerMm })
}
let settling: ReturnType<typeof setTimeout> | undefined
function nudge(dx: number, dy: number): void {
  const h = hung.value
  if (!h) return
  const from = live.value?.id === h.id ? live.value : { xMm: h.xMm, centerMm: h.centerMm }
  live.value = { id: h.id, xMm: from.xMm + dx, centerMm: from.centerMm + dy }
  clearTimeout(settling)
  settling = setTimeout(settle, 450)
}
const STEP: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
usePageKeys(keys)
function keys(event: KeyboardEvent): void {
  const focused = (event.target as Element).closest<SVGGElement>('[data-hang]')?.dataset.hang
  if (focused && focused !== chosen.value) choose(focused, false)
  const arrow = STEP[event.key]
  if (arrow && hung.value) {
    event.preventDefault()
    const by = event.shiftKey ? 100 : 10
    nudge(arrow[0] * by, arrow[1] * by)
  } else if (event.key === '[') beside(-1)
  else if (event.key === ']') beside(1)
  else if (event.key === 'n' || event.key === 'N') {
    const next = waiting.value[0]
    if (next) void hang(next.piece.id, next.number)
    event.preventDefault()
  } else if (!hung.value || !facts.value) return
  else if (event.key === 'e' || event.key === 'E')
    store.change('wallPlacements', hung.value.id, { centerMm: facts.value.eyeLineMm })
  else if (event.key === 'c' || event.key === 'C')
    store.apply(
      layGroup(facts.value, [hung.value], 'row on the eye line', 0).flatMap((c) =>
        'set' in c && 'xMm' in c.set ? [put('wallPlacements', c.id, { xMm: c.set.xMm ?? 0 })] : [],
      ),
    )
  else if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault()
    store.remove('wallPlacements', hung.value.id)
    chosen.value = undefined
  } else if (event.key === 'Escape') {
    live.value = undefined
    chosen.value = undefined
    also.value = new Set()
  }
}

/** The group that a layout is applied to: those chosen together, those of one name of group, or all pictures of the wall. */
const group = computed(() => {
  if (also.value.size > 1) return onWall.value.filter((h) => also.value.has(h.id))
  const name = hung.value?.row.group
  const list = name ? onWall.value.filter((h) => h.row.group === name) : onWall.value
  return list.filter((h) => h.piece.kind === 'picture' || h.piece.kind === 'mirror')
})
const lay = (layout: Layout) =>
  facts.value && store.apply(layGroup(facts.value, group.value, layout, gap.value))

function addFrame(): void {
  const h = hung.value
  if (!h) return
  store.add('frames', {
    ...NEW_FRAME,
    pieceId: h.piece.id,
    sheetWidthMm: h.piece.widthMm,
    sheetHeightMm: h.piece.heightMm,
  })
}
const frame = computed(() => store.snapshot?.frames.find((f) => f.pieceId === hung.value?.piece.id))

function addSetOut(kind: SetOutKind): void {
  const [w, job] = [wall.value, store.snapshot]
  if (!w || !job) return
  const length = Math.floor(w.lengthMm)
  const window = facts.value?.room.openings.find((o) => o.wallId === w.id && o.kind === 'window')
  const rail = window && curtainRail(window.startMm, window.widthMm, facts.value?.needs.railBeyond ?? 200, 2)
  const height = job.room.lowerWallMm ?? Math.round((job.room.heightMm ?? 2400) / 3)
  const base = {
    wallId: w.id,
    kind,
    name: '',
    startMm: 0,
    endMm: length,
    bottomMm: job.room.skirtingMm,
    heightMm: Math.max(100, height - job.room.skirtingMm - 60),
    count: Math.max(1, Math.round(length / 700)),
    stileMm: 90,
    depthMm: 18,
    openingId: null,
  }
  if (kind === 'rail') Object.assign(base, { bottomMm: height - 40, heightMm: 40, count: 1, stileMm: 0 })
  if (kind === 'shelf')
    Object.assign(base, {
      startMm: Math.round(length / 4),
      endMm: Math.round((length * 3) / 4),
      bottomMm: 1400,
      heightMm: 30,
      count: 1,
      stileMm: 0,
      depthMm: 220,
    })
  if (kind === 'board and batten')
    Object.assign(base, { stileMm: 60, count: Math.max(1, Math.round(length / 400)) })
  if (kind === 'curtain rail')
    Object.assign(base, {
      startMm: Math.max(0, rail?.startMm ?? 0),
      endMm: Math.min(length, rail?.endMm ?? length),
      bottomMm: Math.min(
        (job.room.heightMm ?? 2500) - 60,
        window ? window.sillMm + window.heightMm + 120 : 2300,
      ),
      heightMm: 40,
      count: 1,
      stileMm: 0,
      depthMm: 100,
      openingId: window?.id ?? null,
    })
  store.add('panelLayouts', base)
}
const kinds: readonly SetOutKind[] = [
  'rail',
  'wainscot panels',
  'picture-frame panels',
  'board and batten',
  'curtain rail',
  'shelf',
]
const sheet = computed(() => `/api/jobs/${store.snapshot?.brief.id ?? ''}/plan/hanging-sheet.pdf`)
const weightOf = (g: number | null, hooks: number) =>
  g === null ? '?' : weightText(Math.round(g / hooks), store.snapshot?.studio.system ?? 'metric')
</script>

<template>
  <StagePage v-if="store.snapshot" title="Plan" broad>
    <template #head><StageTabs stage="plan" /></template>
    <p v-if="!store.plan" class="second" role="status">Laying out the room …</p>
    <p v-else-if="!facts || !wall" class="teaching">
      Walls are planned once the room is measured and its walls close.
    </p>
    <div v-else class="wall">
      <div class="over-bench" role="group" aria-label="Wall">
        <button
          v-for="w in walls"
          :key="w.id"
          class="button"
          :aria-pressed="w.id === wallId ? 'true' : 'false'"
          @click="show(w.id)"
        >
          {{ w.name }}
        </button>
      </div>
      <div class="elevation">
        <WallElevation
          :facts="facts"
          :wall-id="wallId"
          :upper="upper"
          :lower="lower"
          :lower-mm="store.snapshot.room.lowerWallMm ?? 0"
          :skirting-mm="store.snapshot.room.skirtingMm"
          :hex-of="hexOf"
          :chosen="chosen"
          :stops="stops"
          :live="live"
          @choose="choose"
          @move="(id, xMm, centerMm) => (live = { id, xMm, centerMm })"
          @settle="settle"
        />
      </div>
    </div>
    <template #panel>
      <template v-if="facts && wall">
        <HangEditor v-if="hung && row" :hung="hung" :row="row" @down="chosen = undefined" />
        <section v-if="hung" class="panel-part wide-part">
          <FrameEditor v-if="frame" :frame="frame" :sun="facts.sunOnWall.get(wallId) ?? 0" />
          <button v-else-if="hung.piece.kind === 'picture'" class="word" @click="addFrame">
            Work out mat and frame
          </button>
        </section>
        <section v-if="group.length > 1" class="panel-part wide-part">
          <h2>Lay out {{ group.length }} pictures</h2>
          <LengthInput
            label="Gap between them"
            :mm="gap"
            :min-mm="0"
            :max-mm="1000"
            @typed="(v) => (gap = v)"
          />
          <p class="acts">
            <button v-for="l in LAYOUTS" :key="l" class="word" @click="lay(l)">{{ l }}</button>
          </p>
          <p class="second">
            {{
              facts.schools.hanging ? `School: ${facts.schools.hanging}.` : 'No school is chosen for hanging.'
            }}
          </p>
        </section>
        <FindingsPanel stage="plan" :list="findings" quiet="Nothing here to look at." />
        <section class="panel-part wide-part">
          <h2>Set out on this wall</h2>
          <SetOutEditor v-for="s in panelLayouts" :key="s.id" :row="s" :facts="facts" />
          <p class="acts">
            <button v-for="k in kinds" :key="k" class="word" @click="addSetOut(k)">{{ k }}</button>
          </p>
        </section>
      </template>
    </template>
    <template #strip>
      <div v-if="facts && wall" class="sheet">
        <p class="head-line">
          <b>{{ wall.name }}, hanging sheet</b>
          <span class="acts">
            <a class="word" :href="sheet" target="_blank" rel="noopener">All walls as PDF</a>
            <button class="word" @click="downloadElevation(facts, wallId, 'svg', wall.name)">SVG</button>
            <button class="word" @click="downloadElevation(facts, wallId, 'dxf', wall.name)">DXF</button>
          </span>
        </p>
        <table v-if="onWall.length > 0">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col" class="figure">Nail from left</th>
              <th scope="col" class="figure">Nail above floor</th>
              <th scope="col" class="figure">Middle</th>
              <th scope="col" class="figure">Top</th>
              <th scope="col" class="figure">Size</th>
              <th scope="col" class="figure">Load each</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="h in onWall" :key="h.id">
              <td>
                <button class="word" @click="choose(h.id, false)">{{ h.name }}</button>
              </td>
              <td class="figure">{{ h.nails.map((n) => mmText(Math.round(n.xMm))).join(', ') }}</td>
              <td class="figure">{{ mmText(Math.round(h.nails[0]?.heightMm ?? 0)) }}</td>
              <td class="figure">{{ mmText(h.centerMm) }}</td>
              <td class="figure">{{ mmText(Math.round(h.topMm)) }}</td>
              <td class="figure">
                {{ mmText(Math.round(h.widthMm)) }} × {{ mmText(Math.round(h.heightMm)) }}
              </td>
              <td class="figure">{{ weightOf(h.piece.weightG, h.row.hooks) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-else class="second">
          Nothing hangs here yet. Heights are told from the floor, places from the left corner.
        </p>
        <p v-if="waiting.length > 0" class="acts">
          <button v-for="w in waiting" :key="w.piece.id" class="chip" @click="hang(w.piece.id, w.number)">
            Hang {{ w.piece.name }}{{ w.piece.count > 1 ? ` ${w.number} of ${w.piece.count}` : '' }}
          </button>
        </p>
      </div>
    </template>
  </StagePage>
</template>

<style scoped>
.wall {
  height: 100%;
  display: flex;
  flex-direction: column;
}
.elevation {
  flex: 1;
  min-height: 300px;
}
.wide-part {
  justify-items: stretch;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
.sheet {
  display: grid;
  gap: 4px;
  max-height: 220px;
  overflow: auto;
}
.head-line {
  display: flex;
  justify-content: space-between;
}
.chip {
  border: 1px solid var(--rule-2);
  background: #fff;
  padding: 3px 9px;
  min-height: 28px;
  font-size: 13px;
}
td {
  padding-top: 3px;
  padding-bottom: 3px;
}
</style>
