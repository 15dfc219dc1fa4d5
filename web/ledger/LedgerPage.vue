<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { DerivedOrder } from '@bonitas/core/job/deriveLedger'
import type { DerivedLine } from '@bonitas/core/job/deriveLedger'
import { sumRows } from '@bonitas/core/ledger/budgetPosition'
import { moneyColumnText, moneyText } from '@bonitas/core/money/moneyText'
import { dayText } from '@bonitas/core/units/days'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import type { Act } from './act.js'
import ActForm from './ActForm.vue'
import { ledgerActs } from './ledgerActs.js'
import { eventRows, kindWord, lineWords, orderable, type EventRow, type OrderGroup } from './ledgerView.js'

const store = useJobStore()
const job = computed(() => store.snapshot)
const position = computed(() => store.derived?.position)
const groups = computed(() => (job.value && store.derived ? orderable(job.value, store.derived) : []))
const events = computed(() => (job.value ? eventRows(job.value) : []))
const shown = ref(60)
const act = ref<Act>()
const panel = ref<HTMLElement>()
const said = ref('')
const unticked = ref<ReadonlySet<string>>(new Set())
useStageKeys([['Esc in a form', 'Close it; nothing is entered']])

const money = (minor: number) =>
  moneyText(minor, job.value?.studio.currency ?? 'EUR', job.value?.studio.locale)
const column = (minor: number) =>
  moneyColumnText(minor, job.value?.studio.currency ?? 'EUR', job.value?.studio.locale)
const day = (iso: string) => dayText(iso, store.day)
const signed = (minor: number) => (minor > 0 ? `+${column(minor)}` : column(minor).replace('-', '−'))

const totals = computed(() => sumRows(position.value?.categories ?? []))
const openCategory = ref<string>()
const FIGURES = ['targetMinor', 'chosenMinor', 'orderedMinor', 'paidMinor', 'forecastMinor'] as const

let opener: HTMLElement | null = null
function begin(next: Act): void {
  opener = document.activeElement as HTMLElement | null
  said.value = ''
  act.value = next
  void nextTick(() => panel.value?.scrollIntoView({ block: 'nearest' }))
}
function close(): void {
  act.value = undefined
  void nextTick(() => opener?.focus())
}
function done(): void {
  said.value = `${act.value?.title ?? ''}: entered.`
  close()
}

function tick(id: string, on: boolean): void {
  const next = new Set(unticked.value)
  if (on) next.delete(id)
  else next.add(id)
  unticked.value = next
}

const acts = computed(() => ledgerActs({ money, today: store.day }))
const order = (group: OrderGroup) => begin(acts.value.order(group, group.items.filter((i) => !unticked.value.has(i.id)))) // prettier-ignore
const pay = (o: DerivedOrder) => begin(acts.value.pay(o))
const deliver = (o: DerivedOrder) => begin(acts.value.deliver(o))
const sendBack = (l: DerivedLine) => begin(acts.value.sendBack(l))
const refund = (l: DerivedLine) => begin(acts.value.refund(l))
const cancel = (l: DerivedLine) => begin(acts.value.cancel(l))
const reverse = (e: EventRow) => begin(acts.value.reverse(e))
</script>

