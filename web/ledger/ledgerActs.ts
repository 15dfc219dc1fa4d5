import type { DerivedOrder, DerivedLine } from '@bonitas/core/job/deriveLedger'
import { addDays } from '@bonitas/core/kernel/units/days'
import type { Act } from './act.js'
import { kindWord, type EventRow, type OrderGroup } from './ledgerView.js'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

const VOUCHER_MEANS = ['gift card', 'store credit'] as const

/** What the acts are worded with. */
interface Wording {
  readonly says: Formatter
  readonly today: string
  /** Gift cards and credits with what is left on each. */
  readonly vouchers: readonly {
    readonly id: string
    readonly name: string
    readonly kind: string
    readonly leftMinor: number
  }[]
}

/** Placing an order and what follows of it as a whole. */
const orderActs = ({ says, today }: Wording) => ({
  order: (group: OrderGroup, items: OrderGroup['items']): Act => {
    const lead = Math.max(-1, ...items.map((i) => i.leadDays ?? -1))
    return {
      path: 'orders',
      title: t('orderFromName', { name: group.name }),
      button: t('enterTheOrder'),
      says: t('joinReduceLanded', {
        join: items.map((i) => i.name).join(', '),
        reduce: says.money(items.reduce((s, i) => s + i.amountMinor, 0)),
      }),
      fixed: { supplierId: group.supplierId, itemIds: items.map((i) => i.id) },
      dayField: 'placedOn',
      expectedOn: lead >= 0 ? addDays(today, lead) : null,
      more: [
        { field: 'depositMinor', label: t('deposit'), kind: 'money', hint: t('emptyWhenNoneIsAsked') },
        { field: 'depositDueOn', label: t('depositDue'), kind: 'date' },
        { field: 'balanceDueOn', label: t('balanceDue'), kind: 'date', hint: t('mayStayEmpty') },
      ],
    }
  },
  deliver: (o: DerivedOrder): Act => {
    const lines = o.lines.filter((l) => l.state.toComeQuantity > 0)
    return {
      path: 'deliveries',
      title: t('deliveryOfOrderNumber', { number: o.order.number }),
      button: t('enterTheDelivery'),
      says: lines
        .map((l) => `${l.line.itemName}${l.state.toComeQuantity > 1 ? ` × ${l.state.toComeQuantity}` : ''}`)
        .join(', '),
      fixed: { orderId: o.order.id, lineIds: lines.map((l) => l.line.id) },
      dayField: 'deliveredOn',
    }
  },
  hear: (o: DerivedOrder): Act => ({
    path: 'order-events',
    title: t('heardOfOrderNumber', { number: o.order.number }),
    button: t('noteIt'),
    says: o.expectedOn
      ? t('expectedExpectedOnSoFar', { expectedOn: says.day(o.expectedOn, today) })
      : t('noDayIsKnownSo'),
    fixed: { orderId: o.order.id, lineId: null },
    dayField: 'on',
    expectedOn: o.expectedOn,
    more: [
      {
        field: 'kind',
        label: t('whatHappened'),
        kind: 'choice',
        value: 'acknowledged',
        choices: (['sent', 'acknowledged', 'delayed', 'shipped', 'refused'] as const).map((k) => ({
          value: k,
          text: k,
        })),
      },
    ],
  }),
})

/** Paying an order, whole or in part. */
const payActs = ({ says, vouchers }: Wording) => ({
  pay: (o: DerivedOrder): Act => {
    return {
      path: 'payments',
      title: t('payOrderNumber', { number: o.order.number }),
      button: t('enterThePayment'),
      says: t('amountMinorInAllPaidMinorPaid', {
        amountMinor: says.money(o.amountMinor),
        paidMinor: says.money(o.paidMinor),
        outstandingMinor: says.money(o.outstandingMinor),
      }),
      fixed: { orderId: o.order.id },
      dayField: 'paidOn',
      amount: {
        field: 'amountMinor',
        // The deposit first, where one was agreed; then the rest.
        minor: o.depositOpenMinor || o.outstandingMinor,
        label: t('amount'),
      },
      means: true,
      more: [
        { field: 'estimated', label: t('anEstimateItsReceiptTo'), kind: 'check' as const },
        ...VOUCHER_MEANS.map((kind) => ({
          field: 'voucherId',
          label: kind === 'gift card' ? t('whichCard') : t('whichCredit'),
          kind: 'choice' as const,
          onlyBy: [kind],
          choices: [
            { value: '', text: t('noneOfTheJobs') },
            ...vouchers
              .filter((v) => v.kind === kind && v.leftMinor > 0)
              .map((v) => ({
                value: v.id,
                text: t('nameLeftMinorLeft', { name: v.name, leftMinor: says.money(v.leftMinor) }),
              })),
          ],
        })),
      ],
    }
  },
})

