<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, onMounted } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { CATEGORIES } from '@bonitas/core/model/vocabulary/category'
import { FIXINGS } from '@bonitas/core/model/vocabulary/fixing'
import { LEVELS } from '@bonitas/core/model/vocabulary/change'
import { PIECE_KINDS } from '@bonitas/core/model/vocabulary/piece'
import { demandsOf } from '@bonitas/core/job/fitFrameOf'
import { LAYOUTS, type Demand, DEMANDS, DEMAND_WHY, SPENDS } from '@bonitas/core/model/vocabulary/buying'
import FoldPart from '../form/FoldPart.vue'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowWords from '../form/RowWords.vue'
import { useLocale } from '../form/useLocale.js'
import SameThing from '../job/SameThing.vue'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from '../measure/useWallChoices.js'
import { limitsText } from './optionText.js'
import { t } from './words.js'

/** What an item of the schedule asks for: what decides first, the rest by what it is about, each with what it holds now. */
const props = defineProps<{ item: DerivedItem }>()
const emit = defineEmits<{ remove: [] }>()
const store = useJobStore()
const { says, day } = useLocale()
const row = computed(() => props.item.item)
const wallChoices = useWallChoices(t('noWall'))
const none = (text: string, list: readonly { id: string; name: string }[]) => [
  { value: null, text },
  ...list.map((x) => ({ value: x.id, text: x.name })),
]
const focusChoices = computed(() => none('none', store.snapshot?.focalPoints ?? []))
const finishChoices = computed(() => none('none', store.snapshot?.finishes ?? []))
const planned = computed(() =>
  none(
    t('notSettled'),
    props.item.options.map((o) => ({ id: o.option.id, name: o.option.name })),
  ),
)
const LEVEL_CHOICES = [{ value: null, text: t('bothLevels') }, ...LEVELS.map((l) => ({ value: l, text: l }))]
const KIND_CHOICES = [{ value: null, text: t('notSaid') }, ...PIECE_KINDS.map((k) => ({ value: k, text: k }))]

const nameIn = (choices: readonly { value: string | null; text: string }[], id: string | null | undefined) =>
  id ? (choices.find((c) => c.value === id)?.text ?? '') : ''
/** What a closed part holds, so that nothing set is out of sight. */
const holds = (...parts: (string | false | undefined | null)[]) => {
  const told = parts.filter(Boolean).join(' · ')
  return told ? `: ${told}` : ''
}
const heads = computed(() => {
  const r = row.value
  return {
    purpose: t('whatItIsForSpecification', {
      specification: holds(
        r.specification,
        r.spend !== 'even' && r.spend,
        r.usesPerYear != null && t('usesPerYearUsesAYear', { usesPerYear: r.usesPerYear }),
        r.layout && t('layoutIs', { layout: r.layout }),
        r.mayWait && t('mayWait'),
        r.locked && 'locked',
      ),
    }),
    place: t('sizeAndPlaceR', {
      r: holds(
        limitsText(r, says.value),
        nameIn(wallChoices.value, r.wallId),
        nameIn(focusChoices.value, r.focalPointId),
        r.weightG != null && says.value.weight(r.weightG),
      ),
    }),
    color: `Color${holds(nameIn(finishChoices.value, r.aimFinishId))}`,
    bears: t('whatItMustBearHolds', {
      holds: holds(...(store.snapshot ? demandsOf(store.snapshot, r).map((d) => d.demand) : r.demands)),
    }),
  }
})
/** What follows from room, household and use, whether it is asked or switched off. */
const derived = computed(() =>
  store.snapshot ? demandsOf(store.snapshot, { ...row.value, demands: [], demandsOff: [] }) : [],
)
function ask(demand: Demand, on: boolean): void {
  const off = row.value.demandsOff.filter((d) => d !== demand)
  store.change('items', row.value.id, { demandsOff: on ? off : [...off, demand] })
}
/** As the plan of the work has it: when it is needed at the room, and the last day to order it. */
onMounted(() => store.needInstall())
const lastOrder = computed(() => {
  const last = store.install?.lastOrders.find((o) => o.arrival.arrival.itemId === row.value.id)
  if (!last) return ''
  const days = { needed: day(last.wantedOn), last: day(last.orderBy) }
  return last.daysLeft < 0
    ? t('planPastOrder', days)
    : t('planLastOrder', { ...days, left: says.value.count(last.workdaysLeft, 'working day') })
})
</script>

