<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { put } from '@bonitas/core/model/changes'
import { paintGoods, scheduleGoods, type ScheduledGoods } from '@bonitas/core/job/takeoffOnSchedule'
import type { PaintLine } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { choiceText } from './tinsText.js'
import { t } from './words.js'

/** The lines of the schedule for paint, one a color or one for all: raised once, and brought up to date when the take-off changes. */
const props = defineProps<{ lines: readonly PaintLine[]; totalMinor: number }>()
const store = useJobStore()
const { money, says } = useLocale()
const unpriced = computed(() => props.lines.filter((l) => !l.tins))
const goods = computed(() =>
  paintGoods(
    props.lines,
    (l) => (l.tins ? choiceText(l.tins, l.offered, says.value) : ''),
    (liters) => says.value.liquid(liters),
  ),
)
const scheduled = computed(() => (store.derived?.items ?? []).filter((i) => i.item.buysPaint !== null))
/** One item for all paint, raised so; or one for each color. */
const whole = computed(() => scheduled.value.find((i) => i.item.buysPaint === 'all paint'))
const itemOf = (finishId: string | null) =>
  scheduled.value.find((i) => i.item.buysPaint === 'of its finish' && i.item.finishId === finishId)
const stale = computed(() =>
  whole.value
    ? [{ item: whole.value, costMinor: props.totalMinor }].filter(differs)
    : goods.value
        .flatMap((g) => {
          const item = itemOf(g.finishId)
          return item ? [{ item, costMinor: g.costMinor }] : []
        })
        .filter(differs),
)
/** What is ordered is compared, and never written over. */
const open = computed(() => stale.value.filter((s) => s.item.lines.length === 0))
const wanting = computed(() => (whole.value ? [] : goods.value.filter((g) => !itemOf(g.finishId))))
function differs(s: { item: DerivedItem; costMinor: number }): boolean {
  return !!s.item.chosen && s.item.chosen.option.priceMinor !== s.costMinor
}

/** One step: an item for each of them, its option chosen. */
function schedule(list: readonly ScheduledGoods[]): void {
  const job = store.snapshot
  if (!job) return
  const position = nextPosition(job.items)
  store.apply(
    list.flatMap((g, i) =>
      scheduleGoods(
        g,
        { itemId: crypto.randomUUID(), optionId: crypto.randomUUID(), position: position + i },
        job.brief,
      ),
    ),
  )
}
function scheduleWhole(): void {
  const first = goods.value.find((g) => !g.line.isPrimer) ?? goods.value[0]
  if (!first) return
  schedule([
    {
      name: t('paintAndPrimer'),
      specification: t('asInTheTakeOff'),
      sold: t('tinsAsTakenOff'),
      costMinor: props.totalMinor,
      finishId: first.finishId,
      category: 'surfaces',
      buysPaint: 'all paint',
    },
  ])
}

function refresh(): void {
  store.apply(
    open.value.flatMap(({ item, costMinor }) =>
      item.chosen ? [put('options', item.chosen.option.id, { priceMinor: costMinor })] : [],
    ),
  )
}
</script>

<template>
  <section class="onto">
    <h2>{{ t('ontoTheSchedule') }}</h2>
    <p v-if="unpriced.length > 0" class="second">
      {{ t('joinStillHasNoTins', { join: unpriced.map((l) => l.name).join(', ') }) }}
    </p>
    <template v-if="wanting.length > 0">
      <p v-if="scheduled.length === 0" class="second">
        {{ t('oneLineForAllPaint', { totalMinor: money(totalMinor) }) }}
      </p>
      <ElButton @click="schedule(wanting)">{{
        wanting.length > 1
          ? t('aLineForEachColor', { lines: wanting.length })
          : t('putNameOnTheSchedule', { name: wanting[0]?.name ?? '' })
      }}</ElButton>
      <ElButton v-if="scheduled.length === 0 && goods.length > 1" @click="scheduleWhole">{{
        t('oneLineForAll')
      }}</ElButton>
    </template>
    <template v-for="s in stale" :key="s.item.item.id">
      <p class="second">
        {{
          t('nameSaysPriceMinorThe', {
            name: s.item.item.name,
            priceMinor: money(s.item.chosen?.option.priceMinor ?? 0),
            totalMinor: money(s.costMinor),
          })
        }}
        <template v-if="s.item.lines.length > 0">{{ t('itIsOrdered') }}</template>
      </p>
    </template>
    <ElButton v-if="open.length > 0" @click="refresh">{{ t('bringItUpToDate') }}</ElButton>
    <template v-if="wanting.length === 0 && stale.length === 0">
      <p v-for="i in scheduled" :key="i.item.id" class="second">
        {{ t('nameIsOnTheSchedule', { name: i.item.name, state: i.state }) }}
      </p>
    </template>
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
