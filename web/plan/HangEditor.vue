<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { HANG_FIXINGS, WALL_MAKES } from '@bonitas/core/model/vocabulary/hanging'
import type { WallPlacement } from '@bonitas/core/model/rows/wallPlacements'
import type { Hung } from '@bonitas/core/stages/plan/planFacts'
import { wireDrop } from '@bonitas/core/stages/plan/walls/hanging'
import FoldPart from '../form/FoldPart.vue'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import LengthInput from './LengthInput.vue'
import { t } from './words.js'

const { drawn } = useLocale()

/** One hung piece: its place, its hooks, what holds it. */
const props = defineProps<{ hung: Hung; row: WallPlacement }>()
const emit = defineEmits<{ down: [] }>()
const store = useJobStore()
const wire = ref({ below: 80, span: 300, length: 330 })
const fault = ref('')
/** The hook drop of a wire: fixings below the top, less how far the taut wire rises. */
function fromWire(): void {
  fault.value = ''
  const { below, span, length } = wire.value
  if (length < span) {
    fault.value = t('wireIsShorterThanThe')
    return
  }
  store.change('wallPlacements', props.row.id, {
    dropMm: Math.max(0, Math.round(wireDrop(below, span, length))),
    hooks: 1,
  })
}
</script>

<template>
  <section class="panel-part wide-part" :aria-label="t('theChosenPicture')">
    <h2>{{ hung.name }}</h2>
    <p class="second">
      {{
        t('widthMmHeightMmFrameNailAt', {
          widthMm: drawn(Math.round(hung.widthMm)),
          heightMm: drawn(Math.round(hung.heightMm)),
          frame: hung.frame ? t('frameIncluded') : '',
          heightMm2: drawn(Math.round(hung.nails[0]?.heightMm ?? 0)),
        })
      }}
    </p>
    <div class="fields">
      <RowField
        collection="wallPlacements"
        :row="row"
        field="xMm"
        kind="length"
        figure
        :label="t('middleFromLeft')"
      />
      <RowField
        collection="wallPlacements"
        :row="row"
        field="centerMm"
        kind="length"
        figure
        :label="t('middleAboveFloor')"
      />
      <RowField collection="wallPlacements" :row="row" field="dropMm" kind="length" figure />
      <RowField collection="wallPlacements" :row="row" field="hooks" kind="whole" figure />
      <RowField
        v-if="row.hooks > 1"
        collection="wallPlacements"
        :row="row"
        field="hookSpanMm"
        kind="length"
        figure
      />
      <RowField collection="wallPlacements" :row="row" field="ratedG" kind="weight" figure />
      <RowChoice collection="wallPlacements" :row="row" field="fixing" :choices="HANG_FIXINGS" />
      <RowChoice
        collection="wallPlacements"
        :row="row"
        field="into"
        :choices="WALL_MAKES"
        :label="t('intoAWallOf')"
      />
      <RowField collection="wallPlacements" :row="row" field="group" kind="text" />
      <RowField
        collection="wallPlacements"
        :row="row"
        field="turnDeg"
        kind="real"
        figure
        :label="t('turnedDegrees')"
      />
      <RowCheck
        v-if="row.turnDeg !== 0 || row.onPurpose"
        collection="wallPlacements"
        :row="row"
        field="onPurpose"
        class="all"
      />
    </div>
    <FoldPart :title="t('itHangsByAWire')">
      <div class="fields">
        <LengthInput
          :label="t('fixingsBelowTop')"
          :mm="wire.below"
          :min-mm="0"
          @typed="(v) => (wire.below = v)"
        />
        <LengthInput
          :label="t('betweenFixings')"
          :mm="wire.span"
          :min-mm="10"
          @typed="(v) => (wire.span = v)"
        />
        <LengthInput
          :label="t('lengthOfWire')"
          :mm="wire.length"
          :min-mm="10"
          @typed="(v) => (wire.length = v)"
        />
      </div>
      <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
      <ElButton link @click="fromWire">{{ t('workOutTheHookDrop') }}</ElButton>
    </FoldPart>
    <p class="acts">
      <ElButton link @click="(store.remove('wallPlacements', row.id), emit('down'))">
        {{ t('takeItDown') }}
      </ElButton>
    </p>
  </section>
</template>

<style scoped>
.wide-part {
  justify-items: stretch;
}
.fields .all {
  grid-column: 1 / -1;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 6px 10px;
}
</style>
