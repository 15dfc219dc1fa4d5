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
import { drawingOrder, useRoving } from './useRoving.js'
import ZoomButtons from './ZoomButtons.vue'
import { floorKeys, useFloorKeys } from './useFloorKeys.js'
import { useFloorView } from './useFloorView.js'
import { useMoving } from './useMoving.js'
import { usePlan } from './usePlan.js'
import { useWaiting } from './useWaiting.js'
import { useLocale } from '../form/useLocale.js'
import { ARROW_MM } from './arrows.js'
import { t } from './words.js'
const { measured, drawn: figure, system } = useLocale()

const { store, facts, hexOf, floorHex } = usePlan()
const router = useRouter()
const moving = useMoving(facts)
const { live, guides, told } = moving
const chosenId = useInAddress('stand')
const otherId = ref<string>()
const openBeds = ref(false)
const pointed = shallowRef<JudgedFinding>()
const svg = ref<SVGSVGElement>()

useStageKeys(floorKeys(measured(ARROW_MM[system.value].step), measured(ARROW_MM[system.value].far)))

const room = computed(() => facts.value?.room)
const drawn = computed(() => drawingOrder(facts.value?.standings ?? []))
const { chosen, chosenRow, other, put, turn, toWall, toMiddle, mirror, align, park, tape } = useFloorActs(
  facts,
  moving,
  chosenId,
  otherId,
)
const check = computed(() => moving.check(chosen.value))

const { view, px, zoom, frame } = useFloorView(room)
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

const parkedStandings = computed(() => facts.value?.parked ?? [])
const reachable = computed(() => [...drawn.value, ...(openBeds.value ? parkedStandings.value : [])])
const roving = useRoving(svg, reachable, chosenId)
const ofPage = {
  '[': () => roving.step(-1),
  ']': () => roving.step(1),
  n: () => waiting.value[0] && void place(waiting.value[0].piece.id, waiting.value[0].number),
  ...zoom.keys,
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
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('plan')" broad>
    <template #head>
      <StageTabs stage="plan" />
      <ZoomButtons v-if="room" :zoom="zoom" />
      <p class="second hint">
        {{
          t('arrowsMoveStepShiftFar', {
            step: figure(ARROW_MM[system].step),
            far: figure(ARROW_MM[system].far),
          })
        }}
      </p>
    </template>
    <div v-if="!store.plan" class="second" role="status">{{ t('layingOutTheRoom') }}</div>
    <div v-else-if="!room || !view" class="teaching">
      <p>
        {{ t('thePlanSaysWhatFits') }}
      </p>
      <ElButton :tag="RouterLink" :to="`/jobs/${store.snapshot.brief.id}/measure`">{{
        t('measureTheRoom')
      }}</ElButton>
    </div>
    <div v-else class="floor">
      <div ref="frame" class="frame">
        <svg
          ref="svg"
          :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
          role="group"
          :aria-label="t('floorPlan')"
          @focusin="roving.focused"
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
            :tab-stop="s.id === roving.stop.value"
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
              :tab-stop="s.id === roving.stop.value"
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
    </div>
    <template #panel>
      <template v-if="chosen && chosenRow && facts">
        <PlacedPiece
          :key="chosen.id"
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
        :whole="!live"
        :quiet="t('nothingHereAsksForAnother')"
        @point="(f) => (pointed = f)"
      />
    </template>
    <template #strip>
      <FloorWaiting
        v-if="room"
        :waiting="waiting"
        :undrawn="undrawn"
        :placed="drawn.length"
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
}
.floor {
  contain: layout style paint;
  height: 100%;
  min-height: 380px;
}
.frame {
  position: relative;
  height: 100%;
}
svg {
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  user-select: none;
}
</style>
