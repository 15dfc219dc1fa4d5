<script setup lang="ts">
import { ElButton, ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed } from 'vue'
import type { Level, SetDown, Unit } from '@bonitas/core/stages/handover/stylingFacts'
import { darkness } from '@bonitas/core/stages/handover/setOut'
import { exchange } from '@bonitas/core/stages/handover/shelfMoves'
import ChoiceField from '../form/ChoiceField.vue'
import RowCheck from '../form/RowCheck.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useOffView } from './useOffView.js'
import { t } from './words.js'

/** The thing that is chosen on a shelf: what it is, where it stands, how it leaves the shelf. */
const props = defineProps<{ unit: Unit; level: Level; thing: SetDown }>()
const store = useJobStore()
const { says, number } = useLocale()
const { takeOff } = useOffView()
const row = computed(() => store.snapshot?.shelfPlacements.find((s) => s.id === props.thing.id))
const others = computed(() => [
  { value: '', text: t('theShelf') },
  ...props.level.things
    .filter((o) => o.id !== props.thing.id && o.onId !== props.thing.id)
    .map((o) => ({ value: o.id, text: o.name })),
])
const on = computed({
  get: () => props.thing.onId ?? '',
  set: (id: string) => store.change('shelfPlacements', props.thing.id, { onId: id === '' ? null : id }),
})
const swaps = computed(() => [
  { value: '', text: t('withNone') },
  ...props.unit.levels
    .flatMap((l) => l.things)
    .filter(
      (o) =>
        o.id !== props.thing.id && !o.carries.includes(props.thing.id) && !props.thing.carries.includes(o.id),
    )
    .map((o) => ({ value: o.id, text: o.name })),
])
/** Done when one is chosen. */
const swapWith = computed({
  get: () => '',
  set: (id: string) => {
    const other = props.unit.levels.flatMap((l) => l.things).find((o) => o.id === id)
    if (other)
      store.apply(
        exchange(props.unit, props.thing, other),
        t('swapped', { one: props.thing.name, two: other.name }),
      )
  },
})
const size = computed(() => says.value.sides([props.thing.wideMm, props.thing.highMm, props.thing.deepMm]))
</script>

<template>
  <section class="panel-part editor">
    <h2>{{ thing.name }}</h2>
    <ElDescriptions :column="1" border size="small">
      <ElDescriptionsItem :label="t('size')">{{ size }}</ElDescriptionsItem>
      <ElDescriptionsItem :label="t('material')">{{ thing.material ?? t('notSaid') }}</ElDescriptionsItem>
      <ElDescriptionsItem :label="t('lookWeight')">{{
        t('lookSum', {
          area: says.smallArea(thing.groupWideMm * thing.groupHighMm),
          dark: number(darkness(thing), 2),
        })
      }}</ElDescriptionsItem>
    </ElDescriptions>
    <template v-if="row">
      <RowField collection="shelfPlacements" :row="row" field="count" kind="whole" figure />
      <ChoiceField v-model="on" :label="t('onTopOf')" :choices="others" />
      <RowCheck collection="shelfPlacements" :row="row" field="lies" />
    </template>
    <ChoiceField v-model="swapWith" :label="t('changePlaces')" :choices="swaps" />
    <ElButton @click="takeOff(thing)">{{ t('takeOffView') }}</ElButton>
  </section>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 9px;
  justify-items: start;
}
.editor > * {
  width: 100%;
}
.editor > :deep(.el-button) {
  width: auto;
}
</style>
