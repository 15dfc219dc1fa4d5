<script setup lang="ts">
import { computed, ref, shallowRef, toRaw } from 'vue'
import { useRouter } from 'vue-router'
import { layoutScore, type Arrangement } from '@bonitas/core/stages/plan/arrange/arrange'
import { firstPlace } from '@bonitas/core/stages/plan/firstPlace'
import { isFlat, OFF_FLOOR } from '@bonitas/core/stages/plan/needs'
import { planFacts, type PlanInput } from '@bonitas/core/stages/plan/planFacts'
import { standing, type Standing } from '@bonitas/core/stages/plan/standing'
import { NEW_STAND } from '@bonitas/core/stages/plan/newRows'
import { boxOf } from '@bonitas/core/kernel/geometry/box'
import { mmText } from '@bonitas/core/kernel/units/length'
import type { RowChange } from '@bonitas/core/findings/finding'
import { usePageKeys, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTask } from '../worker/useTask.js'
import type { ArrangeAsk, ArrangeResult } from './arrange.worker.js'
import FloorGround from './FloorGround.vue'
import FloorPiece from './FloorPiece.vue'
import { usePlan } from './usePlan.js'

const { store, facts, hexOf, floorHex } = usePlan()
const router = useRouter()
const seed = ref(1)
const leftOut = ref<ReadonlySet<string>>(new Set())
const kept = ref<ReadonlySet<string>>(new Set())
const found = shallowRef<readonly Arrangement[]>()
const trouble = ref('')
const took = ref<number>()
const task = useTask<ArrangeResult>(
  () => new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' }),
)
const { done } = task
useStageKeys([
  ['P', 'propose'],
  ['1 – 4', 'take that arrangement over'],
])

/** Every piece that stands on the floor, each of several by itself: where it stands, or where it would be put down. */
const all = computed((): { standing: Standing; isNew: boolean; number: number }[] => {
  const [f, job] = [facts.value, store.snapshot]
  if (!f || !job) return []
  const stood = f.standings.map((s) => ({
    standing: s,
    isNew: false,
    number: job.floorPlacements.find((x) => x.id === s.id)?.number ?? 1,
  }))
  const missing = f.pieces
    .filter(
      (p) =>
        !OFF_FLOOR.has(p.kind) &&
        p.fixing !== 'over a door' &&
        p.fixing !== 'clipped on' &&
        !job.wallPlacements.some((h) => h.pieceId === p.id),
    )
    .filter((p) => Math.min(p.widthMm, p.depthMm) > 60)
    .flatMap((p) => {
      const have = job.floorPlacements.filter((s) => s.pieceId === p.id && !s.parked).length
      return Array.from({ length: Math.max(0, p.count - have) }, (_, i) => {
        const number = have + i + 1
        return {
          standing: standing({ id: `new ${p.id} ${number}`, number, ...firstPlace(f, p) }, p),
          isNew: true,
          number,
        }
      })
    })
  return [...stood, ...missing]
})
const taking = computed(() => all.value.filter((a) => !leftOut.value.has(a.standing.id)))
const input = computed(
  (): PlanInput | undefined =>
    facts.value && {
      ...toRaw(facts.value),
      standings: taking.value.map((a) => a.standing),
      withFixes: false,
      moved: undefined,
    },
)
const now = computed(() =>
  facts.value && facts.value.standings.length > 0 ? layoutScore(store.plan?.findings ?? []) : undefined,
)

function flipped(set: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(set)
  if (next.has(id)) next.delete(id)
  else next.add(id)
  return next
}

