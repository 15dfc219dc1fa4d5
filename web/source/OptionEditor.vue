<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import { computed, ref } from 'vue'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import {
  CONDITIONS,
  LOOKED_AT,
  OPTION_KINDS,
  OPTION_TRAITS,
  PRICE_UNITS,
  STOCKS,
} from '@bonitas/core/model/vocabulary/buying'
import FoldPart from '../form/FoldPart.vue'
import PlainField from '../form/PlainField.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowWords from '../form/RowWords.vue'
import { useLocale } from '../form/useLocale.js'
import SameThing from '../job/SameThing.vue'
import { useJobStore } from '../job/jobStore.js'
import MakingList from './MakingList.vue'
import OptionColor from './OptionColor.vue'
import PriceLine from './PriceLine.vue'
import { optionHeads } from './optionHeads.js'
import TradeMargin from './TradeMargin.vue'
import { t } from './words.js'

/** All fields of one option: what is asked of every one first, the rest by what it is about. */
const props = defineProps<{ item: DerivedItem; option: DerivedOption; live: boolean }>()
const emit = defineEmits<{ remove: [] }>()
const store = useJobStore()
const { says } = useLocale()
const row = computed(() => props.option.option)
const suppliers = computed(() => [
  { value: null, text: t('noneNamed') },
  ...(store.snapshot?.suppliers ?? []).map((s) => ({ value: s.id, text: s.name })),
])
const sets = computed(() => [
  { value: null, text: t('noItIsSoldBy') },
  ...(store.derived?.items ?? [])
    .filter((i) => i.item.id !== props.item.item.id)
    .flatMap((i) =>
      i.options
        .filter((o) => o.option.packSize > 1)
        .map((o) => ({ value: o.option.id, text: `${i.item.name}: ${o.option.name}` })),
    ),
])
const heads = computed(() => optionHeads(row.value, says.value))
const newSupplier = ref('')
function addSupplier(): void {
  const name = newSupplier.value.trim()
  if (!name || name.length > 120) return
  const id = store.add('suppliers', { ...ROWS.suppliers.blank(), deliveryBands: [], columns: [], name })
  store.change('options', row.value.id, { supplierId: id })
  newSupplier.value = ''
}
</script>

