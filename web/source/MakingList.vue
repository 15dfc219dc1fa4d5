<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import { madeAgainstBought } from '@bonitas/core/stages/source/worth'
import { MAKING_KINDS } from '@bonitas/core/model/vocabulary/buying'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The list of what a made thing takes, with the cuts, and made against bought. */
const props = defineProps<{ item: DerivedItem; option: DerivedOption }>()
const store = useJobStore()
const { money, system } = useLocale()
const rows = computed(() =>
  (store.snapshot?.fabrications ?? []).filter((m) => m.optionId === props.option.option.id),
)
const costOf = (id: string) => props.option.made?.lines.find((l) => l.id === id)
function add(): void {
  store.add('fabrications', {
    optionId: props.option.option.id,
    position: nextPosition(rows.value),
    name: t('materialRows', { rows: rows.value.length + 1 }),
    kind: 'material',
    quantity: 1,
    unitMinor: 0,
    cutMm: null,
    cutCount: null,
    stockMm: null,
    kerfMm: null,
  })
}
const against = computed(() => {
  const shop = props.item.options.find((o) => o.option.kind === 'new' && o.price.landedMinor > 0)
  if (!shop) return undefined
  const found = madeAgainstBought(
    props.option.price.landedMinor,
    props.option.option.hours,
    store.snapshot?.brief.hourMinor ?? 0,
    shop.price.landedMinor,
  )
  return { shop, ...found }
})
</script>

<template>
  <div class="making">
    <div v-for="m in rows" :key="m.id" class="row">
      <RowField collection="fabrications" :row="m" field="name" kind="text" bare />
      <RowChoice collection="fabrications" :row="m" field="kind" :choices="MAKING_KINDS" bare />
      <RowField collection="fabrications" :row="m" field="quantity" kind="real" bare figure />
      <RowField collection="fabrications" :row="m" field="unitMinor" kind="money" bare figure />
      <span class="figure">{{
        m.kind === 'owned already' ? 'owned' : money(costOf(m.id)?.costMinor ?? 0)
      }}</span>
      <ElButton
        link
        :aria-label="t('removeName', { name: m.name })"
        @click="store.remove('fabrications', m.id)"
      >
        ×
      </ElButton>
      <div class="cuts">
        <RowField
          collection="fabrications"
          :row="m"
          field="cutCount"
          kind="whole"
          :label="t('pieces')"
          figure
        />
        <RowField collection="fabrications" :row="m" field="cutMm" kind="length" :label="t('cutTo')" figure />
        <RowField
          collection="fabrications"
          :row="m"
          field="stockMm"
          kind="length"
          :label="t('outOf')"
          figure
        />
        <RowField
          collection="fabrications"
          :row="m"
          field="kerfMm"
          :kind="system === 'metric' ? 'real' : 'length'"
          :label="system === 'metric' ? t('sawMm') : t('saw')"
          figure
        />
        <p v-if="costOf(m.id)?.cuts" class="second">
          {{
            t('stocksLengthsOffcutsJoin', {
              stocks: costOf(m.id)?.cuts?.stocks.length,
              join: costOf(m.id)?.cuts?.offcuts.join(', '),
            })
          }}
        </p>
      </div>
    </div>
    <ElButton link @click="add">{{ t('addALine') }}</ElButton>
    <p v-if="against" class="second">
      {{ t('madeLandedMinor', { landedMinor: money(option.price.landedMinor) })
      }}<template v-if="against.hoursMinor > 0">{{
        t('withHoursHoursWithHoursMinor', {
          hours: option.option.hours,
          withHoursMinor: money(against.withHoursMinor),
        })
      }}</template
      >{{
        t('nameInTheShopLandedMinor', {
          name: against.shop.option.name,
          landedMinor: money(against.shop.price.landedMinor),
          comparisonMinor: money(Math.abs(against.comparisonMinor)),
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.making {
  display: grid;
  gap: 8px;
  padding: 4px 0 8px;
}
.row {
  display: grid;
  grid-template-columns: 1.5fr 1fr 46px 66px 62px 24px;
  gap: 6px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding-top: 6px;
}
.cuts {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 54px 66px 66px 60px 1fr;
  gap: 6px;
  align-items: end;
}
</style>
