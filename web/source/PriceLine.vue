<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import { priceHistory } from '@bonitas/core/stages/source/priceHistory'
import { dayOf, timeOf } from '../chart/days.js'
import LineChart from '../chart/LineChart.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** What became of a price: the days it was seen, its steps, and what was noticed. */
const props = defineProps<{ option: DerivedOption }>()
const store = useJobStore()
const { day, money, number } = useLocale()
const history = computed(() =>
  priceHistory(
    (store.snapshot?.priceObservations ?? []).filter((s) => s.optionId === props.option.option.id),
    {
      priceMinor: props.option.option.priceMinor,
      stock: props.option.option.stock ?? null,
      on: store.day,
      watchMinor: props.option.option.watchMinor ?? null,
    },
  ),
)
/** Keeps today's price before it is changed, so that the next one has something to be held against. */
function note(): void {
  const { id, priceMinor, stock } = props.option.option
  store.add('priceObservations', { optionId: id, on: store.day, priceMinor, stock: stock ?? null, where: '' })
}
const line = computed(() => {
  const points = history.value.points.map((p) => ({ x: timeOf(p.on), y: p.priceMinor }))
  return points.length < 2 ? undefined : ([{ name: t('price'), form: 'full', points }] as const)
})
</script>

<template>
  <div>
    <LineChart
      v-if="line"
      time
      steps
      :width="420"
      :height="150"
      :name="t('priceOf', { name: option.option.name })"
      :series="line"
      :says-x="(x) => day(dayOf(x))"
      :says-y="money"
    />
    <ul class="second">
      <li v-for="(e, i) in history.events" :key="i">
        {{ day(e.on) }}: {{ e.kind
        }}<template v-if="'toMinor' in e">
          {{
            t('fromFromMinorToToMinor', { fromMinor: money(e.fromMinor), toMinor: money(e.toMinor) })
          }}</template
        >
      </li>
      <li v-if="history.markdowns > 0">
        {{ t('offPercentBelowTheFirstPrice', { offPercent: number(history.offPercent, 1) }) }}
      </li>
    </ul>
    <ElButton link @click="note">{{ t('noteTodaysPriceAndStock') }}</ElButton>
  </div>
</template>
