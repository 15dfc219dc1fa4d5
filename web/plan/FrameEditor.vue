<script setup lang="ts">
import { ElButton, ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed, ref } from 'vue'
import { BOARDS, FRAME_COATS, GLAZINGS, PROFILES } from '@bonitas/core/model/vocabulary/frame'
import type { Frame } from '@bonitas/core/model/rows/frames'
import { frameCost, frameSizes, glazingKg, rankFrames } from '@bonitas/core/stages/plan/walls/framing'
import FoldPart from '../form/FoldPart.vue'
import ChoiceField from '../form/ChoiceField.vue'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

const { drawn, number, money, says, system } = useLocale()

/** Sheet, mat, frame and glass of one picture, and what they come to. */
const props = defineProps<{ frame: Frame; sun: number }>()
const store = useJobStore()
const piece = computed(() => store.snapshot?.pieces.find((p) => p.id === props.frame.pieceId))
const sizes = computed(() => frameSizes(props.frame))
const cost = computed(() => frameCost(props.frame))
const glass = computed(() =>
  glazingKg(sizes.value.mat[0], sizes.value.mat[1], props.frame.glazingMm, props.frame.glazing),
)
const pair = ([w, h]: readonly [number, number]) => `${drawn(Math.round(w))} × ${drawn(Math.round(h))}`
const picture = ref<'traditional' | 'modern'>('modern')
const house = ref<'traditional' | 'modern'>('modern')
const ranked = computed(() =>
  rankFrames(
    picture.value,
    house.value,
    PROFILES.flatMap((profile) =>
      FRAME_COATS.map((coat) => ({ name: `${profile}, ${coat}`, profile, coat })),
    ),
  ).slice(0, 4),
)
</script>

<template>
  <h2>{{ t('matAndFrame') }}</h2>
  <div class="fields">
    <RowField collection="frames" :row="frame" field="sheetWidthMm" kind="length" figure />
    <RowField collection="frames" :row="frame" field="sheetHeightMm" kind="length" figure />
    <RowField
      collection="frames"
      :row="frame"
      field="overlapMm"
      kind="length"
      figure
      :label="t('matOverSheet')"
    />
    <RowField collection="frames" :row="frame" field="borderMm" kind="length" figure :label="t('border')" />
    <RowField
      collection="frames"
      :row="frame"
      field="bottomBorderMm"
      kind="length"
      figure
      :label="t('borderBelow')"
    />
    <RowField collection="frames" :row="frame" field="faceMm" kind="length" figure :label="t('face')" />
    <RowField
      collection="frames"
      :row="frame"
      field="rebateMm"
      kind="length"
      figure
      :label="t('overTheMat')"
    />
    <RowField collection="frames" :row="frame" field="filletMm" kind="length" figure :label="t('fillet')" />
    <RowField
      collection="frames"
      :row="frame"
      field="glazingMm"
      :kind="system === 'metric' ? 'real' : 'length'"
      figure
      :label="system === 'metric' ? t('glassMm') : t('glass')"
    />
    <RowChoice collection="frames" :row="frame" field="profile" :choices="PROFILES" />
    <RowChoice collection="frames" :row="frame" field="coat" :choices="FRAME_COATS" :label="t('finish')" />
    <RowChoice collection="frames" :row="frame" field="board" :choices="BOARDS" :label="t('board')" />
    <RowChoice collection="frames" :row="frame" field="glazing" :choices="GLAZINGS" />
    <RowField
      collection="frames"
      :row="frame"
      field="moldingMinor"
      kind="price by length"
      figure
      :label="system === 'metric' ? t('moldingAM') : t('moldingAFoot')"
    />
    <RowField
      collection="frames"
      :row="frame"
      field="boardMinor"
      kind="price by area"
      figure
      :label="system === 'metric' ? t('boardAM') : t('boardAFoot')"
    />
    <RowField
      collection="frames"
      :row="frame"
      field="glazingMinor"
      kind="price by area"
      figure
      :label="system === 'metric' ? t('glazingAM') : t('glazingAFoot')"
    />
    <RowField collection="frames" :row="frame" field="workMinor" kind="money" figure :label="t('making')" />
    <RowField v-if="piece" collection="pieces" :row="piece" field="valueMinor" kind="money" figure />
  </div>
  <RowCheck collection="frames" :row="frame" field="glare" :label="t('reflectionsSeen')" />
  <RowCheck v-if="piece" collection="pieces" :row="piece" field="sentimental" />
  <ElDescriptions :column="1" border>
    <ElDescriptionsItem :label="t('windowOfTheMat')" align="right">{{ pair(sizes.cut) }}</ElDescriptionsItem>
    <ElDescriptionsItem v-if="frame.filletMm > 0" :label="t('seenInTheFillet')" align="right">{{
      pair(sizes.window)
    }}</ElDescriptionsItem>
    <ElDescriptionsItem :label="t('matGlassAndBack')" align="right">{{ pair(sizes.mat) }}</ElDescriptionsItem>
    <ElDescriptionsItem :label="t('outerSize')" align="right"
      ><b>{{ pair(sizes.outer) }}</b></ElDescriptionsItem
    >
    <ElDescriptionsItem :label="t('moldingMitered')" align="right">{{
      drawn(Math.round(sizes.moldingMm))
    }}</ElDescriptionsItem>
    <ElDescriptionsItem v-if="frame.glazing !== 'none'" :label="t('glazingWeighs')" align="right">{{
      says.weight(glass * 1000)
    }}</ElDescriptionsItem>
    <ElDescriptionsItem :label="t('sunOnThisWallJune')" align="right">{{
      sun > 0 ? t('sunHADay', { sun: number(sun, 1) }) : t('noneKnown')
    }}</ElDescriptionsItem>
    <ElDescriptionsItem :label="t('cost')" align="right"
      ><span
        :title="
          cost.layers
            .map((l) => `${l.name}: ${l.minor === undefined ? t('notKnown') : money(l.minor)}`)
            .join('; ')
        "
        >{{ cost.totalMinor === undefined ? t('aPriceIsMissing') : money(cost.totalMinor) }}</span
      ></ElDescriptionsItem
    >
  </ElDescriptions>
  <FoldPart :title="t('whichFrameSuits')">
    <div class="fields two">
      <ChoiceField v-model="picture" :label="t('thePictureIs')" :choices="['traditional', 'modern']" />
      <ChoiceField v-model="house" :label="t('theHouseIs')" :choices="['traditional', 'modern']" />
    </div>
    <ul>
      <li v-for="r in ranked" :key="r.offer.name">
        <ElButton
          link
          @click="store.change('frames', frame.id, { profile: r.offer.profile, coat: r.offer.coat })"
        >
          {{ r.offer.name }}
        </ElButton>
        <span class="second">{{ r.reasons.join('; ') }}</span>
      </li>
    </ul>
  </FoldPart>
  <ElButton link @click="store.remove('frames', frame.id)">{{ t('leaveTheFrameOut') }}</ElButton>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 6px 10px;
}
.fields.two {
  grid-template-columns: 1fr 1fr;
}
</style>
