<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { voucherLeft } from '@bonitas/core/job/deriveLedger'
import { estimatesLeft } from '@bonitas/core/job/documentSide'
import { placesOf } from '@bonitas/core/job/ledgerTables'
import { sumRows } from '@bonitas/core/stages/ledger/budgetPosition'
import { GROUPINGS, standing, type Grouping } from '@bonitas/core/stages/ledger/standing'
import { moneyColumnText } from '@bonitas/core/kernel/money/moneyText'
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

/** Where the money stands: by category, supplier, place or save and splurge; over time; and what comes next. */
const store = useJobStore()
const { money } = useLocale()
const { act, acts, said, panel, begin, close, done } = useActs()
const job = computed(() => store.snapshot)
const position = computed(() => store.derived?.position)
const by = ref<Grouping>('category')
const column = (minor: number) =>
  moneyColumnText(minor, job.value?.studio.currency ?? 'EUR', job.value?.studio.locale)
const signed = (minor: number) => (minor > 0 ? `+${column(minor)}` : column(minor).replace('-', '−'))
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
const FIGURES = ['targetMinor', 'chosenMinor', 'orderedMinor', 'paidMinor'] as const
const estimated = computed(() =>
  job.value
    ? estimatesLeft(job.value, store.derived?.orders ?? []).reduce((sum, g) => sum + g.amountMinor, 0)
    : 0,
)
const left = computed(() => (job.value ? voucherLeft(job.value) : new Map<string, number>()))
</script>

<template>
  <StagePage v-if="job && position" title="Ledger">
    <template #head><StageTabs stage="ledger" /></template>
    <div class="by">
      <ChoiceField v-model="by" beside label="By" :choices="GROUPINGS" />
      <p class="second">
        agreed {{ money(position.agreedMinor) }} · forecast {{ money(position.forecastMinor) }} ·
        {{
          position.freeMinor >= 0
            ? `${money(position.freeMinor)} free`
            : `${money(-position.freeMinor)} over, before the reserve`
        }}<template v-if="estimated > 0"> · {{ money(estimated) }} of what is paid is an estimate</template>
      </p>
    </div>
    <table class="standing">
      <thead>
        <tr>
          <th scope="col">{{ by }}</th>
          <th v-if="by === 'category' && caps.size > 0" scope="col" class="figure">Share</th>
          <th scope="col" class="figure">Target</th>
          <th scope="col" class="figure">Chosen</th>
          <th scope="col" class="figure">Ordered</th>
          <th scope="col" class="figure">Paid</th>
          <th scope="col" class="figure">To come</th>
          <th scope="col" class="figure">Forecast</th>
          <th scope="col" class="figure">Difference</th>
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
              <i aria-hidden="true">{{ opened === r.key ? '−' : '+' }}</i>{{ r.key }}
            </ElButton>
          </th>
          <td v-if="by === 'category' && caps.size > 0" class="figure">
            {{ r.agreedMinor === undefined ? '' : column(r.agreedMinor) }}
          </td>
          <td v-for="f in FIGURES" :key="f" class="figure">{{ column(r[f]) }}</td>
          <td class="figure">{{ column(r.toComeMinor) }}</td>
          <td class="figure">{{ column(r.forecastMinor) }}</td>
          <td class="figure" :title="r.differenceMinor < 0 ? 'dearer than its target' : 'under its target'">
            {{ signed(r.differenceMinor) }}
          </td>
        </tr>
        <template v-if="opened === r.key">
          <tr v-for="i in r.items" :key="i.itemId" class="item">
            <th scope="row">{{ i.name }}</th>
            <td v-if="by === 'category' && caps.size > 0"></td>
            <td v-for="f in FIGURES" :key="f" class="figure">{{ column(i[f]) }}</td>
            <td class="figure">{{ column(i.forecastMinor - i.paidMinor) }}</td>
            <td class="figure">{{ column(i.forecastMinor) }}</td>
            <td class="figure">{{ signed(i.differenceMinor) }}</td>
          </tr>
        </template>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">all</th>
          <td v-if="by === 'category' && caps.size > 0"></td>
          <td v-for="f in FIGURES" :key="f" class="figure">{{ column(totals[f]) }}</td>
          <td class="figure">{{ column(totals.forecastMinor - totals.paidMinor) }}</td>
          <td class="figure">{{ column(totals.forecastMinor) }}</td>
          <td class="figure">{{ signed(totals.differenceMinor) }}</td>
        </tr>
      </tfoot>
    </table>

    <section class="part" aria-label="Over time">
      <h2>Used up over time</h2>
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
