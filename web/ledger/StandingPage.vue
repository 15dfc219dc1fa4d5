<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { voucherLeft } from '@bonitas/core/job/deriveLedger'
import { estimatesLeft } from '@bonitas/core/job/documentSide'
import { placesOf } from '@bonitas/core/job/ledgerTables'
import { sumRows } from '@bonitas/core/stages/ledger/budgetPosition'
import { GROUPINGS, standing, type Grouping } from '@bonitas/core/stages/ledger/standing'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ActPanel from './ActPanel.vue'
import BurnChart from './BurnChart.vue'
import CashWeeks from './CashWeeks.vue'
import ClientAccount from './ClientAccount.vue'
import { useActs } from './useActs.js'
import VoucherList from './VoucherList.vue'
import { t } from './words.js'
import { term } from '../words/term.js'

/** Where the money stands: by category, supplier, place or save and splurge; over time; and what comes next. */
const store = useJobStore()
const { money, says } = useLocale()
const { act, acts, said, panel, begin, close, done } = useActs()
const job = computed(() => store.snapshot)
const position = computed(() => store.derived?.position)
const by = ref<Grouping>('category')
/** Names of suppliers and places are the studio’s own; the others are words of the program. */
const nameOf = (key: string) => (by.value === 'supplier' || by.value === 'place' ? key : term(key))
const caps = computed(
  () => new Map((job.value?.budgetShares ?? []).map((a) => [a.category as string, a.amountMinor])),
)
const rows = computed(() => {
  const [j, d] = [job.value, store.derived]
  if (!j || !d) return []
  return standing(
    d.position.categories.flatMap((c) => c.items),
    placesOf(j, d),
    by.value,
    caps.value,
  )
})
const totals = computed(() => sumRows(rows.value))
const opened = ref<string>()
/** Where no sum has a fraction, none is written: columns of forints or yen stay as narrow as they can be. */
const whole = computed(() => {
  const unit = 10 ** currencyDigits(job.value?.studio.currency ?? 'EUR')
  return rows.value.every((r) =>
    [r, ...r.items].every((x) => Object.values(x).every((v) => typeof v !== 'number' || v % unit === 0)),
  )
})
const figure = (minor: number) => says.value.moneyFigures(minor, whole.value)
const signed = (minor: number) => (minor > 0 ? `+${figure(minor)}` : figure(minor).replace('-', '−'))
const FIGURES = ['targetMinor', 'chosenMinor', 'orderedMinor', 'paidMinor'] as const
const estimated = computed(() =>
  job.value
    ? estimatesLeft(job.value, store.derived?.orders ?? []).reduce((sum, g) => sum + g.amountMinor, 0)
    : 0,
)
const left = computed(() => (job.value ? voucherLeft(job.value) : new Map<string, number>()))
</script>

