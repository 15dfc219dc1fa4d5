<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { CATEGORIES } from '@bonitas/core/model/vocabulary/category'
import { FIXINGS } from '@bonitas/core/model/vocabulary/fixing'
import { LEVELS } from '@bonitas/core/model/vocabulary/change'
import { PIECE_KINDS } from '@bonitas/core/model/vocabulary/piece'
import { DEMANDS, SPENDS } from '@bonitas/core/model/vocabulary/buying'
import SameThing from '../job/SameThing.vue'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowWords from '../form/RowWords.vue'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from '../measure/useWallChoices.js'

/** What an item of the schedule asks for: size, money, day, place, color, wear, and how it is held. */
const props = defineProps<{ item: DerivedItem }>()
const emit = defineEmits<{ remove: [] }>()
const store = useJobStore()
const wallChoices = useWallChoices('no wall')
const none = (text: string, list: readonly { id: string; name: string }[]) => [
  { value: null, text },
  ...list.map((x) => ({ value: x.id, text: x.name })),
]
const focusChoices = computed(() => none('none', store.snapshot?.focalPoints ?? []))
const finishChoices = computed(() => none('none', store.snapshot?.finishes ?? []))
const planned = computed(() =>
  none(
    'not settled',
    props.item.options.map((o) => ({ id: o.option.id, name: o.option.name })),
  ),
)
const LEVEL_CHOICES = [{ value: null, text: 'both levels' }, ...LEVELS.map((l) => ({ value: l, text: l }))]
const KIND_CHOICES = [{ value: null, text: 'not said' }, ...PIECE_KINDS.map((k) => ({ value: k, text: k }))]
</script>

<template>
  <div class="item-editor">
    <RowField :key="item.item.id" collection="items" :row="item.item" field="name" kind="text" />
    <RowChoice collection="items" :row="item.item" field="category" :choices="CATEGORIES" />
    <RowField collection="items" :row="item.item" field="quantity" kind="whole" figure />
    <RowField collection="items" :row="item.item" field="targetMinor" kind="money" figure />
    <RowField collection="items" :row="item.item" field="neededOn" kind="date" />
    <RowChoice collection="items" :row="item.item" field="fixing" :choices="FIXINGS" />
    <RowField collection="items" :row="item.item" field="weightG" kind="weight" figure />
    <RowField collection="items" :row="item.item" field="specification" kind="text" class="two" />
    <RowField collection="items" :row="item.item" field="maxWidthMm" kind="length" figure />
    <RowField collection="items" :row="item.item" field="maxDepthMm" kind="length" figure />
    <RowField collection="items" :row="item.item" field="maxHeightMm" kind="length" figure />
    <RowChoice collection="items" :row="item.item" field="wallId" :choices="wallChoices" />
    <RowChoice collection="items" :row="item.item" field="focusId" :choices="focusChoices" label="Focus" />
    <RowField collection="items" :row="item.item" field="intent" kind="text" class="two" />
    <RowField collection="items" :row="item.item" field="minWidthMm" kind="length" figure />
    <RowField collection="items" :row="item.item" field="minDepthMm" kind="length" figure />
    <RowField collection="items" :row="item.item" field="minHeightMm" kind="length" figure />
    <RowChoice collection="items" :row="item.item" field="pieceKind" :choices="KIND_CHOICES" label="Piece" />
    <RowField collection="items" :row="item.item" field="usesPerYear" kind="whole" label="Uses/year" figure />
    <RowChoice collection="items" :row="item.item" field="aimFinishId" :choices="finishChoices" />
    <RowChoice collection="items" :row="item.item" field="spend" :choices="SPENDS" label="Spend" />
    <RowField collection="items" :row="item.item" field="aimDeltaE" kind="real" label="± ΔE00" figure />
    <RowField collection="items" :row="item.item" field="importance" kind="whole" label="Counts 1–5" figure />
    <RowChoice
      collection="items"
      :row="item.item"
      field="plannedOptionId"
      :choices="planned"
      label="Planned"
    />
    <RowChoice collection="items" :row="item.item" field="level" :choices="LEVEL_CHOICES" />
    <RowField collection="items" :row="item.item" field="originalAt" kind="text" label="Original at" />
    <RowWords
      collection="items"
      :row="item.item"
      field="demands"
      :choices="DEMANDS"
      label="Must bear"
      class="four"
    />
    <SameThing :id="item.item.id" collection="items" class="seven" />
    <RowCheck collection="items" :row="item.item" field="mayWait" />
    <RowCheck collection="items" :row="item.item" field="locked" label="Locked" />
    <ElButton v-if="item.lines.length === 0" link aria-label="Remove the item" @click="emit('remove')">
      Remove
    </ElButton>
  </div>
</template>

<style scoped>
.item-editor {
  display: grid;
  grid-template-columns: 96fr 86fr 62fr 70fr 134px 108fr 58fr;
  gap: 4px 8px;
  align-items: start;
}
.item-editor :deep(label) {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.item-editor .el-button {
  padding-top: 4px;
}
.item-editor .two {
  grid-column: span 2;
}
.item-editor .seven {
  grid-column: 1 / -1;
}
.item-editor .four {
  grid-column: span 4;
}
</style>
