<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, reactive, ref, shallowRef } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { JudgedFinding } from '@bonitas/core/findings/finding'

import FindingsPanel from '../job/FindingsPanel.vue'
import { useInAddress } from '../job/useInAddress.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import FloorGround from './FloorGround.vue'
import FloorMarks from './FloorMarks.vue'
import FloorWaiting from './FloorWaiting.vue'
import FloorPiece from './FloorPiece.vue'
import PieceFacts from './PieceFacts.vue'
import PlacedPiece from './PlacedPiece.vue'
import RoomMeasures from './RoomMeasures.vue'
import { useFloorActs } from './useFloorActs.js'
import { useFloorDrag } from './useFloorDrag.js'
import { useFloorFindings } from './useFloorFindings.js'
import { useFloorKeys } from './useFloorKeys.js'
import { useFloorView } from './useFloorView.js'
import { useMoving } from './useMoving.js'
import { usePlan } from './usePlan.js'
import { useWaiting } from './useWaiting.js'

const { store, facts, hexOf, floorHex } = usePlan()
const router = useRouter()
const moving = useMoving(facts)
const { live, guides, told } = moving
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
const { chosen, chosenRow, other, put, turn, toWall, toMiddle, mirror, align, park, tape } = useFloorActs(
  facts,
  moving,
  chosenId,
  otherId,
)
const check = computed(() => moving.check(chosen.value))

const { view, px } = useFloorView(room)
const { stopsOf, findings, looks } = useFloorFindings(told, chosen)
const marked = computed(() => new Set(pointed.value?.about.map((r) => r.id)))
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

function letGo(): void {
  chosenId.value = undefined
  otherId.value = undefined
}
const { down, move, up, cancel } = useFloorDrag(svg, moving, { choose, letGo })

const ofPage = {
  n: () => waiting.value[0] && void place(waiting.value[0].piece.id, waiting.value[0].number),
  o: () => (openBeds.value = !openBeds.value),
  t: tape,
  p: () => void router.push(`/jobs/${store.snapshot?.brief.id ?? ''}/plan/proposals`),
}
const ofPiece = {
  r: (event: KeyboardEvent) => turn(event.shiftKey ? 15 : 90),
  w: toWall,
  c: toMiddle,
  m: mirror,
  delete: takeOut,
  backspace: takeOut,
  escape: () => {
    moving.drop()
    letGo()
  },
}
useFloorKeys(moving, reactive({ id: chosenId }), choose, ofPage, ofPiece)
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
const parkedStandings = computed(() => facts.value?.parked ?? [])
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
      <ElButton :tag="RouterLink" :to="`/jobs/${store.snapshot.brief.id}/measure`">Measure the room</ElButton>
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
      <RoomMeasures
        v-if="facts && !chosen"
        :facts="facts"
        :room-name="store.snapshot.brief.roomName"
        @tape="tape"
      />
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
</style>
