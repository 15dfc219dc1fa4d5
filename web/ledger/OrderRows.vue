<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { DerivedLine, DerivedOrder } from '@bonitas/core/job/deriveLedger'
import { LINE_EVENTS } from '@bonitas/core/model/vocabulary/ledger'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'
import type { ledgerActs } from './ledgerActs.js'
import { lineWords, optionsOf } from './ledgerView.js'
import OrderUpdates from './OrderUpdates.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'
import { term } from '../words/term.js'

/** One order: its head with what is owed and heard, and its lines with what can be done about each. */
const props = defineProps<{ order: DerivedOrder; acts: ReturnType<typeof ledgerActs> }>()
const emit = defineEmits<{ begin: [act: Act] }>()
const store = useJobStore()
const { column, day } = useLocale()
const o = computed(() => props.order)
const opened = ref('')
/** Its supplier keeps a book that can be asked, and something on it has the supplier's number. */
const reachable = computed(() => {
  const supplier = store.snapshot?.suppliers.find((s) => s.id === o.value.order.supplierId)
  if (!supplier?.catalog) return false
  const ids = new Set(o.value.lines.map((l) => l.line.optionId))
  return (store.snapshot?.options ?? []).some((x) => ids.has(x.id) && x.catalogKey !== '')
})
const begin = (act: Act) => emit('begin', act)
const head = computed(() =>
  [
    day(o.value.order.placedOn),
    o.value.expectedOn ? t('expectedDay', { day: day(o.value.expectedOn) }) : '',
    o.value.order.depositMinor > 0 ? t('depositOf', { amount: column(o.value.order.depositMinor) }) : '',
    o.value.order.note,
  ]
    .filter(Boolean)
    .join(' · '),
)
/** The last that was heard of it; the number of the update it came from is not for the eye. */
const heard = computed(() => {
  const last = o.value.events.filter((e) => !LINE_EVENTS.includes(e.kind)).at(-1)
  return last && `${term(last.kind)} ${day(last.on)}${last.note ? `: ${last.note}` : ''}`
})
const owed = computed(() =>
  o.value.outstandingMinor > 0
    ? t('amountOwed', { amount: column(o.value.outstandingMinor) })
    : o.value.dueBackMinor > 0
      ? t('dueBackMinorDueBack', { dueBackMinor: column(o.value.dueBackMinor) })
      : t('settled'),
)
/** What is seldom done stands behind “More”. */
function seldom(l: DerivedLine): { word: string; act: Act }[] {
  const { acts } = props
  return [
    ...(l.state.toComeQuantity > 1 ? [{ word: t('partDelivered'), act: acts.part(o.value, l) }] : []),
    ...(l.state.liveQuantity > 0 && !l.given
      ? [
          {
            word: l.state.hereQuantity > 0 ? t('exchange') : t('substitute'),
            act: acts.exchange(l, optionsOf(store.derived, l)),
          },
        ]
      : []),
    ...(l.state.dueMinor > 0 ? [{ word: t('priceLowered'), act: acts.lower(l) }] : []),
    { word: t('charge'), act: acts.charge(l) },
    ...(l.state.hereQuantity > 0 && !l.damaged
      ? [{ word: t('damaged'), act: acts.decide(o.value, l, 'damaged') }]
      : []),
    ...(l.state.hereQuantity > 0 && l.decision !== 'to go back'
      ? [{ word: t('toGoBackWord'), act: acts.decide(o.value, l, 'to go back') }]
      : []),
  ]
}
</script>

