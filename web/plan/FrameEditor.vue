<script setup lang="ts">
import { ElButton, ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed, ref } from 'vue'
import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import { BOARDS, FRAME_COATS, GLAZINGS, PROFILES } from '@bonitas/core/model/vocabulary/frame'
import type { Frame } from '@bonitas/core/model/rows/frames'
import { frameCost, frameSizes, glazingKg, rankFrames } from '@bonitas/core/stages/plan/walls/framing'
import FoldPart from '../form/FoldPart.vue'
import ChoiceField from '../form/ChoiceField.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { useLocale } from '../form/useLocale.js'

const { drawn } = useLocale()

/** Sheet, mat, frame and glass of one picture, and what they come to. */
const props = defineProps<{ frame: Frame; sun: number }>()
const store = useJobStore()
const sizes = computed(() => frameSizes(props.frame))
const cost = computed(() => frameCost(props.frame))
const money = (minor: number) =>
  moneyText(minor, store.snapshot?.studio.currency ?? 'EUR', store.snapshot?.studio.locale)
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
  <h2>Mat and frame</h2>
  <div class="fields">
    <RowField collection="frames" :row="frame" field="sheetWidthMm" kind="length" figure />
    <RowField collection="frames" :row="frame" field="sheetHeightMm" kind="length" figure />
    <RowField
      collection="frames"
      :row="frame"
      field="overlapMm"
      kind="length"
      figure
      label="Mat over sheet"
    />
    <RowField collection="frames" :row="frame" field="borderMm" kind="length" figure label="Border" />
    <RowField
      collection="frames"
      :row="frame"
      field="bottomBorderMm"
      kind="length"
      figure
      label="Border below"
    />
    <RowField collection="frames" :row="frame" field="faceMm" kind="length" figure label="Face" />
    <RowField collection="frames" :row="frame" field="rebateMm" kind="length" figure label="Over the mat" />
    <RowField collection="frames" :row="frame" field="filletMm" kind="length" figure label="Fillet" />
    <RowField collection="frames" :row="frame" field="glazingMm" kind="real" figure label="Glass, mm" />
    <RowChoice collection="frames" :row="frame" field="profile" :choices="PROFILES" />
    <RowChoice collection="frames" :row="frame" field="coat" :choices="FRAME_COATS" label="Finish" />
    <RowChoice collection="frames" :row="frame" field="board" :choices="BOARDS" label="Board" />
    <RowChoice collection="frames" :row="frame" field="glazing" :choices="GLAZINGS" />
    <RowField
      collection="frames"
      :row="frame"
      field="moldingMinor"
      kind="money"
      figure
      label="Molding, a m"
    />
    <RowField collection="frames" :row="frame" field="boardMinor" kind="money" figure label="Board, a m²" />
    <RowField
      collection="frames"
      :row="frame"
      field="glazingMinor"
      kind="money"
      figure
      label="Glazing, a m²"
    />
    <RowField collection="frames" :row="frame" field="workMinor" kind="money" figure label="Making" />
  </div>
  <ElDescriptions :column="1" border>
    <ElDescriptionsItem label="Window of the mat" align="right">{{ pair(sizes.window) }}</ElDescriptionsItem>
    <ElDescriptionsItem label="Mat, glass and back" align="right">{{ pair(sizes.mat) }}</ElDescriptionsItem>
    <ElDescriptionsItem label="Outer size" align="right"
      ><b>{{ pair(sizes.outer) }}</b></ElDescriptionsItem
    >
    <ElDescriptionsItem label="Molding, mitered" align="right">{{
      drawn(Math.round(sizes.moldingMm))
    }}</ElDescriptionsItem>
    <ElDescriptionsItem v-if="frame.glazing !== 'none'" label="Glazing weighs" align="right"
      >{{ glass.toFixed(1) }} kg</ElDescriptionsItem
    >
    <ElDescriptionsItem label="Sun on this wall, June" align="right">{{
      sun > 0 ? `${sun.toFixed(1)} h a day` : 'none known'
    }}</ElDescriptionsItem>
    <ElDescriptionsItem label="Cost" align="right"
      ><span
        :title="
          cost.layers
            .map((l) => `${l.name}: ${l.minor === undefined ? 'not known' : money(l.minor)}`)
            .join('; ')
        "
        >{{ cost.totalMinor === undefined ? 'a price is missing' : money(cost.totalMinor) }}</span
      ></ElDescriptionsItem
    >
  </ElDescriptions>
  <FoldPart title="Which frame suits">
    <div class="fields two">
      <ChoiceField v-model="picture" label="The picture is" :choices="['traditional', 'modern']" />
      <ChoiceField v-model="house" label="The house is" :choices="['traditional', 'modern']" />
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
  <ElButton link @click="store.remove('frames', frame.id)">Leave the frame out</ElButton>
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