<template>
  <div class="item-editor">
    <div class="decides">
      <RowField :key="row.id" collection="items" :row="row" field="name" kind="text" />
      <RowChoice collection="items" :row="row" field="category" :choices="CATEGORIES" />
      <RowField collection="items" :row="row" field="quantity" kind="whole" figure />
      <RowField collection="items" :row="row" field="targetMinor" kind="money" figure />
      <RowField collection="items" :row="row" field="neededOn" kind="date" />
      <RowField collection="items" :row="row" field="importance" kind="whole" :label="t('counts15')" figure />
    </div>
    <p v-if="lastOrder" class="second">{{ lastOrder }}</p>
    <FoldPart :title="heads.purpose">
      <div class="grid">
        <RowField collection="items" :row="row" field="intent" kind="text" class="two" />
        <RowField collection="items" :row="row" field="specification" kind="text" class="two" />
        <RowChoice collection="items" :row="row" field="spend" :choices="SPENDS" :label="t('spend')" />
        <RowChoice
          collection="items"
          :row="row"
          field="layout"
          :choices="[{ value: null, text: t('notAsked') }, ...LAYOUTS]"
          :label="t('layoutThere')"
        />
        <RowField
          collection="items"
          :row="row"
          field="usesPerYear"
          kind="whole"
          :label="t('usesAYear')"
          figure
        />
        <RowChoice
          collection="items"
          :row="row"
          field="plannedOptionId"
          :choices="planned"
          :label="t('planned')"
        />
        <RowChoice collection="items" :row="row" field="level" :choices="LEVEL_CHOICES" />
        <RowCheck collection="items" :row="row" field="mayWait" />
        <RowCheck collection="items" :row="row" field="locked" :label="t('locked')" />
      </div>
    </FoldPart>
    <FoldPart :title="heads.place">
      <div class="grid">
        <RowField collection="items" :row="row" field="maxWidthMm" kind="length" figure />
        <RowField collection="items" :row="row" field="maxDepthMm" kind="length" figure />
        <RowField collection="items" :row="row" field="maxHeightMm" kind="length" figure />
        <RowField collection="items" :row="row" field="minWidthMm" kind="length" figure />
        <RowField collection="items" :row="row" field="minDepthMm" kind="length" figure />
        <RowField collection="items" :row="row" field="minHeightMm" kind="length" figure />
        <RowChoice
          collection="items"
          :row="row"
          field="pieceKind"
          :choices="KIND_CHOICES"
          :label="t('piece')"
        />
        <RowChoice collection="items" :row="row" field="fixing" :choices="FIXINGS" />
        <RowField collection="items" :row="row" field="weightG" kind="weight" figure />
        <RowChoice collection="items" :row="row" field="wallId" :choices="wallChoices" />
        <RowChoice
          collection="items"
          :row="row"
          field="focalPointId"
          :choices="focusChoices"
          :label="t('focus')"
        />
        <RowField collection="items" :row="row" field="originalAt" kind="text" :label="t('originalKeptAt')" />
      </div>
    </FoldPart>
    <FoldPart :title="heads.color">
      <div class="grid">
        <RowChoice
          collection="items"
          :row="row"
          field="aimFinishId"
          :choices="finishChoices"
          :label="t('colorAimedAt')"
        />
        <RowField collection="items" :row="row" field="aimDeltaE" kind="real" label="± ΔE00" figure />
      </div>
    </FoldPart>
    <FoldPart :title="heads.bears">
      <RowWords collection="items" :row="row" field="demands" :choices="DEMANDS" :label="t('mustBear')" />
      <ul class="second">
        <li v-for="d in row.demands" :key="d">{{ d }}: {{ DEMAND_WHY[d] }}</li>
      </ul>
      <template v-if="derived.length > 0 || row.demandsOff.length > 0">
        <h3>{{ t('followsFromThePlace') }}</h3>
        <ElCheckbox
          v-for="d in derived"
          :key="d.demand"
          :model-value="!row.demandsOff.includes(d.demand)"
          @change="ask(d.demand, $event === true)"
        >
          {{ d.demand }}: {{ d.why }}
        </ElCheckbox>
      </template>
    </FoldPart>
    <SameThing :id="row.id" collection="items" />
    <ElButton v-if="item.lines.length === 0" link :aria-label="t('removeTheItem')" @click="emit('remove')">
      {{ t('remove2') }}
    </ElButton>
  </div>
</template>

<style scoped>
.item-editor {
  display: grid;
  gap: 4px;
  justify-items: start;
}
.item-editor > :not(.el-button) {
  justify-self: stretch;
}
.decides,
.grid {
  display: grid;
  gap: 6px 8px;
  align-items: start;
}
.decides {
  grid-template-columns: 2fr 1.3fr 0.8fr 1fr 134px 0.9fr;
}
.grid {
  grid-template-columns: repeat(6, 1fr);
  padding: 2px 0 8px;
}
.two {
  grid-column: span 2;
}
@media (width < 1100px) {
  .decides,
  .grid {
    grid-template-columns: repeat(3, 1fr);
  }
}
</style>
