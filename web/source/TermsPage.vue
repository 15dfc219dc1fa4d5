<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import { computed, ref } from 'vue'
import { OFFER_KINDS } from '@bonitas/core/model/vocabulary/buying'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import DeliveryBands from './DeliveryBands.vue'
import QuoteAsk from './QuoteAsk.vue'
import { t } from './words.js'

/** Suppliers with their terms, coupons, and what the orders of today would come to. */
const store = useJobStore()
const { money } = useLocale()
const suppliers = computed(() => store.snapshot?.suppliers ?? [])
const supplierId = ref('')
const supplier = computed(() => suppliers.value.find((s) => s.id === supplierId.value) ?? suppliers.value[0])
const discounts = computed(() =>
  (store.snapshot?.discounts ?? []).filter((o) => o.supplierId === supplier.value?.id),
)
const itemChoices = computed(() => [
  { value: null, text: t('theWholeOrder') },
  ...(store.snapshot?.items ?? []).map((i) => ({ value: i.id, text: i.name })),
])
const nameOf = (id: string | null) => suppliers.value.find((s) => s.id === id)?.name ?? t('noSupplierNamed2')
const baskets = computed(() => store.derived?.baskets ?? [])
function addSupplier(): void {
  supplierId.value = store.add('suppliers', {
    ...ROWS.suppliers.blank(),
    deliveryBands: [],
    columns: [],
    name: t('supplierSuppliers', { suppliers: suppliers.value.length + 1 }),
  })
}
function addOffer(): void {
  if (!supplier.value) return
  store.add('discounts', {
    supplierId: supplier.value.id,
    name: t('coupon'),
    kind: 'percent off',
    ppm: 100_000,
    amountMinor: 0,
    minSpendMinor: 0,
    fromOn: null,
    untilOn: null,
    itemId: null,
    oneUse: true,
    usedOn: null,
    thirdParty: false,
  })
}
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('source')">
    <template #head><StageTabs stage="source" /></template>
    <div class="terms">
      <nav :aria-label="t('suppliers')">
        <ElButton
          v-for="s in suppliers"
          :key="s.id"
          class="is-line name"
          :aria-pressed="s === supplier"
          @click="supplierId = s.id"
        >
          {{ s.name }}
        </ElButton>
        <ElButton link @click="addSupplier">{{ t('newSupplier') }}</ElButton>
      </nav>
      <section v-if="supplier" :key="supplier.id" class="supplier">
        <div class="fields">
          <RowField collection="suppliers" :row="supplier" field="name" kind="text" />
          <RowField collection="suppliers" :row="supplier" field="minOrderMinor" kind="money" figure />
          <RowField
            collection="suppliers"
            :row="supplier"
            field="restockPpm"
            kind="percent"
            :label="t('restocking')"
            figure
          />
          <RowField collection="suppliers" :row="supplier" field="catalog" kind="text" />
          <RowField collection="suppliers" :row="supplier" field="note" kind="text" class="long" />
        </div>
        <DeliveryBands :supplier="supplier" />
        <h2>{{ t('couponsAndOffers') }}</h2>
        <div v-for="o in discounts" :key="o.id" class="fields offer">
          <RowField collection="discounts" :row="o" field="name" kind="text" />
          <RowChoice collection="discounts" :row="o" field="kind" :choices="OFFER_KINDS" />
          <RowField
            v-if="o.kind === 'percent off'"
            collection="discounts"
            :row="o"
            field="ppm"
            kind="percent"
            :label="t('off')"
            figure
          />
          <RowField
            v-else-if="o.kind === 'amount off'"
            collection="discounts"
            :row="o"
            field="amountMinor"
            kind="money"
            figure
          />
          <RowField collection="discounts" :row="o" field="minSpendMinor" kind="money" figure />
          <RowField collection="discounts" :row="o" field="fromOn" kind="date" />
          <RowField collection="discounts" :row="o" field="untilOn" kind="date" />
          <RowChoice collection="discounts" :row="o" field="itemId" :choices="itemChoices" />
          <RowField collection="discounts" :row="o" field="usedOn" kind="date" />
          <RowCheck collection="discounts" :row="o" field="oneUse" />
          <RowCheck collection="discounts" :row="o" field="thirdParty" />
          <ElButton
            link
            :aria-label="t('removeName', { name: o.name })"
            @click="store.remove('discounts', o.id)"
          >
            {{ t('remove2') }}
          </ElButton>
        </div>
        <ElButton link @click="addOffer">{{ t('addACoupon') }}</ElButton>
      </section>
      <p v-else class="second">
        {{ t('noSupplierYetASupplier') }}
      </p>
    </div>
    <template #panel>
      <h2>{{ t('ordersAsTheyWouldBe') }}</h2>
      <article v-for="b in baskets" :key="b.supplierId ?? 'none'">
        <p>
          <b>{{ nameOf(b.supplierId) }}</b>
        </p>
        <ul class="second">
          <li>
            {{
              t('linesLines2GoodsGoodsMinor', {
                lines: b.lines.length,
                lines2: b.lines.length === 1 ? 'line' : 'lines',
                goodsMinor: money(b.goodsMinor),
              })
            }}
          </li>
          <li v-if="b.offer">{{ b.offer.name }}: − {{ money(b.offer.offMinor) }}</li>
          <li v-if="b.bandMinor > 0">
            {{ t('deliveryOfTheOrderBandMinor', { bandMinor: money(b.bandMinor) }) }}
          </li>
          <li v-if="b.shortMinor > 0">
            {{ t('shortMinorShortOfTheLeast', { shortMinor: money(b.shortMinor) }) }}
          </li>
          <li v-if="b.nextBand">
            {{
              t('missingMinorMoreSavesSavesMinorOf', {
                missingMinor: money(b.nextBand.missingMinor),
                savesMinor: money(b.nextBand.savesMinor),
              })
            }}
          </li>
          <li>{{ t('landedLandedMinor', { landedMinor: money(b.landedMinor) }) }}</li>
        </ul>
        <QuoteAsk :basket="b" />
      </article>
      <p v-if="baskets.length === 0" class="second">{{ t('nothingIsChosenThatIs') }}</p>
      <p class="second">
        {{ t('giftCardsAndStoreCredit') }}
      </p>
    </template>
  </StagePage>
</template>

<style scoped>
.terms {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 24px;
}
nav {
  display: grid;
  align-content: start;
  gap: 2px;
}
.name.name.name.name {
  padding: 6px 8px;
}
.name[aria-pressed='true'] {
  background: var(--paper);
  box-shadow: inset 4px 0 var(--ink);
  font-weight: 600;
}
.supplier {
  display: grid;
  gap: 10px;
  align-content: start;
}
.fields {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) repeat(3, minmax(0, 1fr));
  gap: 6px 12px;
  align-items: end;
}
.fields .long {
  grid-column: span 4;
}
.fields.offer {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  background: var(--paper);
  padding: 8px 12px;
}
@media (width < 760px) {
  .terms {
    grid-template-columns: minmax(0, 1fr);
  }
  .fields,
  .fields.offer {
    grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  }
  .fields .long {
    grid-column: 1 / -1;
  }
}
</style>
