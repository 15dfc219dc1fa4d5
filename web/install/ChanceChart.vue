<script setup lang="ts">
import { computed, ref } from 'vue'
import { addDays, daysBetween } from '@bonitas/core/kernel/units/days'
import SavePicture from '../chart/SavePicture.vue'
import FoldPart from '../form/FoldPart.vue'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** Runs by the day on which they end: filled while in time, open after it; the figures themselves below. */
const props = defineProps<{
  byDay: readonly { readonly day: string; readonly runs: number }[]
  runs: number
  installOn: string | null
  eightyOn: string | undefined
}>()
const { says, number } = useLocale()
/** Without its year, as on an axis. */
const day = (iso: string) => says.value.day(iso, iso)
const drawing = ref<SVGSVGElement>()
const [WIDTH, HEIGHT, FOOT, HEAD] = [820, 190, 24, 22]
const days = computed(() => {
  const all = props.byDay.map((d) => d.day)
  const first = [...all, ...(props.installOn ? [props.installOn] : [])].sort()[0] ?? ''
  const last = [...all, ...(props.installOn ? [props.installOn] : [])].sort().at(-1) ?? ''
  const count = daysBetween(first, last) + 1
  return { first: addDays(first, -1), count: count + 2 }
})
const step = computed(() => WIDTH / days.value.count)
const x = (on: string) => daysBetween(days.value.first, on) * step.value
const most = computed(() => Math.max(1, ...props.byDay.map((d) => d.runs)))
const bars = computed(() =>
  props.byDay.map((d) => {
    const height = ((HEIGHT - FOOT - HEAD) * d.runs) / most.value
    return {
      ...{ day: d.day, x: x(d.day) + 1, width: Math.max(2, step.value - 2), height },
      y: HEIGHT - FOOT - height,
      late: props.installOn !== null && d.day > props.installOn,
    }
  }),
)
/** Names of days, no closer than they can be read. */
const ticks = computed(() => {
  const every = Math.max(1, Math.ceil(64 / step.value))
  return Array.from({ length: days.value.count }, (_, n) => addDays(days.value.first, n)).filter(
    (_, n) => n % every === 0,
  )
})
</script>

<template>
  <figure>
    <svg ref="drawing" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="t('chartOf')">
      <line :x1="0" :x2="WIDTH" :y1="HEIGHT - FOOT" :y2="HEIGHT - FOOT" stroke="#1a1a1a" />
      <rect
        v-for="b in bars"
        :key="b.day"
        :x="b.x"
        :y="b.y"
        :width="b.width"
        :height="b.height"
        :fill="b.late ? '#f7f7f7' : '#1a1a1a'"
        stroke="#1a1a1a"
        stroke-width="1.5"
      />
      <template v-if="installOn">
        <line
          :x1="x(installOn) + step"
          :x2="x(installOn) + step"
          :y1="0"
          :y2="HEIGHT - FOOT"
          stroke="#1a1a1a"
          stroke-width="3"
        />
        <text :x="x(installOn) + step - 6" y="13" text-anchor="end" font-size="13" font-weight="650">
          {{ t('installDay', { day: day(installOn) }) }}
        </text>
      </template>
      <template v-if="eightyOn">
        <line
          :x1="x(eightyOn) + step"
          :x2="x(eightyOn) + step"
          :y1="18"
          :y2="HEIGHT - FOOT"
          stroke="#1a1a1a"
          stroke-dasharray="4 3"
        />
      </template>
      <text v-for="d in ticks" :key="d" :x="x(d)" :y="HEIGHT - 7" font-size="12">{{ day(d) }}</text>
    </svg>
    <figcaption>
      <span class="second">{{ t('chartOf') }}</span>
      <SavePicture :name="t('chartOf')" :drawing="drawing" />
    </figcaption>
    <FoldPart :title="t('runs')">
      <ListTable
        :rows="byDay"
        :columns="[
          { id: 'day', head: t('day') },
          { id: 'runs', head: t('runs'), figure: true },
        ]"
        :key-of="(d) => d.day"
      >
        <template #cell-day="{ row: d }">{{ day(d.day) }}</template>
        <template #cell-runs="{ row: d }">{{ number(d.runs) }}</template>
      </ListTable>
    </FoldPart>
  </figure>
</template>

<style scoped>
figure {
  margin: 10px 0 0;
}
svg {
  display: block;
  width: 100%;
  max-width: 900px;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
}
</style>
