<script setup lang="ts">
import { computed } from 'vue'
import { tradePrice } from '@bonitas/core/kernel/money/margin'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** What the trade discount leaves to the studio when the client pays the list price. */
const props = defineProps<{ option: DerivedOption }>()
const { money, number } = useLocale()
const percent = (n: number) => `${number(n, Number.isInteger(n) ? 0 : 1)} %`
const trade = computed(() => {
  const { goodsMinor } = props.option.price
  const { tradePpm } = props.option.option
  return tradePpm > 0 && goodsMinor > 0 ? tradePrice(goodsMinor, tradePpm) : undefined
})
</script>

<template>
  <p v-if="trade" class="second">
    {{
      t('theStudioPaysCostMinorAnd', {
        costMinor: money(trade.costMinor),
        profitMinor: money(trade.profitMinor),
        marginPercent: percent(trade.marginPercent),
        markupPercent: percent(trade.markupPercent),
      })
    }}
  </p>
</template>
