<script setup lang="ts">
import { computed, ref } from 'vue'
import { voucherLeft } from '@bonitas/core/job/deriveLedger'
import { cashOf, placesOf } from '@bonitas/core/job/ledgerTables'
import { sumRows } from '@bonitas/core/ledger/budgetPosition'
import { GROUPINGS, standing, type Grouping } from '@bonitas/core/ledger/standing'
import { moneyColumnText } from '@bonitas/core/money/moneyText'
import { dayText } from '@bonitas/core/units/days'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ActPanel from './ActPanel.vue'
import BurnChart from './BurnChart.vue'
import { LEDGER_PAGES } from './ledgerTabs.js'
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
  () => new Map((job.value?.allotments ?? []).map((a) => [a.category as string, a.amountMinor])),
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
const weeks = computed(() =>
  job.value && store.derived ? cashOf(job.value, store.derived, store.day).slice(0, 10) : [],
)
const most = computed(() => Math.max(1, ...weeks.value.map((w) => w.owedMinor + w.chosenMinor + w.openMinor)))
const share = (minor: number) => `${(100 * minor) / most.value}%`
const account = computed(() => {
  const entries = job.value?.entries ?? []
  const sum = (kind: string) => entries.reduce((s, e) => (e.kind === kind ? s + e.amountMinor : s), 0)
  const [received, fee, spent] = [
    sum('client payment'),
    sum('fee'),
    (position.value?.paidMinor ?? 0) - (position.value?.creditMinor ?? 0),
  ]
  return { received, fee, spent, inHand: received - fee - spent }
})
const left = computed(() => (job.value ? voucherLeft(job.value) : new Map<string, number>()))
</script>

<template>
  <StagePage v-if="job && position" title="Ledger">
    <template #head><StageTabs stage="ledger" :pages="LEDGER_PAGES" /></template>
    <div class="by">
      <label for="by">By</label>
      <select id="by" v-model="by">
        <option v-for="g in GROUPINGS" :key="g">{{ g }}</option>
      </select>
      <p class="second">
        agreed {{ money(position.agreedMinor) }} · forecast {{ money(position.forecastMinor) }} ·
        {{
          position.freeMinor >= 0
            ? `${money(position.freeMinor)} free`
            : `${money(-position.freeMinor)} over, before the reserve`
        }}
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
            <button
              class="trace"
              :aria-expanded="opened === r.key"
              @click="opened = opened === r.key ? undefined : r.key"
            >
              {{ r.key }}
            </button>
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
      <section>
        <h2>Cash needed by week</h2>
        <p v-if="weeks.length === 0" class="second">Nothing is to be paid.</p>
        <table v-else class="weeks">
          <thead>
            <tr>
              <th scope="col">Week of</th>
              <th scope="col" class="bar-head">
                <span class="key owed"></span>owed <span class="key chosen"></span>chosen
                <span class="key open"></span>open
              </th>
              <th scope="col" class="figure">{{ job.studio.currency }}</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="w in weeks"
              :key="w.week"
              :title="w.dues.map((d) => `${d.what}: ${money(d.amountMinor)}`).join('\n')"
            >
              <th scope="row">{{ dayText(w.week, store.day) }}</th>
              <td class="bar">
                <i class="owed" :style="{ width: share(w.owedMinor) }"></i
                ><i class="chosen" :style="{ width: share(w.chosenMinor) }"></i
                ><i class="open" :style="{ width: share(w.openMinor) }"></i>
              </td>
              <td class="figure">
                {{
                  w.owedMinor + w.chosenMinor + w.openMinor > 0
                    ? money(w.owedMinor + w.chosenMinor + w.openMinor)
                    : '—'
                }}
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="account">
        <h2>Account with the client</h2>
        <dl>
          <dt>Received</dt>
          <dd>{{ money(account.received) }}</dd>
          <dt>Fee charged</dt>
          <dd>{{ money(account.fee) }}</dd>
          <dt>Spent on purchases</dt>
          <dd>{{ money(account.spent) }}</dd>
          <dt>
            <b>{{ account.inHand >= 0 ? 'In hand' : 'Laid out by the studio' }}</b>
          </dt>
          <dd>
            <b>{{ money(Math.abs(account.inHand)) }}</b>
          </dd>
        </dl>
        <button class="button" @click="begin(acts.account('client payment'))">Received</button>
        <button class="button" @click="begin(acts.account('fee'))">Fee charged</button>
      </section>
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
.by select {
  width: 150px;
  flex: none;
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
.trace {
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  text-align: left;
}
.trace::before {
  content: '+' / '';
  display: inline-block;
  width: 14px;
  color: var(--ink-2);
}
.trace[aria-expanded='true']::before {
  content: '−' / '';
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
.weeks th {
  font-weight: 400;
  font-size: 13px;
  white-space: nowrap;
}
.bar-head {
  width: 100%;
}
.bar {
  padding: 3px 8px;
  white-space: nowrap;
}
.bar i,
.key {
  display: inline-block;
  height: 12px;
  box-sizing: border-box;
  vertical-align: middle;
}
.key {
  width: 12px;
  margin: 0 3px 0 6px;
}
.owed:is(i, .key) {
  background: repeating-linear-gradient(135deg, var(--ink) 0 2px, var(--paper) 2px 5px);
  border: 1px solid var(--ink);
}
.chosen:is(i, .key) {
  background: #bdbdbd;
  border: 1px solid var(--ink-2);
}
.open:is(i, .key) {
  background: var(--paper);
  border: 1px dotted var(--ink-2);
}
.bar i[style*='width: 0%'] {
  display: none;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 12px;
  margin: 4px 0 10px;
}
dd {
  margin: 0;
  text-align: right;
}
.account .button + .button {
  margin-left: 8px;
}
</style>
