<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import type { PaintLine } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'

/** The line of the schedule for all paint: raised once, and brought up to date when the take-off changes. */
const props = defineProps<{ lines: readonly PaintLine[]; totalMinor: number }>()
const store = useJobStore()
const { money } = useLocale()
const unpriced = computed(() => props.lines.filter((l) => !l.tins))

/** The schedule's line for the paint: raised here once, brought up to date here. */
const scheduled = computed(() =>
  store.derived?.items.find((i) => props.lines.some((l) => l.finishId === i.item.finishId)),
)
const stale = computed(() => {
  const on = scheduled.value
  return on && on.lines.length === 0 && on.chosen && on.chosen.option.priceMinor !== props.totalMinor
})

function schedule(): void {
  const first = props.lines.find((l) => !l.isPrimer) ?? props.lines[0]
  if (!first || !store.snapshot) return
  const itemId = crypto.randomUUID()
  store.addAll([
    {
      collection: 'items',
      id: itemId,
      fields: {
        ...ROWS.items.blank(),
        name: 'Paint and primer',
        category: 'surfaces',
        specification: 'As in the take-off',
        targetMinor: props.totalMinor,
        finishId: first.finishId,
        position: nextPosition(store.snapshot.items),
      },
    },
    {
      collection: 'options',
      id: crypto.randomUUID(),
      fields: {
        ...ROWS.options.blank(),
        itemId,
        name: 'Tins as taken off',
        priceMinor: props.totalMinor,
      },
    },
  ])
}

function refresh(): void {
  const option = scheduled.value?.chosen?.option
  if (option) store.change('options', option.id, { priceMinor: props.totalMinor })
}
</script>

<template>
  <section class="onto">
    <h2>Onto the schedule</h2>
    <template v-if="!scheduled">
      <p class="second">
        One line for all paint at {{ money(totalMinor) }}.<template v-if="unpriced.length > 0">
          {{ unpriced.map((l) => l.name).join(', ') }} still has no tins and counts nothing.</template
        >
      </p>
      <ElButton :disabled="totalMinor === 0" @click="schedule">Put it on the schedule</ElButton>
    </template>
    <template v-else-if="stale">
      <p class="second">
        The schedule says {{ money(scheduled.chosen?.option.priceMinor ?? 0) }}, the take-off
        {{ money(totalMinor) }}.
      </p>
      <ElButton @click="refresh">Bring it up to date</ElButton>
    </template>
    <p v-else class="second">“{{ scheduled.item.name }}” is on the schedule, {{ scheduled.state }}.</p>
  </section>
</template>

<style scoped>
.onto {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  display: grid;
  gap: 7px;
  justify-items: start;
}
</style>