/** What comes and goes of one line: its parts, what is sent back, what is exchanged. */
const lineActs = ({ says }: Wording) => ({
  /** A part of one line. */
  part: (o: DerivedOrder, l: DerivedLine): Act => ({
    path: 'deliveries',
    title: t('partDeliveredItemName', { itemName: l.line.itemName }),
    button: t('enterThePart'),
    says: t('toComeQuantityStillToComeOf', {
      toComeQuantity: l.state.toComeQuantity,
      quantity: l.line.quantity,
    }),
    fixed: { orderId: o.order.id, lineIds: [l.line.id] },
    dayField: 'deliveredOn',
    quantity: l.state.toComeQuantity,
  }),
  sendBack: (l: DerivedLine): Act => {
    return {
      path: 'returns',
      title: t('sendBackItemName2', { itemName: l.line.itemName }),
      button: t('enterTheReturn'),
      says: t('theCreditIsWhatThe'),
      fixed: { lineId: l.line.id },
      dayField: 'returnedOn',
      quantity: l.state.hereQuantity,
      amount: { field: 'creditMinor', minor: l.state.dueMinor, label: t('credit') },
    }
  },
  refund: (l: DerivedLine): Act => {
    return {
      path: 'refunds',
      title: t('refundItemName', { itemName: l.line.itemName }),
      button: t('enterTheRefund'),
      says: t('dueBackMinorIsDueBackEnter', { dueBackMinor: says.money(l.state.dueBackMinor) }),
      fixed: { lineId: l.line.id },
      dayField: 'refundedOn',
      amount: { field: 'amountMinor', minor: l.state.dueBackMinor, label: t('amount') },
      means: true,
      more: [
        {
          field: 'creditUntilOn',
          label: t('creditGoodUntil'),
          kind: 'date',
          onlyBy: ['store credit'],
          hint: t('storeCreditIsNoMoney'),
        },
      ],
    }
  },
  cancel: (l: DerivedLine): Act => {
    return {
      path: 'cancellations',
      title: t('cancelItemName2', { itemName: l.line.itemName }),
      button: t('enterTheCancellation'),
      says: t('toComeQuantityNotDeliveredComesOff', { toComeQuantity: l.state.toComeQuantity }),
      fixed: { lineId: l.line.id },
      dayField: 'cancelledOn',
    }
  },
})

/** Exchanging one thing for another. */
const exchangeActs = ({ says }: Wording) => ({
  /** Something else for what is here or to come. */
  exchange: (
    l: DerivedLine,
    options: readonly { readonly id: string; readonly name: string; readonly landedMinor: number }[],
    forId = options.find((o) => o.id !== l.line.optionId)?.id,
  ): Act => ({
    path: 'exchanges',
    title: `${l.state.hereQuantity > 0 ? t('exchange') : t('substitute')}: ${l.line.itemName}`,
    button: l.state.hereQuantity > 0 ? t('enterTheExchange') : t('enterTheSubstitute'),
    says: t('whatIsHereGoesBack'),
    fixed: { lineId: l.line.id },
    dayField: 'exchangedOn',
    quantity: l.state.liveQuantity,
    more: [
      {
        field: 'optionId',
        label: t('for'),
        kind: 'choice',
        value: forId ?? options[0]?.id ?? '',
        choices: options.map((o) => ({ value: o.id, text: `${o.name}, ${says.money(o.landedMinor)}` })),
      },
      {
        field: 'amountMinor',
        label: t('priceOfTheOtherTax'),
        kind: 'money',
        hint: t('emptyForItsPriceIn'),
      },
    ],
  }),
})

/** What a line costs more or less than was ordered. */
const priceActs = () => ({
  lower: (l: DerivedLine): Act => ({
    path: 'adjustments',
    title: t('priceLoweredItemName', { itemName: l.line.itemName }),
    button: t('enterTheDifference'),
    says: t('whatTheSellerTakesOff'),
    fixed: { lineId: l.line.id },
    dayField: 'adjustedOn',
    amount: { field: 'amountMinor', minor: l.state.dueMinor, label: t('takenOff') },
  }),
  charge: (l: DerivedLine): Act => ({
    path: 'charges',
    title: t('chargeItemName', { itemName: l.line.itemName }),
    button: t('enterTheCharge'),
    says: t('restockingCancellingCarriageItComes'),
    fixed: { lineId: l.line.id },
    dayField: 'chargedOn',
    amount: { field: 'amountMinor', minor: 0, label: t('amount'), open: true },
    more: [
      {
        field: 'taxMinor',
        label: t('taxInside'),
        kind: 'money',
        hint: t('asTheInvoiceSaysEmpty'),
      },
    ],
    needsNote: true,
    noteLabel: t('forWhat'),
  }),
})