<template>
  <section class="option-editor" :aria-label="t('theOption')">
    <RowField :key="row.id" collection="options" :row="row" field="name" kind="text" class="long" />
    <RowChoice collection="options" :row="row" field="kind" :choices="OPTION_KINDS" />
    <SameThing v-if="row.kind === 'owned'" :id="row.id" collection="options" class="long" />
    <RowField v-if="!option.made" collection="options" :row="row" field="priceMinor" kind="money" figure />
    <p v-else class="second">{{ t('priceItsListBelow') }}</p>
    <RowChoice collection="options" :row="row" field="supplierId" :choices="suppliers" />
    <RowField
      collection="options"
      :row="row"
      field="leadDays"
      kind="whole"
      :label="t('leadTimeDays')"
      figure
    />
    <RowField collection="options" :row="row" field="widthMm" kind="length" figure />
    <RowField collection="options" :row="row" field="depthMm" kind="length" figure />
    <RowField collection="options" :row="row" field="heightMm" kind="length" figure />
    <RowField collection="options" :row="row" field="note" kind="text" class="whole" />

    <FoldPart class="whole" :title="heads.price">
      <div class="grid">
        <RowChoice collection="options" :row="row" field="unit" :choices="PRICE_UNITS" />
        <RowField collection="options" :row="row" field="packSize" kind="whole" figure />
        <RowField
          collection="options"
          :row="row"
          field="discountPpm"
          kind="percent"
          :label="t('discount')"
          figure
        />
        <RowField collection="options" :row="row" field="discountMinor" kind="money" figure />
        <RowField collection="options" :row="row" field="deliveryMinor" kind="money" figure />
        <RowField collection="options" :row="row" field="fittingMinor" kind="money" figure />
        <RowField
          collection="options"
          :row="row"
          field="tradePpm"
          kind="percent"
          :label="t('trade')"
          figure
        />
        <RowField
          collection="options"
          :row="row"
          field="reworkMinor"
          kind="money"
          :label="t('rework')"
          figure
        />
        <TradeMargin class="whole" :option="option" />
      </div>
    </FoldPart>
    <FoldPart class="whole" :title="heads.supply">
      <div class="grid">
        <RowField
          collection="options"
          :row="row"
          field="returnDays"
          kind="whole"
          :label="t('returnsDays')"
          figure
        />
        <RowField collection="options" :row="row" field="legsMm" kind="length" :label="t('legsOff')" figure />
        <form @submit.prevent="addSupplier">
          <PlainField
            v-model="newSupplier"
            :label="t('newSupplier')"
            :maxlength="120"
            :placeholder="t('nameEnter')"
          />
        </form>
      </div>
    </FoldPart>
    <FoldPart class="whole" :title="t('looksAndWear')">
      <div class="grid">
        <OptionColor :key="row.id" :option="row" />
        <RowField collection="options" :row="row" field="material" kind="text" />
        <RowField
          collection="options"
          :row="row"
          field="liking"
          kind="whole"
          :label="t('liking1To5')"
          figure
        />
        <RowField
          collection="options"
          :row="row"
          field="years"
          kind="real"
          :label="t('yearsItLasts')"
          figure
        />
        <RowField collection="options" :row="row" field="hours" kind="real" :label="t('ownHours')" figure />
        <RowChoice collection="options" :row="row" field="partOfId" :choices="sets" :label="t('inASet')" />
        <RowWords
          collection="options"
          :row="row"
          field="traits"
          :choices="OPTION_TRAITS"
          :label="t('traits')"
          class="whole"
        />
      </div>
    </FoldPart>
    <FoldPart
      class="whole"
      :open="row.kind === 'second-hand' || row.kind === 'placeholder' || row.kind === 'owned'"
      :title="t('whereAndWhenItWas')"
    >
      <div class="grid">
        <RowField
          collection="options"
          :row="row"
          field="seenAt"
          kind="text"
          :label="row.kind === 'owned' ? t('movedFrom') : t('seenAt')"
          class="long"
        />
        <RowField collection="options" :row="row" field="seenOn" kind="date" />
        <RowField collection="options" :row="row" field="heldUntil" kind="date" />
        <RowField collection="options" :row="row" field="reviewOn" kind="date" />
        <RowChoice
          collection="options"
          :row="row"
          field="condition"
          :choices="[{ value: null, text: t('notSaid') }, ...CONDITIONS.map((c) => ({ value: c, text: c }))]"
        />
        <RowWords
          v-if="row.kind === 'second-hand'"
          collection="options"
          :row="row"
          field="lookedAt"
          :choices="LOOKED_AT"
          :label="t('lookedAt')"
          class="whole"
        />
      </div>
    </FoldPart>
    <FoldPart class="whole" :title="t('priceHistoryStockAndCurrency')">
      <div class="grid">
        <RowChoice
          collection="options"
          :row="row"
          field="stock"
          :choices="[{ value: null, text: t('notKnown') }, ...STOCKS.map((c) => ({ value: c, text: c }))]"
        />
        <RowField collection="options" :row="row" field="stockOn" kind="date" />
        <RowField collection="options" :row="row" field="watchMinor" kind="money" figure />
        <RowField collection="options" :row="row" field="currency" kind="text" :label="t('otherCurrency')" />
        <RowField collection="options" :row="row" field="rate" kind="text" figure />
        <RowField collection="options" :row="row" field="rateOn" kind="date" />
        <PriceLine :option="option" class="whole" />
      </div>
    </FoldPart>
    <FoldPart v-if="row.kind === 'made' || option.made" class="whole" open :title="t('whatItTakes')">
      <MakingList :item="item" :option="option" />
    </FoldPart>
    <ElButton v-if="!(live && option.chosen)" link @click="emit('remove')">{{
      t('removeTheOption')
    }}</ElButton>
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
</style>
