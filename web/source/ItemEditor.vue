<script setup lang="ts">
import { computed } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/derive'
import { CATEGORIES, FIXINGS, LEVELS } from '@bonitas/core/job/words'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from '../measure/useWallChoices.js'

/** What an item of the schedule asks for: size, money, day, place, and how it is held. */
defineProps<{ item: DerivedItem }>()
const emit = defineEmits<{ remove: [] }>()
const store = useJobStore()
const wallChoices = useWallChoices('no wall')
const focusChoices = computed(() => [
  { value: null, text: 'none' },
  ...(store.snapshot?.focuses ?? []).map((f) => ({ value: f.id, text: f.name })),
])
const LEVEL_CHOICES = [{ value: null, text: 'both levels' }, ...LEVELS.map((l) => ({ value: l, text: l }))]
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
    <RowField collection="items" :row="item.item" field="intent" kind="text" class="three" />
    <RowField collection="items" :row="item.item" field="originalAt" kind="text" class="two" />
    <RowChoice collection="items" :row="item.item" field="level" :choices="LEVEL_CHOICES" />
    <button v-if="item.lines.length === 0" class="word" aria-label="Remove the item" @click="emit('remove')">
      Remove
    </button>
  </div>
</template>

<style scoped>
.item-editor {
  display: grid;
  grid-template-columns: 1.4fr 1.1fr 0.75fr 1.05fr 1.3fr 1.2fr 0.9fr;
  gap: 4px 10px;
  align-items: start;
}
.item-editor :deep(label) {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.item-editor .word {
  padding-top: 24px;
}
.item-editor .two {
  grid-column: span 2;
}
.item-editor .three {
  grid-column: span 3;
}
</style>
