<script setup lang="ts">
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import LineChart from '../chart/LineChart.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import type { SetsResult } from './sets.worker.js'
import { useSets } from './useSets.js'
import { t } from './words.js'

/** What more money buys: the best set at every total, and where the present choices stand. */
withDefaults(defineProps<{ height?: number }>(), { height: 118 })
const store = useJobStore()
const { money, number } = useLocale()
const { task, choosingNow, run } = useSets()
const found = shallowRef<SetsResult>()
/** There is nothing to choose among. */
const bare = computed(() =>
  (store.derived?.items ?? []).every(
    (i) => i.state === 'ordered' || i.state === 'delivered' || i.options.length === 0,
  ),
)
const budget = shallowRef(0)
const trouble = shallowRef(false)
const POINTS = 24

let timer: ReturnType<typeof setTimeout> | undefined
function search(): void {
  const now = choosingNow()
  if (!now || bare.value) {
    found.value = undefined
    return
  }
  budget.value = now.budgetMinor
  // The curve tells no reasons: they stay here.
  const items = now.items.map((i) => ({ ...i, options: i.options.map((o) => ({ ...o, reasons: [] })) }))
  run({ kind: 'curve', choosing: { ...now, items }, points: POINTS })
    .then((result) => {
      if (result) found.value = result
    })
    .catch(() => (trouble.value = true))
}
// A row of edits is one question: the curve waits for the last of them, and for the page to be drawn.
watch(
  () => store.derived,
  () => {
    clearTimeout(timer)
    timer = setTimeout(search, 250)
  },
  { immediate: true },
)
onBeforeUnmount(() => clearTimeout(timer))

const W = 700
/** Room below the curve for the totals it is read at, in the units of the drawing. */
const PLACES = 22
const view = computed(() => {
  const { curve, now, most } = found.value ?? {}
  const points = (curve ?? []).filter((p) => p.set.feasible)
  if (!now || !most || points.length === 0) return undefined
  const share = (value: number) => (100 * value) / most
  const atNow = [...points].reverse().find((p) => p.budgetMinor <= now.costMinor)
  const better = atNow && atNow.set.value > now.value ? atNow : undefined
  return {
    series: [
      {
        name: t('bestSetLine'),
        form: 'full',
        points: points.map((p) => ({ x: p.budgetMinor, y: share(p.set.value) })),
      },
      { name: t('chosenNowLine'), form: 'dashed', points: [{ x: now.costMinor, y: share(now.value) }] },
    ] as const,
    share: Math.round(share(now.value)),
    best: atNow ? Math.round(share(atNow.set.value)) : undefined,
    better: better && {
      swaps: better.set.changes.length,
      gain: Math.round(share(better.set.value - now.value)),
    },
  }
})
const limit = computed(() => Math.max(0, budget.value))
</script>

<template>
  <section class="more-money" :aria-label="t('whatMoreMoneyBuys')">
    <header>
      <p>
        <b>{{ t('whatMoreMoneyBuys') }}</b>
        <span class="second">{{ t('bestSetAtEveryTotal') }}</span>
      </p>
      <p v-if="view" class="second">
        {{ t('chosenShare', { share: view.share })
        }}<template v-if="view.best !== undefined">
          {{ t('bestAtThisTotalBest', { best: Math.max(view.best, view.share) }) }}</template
        >
        ·
        <RouterLink :to="`/jobs/${store.snapshot?.brief.id}/source/best-set`">{{
          t('theBestSet2')
        }}</RouterLink>
      </p>
    </header>
    <p v-if="trouble" class="second">{{ t('theSearchEndedWithA') }}</p>
    <p v-else-if="bare" class="second">
      {{ t('giveOpenItemsSomeOptions') }}
    </p>
    <p v-else-if="found && !view" class="second">
      {{ t('noSetCanBeChosen') }}
    </p>
    <!-- As high as the curve that takes its place, so that nothing moves when it comes. -->
    <div v-else-if="!view" class="coming second">
      <p>
        {{
          task.done.value === undefined
            ? '\u00a0'
            : t('searchingDone', { done: Math.round(100 * task.done.value) })
        }}
      </p>
      <i :style="{ aspectRatio: `${W} / ${height + PLACES}` }"></i>
    </div>
    <template v-else>
      <p class="second">
        {{
          view.better
            ? t('nowSwapsSwaps2GainFor', {
                swaps: view.better.swaps,
                swaps2: view.better.swaps === 1 ? t('changeGains') : t('changesGain'),
                gain: view.better.gain,
              })
            : t('nowNothingBetterAtThis')
        }}
      </p>
      <LineChart
        steps
        afloat
        :width="W"
        :height="height + PLACES"
        :name="t('whatMoreMoneyBuys')"
        :series="view.series"
        :moments="[{ at: limit, name: t('mayBeSpentLimitText', { limitText: money(limit) }) }]"
        :says-x="money"
        :says-y="(y) => number(y)"
      />
    </template>
  </section>
</template>

<style scoped>
.coming i {
  display: block;
  /* The line that says the values in hand. */
  margin-bottom: calc(4px + 1.4 * 13px);
}
header {
  display: flex;
  justify-content: space-between;
  gap: 0 16px;
  flex-wrap: wrap;
}
</style>