/** Deciding what happens to a thing that is here. */
const decisionActs = ({ says, today }: Wording) => ({
  decide: (o: DerivedOrder, l: DerivedLine, kind: 'kept' | 'to go back' | 'damaged'): Act => ({
    path: 'order-events',
    title:
      kind === 'kept'
        ? t('keepItemName2', { itemName: l.line.itemName })
        : kind === 'damaged'
          ? t('damagedItemName', { itemName: l.line.itemName })
          : t('toGoBackItemName', { itemName: l.line.itemName }),
    button: kind === 'kept' ? t('itIsKept') : kind === 'damaged' ? t('noteTheDamage') : t('itGoesBack'),
    says:
      kind === 'kept'
        ? t('seenInItsPlaceAnd')
        : kind === 'damaged'
          ? t('photographItBeforeItIs')
          : t('sendItReturnUntilEnterThe', {
              returnUntil: l.returnUntil
                ? `by ${says.day(l.returnUntil, today)}`
                : t('whileTheSellerTakesIt'),
            }),
    fixed: { orderId: o.order.id, lineId: l.line.id, kind, expectedOn: null },
    dayField: 'on',
  }),
})

/** Money beside the orders: gifts, the client’s account, changes of the budget; and taking an entry back. */
const otherActs = ({ says }: Wording) => ({
  give: (item: { readonly id: string; readonly name: string; readonly targetMinor: number }): Act => ({
    path: 'gifts',
    title: t('givenByOthersName', { name: item.name }),
    button: t('enterTheGift'),
    says: t('somebodyElsePaysItDraws'),
    fixed: { itemId: item.id },
    dayField: 'givenOn',
    amount: { field: 'valueMinor', minor: item.targetMinor, label: t('value'), open: true },
    more: [
      { field: 'giver', label: t('givenBy'), kind: 'text' },
      { field: 'arrived', label: t('itIsHere'), kind: 'check' },
    ],
  }),
  account: (kind: 'client payment' | 'fee'): Act => ({
    path: 'account',
    title: kind === 'fee' ? t('feeChargedToTheClient') : t('receivedFromTheClient'),
    button: kind === 'fee' ? t('enterTheFee') : t('enterThePayment'),
    says: kind === 'fee' ? t('itGoesOnTheClients') : t('moneyOnAccountForPurchases'),
    fixed: { kind, ...(kind === 'fee' ? { means: 'bank' } : {}) },
    dayField: 'on',
    amount: { field: 'amountMinor', minor: 0, label: t('amount'), open: true },
    means: kind !== 'fee',
  }),
  agree: (p: { readonly id: string; readonly amountMinor: number; readonly why: string }): Act => ({
    path: 'change-orders',
    title: t('agreedWhy', { why: p.why }),
    button: t('enterTheChangeOrder'),
    says: t('amountMinorAmountMinor2TheAgreedBudget', {
      amountMinor: says.money(Math.abs(p.amountMinor)),
      amountMinor2: p.amountMinor < 0 ? t('comesOff') : t('isAddedTo'),
    }),
    fixed: { amountMinor: p.amountMinor, why: p.why, proposalId: p.id },
    dayField: 'agreedOn',
    more: [{ field: 'agreedBy', label: t('agreedBy'), kind: 'text' }],
    noNote: true,
  }),
  reverse: (e: EventRow): Act => {
    return {
      path: 'reversals',
      title: t('takeBackToLowerCaseWhat', { toLowerCase: kindWord(e.kind).toLowerCase(), what: e.what }),
      button: t('enterTheReversal'),
      says: t('nothingIsDeletedAnEntry'),
      fixed: { eventId: e.eventId },
      dayField: 'reversedOn',
      needsNote: true,
    }
  },
})

/** The acts of the ledger as its form shows them: title, the figures they rest on, and what is settled beforehand. */
export const ledgerActs = (wording: Wording) => ({
  ...orderActs(wording),
  ...payActs(wording),
  ...lineActs(wording),
  ...exchangeActs(wording),
  ...priceActs(),
  ...decisionActs(wording),
  ...otherActs(wording),
})