<template>
  <StagePage
    v-if="job && position && store.derived"
    title="Ledger"
    :says="
      position.dueBackMinor > 0
        ? `${money(position.dueBackMinor)} is promised back and counts as paid until it arrives`
        : 'what was ordered, paid, delivered and sent back'
    "
  >
    <table class="categories">
      <thead>
        <tr>
          <th scope="col">Category, {{ job.studio.currency }}</th>
          <th scope="col" class="figure">Target</th>
          <th scope="col" class="figure">Chosen</th>
          <th scope="col" class="figure">Ordered</th>
          <th scope="col" class="figure">Paid</th>
          <th scope="col" class="figure">Forecast</th>
          <th scope="col" class="figure">Difference</th>
        </tr>
      </thead>
      <tbody v-for="c in position.categories" :key="c.category">
        <tr>
          <th scope="row">
            <button
              class="trace"
              :aria-expanded="openCategory === c.category"
              @click="openCategory = openCategory === c.category ? undefined : c.category"
            >
              {{ c.category }}
            </button>
          </th>
          <td v-for="f in FIGURES" :key="f" class="figure">{{ column(c[f]) }}</td>
          <td class="figure" :title="c.differenceMinor < 0 ? 'dearer than its target' : 'under its target'">
            {{ signed(c.differenceMinor) }}
          </td>
        </tr>
        <template v-if="openCategory === c.category">
          <tr v-for="i in c.items" :key="i.itemId" class="item">
            <th scope="row">{{ i.name }}</th>
            <td v-for="f in FIGURES" :key="f" class="figure">{{ column(i[f]) }}</td>
            <td class="figure">{{ signed(i.differenceMinor) }}</td>
          </tr>
        </template>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">all</th>
          <td v-for="f in FIGURES" :key="f" class="figure">{{ column(totals[f]) }}</td>
          <td class="figure">{{ signed(totals.differenceMinor) }}</td>
        </tr>
      </tfoot>
    </table>

    <section class="part" aria-label="Orders">
      <h2>Orders</h2>
      <p v-if="store.derived.orders.length === 0 && groups.length === 0" class="teach second">
        An order takes the options chosen in Source, from one supplier, at the landed price of the day. Choose
        an option there, and it can be ordered here.
      </p>
      <table v-if="store.derived.orders.length > 0">
        <tbody v-for="o in store.derived.orders" :key="o.order.id">
          <tr class="order">
            <th scope="rowgroup" colspan="2">
              <b>{{ o.order.number }} · {{ o.order.supplierName || 'no supplier named' }}</b>
              <span class="second"
                >{{ day(o.order.placedOn)
                }}{{ o.order.expectedOn ? `, expected ${day(o.order.expectedOn)}` : ''
                }}{{ o.order.note ? ` · ${o.order.note}` : '' }}</span
              >
            </th>
            <td class="figure">{{ column(o.amountMinor) }}</td>
            <td class="figure owed">
              {{
                o.outstandingMinor > 0
                  ? `${column(o.outstandingMinor)} owed`
                  : o.dueBackMinor > 0
                    ? `${column(o.dueBackMinor)} due back`
                    : 'settled'
              }}
            </td>
            <td class="acts">
              <button
                v-if="o.outstandingMinor > 0"
                class="word"
                :aria-label="`Pay order ${o.order.number}`"
                @click="pay(o)"
              >
                Pay
              </button>
              <button
                v-if="o.lines.some((l) => l.state.toComeQuantity > 0)"
                class="word"
                :aria-label="`Delivered, order ${o.order.number}`"
                @click="deliver(o)"
              >
                Delivered
              </button>
            </td>
          </tr>
          <tr v-for="l in o.lines" :key="l.line.id">
            <td>
              {{ l.line.itemName }}<template v-if="l.line.quantity > 1"> × {{ l.line.quantity }}</template>
              <span class="second">{{ l.line.optionName }}</span>
            </td>
            <td class="second">{{ lineWords(l, day) }}</td>
            <td class="figure">{{ column(l.state.dueMinor) }}</td>
            <td class="figure owed second">
              {{ l.state.dueBackMinor > 0 ? `${column(l.state.dueBackMinor)} due back` : '' }}
            </td>
            <td class="acts">
              <button
                v-if="l.state.hereQuantity > 0"
                class="word"
                :aria-label="`Send back ${l.line.itemName}`"
                @click="sendBack(l)"
              >
                Send back
              </button>
              <button
                v-if="l.state.dueBackMinor > 0"
                class="word"
                :aria-label="`Refund for ${l.line.itemName}`"
                @click="refund(l)"
              >
                Refund
              </button>
              <button
                v-if="l.state.toComeQuantity > 0"
                class="word"
                :aria-label="`Cancel ${l.line.itemName}`"
                @click="cancel(l)"
              >
                Cancel
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </section>

    <section class="part" aria-label="Running list">
      <h2>Running list</h2>
      <table v-if="events.length > 0">
        <thead>
          <tr>
            <th scope="col">Date</th>
            <th scope="col">What</th>
            <th scope="col">By</th>
            <th scope="col" class="figure">Amount</th>
            <th scope="col" class="figure">Paid so far</th>
            <th scope="col"><span class="said-once">Take back</span></th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="e in events.slice(0, shown)"
            :key="e.eventId"
            :class="{ gone: e.reversed, reversal: e.isReversal }"
          >
            <td class="date">{{ day(e.on) }}</td>
            <td>
              <template v-if="e.isReversal">Taken back: </template>{{ kindWord(e.kind) }} <b>{{ e.what }}</b>
              <span class="second">{{ e.note }}</span>
            </td>
            <td class="second">{{ [e.memberName, e.means].filter(Boolean).join(', ') }}</td>
            <td class="figure">{{ e.kind === 'delivery' ? '' : column(e.amountMinor) }}</td>
            <td class="figure">
              {{ e.kind === 'payment' || e.kind === 'refund' ? column(e.paidAfterMinor) : '' }}
            </td>
            <td class="acts">
              <button
                v-if="!e.reversed && !e.isReversal"
                class="word"
                :aria-label="`Take back: ${kindWord(e.kind)} ${e.what}`"
                @click="reverse(e)"
              >
                Take back
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <button v-if="events.length > shown" class="word" @click="shown += 500">
        Show {{ Math.min(500, events.length - shown) }} earlier of {{ events.length }}
      </button>
      <p v-if="events.length === 0" class="second">
        Nothing has been ordered or paid. What is entered here is never changed: a mistake is taken back by a
        second entry.
      </p>
    </section>

    <template #panel>
      <div v-if="act || said" ref="panel">
        <ActForm v-if="act" :act="act" @done="done" @close="close" />
        <p v-else-if="said" role="status" class="said">{{ said }}</p>
      </div>
      <FindingsPanel stage="ledger" quiet="Nothing is late, over or about to lapse." />
      <section v-for="g in groups" :key="String(g.supplierId)" class="group">
        <h2>To order: {{ g.name }}</h2>
        <label v-for="i in g.items" :key="i.id">
          <input
            type="checkbox"
            :checked="!unticked.has(i.id)"
            @change="tick(i.id, ($event.target as HTMLInputElement).checked)"
          />
          <span
            >{{ i.name }} <span class="second">{{ i.option }}</span></span
          >
          <b>{{ money(i.amountMinor) }}</b>
        </label>
        <button class="button" :disabled="g.items.every((i) => unticked.has(i.id))" @click="order(g)">
          Order
        </button>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.part {
  margin-top: 20px;
}
.group {
  border-bottom: 1px solid var(--rule);
  padding-bottom: 12px;
  display: grid;
  gap: 5px;
  justify-items: start;
}
.group label {
  display: grid;
  grid-template-columns: 16px 1fr auto;
  gap: 8px;
  width: 100%;
  align-items: start;
}
.group input {
  margin-top: 2px;
}
tbody th,
tfoot th {
  color: var(--ink);
  border-bottom: 1px solid var(--rule);
  font-size: 14px;
  padding: 3px 8px 3px 0;
}
td {
  padding: 3px 8px 3px 0;
}
tfoot th,
tfoot td {
  border-bottom: 0;
  border-top: 1px solid var(--ink);
  font-weight: 650;
}
.categories td,
.categories tbody th {
  vertical-align: middle;
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
.categories tbody:last-of-type tr:last-child > * {
  border-bottom: 0;
}
.order > * {
  border-bottom-color: var(--rule-2);
  padding-top: 7px;
}
.owed {
  min-width: 118px;
}
.acts {
  text-align: right;
  padding: 1px 0 1px 12px;
  white-space: nowrap;
}
.acts .word {
  margin-left: 10px;
  font-size: 13px;
}
.date {
  white-space: nowrap;
}
.gone td {
  text-decoration: line-through;
  color: var(--ink-2);
}
.said {
  background: var(--paper);
  border-left: 4px solid var(--ink);
  padding: 8px 12px;
}
.teach {
  max-width: 60ch;
}
</style>
