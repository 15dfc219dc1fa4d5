<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import type { SupplierBasket } from '@bonitas/core/stages/source/baskets'
import type { Quote } from '@bonitas/core/stages/source/product'
import { ApiProblem, request, ServerGone } from '../api/http.js'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

/** Asks a supplier what the order of today would come to, and holds its answer beside our own sum. */
const props = defineProps<{ basket: SupplierBasket }>()
const store = useJobStore()
const { money, says } = useLocale()
const supplier = computed(() => store.snapshot?.suppliers.find((s) => s.id === props.basket.supplierId))
/** Lines the supplier knows by number; it is asked for pieces, and answers in packs. */
const known = computed(() =>
  props.basket.lines.flatMap((l) => {
    const item = store.derived?.items.find((i) => i.item.id === l.itemId)
    const key = item?.chosen?.option.catalogKey
    return item && key ? [{ key, quantity: item.item.quantity, name: item.item.name }] : []
  }),
)
const quote = shallowRef<Quote>()
const trouble = ref('')
const busy = ref(false)
watch(known, (now, was) => {
  if (JSON.stringify(now) !== JSON.stringify(was)) quote.value = undefined
})
async function ask(): Promise<void> {
  busy.value = true
  trouble.value = ''
  try {
    const lines = known.value.map(({ key, quantity }) => ({ key, quantity }))
    quote.value = await request<Quote>(`/catalogs/${supplier.value?.catalog ?? ''}/quotes`, {
      method: 'POST',
      body: { lines },
    })
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    quote.value = undefined
    trouble.value = error instanceof ApiProblem ? error.detail : t('theServerDoesNotAnswer')
  } finally {
    busy.value = false
  }
}
const nameOf = (key: string) => known.value.find((k) => k.key === key)?.name ?? key
const theirs = (minor: number) =>
  quote.value && quote.value.currency !== store.snapshot?.studio.currency
    ? formatterOf({ ...says.value, currency: quote.value.currency }).money(minor)
    : money(minor)
const refused = computed(() => quote.value?.lines.filter((l) => l.refused) ?? [])
</script>

<template>
  <div v-if="supplier?.catalog && known.length > 0" class="quote">
    <ElButton link :disabled="busy" @click="ask">
      {{ busy ? t('asking') : t('askNameForAQuote', { name: supplier.name }) }}
    </ElButton>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ul v-if="quote" class="second" role="status">
      <li>
        {{
          t('quotedOnAsOfForKnown', {
            asOf: says.day(quote.asOf),
            known: known.length,
            lines: basket.lines.length,
            lines2: basket.lines.length === 1 ? 'line' : 'lines',
            goodsMinor: theirs(quote.goodsMinor),
            deliveryMinor: theirs(quote.deliveryMinor),
          })
        }}
      </li>
      <li v-for="l in refused" :key="l.key">{{ nameOf(l.key) }}: {{ l.refused }}</li>
      <li v-if="quote.goodsMinor < quote.minOrderMinor">
        {{ t('belowItsLeastOrderOf', { minOrderMinor: theirs(quote.minOrderMinor) }) }}
      </li>
      <li v-if="quote.restockPpm > 0">
        {{ t('itKeepsRestockPpmOfWhat', { restockPpm: quote.restockPpm / 10_000 }) }}
      </li>
    </ul>
  </div>
</template>
