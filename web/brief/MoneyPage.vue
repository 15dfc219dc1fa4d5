<script setup lang="ts">
import { computed } from 'vue'
import { FEE_KINDS } from '@bonitas/core/model/vocabulary/budget'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import ChangeHistory from '../job/ChangeHistory.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import BudgetSplit from './BudgetSplit.vue'
import ChangeOrderForm from './ChangeOrderForm.vue'
import TwoDepths from './TwoDepths.vue'
import { t } from './words.js'

const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const position = computed(() => store.derived?.position)
const bound = computed(
  () =>
    job.value !== undefined &&
    (job.value.brief.agreedOn !== null || job.value.orders.length + job.value.changeOrders.length > 0),
)
</script>

<template>
  <StagePage v-if="job && position" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <div class="money">
      <section>
        <h2>{{ t('agreedBudget') }}</h2>
        <div class="grid">
          <RowField
            v-if="!bound"
            collection="brief"
            :row="job.brief"
            field="agreedMinor"
            kind="money"
            figure
            :hint="t('freeToChangeUntilIt')"
          />
          <div v-else class="row-field">
            <span class="second">{{ t('agreedBudgetNow') }}</span>
            <p class="big figure">{{ money(position.agreedMinor) }}</p>
          </div>
          <RowField
            collection="brief"
            :row="job.brief"
            field="agreedOn"
            kind="date"
            :hint="bound ? t('fromHereItMovesBy') : t('theDayClientAndDecorator')"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="reservePpm"
            kind="percent"
            :label="t('reserve')"
            figure
            :hint="t('reserveMinorHeldBack', { reserveMinor: money(position.reserveMinor) })"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="taxPpm"
            kind="percent"
            :label="t('taxRate')"
            figure
          />
          <RowCheck
            class="full"
            collection="brief"
            :row="job.brief"
            field="pricesIncludeTax"
            :label="t('pricesAreEnteredWithTax')"
            :hint="job.brief.pricesIncludeTax ? t('landedPricesShowTheTax') : t('taxIsAddedToEvery')"
          />
        </div>
      </section>
      <section>
        <h2>{{ t('theDecoratorsFee') }}</h2>
        <div class="grid">
          <RowChoice collection="brief" :row="job.brief" field="feeKind" :choices="FEE_KINDS" />
          <RowField
            v-if="job.brief.feeKind === 'fixed' || job.brief.feeKind === 'hourly'"
            collection="brief"
            :row="job.brief"
            field="feeMinor"
            kind="money"
            :label="job.brief.feeKind === 'hourly' ? t('anHour') : t('fee')"
            figure
          />
          <RowField
            v-if="job.brief.feeKind === 'hourly'"
            collection="brief"
            :row="job.brief"
            field="feeHours"
            kind="whole"
            figure
          />
          <RowField
            v-if="job.brief.feeKind === 'percent of cost'"
            collection="brief"
            :row="job.brief"
            field="feePpm"
            kind="percent"
            :label="t('percentOfWhatTheGoods')"
            figure
          />
          <RowCheck
            v-if="job.brief.feeKind !== 'none'"
            class="full"
            collection="brief"
            :row="job.brief"
            field="feeInside"
            :label="t('theFeeComesOutOf')"
            :hint="`${money(position.feeMinor)} today, ${job.brief.feeInside ? t('notFreeToSpend') : t('paidBesideTheBudget')}`"
          />
        </div>
      </section>
      <section class="broad">
        <h2>{{ t('changeOrders') }}</h2>
        <p v-if="!bound" class="second">
          {{ t('onceTheBudgetIsAgreed') }}
        </p>
        <template v-else>
          <ChangeHistory v-if="job.changeOrders.length > 0" />
          <ChangeOrderForm />
        </template>
      </section>
      <BudgetSplit class="broad" />
      <TwoDepths class="broad" />
    </div>
    <template #panel>
      <FindingsPanel stage="brief" page="money" :quiet="t('theBriefRaisesNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
.money {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px 34px;
}
.money > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.broad {
  grid-column: 1 / -1;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  margin-top: 8px;
}
.full {
  grid-column: 1 / -1;
}
.big {
  font-size: 22px;
  font-weight: 600;
  line-height: 1.3;
}
@media (width < 760px) {
  .money {
    grid-template-columns: 1fr;
  }
}
</style>
