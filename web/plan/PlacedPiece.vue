<script setup lang="ts">
// The chosen piece: where it stands, typed; what can be done with it; what else could stand in its place.
import { ElButton, ElInput } from 'element-plus'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { boxBounds } from '@bonitas/core/kernel/geometry/box'
import { triedOptionsOf } from '@bonitas/core/job/planFactsOf'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { carryIn } from '@bonitas/core/stages/plan/carryIn'
import type { LiveCheck } from '@bonitas/core/stages/plan/liveCheck'
import { mustComeIn, type PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import type { alignedTo } from '@bonitas/core/stages/plan/snap'
import { extended, type Standing } from '@bonitas/core/stages/plan/standing'
import ChoiceField from '../form/ChoiceField.vue'
import FieldFrame from '../form/FieldFrame.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import LengthInput from './LengthInput.vue'
import { t } from './words.js'

// Tables of what only some pieces have.
const CarrySteps = defineAsyncComponent(() => import('./CarrySteps.vue'))
const RugSizes = defineAsyncComponent(() => import('./RugSizes.vue'))

const { drawn, measured } = useLocale()

const props = defineProps<{
  chosen: Standing
  row: JobSnapshot['floorPlacements'][number]
  /** A second piece, to align with. */
  other: Standing | undefined
  check: LiveCheck | undefined
  facts: PlanFacts
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{
  put: [place: { xMm: number; yMm: number; turnDeg?: number }]
  align: [how: Parameters<typeof alignedTo>[2]]
  turn: []
  wall: []
  middle: []
  mirror: []
  tape: []
  park: []
  out: []
}>()
const store = useJobStore()

/** Distances of the outline of the chosen piece from the left and upper edge of the room, as they are typed. */
const edges = computed(() => {
  const [s, r] = [props.chosen, props.facts.room]
  const b = boxBounds(s.box)
  return {
    left: s.box.x - b.halfX - r.low.x,
    right: r.high.x - s.box.x - b.halfX,
    top: s.box.y - b.halfY - r.low.y,
    bottom: r.high.y - s.box.y - b.halfY,
  }
})
function typed(side: 'left' | 'right' | 'top' | 'bottom', mm: number): void {
  const [s, r] = [props.chosen, props.facts.room]
  const b = boxBounds(s.box)
  const [x, y] = [Math.round(s.box.x), Math.round(s.box.y)]
  if (side === 'left') emit('put', { xMm: Math.round(r.low.x + mm + b.halfX), yMm: y })
  else if (side === 'right') emit('put', { xMm: Math.round(r.high.x - mm - b.halfX), yMm: y })
  else if (side === 'top') emit('put', { xMm: x, yMm: Math.round(r.low.y + mm + b.halfY) })
  else emit('put', { xMm: x, yMm: Math.round(r.high.y - mm - b.halfY) })
}
const wallWord = (x: number, y: number) => {
  const wall = props.facts.room.walls.find(
    (w) => Math.abs(w.into.x - x) < 0.3 && Math.abs(w.into.y - y) < 0.3,
  )
  return wall?.name ?? (x === 1 ? 'left' : x === -1 ? 'right' : y === 1 ? 'top' : 'bottom')
}

/** What is being typed for the turn; undefined when the field shows how the piece stands. */
const turned = ref<string>()
const turnFault = ref('')
watch(
  () => [props.chosen.id, props.chosen.turnDeg],
  () => {
    turned.value = undefined
    turnFault.value = ''
  },
)
function turnTo(degrees: number): void {
  emit('put', { xMm: props.row.xMm, yMm: props.row.yMm, turnDeg: ((degrees % 360) + 360) % 360 })
}
function keepTurn(text: string): void {
  const degrees = Number(text.replace('°', '').replace(',', '.'))
  if (text.trim() === '' || !Number.isFinite(degrees)) {
    turnFault.value = t('turnedIsNotAnAngle')
    return
  }
  turned.value = undefined
  turnFault.value = ''
  turnTo(degrees)
}
const sizeOf = (o: (typeof options.value)[number]) =>
  `${o.name}, ${o.widthMm ?? '?'} × ${o.depthMm ?? '?'} × ${o.heightMm ?? '?'}`

/** Options of the item that buys the chosen piece: any of them can be tried in its place. */
const options = computed(() => {
  const [job, s] = [store.snapshot, props.chosen]
  if (!job) return []
  const name = s.piece.name.trim().toLowerCase()
  const ids = new Set(job.items.filter((i) => i.name.trim().toLowerCase() === name).map((i) => i.id))
  const sized = job.options.filter((o) => ids.has(o.itemId) && o.widthMm != null)
  return triedOptionsOf(job).filter((o) => sized.some((x) => x.id === o.id))
})
const carry = computed(() => {
  const [s, f] = [props.chosen, props.facts]
  return f.way.length > 0 && mustComeIn(s.piece)
    ? carryIn({ widthMm: s.widthMm, depthMm: s.depthMm, heightMm: s.heightMm, legsMm: s.piece.legsMm }, f.way)
    : undefined
})
</script>

<template>
  <section class="panel-part wide-part" :aria-label="t('theChosenPiece')">
    <h2>{{ chosen.name }}</h2>
    <p class="second">
      {{ chosen.kind }}, {{ drawn(chosen.widthMm) }} × {{ drawn(chosen.depthMm) }} ×
      {{ measured(chosen.heightMm) }}{{ chosen.piece.stays ? t('itStaysWhereItIs') : ''
      }}{{ row.parked ? t('itsParkingPlace') : '' }}
    </p>
    <p v-if="check && check.stops.length > 0" class="fault" role="status">
      {{ t('itStandsJoin', { join: check.stops.join(', ') }) }}
    </p>
    <div class="fields">
      <LengthInput
        :label="t('fromWallWord', { wallWord: wallWord(1, 0) })"
        :mm="edges.left"
        @typed="(v) => typed('left', v)"
      />
      <LengthInput
        :label="t('fromWallWord', { wallWord: wallWord(-1, 0) })"
        :mm="edges.right"
        @typed="(v) => typed('right', v)"
      />
      <LengthInput
        :label="t('fromWallWord', { wallWord: wallWord(0, 1) })"
        :mm="edges.top"
        @typed="(v) => typed('top', v)"
      />
      <LengthInput
        :label="t('fromWallWord', { wallWord: wallWord(0, -1) })"
        :mm="edges.bottom"
        @typed="(v) => typed('bottom', v)"
      />
      <LengthInput
        :label="t('aboveTheFloor')"
        :mm="row.raisedMm"
        :min-mm="0"
        :max-mm="12000"
        @typed="(v) => store.change('floorPlacements', row.id, { raisedMm: v })"
      />
      <FieldFrame id="turned" :label="t('turnedDegrees')" :fault="turnFault || undefined">
        <ElInput
          id="turned"
          class="is-figure"
          inputmode="decimal"
          autocomplete="off"
          :model-value="turned ?? String(Math.round(chosen.turnDeg))"
          :validate-event="false"
          :aria-invalid="turnFault ? 'true' : undefined"
          :aria-describedby="turnFault ? 'turned-says' : undefined"
          @update:model-value="turned = $event"
          @change="keepTurn"
          @keydown.up.prevent="turnTo(chosen.turnDeg + 15)"
          @keydown.down.prevent="turnTo(chosen.turnDeg - 15)"
        />
      </FieldFrame>
    </div>
    <p class="acts">
      <ElButton link @click="$emit('turn')">{{ t('turn') }}</ElButton>
      <ElButton link @click="$emit('wall')">{{ t('toTheWall') }}</ElButton>
      <ElButton link @click="$emit('middle')">{{ t('middleOfTheWall') }}</ElButton>
      <ElButton link @click="$emit('mirror')">{{ t('mirror') }}</ElButton>
      <ElButton v-if="extended(chosen)" link :aria-pressed="open" @click="open = !open">
        {{ open ? t('foldIn') : t('extend') }}
      </ElButton>
      <ElButton link @click="$emit('park')">{{ t('giveItAParkingPlace') }}</ElButton>
      <ElButton link @click="$emit('tape')">{{ t('tapeItOut') }}</ElButton>
      <ElButton link @click="$emit('out')">{{ t('takeItOut') }}</ElButton>
    </p>
    <p v-if="other" class="acts">
      <span class="second">{{ t('withName', { name: other.name }) }}</span>
      <ElButton
        v-for="how in ['left', 'center', 'right', 'top', 'middle', 'bottom'] as const"
        :key="how"
        link
        @click="$emit('align', how)"
      >
        {{ how }}
      </ElButton>
    </p>
    <p v-else class="second">{{ t('shiftAndClickASecond') }}</p>
    <ChoiceField
      v-if="options.length > 0"
      :model-value="row.optionId ?? ''"
      :label="t('tryInItsPlace')"
      :choices="[
        { value: '', text: t('itsOwnSize') },
        ...options.map((o) => ({ value: o.id, text: sizeOf(o) })),
      ]"
      @update:model-value="store.change('floorPlacements', row.id, { optionId: $event || null })"
    />
  </section>
  <CarrySteps v-if="carry" :result="carry" />
  <RugSizes v-if="chosen.kind === 'rug'" :facts="facts" :rug="chosen" />
</template>

<style scoped>
.wide-part {
  justify-items: stretch;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 12px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
</style>