<template>
  <StagePage v-if="job && position" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <div class="by">
      <ChoiceField v-model="by" beside :label="t('groupedBy')" :choices="GROUPINGS" />
      <p class="second">
        {{
          t('agreedAgreedMinorForecastForecastMinorFreeMinor', {
            agreedMinor: money(position.agreedMinor),
            forecastMinor: money(position.forecastMinor),
            freeMinor:
              position.freeMinor >= 0
                ? t('freeAmount', { amount: money(position.freeMinor) })
                : t('freeMinorOverBeforeTheReserve', { freeMinor: money(-position.freeMinor) }),
          })
        }}<template v-if="estimated > 0">
          {{ t('estimatedOfWhatIsPaid', { estimated: money(estimated) }) }}</template
        >
      </p>
    </div>
    <table class="standing">
      <thead>
        <tr>
          <th scope="col">
            {{ term(by) }} <span class="second">{{ t('inCurrency', { currency: says.currency }) }}</span>
          </th>
          <th v-if="by === 'category' && caps.size > 0" scope="col" class="figure">{{ t('share') }}</th>
          <th scope="col" class="figure">{{ t('target') }}</th>
          <th scope="col" class="figure">{{ t('chosen2') }}</th>
          <th scope="col" class="figure">{{ t('ordered') }}</th>
          <th scope="col" class="figure">{{ t('paid') }}</th>
          <th scope="col" class="figure">{{ t('toCome2') }}</th>
          <th scope="col" class="figure">{{ t('forecast') }}</th>
          <th scope="col" class="figure">{{ t('difference') }}</th>
        </tr>
      </thead>
      <tbody v-for="r in rows" :key="r.key">
        <tr>
          <th scope="row">
            <ElButton
              class="is-line trace"
              :aria-expanded="opened === r.key"
              @click="opened = opened === r.key ? undefined : r.key"
            >
              <i aria-hidden="true">{{ opened === r.key ? '−' : '+' }}</i>{{ nameOf(r.key) }}
            </ElButton>
          </th>
          <td v-if="by === 'category' && caps.size > 0" class="figure">
            {{ r.agreedMinor === undefined ? '' : figure(r.agreedMinor) }}
          </td>
          <td v-for="f in FIGURES" :key="f" class="figure">{{ figure(r[f]) }}</td>
          <td class="figure">{{ figure(r.toComeMinor) }}</td>
          <td class="figure">{{ figure(r.forecastMinor) }}</td>
          <td class="figure" :title="r.differenceMinor < 0 ? t('dearerThanItsTarget') : t('underItsTarget')">
            {{ signed(r.differenceMinor) }}
          </td>
        </tr>
        <template v-if="opened === r.key">
          <tr v-for="i in r.items" :key="i.itemId" class="item">
            <th scope="row">{{ i.name }}</th>
            <td v-if="by === 'category' && caps.size > 0"></td>
            <td v-for="f in FIGURES" :key="f" class="figure">{{ figure(i[f]) }}</td>
            <td class="figure">{{ figure(i.forecastMinor - i.paidMinor) }}</td>
            <td class="figure">{{ figure(i.forecastMinor) }}</td>
            <td class="figure">{{ signed(i.differenceMinor) }}</td>
          </tr>
        </template>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{{ t('all') }}</th>
          <td v-if="by === 'category' && caps.size > 0"></td>
          <td v-for="f in FIGURES" :key="f" class="figure">{{ figure(totals[f]) }}</td>
          <td class="figure">{{ figure(totals.forecastMinor - totals.paidMinor) }}</td>
          <td class="figure">{{ figure(totals.forecastMinor) }}</td>
          <td class="figure">{{ signed(totals.differenceMinor) }}</td>
        </tr>
      </tfoot>
    </table>

    <section class="part" :aria-label="t('overTime')">
      <h2>{{ t('usedUpOverTime') }}</h2>
      <BurnChart />
    </section>

    <template #panel>
      <div ref="panel" class="acting"><ActPanel :act="act" :said="said" @done="done" @close="close" /></div>
      <CashWeeks />
      <ClientAccount :acts="acts" @begin="begin" />
      <VoucherList :left="left" />
    </template>
  </StagePage>
</template>

<style scoped>
.by {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-bottom: 6px;
}
.part {
  margin-top: 18px;
}
.standing th[scope='col']:first-child {
  text-transform: capitalize;
}
tbody th,
tfoot th {
  color: var(--ink);
  border-bottom: 1px solid var(--rule);
  font-size: 14px;
  padding: 3px 8px 3px 0;
}
td {
  padding: 3px 0 3px 8px;
  vertical-align: middle;
}
tfoot th,
tfoot td {
  border-bottom: 0;
  border-top: 1px solid var(--ink);
  font-weight: 650;
}
.trace i {
  display: inline-block;
  width: 14px;
  font-style: normal;
  color: var(--ink-2);
}
.item > * {
  font-size: 13px;
  color: var(--ink-2);
  border-bottom-color: transparent;
  padding-top: 0;
}
.item th {
  padding-left: 14px;
}
</style>