<template>
  <tbody>
    <tr class="order">
      <th scope="rowgroup" colspan="2">
        <b>{{ o.order.number }} · {{ o.order.supplierName || t('noSupplierNamed') }}</b>
        <span class="second">{{ head }}</span>
        <span v-if="heard" class="second heard">{{ heard }}</span>
      </th>
      <td class="figure">{{ column(o.amountMinor) }}</td>
      <td class="figure owed">{{ owed }}</td>
      <td class="acts">
        <ElButton
          v-if="o.outstandingMinor > 0"
          link
          :aria-label="t('payOrderNumber', { number: o.order.number })"
          @click="begin(acts.pay(o))"
        >
          {{ t('pay') }}
        </ElButton>
        <ElButton
          v-if="o.lines.some((l) => l.state.toComeQuantity > 0)"
          link
          :aria-label="t('deliveredOrderNumber', { number: o.order.number })"
          @click="begin(acts.deliver(o))"
        >
          {{ t('delivered') }}
        </ElButton>
        <ElButton
          v-if="o.lines.some((l) => l.state.toComeQuantity > 0)"
          link
          :aria-label="t('heardOfOrderNumber', { number: o.order.number })"
          @click="begin(acts.hear(o))"
        >
          {{ t('heard') }}
        </ElButton>
        <ElButton
          tag="a"
          link
          :href="`/api/jobs/${store.snapshot?.brief.id ?? ''}/orders/${o.order.id}.pdf`"
          target="_blank"
          rel="noopener"
          :aria-label="t('orderNumberAsPDF', { number: o.order.number })"
          >PDF</ElButton
        >
      </td>
    </tr>
    <OrderUpdates v-if="reachable" :order="o" :acts="acts" @begin="begin" />
    <template v-for="l in o.lines" :key="l.line.id">
      <tr>
        <td>
          {{ l.line.itemName }}<template v-if="l.line.quantity > 1"> × {{ l.line.quantity }}</template>
          <span class="second">{{ l.line.optionName }}</span>
        </td>
        <td class="second">{{ lineWords(l, day) }}</td>
        <td class="figure">{{ column(l.state.dueMinor) }}</td>
        <td class="figure owed second">
          {{
            l.state.dueBackMinor > 0
              ? t('dueBackMinorDueBack', { dueBackMinor: column(l.state.dueBackMinor) })
              : ''
          }}
        </td>
        <td class="acts">
          <ElButton
            v-if="l.state.hereQuantity > 0 && l.decision !== 'kept'"
            link
            :aria-label="t('keepItemName', { itemName: l.line.itemName })"
            @click="begin(acts.decide(o, l, 'kept'))"
          >
            {{ t('keep') }}
          </ElButton>
          <ElButton
            v-if="l.state.hereQuantity > 0"
            link
            :aria-label="t('sendBackItemName', { itemName: l.line.itemName })"
            @click="begin(acts.sendBack(l))"
          >
            {{ t('sendBack') }}
          </ElButton>
          <ElButton
            v-if="l.state.dueBackMinor > 0"
            link
            :aria-label="t('refundForItemName', { itemName: l.line.itemName })"
            @click="begin(acts.refund(l))"
          >
            {{ t('refund') }}
          </ElButton>
          <ElButton
            v-if="l.state.toComeQuantity > 0"
            link
            :aria-label="t('cancelItemName', { itemName: l.line.itemName })"
            @click="begin(acts.cancel(l))"
          >
            {{ t('cancel') }}
          </ElButton>
          <ElButton
            v-if="l.state.liveQuantity > 0"
            link
            :aria-expanded="opened === l.line.id"
            :aria-label="t('moreForItemName', { itemName: l.line.itemName })"
            @click="opened = opened === l.line.id ? '' : l.line.id"
          >
            {{ t('more') }}
          </ElButton>
        </td>
      </tr>
      <tr v-if="opened === l.line.id" class="seldom">
        <td colspan="5" class="acts">
          <ElButton
            v-for="s in seldom(l)"
            :key="s.word"
            link
            :aria-label="`${s.word}: ${l.line.itemName}`"
            @click="begin(s.act)"
          >
            {{ s.word }}
          </ElButton>
        </td>
      </tr>
    </template>
  </tbody>
</template>

<style scoped>
td,
th {
  padding: 3px 8px 3px 0;
  color: var(--ink);
  font-size: 14px;
}
.order > * {
  border-bottom-color: var(--rule-2);
  padding-top: 9px;
}
.order > .acts {
  padding-top: 8px;
}
.heard {
  display: block;
}
.owed {
  min-width: 118px;
}
.acts {
  text-align: right;
  padding: 1px 0 1px 12px;
  white-space: nowrap;
}
.acts .el-button {
  margin-left: 10px;
  font-size: 13px;
}
.seldom td {
  padding-bottom: 8px;
}
</style>