async function run(): Promise<void> {
  const given = input.value
  if (!given) return
  trouble.value = ''
  const began = performance.now()
  try {
    // What is derived again in the worker is not sent along.
    const ask: ArrangeAsk = { input: planInputOf(given), keep: [...kept.value], seed: seed.value, count: 4 }
    const result = await task.run(ask)
    if (result) {
      found.value = result.arrangements
      took.value = (performance.now() - began) / 1000
    }
  } catch {
    trouble.value = 'The search ended with a fault. Nothing was changed.'
  }
}
/** The input alone, without what follows from it. */
function planInputOf(f: PlanInput): PlanInput {
  const {
    room,
    needs,
    schools,
    system,
    pieces,
    standings,
    parked,
    wallPlacements,
    panelLayouts,
    lamps,
    litPieces,
    reflecting,
    uses,
    household,
    way,
    eyeLineMm,
    eyeLineAgreed,
    sunOnWall,
    floorFinishes,
    exposedToWeather,
  } = f
  return {
    room,
    needs,
    schools,
    system,
    pieces,
    standings,
    parked,
    wallPlacements,
    panelLayouts,
    lamps,
    litPieces,
    reflecting,
    uses,
    household,
    way,
    eyeLineMm,
    eyeLineAgreed,
    sunOnWall,
    floorFinishes,
    exposedToWeather,
    withFixes: false,
  }
}
function others(): void {
  seed.value++
  void run()
}

/** The pieces where an arrangement puts them, for its picture. */
const pictured = (a: Arrangement) =>
  taking.value
    .map(({ standing: s }) => {
      const p = a.places.find((x) => x.id === s.id)
      return p ? { ...s, turnDeg: p.turnDeg, box: boxOf(p.xMm, p.yMm, s.widthMm, s.depthMm, p.turnDeg) } : s
    })
    .sort((x, y) => Number(isFlat(y.kind)) - Number(isFlat(x.kind)))
const walksOf = (a: Arrangement) => {
  const given = input.value
  if (!given) return 0
  const walks = planFacts({ ...given, standings: pictured(a) }).walks
  return Math.min(1_500, ...walks.map((w) => w.widthMm))
}
const cards = computed(() =>
  (found.value ?? []).map((a) => ({ a, standings: pictured(a), walk: walksOf(a) })),
)

