<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import ChoiceField from '../form/ChoiceField.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { typing, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import OptionsBeside from './OptionsBeside.vue'
import { isBought } from './useItemSearch.js'
import WeightsEditor from './WeightsEditor.vue'
import { t } from './words.js'

/** The options of one item side by side, up to five, aspect by aspect. */
const store = useJobStore()
const items = computed(() => (store.derived?.items ?? []).filter((i) => i.options.length > 0))
const itemId = useInAddress('item')
const item = computed(
  () =>
    items.value.find((i) => i.item.id === itemId.value) ??
    items.value.find((i) => i.state === 'open' || i.state === 'chosen') ??
    items.value[0],
)
const MOST = 5
const from = ref(0)
const at = ref(0)
watch(item, () => ((from.value = 0), (at.value = 0)))
const options = computed(() => item.value?.options.slice(from.value, from.value + MOST) ?? [])
function toggle(o: DerivedOption | undefined): void {
  const i = item.value
  if (i && o && !isBought(i))
    store.change('items', i.item.id, { chosenOptionId: o.chosen ? null : o.option.id })
}
useStageKeys([
  ['← →', t('optionBeforeOptionAfter')],
  ['↑ ↓', t('itemBeforeItemAfter')],
  ['Enter', t('chooseTheOptionMarkedOr')],
])
function keys(event: KeyboardEvent): void {
  if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return
  const all = item.value?.options.length ?? 0
  if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
    const next = Math.max(0, Math.min(all - 1, from.value + at.value + (event.key === 'ArrowRight' ? 1 : -1)))
    if (next < from.value) from.value = next
    if (next >= from.value + MOST) from.value = next - MOST + 1
    at.value = next - from.value
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    const k = items.value.findIndex((i) => i === item.value) + (event.key === 'ArrowDown' ? 1 : -1)
    itemId.value = items.value[Math.max(0, Math.min(items.value.length - 1, k))]?.item.id
  } else if (event.key === 'Enter' && !(event.target instanceof HTMLButtonElement))
    toggle(options.value[at.value])
  else return
  event.preventDefault()
}
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('source')" @keydown="keys">
    <template #head><StageTabs stage="source" /></template>
    <div v-if="item" class="compare">
      <div class="pickers">
        <ChoiceField
          :model-value="item.item.id"
          beside
          :label="t('item')"
          :choices="
            items.map((i) => ({
              value: i.item.id,
              text: `${i.item.name}, ${i.options.length} ${i.options.length === 1 ? 'option' : 'options'}`,
            }))
          "
          @update:model-value="itemId = $event"
        />
        <p class="second">{{ item.item.intent }}</p>
        <p v-if="item.options.length > MOST" class="second">
          {{
            t('fromToFrom2OfOptions', {
              from: from + 1,
              from2: from + options.length,
              options: item.options.length,
            })
          }}
        </p>
      </div>
      <OptionsBeside :item="item" :options="options" :at="at" @mark="(k) => (at = k)" @toggle="toggle" />
    </div>
    <div v-else class="teach">
      <h2>{{ t('optionsSideBySide') }}</h2>
      <p>
        {{ t('asSoonAsAnItem') }}
      </p>
    </div>
    <template #panel>
      <h2>{{ t('whatCounts') }}</h2>
      <p class="second">
        {{ t('speaksForItLowersIt') }}
      </p>
      <WeightsEditor />
    </template>
  </StagePage>
</template>

<style scoped>
.pickers {
  display: flex;
  gap: 12px;
  align-items: center;
  padding-bottom: 10px;
  flex-wrap: wrap;
}
.teach {
  max-width: 58ch;
  padding-top: 26px;
  display: grid;
  gap: 12px;
}
</style>
