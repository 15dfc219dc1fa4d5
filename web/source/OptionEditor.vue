<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import { computed, ref } from 'vue'
import { hexToLab, labToHex } from '@bonitas/core/kernel/color/lab'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import FoldPart from '../form/FoldPart.vue'
import FieldFrame from '../form/FieldFrame.vue'
import PlainField from '../form/PlainField.vue'
import SameThing from '../job/SameThing.vue'

import { tradePrice } from '@bonitas/core/kernel/money/margin'
import {
  CONDITIONS,
  LOOKED_AT,
  OPTION_KINDS,
  OPTION_TRAITS,
  PRICE_UNITS,
  STOCKS,
} from '@bonitas/core/model/vocabulary/buying'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowWords from '../form/RowWords.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import MakingList from './MakingList.vue'
import PriceLine from './PriceLine.vue'

/** All fields of one option: what is asked of every one first, the rest by what it is about. */
const props = defineProps<{ item: DerivedItem; option: DerivedOption; live: boolean }>()
const emit = defineEmits<{ remove: [] }>()
const store = useJobStore()
const { money } = useLocale()
const row = computed(() => props.option.option)
const suppliers = computed(() => [
  { value: null, text: 'none named' },
  ...(store.snapshot?.suppliers ?? []).map((s) => ({ value: s.id, text: s.name })),
])
const sets = computed(() => [
  { value: null, text: 'no, it is sold by itself' },
  ...(store.derived?.items ?? [])
    .filter((i) => i.item.id !== props.item.item.id)
    .flatMap((i) =>
      i.options
        .filter((o) => o.option.packSize > 1)
        .map((o) => ({ value: o.option.id, text: `${i.item.name}: ${o.option.name}` })),
    ),
])
/** What the trade discount leaves to the studio when the client pays the list price. */
const trade = computed(() => {
  const { goodsMinor } = props.option.price
  return row.value.tradePpm > 0 && goodsMinor > 0 ? tradePrice(goodsMinor, row.value.tradePpm) : undefined
})
const percent = (n: number) => `${n.toFixed(1).replace(/\.0$/, '')} %`
const newSupplier = ref('')
function addSupplier(): void {
  const name = newSupplier.value.trim()
  if (!name || name.length > 120) return
  const id = store.add('suppliers', { ...ROWS.suppliers.blank(), deliveryBands: [], columns: [], name })
  store.change('options', row.value.id, { supplierId: id })
  newSupplier.value = ''
}
const hex = computed(() => {
  const { colorL: l, colorA: a, colorB: b } = row.value
  return l == null || a == null || b == null ? '' : labToHex({ l, a, b })
})
const colorFault = ref('')
/** What is being typed; undefined when the field shows what is kept. */
const colorDraft = ref<string>()
function setColor(typed: string): void {
  const text = typed.trim()
  colorFault.value = ''
  if (text === '') return store.change('options', row.value.id, { colorL: null, colorA: null, colorB: null })
  const lab = /^#?[0-9a-f]{6}$/i.test(text) ? hexToLab(text.startsWith('#') ? text : `#${text}`) : undefined
  const [l = NaN, a = NaN, b = NaN, more] = text.split(/[\s,;]+/).map(Number)
  if (lab)
    store.change('options', row.value.id, {
      colorL: round(lab.l),
      colorA: round(lab.a),
      colorB: round(lab.b),
    })
  else if ([l, a, b].every(Number.isFinite) && more === undefined)
    store.change('options', row.value.id, { colorL: l, colorA: a, colorB: b })
  else
    colorFault.value =
      'Color is not read. Write it as a hex code of six digits, or as three CIELAB numbers: 62 10 -8.'
}
const round = (n: number) => Math.round(n * 100) / 100
</script>

