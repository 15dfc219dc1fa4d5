<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { put } from '@bonitas/core/model/changes'
import { ROWS } from '@bonitas/core/model/registry'
import type { TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The line of the schedule that buys a line of the take-off: raised once; what changes is shown before it is taken over. */
const props = defineProps<{ line: TakeoffLine }>()
const store = useJobStore()
const { money } = useLocale()
const cost = computed(() => props.line.costMinor)
const scheduled = computed(() => store.derived?.items.find((i) => i.item.id === props.line.row.itemId))
const said = computed(() => scheduled.value?.chosen?.option.priceMinor)
/** What is ordered is compared, and never written over. */
const ordered = computed(() => (scheduled.value?.lines.length ?? 0) > 0)

/** One step: the item, its option chosen, and the line that names it. */
function schedule(): void {
  if (!store.snapshot || cost.value === undefined) return
  const [itemId, optionId] = [crypto.randomUUID(), crypto.randomUUID()]
  const item = {
    ...ROWS.items.blank(),
    id: itemId,
    name: props.line.row.name,
    category: 'surfaces' as const,
    specification: `${props.line.needed}; ${props.line.packsText}`,
    targetMinor: cost.value,
    finishId: props.line.row.finishId,
    position: nextPosition(store.snapshot.items),
  }
  const option = {
    ...ROWS.options.blank(),
    id: optionId,
    itemId,
    name: props.line.packsText,
    priceMinor: cost.value,
  }
  store.apply([
    { collection: 'items', add: item },
    { collection: 'options', add: option },
    put('items', itemId, { chosenOptionId: optionId }),
    put('takeoffs', props.line.row.id, { itemId }),
  ])
}

function refresh(): void {
  const option = scheduled.value?.chosen?.option
  if (!option || cost.value === undefined) return
  store.change('options', option.id, { priceMinor: cost.value, name: props.line.packsText })
}
</script>

<template>
  <section class="onto">
    <h2>{{ t('ontoTheSchedule') }}</h2>
    <p v-if="cost === undefined" class="second">{{ t('aPriceIsWanting') }}</p>
    <template v-else-if="!scheduled">
      <p class="second">{{ t('onTheScheduleAt', { packs: line.packsText, cost: money(cost) }) }}</p>
      <ElButton @click="schedule">{{ t('putItOnTheSchedule') }}</ElButton>
    </template>
    <template v-else-if="said !== undefined && said !== cost">
      <p class="second">
        {{ t('theScheduleSaysPriceMinorThe', { priceMinor: money(said), totalMinor: money(cost) }) }}
        <template v-if="ordered">{{ t('itIsOrdered') }}</template>
      </p>
      <ElButton v-if="!ordered" @click="refresh">{{ t('bringItUpToDate') }}</ElButton>
    </template>
    <p v-else class="second">
      {{ t('nameIsOnTheSchedule', { name: scheduled.item.name, state: scheduled.state }) }}
    </p>
  </section>
</template>

<style scoped>
.onto {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  margin-top: 12px;
  display: grid;
  gap: 7px;
  justify-items: start;
}
</style>
