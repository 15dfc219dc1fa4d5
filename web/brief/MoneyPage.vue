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
  <StagePage v-if="job && position" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <div class="money">
      <section>
        <h2>Agreed budget</h2>
        <div class="grid">
          <RowField
            v-if="!bound"
            collection="brief"
            :row="job.brief"
            field="agreedMinor"
            kind="money"
            figure
            hint="free to change until it is agreed"
          />
          <div v-else class="row-field">
            <span class="second">Agreed budget now</span>
            <p class="big figure">{{ money(position.agreedMinor) }}</p>
          </div>
          <RowField
            collection="brief"
            :row="job.brief"
            field="agreedOn"
            kind="date"
            :hint="bound ? 'from here it moves by change order' : 'the day client and decorator agreed'"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="reservePpm"
            kind="percent"
            label="Reserve, %"
            figure
            :hint="`${money(position.reserveMinor)} held back`"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="taxPpm"
            kind="percent"
            label="Tax rate, %"
            figure
          />
          <RowCheck
            class="full"
            collection="brief"
            :row="job.brief"
            field="pricesIncludeTax"
            label="Prices are entered with tax in them"
            :hint="
              job.brief.pricesIncludeTax
                ? 'landed prices show the tax inside'
                : 'tax is added to every landed price'
            "
          />
        </div>
      </section>
      <section>
        <h2>The decorator’s fee</h2>
        <div class="grid">
          <RowChoice collection="brief" :row="job.brief" field="feeKind" :choices="FEE_KINDS" />
          <RowField
            v-if="job.brief.feeKind === 'fixed' || job.brief.feeKind === 'hourly'"
            collection="brief"
            :row="job.brief"
            field="feeMinor"
            kind="money"
            :label="job.brief.feeKind === 'hourly' ? 'An hour' : 'Fee'"
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
            label="Percent of what the goods come to"
            figure
          />
          <RowCheck
            v-if="job.brief.feeKind !== 'none'"
            class="full"
            collection="brief"
            :row="job.brief"
            field="feeInside"
            label="The fee comes out of the budget"
            :hint="`${money(position.feeMinor)} today, ${job.brief.feeInside ? 'not free to spend' : 'paid beside the budget'}`"
          />
        </div>
      </section>
      <section class="broad">
        <h2>Change orders</h2>
        <p v-if="!bound" class="second">
          Once the budget is agreed it moves by change orders only: how much, who agreed, when and why. They
          are never altered; a wrong one is corrected by another.
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
      <FindingsPanel stage="brief" quiet="The brief raises no question." />
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
