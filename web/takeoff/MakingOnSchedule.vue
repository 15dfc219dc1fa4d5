<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { raiseAgain, scheduleConsumable } from '@bonitas/core/job/takeoffOnSchedule'
import { put } from '@bonitas/core/model/changes'
import type { Consumable } from '@bonitas/core/model/rows/consumables'
import type { MakingConsumable } from '@bonitas/core/stages/takeoff/making/making'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { capital } from '@bonitas/core/kernel/capital'
import { t } from './words.js'

/** Consumables on the schedule: those that have a price are raised in one step, and brought up to date when the room changes. */
const props = defineProps<{ goods: readonly MakingConsumable[] }>()
type Priced = MakingConsumable & { readonly row: Consumable; readonly costMinor: number }
const store = useJobStore()
const { money } = useLocale()
const priced = computed(() =>
  props.goods.filter(
    (g): g is Priced => !!g.row && g.costMinor !== undefined && (g.packs > 0 || g.row.itemId !== null),
  ),
)
const itemOf = (g: Priced) => store.derived?.items.find((i) => i.item.id === g.row.itemId)
const raisedBy = (g: Priced) => itemOf(g)?.options.find((o) => o.option.id === g.row.optionId)?.option
const wanting = computed(() => priced.value.filter((g) => g.packs > 0 && !itemOf(g)))
/** Its item is there, and the option it raised was taken out. */
const lost = computed(() => priced.value.filter((g) => itemOf(g) && !raisedBy(g)))
const stale = computed(() =>
  priced.value.flatMap((g) => {
    const option = raisedBy(g)
    return option && option.priceMinor !== g.costMinor
      ? [{ g, option, ordered: (itemOf(g)?.lines.length ?? 0) > 0 }]
      : []
  }),
)
/** What is ordered is compared, and never written over. */
const open = computed(() => stale.value.filter((s) => !s.ordered))

function schedule(): void {
  const job = store.snapshot
  if (!job) return
  const position = nextPosition(job.items)
  store.apply(
    wanting.value.flatMap((g, i) =>
      scheduleConsumable(
        g,
        { itemId: crypto.randomUUID(), optionId: crypto.randomUUID(), position: position + i },
        job.brief,
      ),
    ),
  )
}
const again = () =>
  store.apply(
    lost.value.flatMap((g) => {
      const of = {
        collection: 'consumables' as const,
        id: g.row.id,
        sold: g.packsText,
        costMinor: g.costMinor,
      }
      return raiseAgain(of, g.row.itemId ?? '', crypto.randomUUID())
    }),
  )
const refresh = () =>
  store.apply(
    open.value.map(({ g, option }) =>
      put('options', option.id, { priceMinor: g.costMinor, name: g.packsText }),
    ),
  )
</script>

<template>
  <section class="onto">
    <h2>{{ t('ontoTheSchedule') }}</h2>
    <p v-if="priced.length === 0" class="second">{{ t('givePricesFirst') }}</p>
    <ElButton v-if="wanting.length > 0" @click="schedule">{{
      wanting.length === 1
        ? t('putNameOnTheSchedule', { name: capital(wanting[0]?.kind ?? '') })
        : t('putPricedOnTheSchedule', { n: wanting.length })
    }}</ElButton>
    <p v-for="s in stale" :key="s.g.kind" class="second">
      {{
        t('nameSaysPriceMinorThe', {
          name: capital(s.g.kind),
          priceMinor: money(s.option.priceMinor),
          totalMinor: money(s.g.costMinor),
        })
      }}
      <template v-if="s.ordered">{{ t('itIsOrdered') }}</template>
    </p>
    <ElButton v-if="open.length > 0" @click="refresh">{{ t('bringItUpToDate') }}</ElButton>
    <template v-if="lost.length > 0">
      <p v-for="g in lost" :key="g.kind" class="second">
        {{ capital(g.kind) }}: {{ t('itsOptionIsGone', { packs: g.packsText, cost: money(g.costMinor) }) }}
      </p>
      <ElButton @click="again">{{ t('putItAmongTheOptions') }}</ElButton>
    </template>
    <p v-if="priced.length > 0 && wanting.length + stale.length + lost.length === 0" class="second">
      {{ t('allPricedAreOnTheSchedule') }}
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
