<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref, watch } from 'vue'
import { NEW_HANG, NEW_FRAME } from '@bonitas/core/stages/plan/newRows'
import { newPanelLayout } from '@bonitas/core/stages/plan/walls/newPanelLayout'
import { firstOnWall, toHang } from '@bonitas/core/stages/plan/walls/toHang'
import type { PanelLayoutKind } from '@bonitas/core/model/vocabulary/settingOut'
import FindingsPanel from '../job/FindingsPanel.vue'
import { usePageKeys, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LengthInput from './LengthInput.vue'
import HangEditor from './HangEditor.vue'
import HangingSheet from './HangingSheet.vue'
import FrameEditor from './FrameEditor.vue'
import PanelLayoutEditor from './PanelLayoutEditor.vue'
import WallElevation from './WallElevation.vue'
import ZoomButtons from './ZoomButtons.vue'
import { LAYOUTS } from './hangGroups.js'
import { useElevationView } from './useElevationView.js'
import { useWallColors } from './useWallColors.js'
import { useHanging } from './useHanging.js'
import { usePlan } from './usePlan.js'
import { useWallInHand } from './useWallInHand.js'
import { useLocale } from '../form/useLocale.js'
import { ARROW_MM } from './arrows.js'
import { t } from './words.js'
const { measured, system } = useLocale()

const { store, facts, hexOf } = usePlan()
const gap = ref(100)

useStageKeys([
  [
    t('arrows'),
    t('moveTheChosenPictureStep', {
      step: measured(ARROW_MM[system.value].step),
      far: measured(ARROW_MM[system.value].far),
    }),
  ],
  ['E', t('itsMiddleToTheEye')],
  ['C', t('overTheMiddleOfThe')],
  ['[ and ]', t('theWallToTheLeft')],
  [', and .', t('previousAndNextPicture')],
  ['N', t('hangTheNextPiece')],
  ['Delete', t('takeItDown2')],
])

const { walls, wallId, wall, show, beside } = useWallInHand(facts)
const { view, px, zoom, frame } = useElevationView(facts, wall)
watch(wallId, (_now, before) => {
  if (!before) return
  settle()
  letGo()
})
const onWall = computed(() => facts.value?.wallPlacements.filter((h) => h.wallId === wallId.value) ?? [])
const hanging = useHanging(facts, onWall)
const { chosen, live, hung, group, choose, letGo, moveTo, settle, layOut } = hanging
const row = computed(() => store.snapshot?.wallPlacements.find((h) => h.id === chosen.value))
const panelLayouts = computed(
  () => store.snapshot?.panelLayouts.filter((s) => s.wallId === wallId.value) ?? [],
)
const { upper, lower } = useWallColors(wallId)
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

const waiting = computed(() => {
  const job = store.snapshot
  return job && facts.value ? toHang(facts.value, job.wallPlacements, job.floorPlacements) : []
})

async function hang(pieceId: string, number: number): Promise<void> {
  const [f, w] = [facts.value, wall.value]
  const piece = f?.pieces.find((p) => p.id === pieceId)
  if (!f || !w || !piece) return
  chosen.value = store.add('wallPlacements', {
    ...NEW_HANG,
    pieceId,
    number,
    wallId: w.id,
    xMm: firstOnWall(f, w.id, piece.widthMm),
    centerMm: f.eyeLineMm,
  })
  await nextTick()
  document.querySelector<SVGGElement>(`[data-hang="${chosen.value}"]`)?.focus()
}

const elevation = ref<InstanceType<typeof WallElevation>>()
usePageKeys((event) => {
  if (event.key === '[') beside(-1)
  else if (event.key === ']') beside(1)
  else if (event.key === ',') elevation.value?.step(-1)
  else if (event.key === '.') elevation.value?.step(1)
  else if (event.key.toLowerCase() === 'n') {
    const next = waiting.value[0]
    if (next) void hang(next.piece.id, next.number)
    event.preventDefault()
  } else if (event.key in zoom.keys) zoom.keys[event.key as keyof typeof zoom.keys]()
  else hanging.key(event)
})

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
const made = computed(() => store.snapshot?.frames.find((f) => f.pieceId === hung.value?.piece.id))

function addPanelLayout(kind: PanelLayoutKind): void {
  const [f, job] = [facts.value, store.snapshot]
  if (f && job && wall.value) store.add('panelLayouts', newPanelLayout(f, job.room, wall.value.id, kind))
}
const kinds: readonly PanelLayoutKind[] = [
  'rail',
  'wainscot panels',
  'picture-frame panels',
  'board and batten',
  'curtain rail',
  'shelf',
]
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('plan')" broad>
    <template #head>
      <StageTabs stage="plan" />
      <ZoomButtons v-if="view" :zoom="zoom" />
    </template>
    <p v-if="!store.plan" class="second" role="status">{{ t('layingOutTheRoom') }}</p>
    <p v-else-if="!facts || !wall" class="teaching">
      {{ t('wallsArePlannedOnceThe') }}
    </p>
    <div v-else class="wall">
      <div class="over-bench" role="group" :aria-label="t('wall')">
        <ElButton
          v-for="w in walls"
          :key="w.id"
          :aria-pressed="w.id === wallId ? 'true' : 'false'"
          @click="show(w.id)"
        >
          {{ w.name }}
        </ElButton>
      </div>
      <div ref="frame" class="elevation">
        <WallElevation
          v-if="view"
          ref="elevation"
          :view="view"
          :px="px"
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
          @move="moveTo"
          @settle="settle"
        />
      </div>
    </div>
    <template #panel>
      <template v-if="facts && wall">
        <HangEditor v-if="hung && row" :hung="hung" :row="row" @down="chosen = undefined" />
        <section v-if="hung" class="panel-part wide-part">
          <FrameEditor v-if="made" :frame="made" :sun="facts.sunOnWall.get(wallId) ?? 0" />
          <ElButton v-else-if="hung.piece.kind === 'picture'" link @click="addFrame">
            {{ t('workOutMatAndFrame') }}
          </ElButton>
        </section>
        <section v-if="group.length > 1" class="panel-part wide-part">
          <h2>{{ t('layOutGroupPictures', { group: group.length }) }}</h2>
          <LengthInput
            :label="t('gapBetweenThem')"
            :mm="gap"
            :min-mm="0"
            :max-mm="1000"
            @typed="(v) => (gap = v)"
          />
          <p class="acts">
            <ElButton v-for="l in LAYOUTS" :key="l" link @click="layOut(l, gap)">{{ l }}</ElButton>
          </p>
          <p class="second">
            {{
              facts.schools.hanging
                ? t('schoolHanging', { hanging: facts.schools.hanging })
                : t('noSchoolIsChosenForHanging')
            }}
          </p>
        </section>
        <FindingsPanel stage="plan" :list="findings" :quiet="t('nothingHereToLookAt')" />
        <section class="panel-part wide-part">
          <h2>{{ t('setOutOnThisWall') }}</h2>
          <PanelLayoutEditor v-for="s in panelLayouts" :key="s.id" :row="s" :facts="facts" />
          <p class="acts">
            <ElButton v-for="k in kinds" :key="k" link @click="addPanelLayout(k)">{{ k }}</ElButton>
          </p>
        </section>
      </template>
    </template>
    <template #strip>
      <HangingSheet
        v-if="facts && wall"
        :facts="facts"
        :wall="wall"
        :waiting="waiting"
        @choose="(id) => choose(id, false)"
        @hang="hang"
      />
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
</style>