function take(a: Arrangement): void {
  const changes = a.places.flatMap((p): RowChange[] => {
    const from = taking.value.find((t) => t.standing.id === p.id)
    if (!from) return []
    const place = { xMm: p.xMm, yMm: p.yMm, turnDeg: p.turnDeg }
    return from.isNew
      ? [
          {
            collection: 'floorPlacements',
            add: {
              ...NEW_STAND,
              pieceId: from.standing.pieceId,
              number: from.number,
              raisedMm: from.standing.raisedMm,
              ...place,
            },
          },
        ]
      : [{ collection: 'floorPlacements', id: p.id, set: place }]
  })
  store.apply(changes)
  void router.push(`/jobs/${store.snapshot?.brief.id ?? ''}/plan`)
}
usePageKeys(keys)
function keys(event: KeyboardEvent): void {
  const card = cards.value[Number(event.key) - 1]
  if (card) take(card.a)
  else if (event.key === 'p' || event.key === 'P') void run()
}
const count = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`
const scoreText = (s: { stops: number; looks: number; notes: number }) =>
  [
    s.stops > 0 && count(s.stops, 'stop'),
    s.looks > 0 ? `${s.looks} to look at` : s.stops === 0 && 'nothing to look at',
    s.notes > 0 && count(s.notes, 'note'),
  ]
    .filter(Boolean)
    .join(', ')
const view = computed(() => {
  const r = facts.value?.room
  return r
    ? { x: r.low.x - 120, y: r.low.y - 120, w: r.high.x - r.low.x + 240, h: r.high.y - r.low.y + 240 }
    : undefined
})
const px = computed(() => (view.value ? Math.max(view.value.w / 318, view.value.h / 230) : 10))
</script>

<template>
  <StagePage v-if="store.snapshot" title="Plan">
    <template #head><StageTabs stage="plan" /></template>
    <p v-if="!store.plan" class="second" role="status">Laying out the room …</p>
    <p v-else-if="!facts || !view" class="teaching">
      Arrangements are searched once the room is measured and its walls close.
    </p>
    <p v-else-if="all.length === 0" class="teaching">
      No piece belongs to this room yet. Walk through the pieces in the Brief, and their places are proposed
      here.
    </p>
    <div v-else>
      <div class="over-bench">
        <button class="button primary" :disabled="taking.length === 0" @click="run">
          Propose arrangements
        </button>
        <button v-if="found && done === undefined" class="button" @click="others">Others</button>
        <template v-if="done !== undefined">
          <progress
            :value="done"
            max="1"
            :aria-label="`Searching, ${Math.round(done * 100)} percent`"
          ></progress>
          <button class="button" @click="task.stop()">Stop</button>
        </template>
        <p class="second" role="status">
          <template v-if="done !== undefined">Searching, {{ Math.round(done * 100) }} %</template>
          <template v-else-if="found && took"
            >{{ count(found.length, 'arrangement') }} out of {{ mmText(found[0]?.moves ?? 0) }} moves in
            {{ took.toFixed(1) }} s; the same number gives the same again (number {{ seed }})</template
          >
          <template v-else>{{ taking.length }} pieces are set out anew; what stays keeps its place.</template>
        </p>
      </div>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <p v-if="!found && done === undefined" class="teaching">
        The search tries a few hundred thousand places, fixes the best with the rule book’s own ways out and
        keeps those that differ. Nothing is changed until you take one over, and that is one step to undo.
      </p>
      <div class="cards">
        <article v-for="({ a, standings, walk }, i) in cards" :key="i">
          <svg
            :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
            role="img"
            :aria-label="`Arrangement ${i + 1}: ${a.says}`"
          >
            <g class="still">
              <FloorGround :room="facts.room" :floor="floorHex" :px="px" />
              <FloorPiece
                v-for="s in standings"
                :key="s.id"
                :standing="s"
                :hex="hexOf(s.piece.finishId)"
                :px="px"
                inert
              />
            </g>
          </svg>
          <h2>{{ i + 1 }}. {{ scoreText(a) }}</h2>
          <p class="second">{{ a.says }}. Narrowest way {{ mmText(walk) }}.</p>
          <ul v-if="a.left.length > 0" class="second">
            <li v-for="(t, k) in a.left.slice(0, 3)" :key="k">{{ t }}</li>
            <li v-if="a.left.length > 3">and {{ a.left.length - 3 }} more</li>
          </ul>
          <button class="word" @click="take(a)">Take it over</button>
        </article>
      </div>
    </div>
    <template #panel>
      <section v-if="now" class="panel-part">
        <h2>As it stands now</h2>
        <p>{{ scoreText(now) }}</p>
      </section>
      <section class="panel-part wide-part">
        <h2>What is set out</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col">Take part</th>
              <th scope="col">Keep place</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ standing: s, isNew } in all" :key="s.id">
              <td>{{ s.name }} <span v-if="isNew" class="second">not placed yet</span></td>
              <td>
                <input
                  type="checkbox"
                  :checked="!leftOut.has(s.id)"
                  :disabled="s.piece.stays"
                  :aria-label="`${s.name} takes part`"
                  @change="leftOut = flipped(leftOut, s.id)"
                />
              </td>
              <td>
                <template v-if="s.piece.stays">stays</template
                ><input
                  v-else-if="!isNew"
                  type="checkbox"
                  :checked="kept.has(s.id)"
                  :aria-label="`${s.name} keeps its place`"
                  @change="kept = flipped(kept, s.id)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px 22px;
}
article {
  display: grid;
  gap: 4px;
  align-content: start;
  justify-items: start;
}
svg {
  width: 100%;
  height: 230px;
  background: var(--paper);
}
/* Rulers and the keyboard belong to the plan itself; this is a picture of it. */
.still {
  pointer-events: none;
}
.still :deep(.ruler) {
  display: none;
}
ul {
  padding-left: 16px;
  list-style: disc;
}
.wide-part {
  justify-items: stretch;
}
td {
  padding: 3px 6px 3px 0;
}
progress {
  width: 160px;
  accent-color: var(--ink);
}
</style>
