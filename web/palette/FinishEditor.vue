<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import {
  MATERIALS,
  PATTERN_KINDS,
  ROLES,
  SHEENS,
  TEXTURES,
  WEARS,
} from '@bonitas/core/model/vocabulary/finish'
import { spreadOf } from '@bonitas/core/stages/palette/library/toFinish'
import { labOf, type FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import FoldPart from '../form/FoldPart.vue'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import ColorField from './ColorField.vue'
import FurtherColors from './FurtherColors.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number, measured } = useLocale()
/** The fields of one finish. */
const props = defineProps<{ facts: FinishFacts }>()
defineEmits<{ remove: [] }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const finish = computed(() => props.facts)

/** A finish can go when no scheme wears it. */
const worn = (f: FinishFacts) =>
  f.where.length > 0 ||
  (job.value?.finishAssignments.some((p) => p.finishId === f.finish.id) ?? false) ||
  (job.value?.pieces.some((p) => p.finishId === f.finish.id) ?? false) ||
  (job.value?.schemeOverrides.some((d) => d.finishId === f.finish.id) ?? false)

const spread = computed(() => {
  const readings = finish.value.finish.readings
  const found = spreadOf(readings)
  return found && readings.length > 1 ? { ...found, n: readings.length } : undefined
})
/** What the further fields hold, so that they need not be opened to be read. */
const furtherSays = computed(() => {
  const f = finish.value.finish
  const pattern =
    f.patternKind === 'none'
      ? t('noPattern')
      : `${f.patternKind}${f.patternRepeatMm ? `, ${measured(f.patternRepeatMm)}` : ''}`
  const bears = [
    f.wear === 'not known' ? t('wearNotKnown') : f.wear,
    f.sealed && 'sealed',
    f.outdoor && t('forOutdoors'),
  ].filter(Boolean)
  return [
    f.texture,
    pattern,
    ...bears,
    f.colors.length > 0 && `${f.colors.length + 1} colors`,
    spread.value &&
      t('nReadingsSpreadE00Spread', {
        n: spread.value.n,
        spread: number(spread.value.spread, 1),
        spread2: spread.value.spread > 2 ? t('uneven') : '',
      }),
  ]
    .filter(Boolean)
    .join(' · ')
})
</script>

<template>
  <div class="finish">
    <div class="fields own">
      <RowField
        collection="finishes"
        :row="finish.finish"
        field="name"
        kind="text"
        :label="t('finishName')"
      />
      <RowField collection="finishes" :row="finish.finish" field="code" kind="text" />
      <ColorField
        :key="finish.finish.id"
        :lab="labOf(finish.finish)"
        :label="t('color')"
        @keep="(lab) => store.change('finishes', finish.finish.id, { labL: lab.l, labA: lab.a, labB: lab.b })"
      />
      <RowChoice collection="finishes" :row="finish.finish" field="material" :choices="MATERIALS" />
      <RowChoice collection="finishes" :row="finish.finish" field="sheen" :choices="SHEENS" />
      <RowChoice collection="finishes" :row="finish.finish" field="role" :choices="ROLES" />
      <ElButton v-if="!worn(finish)" link @click="$emit('remove')">{{ t('removeTheFinish') }}</ElButton>
    </div>
    <FoldPart class="further" :title="furtherSays">
      <div class="fields">
        <RowCheck collection="finishes" :row="finish.finish" field="measured" :label="t('measured')" />
        <RowChoice collection="finishes" :row="finish.finish" field="texture" :choices="TEXTURES" />
        <RowChoice collection="finishes" :row="finish.finish" field="patternKind" :choices="PATTERN_KINDS" />
        <RowField
          v-if="finish.finish.patternKind !== 'none'"
          collection="finishes"
          :row="finish.finish"
          field="patternRepeatMm"
          kind="length"
          figure
        />
        <RowChoice collection="finishes" :row="finish.finish" field="wear" :choices="WEARS" />
        <RowCheck collection="finishes" :row="finish.finish" field="sealed" />
        <RowCheck collection="finishes" :row="finish.finish" field="outdoor" />
      </div>
      <FurtherColors :key="finish.finish.id" :finish="finish.finish" />
    </FoldPart>
  </div>
</template>

<style scoped>
.finish {
  display: grid;
  gap: 10px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 8px 10px;
  align-items: start;
}
.fields.own {
  grid-template-columns: minmax(110px, 2fr) 72px 128px 100px 92px 100px;
}
.fields.own > :first-child {
  grid-column: auto;
}
.fields.own .el-button {
  grid-column: 1 / -1;
  justify-self: start;
  padding-top: 0;
}
.further .fields > :first-child {
  grid-column: auto;
}
.further .fields {
  padding-top: 8px;
}
@media (width < 760px) {
  .fields.own {
    grid-template-columns: repeat(auto-fill, minmax(136px, 1fr));
  }
}
</style>
