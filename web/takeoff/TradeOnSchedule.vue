<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import {
  raiseAgain,
  refreshCompanions,
  scheduleCompanions,
  scheduleLine,
  staleCompanions,
} from '@bonitas/core/job/takeoffOnSchedule'
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
/** What is ordered is compared, and never written over. */
const ordered = computed(() => (scheduled.value?.lines.length ?? 0) > 0)

const companions = computed(() => {
  const { itemId } = props.line.row
  const there = (store.snapshot?.items ?? []).filter((i) => i.forItemId === itemId).map((i) => i.companion)
  return itemId ? props.line.goesWith.filter((g) => !there.includes(g.name)) : []
})
/** What goes with the line and is on the schedule at another quantity: compared, and written over where it is not ordered. */
const stale = computed(() =>
  staleCompanions(props.line.goesWith, props.line, store.snapshot?.items ?? []).map((s) => ({
    ...s,
    ordered: (store.derived?.items.find((i) => i.item.id === s.item.id)?.lines.length ?? 0) > 0,
  })),
)
const open = computed(() => stale.value.filter((s) => !s.ordered))
/** The option this line raised; of another that was chosen since nothing is written over. */
const raised = computed(() => scheduled.value?.options.find((o) => o.option.id === props.line.row.optionId))

const said = computed(() => raised.value?.option.priceMinor)

/** One step: the item, its option chosen, and the line that names it. */
function schedule(): void {
  if (!store.snapshot || cost.value === undefined) return
  const made = {
    itemId: crypto.randomUUID(),
    optionId: crypto.randomUUID(),
    position: nextPosition(store.snapshot.items),
  }
  store.apply(scheduleLine(props.line, cost.value, made, store.snapshot.brief))
}

function refresh(): void {
  if (!raised.value || cost.value === undefined) return
  store.change('options', raised.value.option.id, { priceMinor: cost.value, name: props.line.packsText })
}

function again(): void {
  if (!scheduled.value || cost.value === undefined) return
  const of = {
    collection: 'takeoffs' as const,
    id: props.line.row.id,
    sold: props.line.packsText,
    costMinor: cost.value,
  }
  store.apply(raiseAgain(of, scheduled.value.item.id, crypto.randomUUID()))
}

function addCompanions(): void {
  if (!store.snapshot) return
  const position = nextPosition(store.snapshot.items)
  store.apply(scheduleCompanions(companions.value, props.line, () => crypto.randomUUID(), position))
}
</script>

<template>
  <section class="onto">
    <h2>{{ t('ontoTheSchedule') }}</h2>
    <p v-if="line.waits.length > 0 && !scheduled" class="second">
      {{ t('itWaits', { what: line.waits.join(', ') }) }}
    </p>
    <p v-else-if="cost === undefined" class="second">{{ t('aPriceIsWanting') }}</p>
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
    <template v-if="scheduled && !raised && cost !== undefined">
      <p class="second">{{ t('itsOptionIsGone', { packs: line.packsText, cost: money(cost) }) }}</p>
      <ElButton @click="again">{{ t('putItAmongTheOptions') }}</ElButton>
    </template>
    <p v-for="s in stale" :key="s.item.id" class="second">
      {{ t('companionSays', { name: s.item.name, was: s.was, is: s.is }) }}
      <template v-if="s.ordered">{{ t('itIsOrdered') }}</template>
    </p>
    <ElButton v-if="open.length > 0" @click="store.apply(refreshCompanions(open))">{{
      t('bringQuantitiesUpToDate')
    }}</ElButton>
    <template v-if="companions.length > 0">
      <p class="second">{{ t('goWithIt', { names: companions.map((c) => c.name).join(', ') }) }}</p>
      <ElButton @click="addCompanions">{{ t('putThemOnTheSchedule') }}</ElButton>
    </template>
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
