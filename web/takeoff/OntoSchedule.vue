<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import type { PaintLine } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

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
        name: t('paintAndPrimer'),
        category: 'surfaces',
        specification: t('asInTheTakeOff'),
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
        name: t('tinsAsTakenOff'),
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
    <h2>{{ t('ontoTheSchedule') }}</h2>
    <template v-if="!scheduled">
      <p class="second">
        {{ t('oneLineForAllPaint', { totalMinor: money(totalMinor) })
        }}<template v-if="unpriced.length > 0">
          {{ t('joinStillHasNoTins', { join: unpriced.map((l) => l.name).join(', ') }) }}</template
        >
      </p>
      <ElButton :disabled="totalMinor === 0" @click="schedule">{{ t('putItOnTheSchedule') }}</ElButton>
    </template>
    <template v-else-if="stale">
      <p class="second">
        {{
          t('theScheduleSaysPriceMinorThe', {
            priceMinor: money(scheduled.chosen?.option.priceMinor ?? 0),
            totalMinor: money(totalMinor),
          })
        }}
      </p>
      <ElButton @click="refresh">{{ t('bringItUpToDate') }}</ElButton>
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
  display: grid;
  gap: 7px;
  justify-items: start;
}
</style>
