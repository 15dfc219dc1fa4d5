<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, toRaw } from 'vue'
import { useRouter } from 'vue-router'
import { countedOpen } from '@bonitas/core/findings/countedOpen'
import type { Arrangement } from '@bonitas/core/stages/plan/arrange/arrange'
import { arrangementChanges, candidates, inputOf } from '@bonitas/core/stages/plan/arrange/setOutAnew'
import { isFlat } from '@bonitas/core/stages/plan/needs'
import { planFacts } from '@bonitas/core/stages/plan/planFacts'
import { boxOf } from '@bonitas/core/kernel/geometry/box'
import { useLocale } from '../form/useLocale.js'
import { usePageKeys, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTask } from '../worker/useTask.js'
import type { ArrangeAsk, ArrangeResult } from './arrange.worker.js'
import FloorGround from './FloorGround.vue'
import FloorPiece from './FloorPiece.vue'
import TakingPart from './TakingPart.vue'
import { usePlan } from './usePlan.js'
import { sentPlan } from './sentPlan.js'
import { t } from './words.js'

const { drawn, number } = useLocale()

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
  ['1 – 4', t('takeThatArrangementOver')],
])

/** Every piece that stands on the floor, each of several by itself: where it stands, or where it would be put down. */
const all = computed(() => {
  const [f, job] = [facts.value, store.snapshot]
  return f && job ? candidates(f, job.floorPlacements, job.wallPlacements) : []
})
const taking = computed(() => all.value.filter((a) => !leftOut.value.has(a.standing.id)))
const input = computed(
  () =>
    facts.value &&
    inputOf(
      toRaw(facts.value),
      taking.value.map((taken) => taken.standing),
    ),
)
const now = computed(() =>
  facts.value && facts.value.standings.length > 0 ? countedOpen(store.plan?.findings ?? []) : undefined,
)

async function run(): Promise<void> {
  const [given, job] = [input.value, store.snapshot]
  if (!given || !job) return
  trouble.value = ''
  const began = performance.now()
  try {
    const ask: ArrangeAsk = {
      input: sentPlan(given),
      job: toRaw(job),
      taking: taking.value.map(({ standing, ...rest }) => ({ ...rest, standing: toRaw(standing) })),
      today: store.day,
      keep: [...kept.value],
      seed: seed.value,
      count: 4,
    }
    const result = await task.run(ask)
    if (result) {
      found.value = result.arrangements
      took.value = (performance.now() - began) / 1000
    }
  } catch {
    trouble.value = t('theSearchEndedWithA')
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
  store.apply(arrangementChanges(a, taking.value))
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
    s.looks > 0 ? t('looksToLookAt', { looks: s.looks }) : s.stops === 0 && t('nothingToLookAt'),
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
  <StagePage v-if="store.snapshot" :title="t('plan')">
    <template #head><StageTabs stage="plan" /></template>
    <p v-if="!store.plan" class="second" role="status">{{ t('layingOutTheRoom') }}</p>
    <p v-else-if="!facts || !view" class="teaching">
      {{ t('arrangementsAreSearchedOnceThe') }}
    </p>
    <p v-else-if="all.length === 0" class="teaching">
      {{ t('noPieceBelongsToThis') }}
    </p>
    <div v-else>
      <div class="over-bench">
        <ElButton type="primary" :disabled="taking.length === 0" @click="run">
          {{ t('proposeArrangements') }}
        </ElButton>
        <ElButton v-if="found && done === undefined" @click="others">{{ t('others') }}</ElButton>
        <template v-if="done !== undefined">
          <progress
            :value="done"
            max="1"
            :aria-label="t('searchingDonePercent', { done: Math.round(done * 100) })"
          ></progress>
          <ElButton @click="task.stop()">{{ t('stop') }}</ElButton>
        </template>
        <p class="second" role="status">
          <template v-if="done !== undefined">{{
            t('searchingDone', { done: Math.round(done * 100) })
          }}</template>
          <template v-else-if="found && took">{{
            t('foundOutOfMovesMoves', {
              found: count(found.length, 'arrangement'),
              moves: number(found[0]?.moves ?? 0),
              took: number(took, 1),
              seed,
            })
          }}</template>
          <template v-else>{{ t('takingPiecesAreSetOut', { taking: taking.length }) }}</template>
        </p>
      </div>
      <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
      <p v-if="!found && done === undefined" class="teaching">
        {{ t('theSearchTriesAFew') }}
      </p>
      <div class="cards">
        <article v-for="({ a, standings, walk }, i) in cards" :key="i">
          <svg
            :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
            role="img"
            :aria-label="t('arrangementISays', { i: i + 1, says: a.says })"
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
          <p class="second">{{ t('saysNarrowestWayWalk', { says: a.says, walk: drawn(walk) }) }}</p>
          <ul v-if="a.left.length > 0" class="second">
            <li v-for="(taken, k) in a.left.slice(0, 3)" :key="k">{{ taken }}</li>
            <li v-if="a.left.length > 3">{{ t('andLeftMore', { left: a.left.length - 3 }) }}</li>
          </ul>
          <ElButton link @click="take(a)">{{ t('takeItOver') }}</ElButton>
        </article>
      </div>
    </div>
    <template #panel>
      <section v-if="now" class="panel-part">
        <h2>{{ t('asItStandsNow') }}</h2>
        <p>{{ scoreText(now) }}</p>
      </section>
      <TakingPart v-model:left-out="leftOut" v-model:kept="kept" :all="all" />
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
progress {
  width: 160px;
  accent-color: var(--ink);
}
</style>