<template>
  <section class="option-editor" aria-label="The option">
    <RowField :key="row.id" collection="options" :row="row" field="name" kind="text" class="long" />
    <RowChoice collection="options" :row="row" field="kind" :choices="OPTION_KINDS" />
    <SameThing v-if="row.kind === 'owned'" :id="row.id" collection="options" class="long" />
    <RowField v-if="!option.made" collection="options" :row="row" field="priceMinor" kind="money" figure />
    <p v-else class="second">Price: its list below</p>
    <RowChoice collection="options" :row="row" field="unit" :choices="PRICE_UNITS" />
    <RowField collection="options" :row="row" field="packSize" kind="whole" figure />
    <RowField collection="options" :row="row" field="discountPpm" kind="percent" label="Discount, %" figure />
    <RowField collection="options" :row="row" field="discountMinor" kind="money" figure />
    <RowField collection="options" :row="row" field="deliveryMinor" kind="money" figure />
    <RowField collection="options" :row="row" field="fittingMinor" kind="money" figure />
    <RowField collection="options" :row="row" field="tradePpm" kind="percent" label="Trade, %" figure />
    <p v-if="trade" class="second whole">
      The studio pays {{ money(trade.costMinor) }} and keeps {{ money(trade.profitMinor) }} at list price:
      margin {{ percent(trade.marginPercent) }} of the price, markup {{ percent(trade.markupPercent) }} on the
      cost.
    </p>
    <RowField collection="options" :row="row" field="reworkMinor" kind="money" label="Rework" figure />
    <RowField collection="options" :row="row" field="widthMm" kind="length" figure />
    <RowField collection="options" :row="row" field="depthMm" kind="length" figure />
    <RowField collection="options" :row="row" field="heightMm" kind="length" figure />
    <RowField collection="options" :row="row" field="leadDays" kind="whole" label="Lead time, days" figure />
    <RowField collection="options" :row="row" field="returnDays" kind="whole" label="Returns, days" figure />
    <RowField collection="options" :row="row" field="legsMm" kind="length" label="Legs off" figure />
    <RowChoice collection="options" :row="row" field="supplierId" :choices="suppliers" class="two" />
    <form @submit.prevent="addSupplier">
      <PlainField v-model="newSupplier" label="New supplier" :maxlength="120" placeholder="name, Enter" />
    </form>
    <RowField collection="options" :row="row" field="note" kind="text" class="long" />

    <FoldPart class="whole" title="Looks and wear">
      <div class="grid">
        <FieldFrame id="option-color" label="Color" :fault="colorFault || undefined">
          <ElInput
            id="option-color"
            :model-value="colorDraft ?? hex"
            placeholder="hex code, or L a b"
            autocomplete="off"
            :validate-event="false"
            :aria-invalid="colorFault !== '' ? 'true' : undefined"
            :aria-describedby="colorFault ? 'option-color-says' : undefined"
            @update:model-value="colorDraft = $event"
            @change="setColor"
          />
        </FieldFrame>
        <RowField collection="options" :row="row" field="material" kind="text" />
        <RowField collection="options" :row="row" field="liking" kind="whole" label="Liking, 1 to 5" figure />
        <RowField collection="options" :row="row" field="years" kind="real" label="Years it lasts" figure />
        <RowField collection="options" :row="row" field="hours" kind="real" label="Own hours" figure />
        <RowChoice collection="options" :row="row" field="partOfId" :choices="sets" label="In a set" />
        <RowWords
          collection="options"
          :row="row"
          field="traits"
          :choices="OPTION_TRAITS"
          label="Traits"
          class="whole"
        />
      </div>
    </FoldPart>
    <FoldPart
      class="whole"
      :open="row.kind === 'second-hand' || row.kind === 'placeholder' || row.kind === 'owned'"
      title="Where and when it was seen"
    >
      <div class="grid">
        <RowField
          collection="options"
          :row="row"
          field="seenAt"
          kind="text"
          :label="row.kind === 'owned' ? 'Moved from' : 'Seen at'"
          class="long"
        />
        <RowField collection="options" :row="row" field="seenOn" kind="date" />
        <RowField collection="options" :row="row" field="heldUntil" kind="date" />
        <RowField collection="options" :row="row" field="reviewOn" kind="date" />
        <RowChoice
          collection="options"
          :row="row"
          field="condition"
          :choices="[{ value: null, text: 'not said' }, ...CONDITIONS.map((c) => ({ value: c, text: c }))]"
        />
        <RowWords
          v-if="row.kind === 'second-hand'"
          collection="options"
          :row="row"
          field="lookedAt"
          :choices="LOOKED_AT"
          label="Looked at"
          class="whole"
        />
      </div>
    </FoldPart>
    <FoldPart class="whole" title="Price history, stock and currency">
      <div class="grid">
        <RowChoice
          collection="options"
          :row="row"
          field="stock"
          :choices="[{ value: null, text: 'not known' }, ...STOCKS.map((c) => ({ value: c, text: c }))]"
        />
        <RowField collection="options" :row="row" field="stockOn" kind="date" />
        <RowField collection="options" :row="row" field="watchMinor" kind="money" figure />
        <RowField collection="options" :row="row" field="currency" kind="text" label="Other currency" />
        <RowField collection="options" :row="row" field="rate" kind="text" figure />
        <RowField collection="options" :row="row" field="rateOn" kind="date" />
        <PriceLine :option="option" class="whole" />
      </div>
    </FoldPart>
    <FoldPart v-if="row.kind === 'made' || option.made" class="whole" open title="What it takes">
      <MakingList :item="item" :option="option" />
    </FoldPart>
    <ElButton v-if="!(live && option.chosen)" link @click="emit('remove')">Remove the option</ElButton>
  </section>
</template>

<style scoped>
.option-editor,
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 8px 10px;
  align-items: end;
}
.option-editor {
  border-top: 1px solid var(--rule);
  padding-top: 12px;
  margin-top: 6px;
}
.long {
  grid-column: span 2;
}
.whole {
  grid-column: 1 / -1;
}
.grid {
  padding: 4px 0 8px;
}
.fault {
  color: var(--stop);
  font-size: 13px;
}
</style>
