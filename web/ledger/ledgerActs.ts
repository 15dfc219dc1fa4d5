import type { DerivedOrder, DerivedLine } from '@bonitas/core/job/deriveLedger'
import { addDays, dayText } from '@bonitas/core/kernel/units/days'
import type { Act } from './act.js'
import { kindWord, type EventRow, type OrderGroup } from './ledgerView.js'

const VOUCHER_MEANS = ['gift card', 'store credit'] as const

/** What the acts are worded with. */
interface Wording {
  readonly money: (minor: number) => string
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
const orderActs = ({ money, today }: Wording) => ({
  order: (group: OrderGroup, items: OrderGroup['items']): Act => {
    const lead = Math.max(-1, ...items.map((i) => i.leadDays ?? -1))
    return {
      path: 'orders',
      title: `Order from ${group.name}`,
      button: 'Enter the order',
      says: `${items.map((i) => i.name).join(', ')}: ${money(items.reduce((s, i) => s + i.amountMinor, 0))} landed`,
      fixed: { supplierId: group.supplierId, itemIds: items.map((i) => i.id) },
      dayField: 'placedOn',
      expectedOn: lead >= 0 ? addDays(today, lead) : null,
      more: [
        { field: 'depositMinor', label: 'Deposit', kind: 'money', hint: 'empty when none is asked for' },
        { field: 'depositDueOn', label: 'Deposit due', kind: 'date' },
        { field: 'balanceDueOn', label: 'Balance due', kind: 'date', hint: 'may stay empty' },
      ],
    }
  },
  deliver: (o: DerivedOrder): Act => {
    const lines = o.lines.filter((l) => l.state.toComeQuantity > 0)
    return {
      path: 'deliveries',
      title: `Delivery of order ${o.order.number}`,
      button: 'Enter the delivery',
      says: lines
        .map((l) => `${l.line.itemName}${l.state.toComeQuantity > 1 ? ` × ${l.state.toComeQuantity}` : ''}`)
        .join(', '),
      fixed: { orderId: o.order.id, lineIds: lines.map((l) => l.line.id) },
      dayField: 'deliveredOn',
    }
  },
  hear: (o: DerivedOrder): Act => ({
    path: 'order-events',
    title: `Heard of order ${o.order.number}`,
    button: 'Note it',
    says: o.expectedOn ? `Expected ${dayText(o.expectedOn, today)} so far.` : 'No day is known so far.',
    fixed: { orderId: o.order.id, lineId: null },
    dayField: 'on',
    expectedOn: o.expectedOn,
    more: [
      {
        field: 'kind',
        label: 'What happened',
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
const payActs = ({ money, vouchers }: Wording) => ({
  pay: (o: DerivedOrder): Act => {
    return {
      path: 'payments',
      title: `Pay order ${o.order.number}`,
      button: 'Enter the payment',
      says: `${money(o.amountMinor)} in all, ${money(o.paidMinor)} paid, ${money(o.outstandingMinor)} still owed. A part is spread over the lines by what each still owes.`,
      fixed: { orderId: o.order.id },
      dayField: 'paidOn',
      amount: {
        field: 'amountMinor',
        // The deposit first, where one was agreed; then the rest.
        minor: o.depositOpenMinor || o.outstandingMinor,
        label: 'Amount',
      },
      means: true,
      more: [
        { field: 'estimated', label: 'An estimate, its receipt to come', kind: 'check' as const },
        ...VOUCHER_MEANS.map((kind) => ({
          field: 'voucherId',
          label: kind === 'gift card' ? 'Which card' : 'Which credit',
          kind: 'choice' as const,
          onlyBy: [kind],
          choices: [
            { value: '', text: 'none of the job’s' },
            ...vouchers
              .filter((v) => v.kind === kind && v.leftMinor > 0)
              .map((v) => ({ value: v.id, text: `${v.name}, ${money(v.leftMinor)} left` })),
          ],
        })),
      ],
    }
  },
})

/** What comes and goes of one line: its parts, what is sent back, what is exchanged. */
const lineActs = ({ money }: Wording) => ({
  /** A part of one line. */
  part: (o: DerivedOrder, l: DerivedLine): Act => ({
    path: 'deliveries',
    title: `Part delivered: ${l.line.itemName}`,
    button: 'Enter the part',
    says: `${l.state.toComeQuantity} still to come of ${l.line.quantity}.`,
    fixed: { orderId: o.order.id, lineIds: [l.line.id] },
    dayField: 'deliveredOn',
    quantity: l.state.toComeQuantity,
  }),
  sendBack: (l: DerivedLine): Act => {
    return {
      path: 'returns',
      title: `Send back: ${l.line.itemName}`,
      button: 'Enter the return',
      says: 'The credit is what the seller owes for it. It stays counted as paid until the refund arrives.',
      fixed: { lineId: l.line.id },
      dayField: 'returnedOn',
      quantity: l.state.hereQuantity,
      amount: { field: 'creditMinor', minor: l.state.dueMinor, label: 'Credit' },
    }
  },
  refund: (l: DerivedLine): Act => {
    return {
      path: 'refunds',
      title: `Refund: ${l.line.itemName}`,
      button: 'Enter the refund',
      says: `${money(l.state.dueBackMinor)} is due back. Enter it when it has arrived.`,
      fixed: { lineId: l.line.id },
      dayField: 'refundedOn',
      amount: { field: 'amountMinor', minor: l.state.dueBackMinor, label: 'Amount' },
      means: true,
      more: [
        {
          field: 'creditUntilOn',
          label: 'Credit good until',
          kind: 'date',
          onlyBy: ['store credit'],
          hint: 'store credit is no money back',
        },
      ],
    }
  },
  cancel: (l: DerivedLine): Act => {
    return {
      path: 'cancellations',
      title: `Cancel: ${l.line.itemName}`,
      button: 'Enter the cancellation',
      says: `${l.state.toComeQuantity} not delivered comes off the order. What was paid for it becomes due back.`,
      fixed: { lineId: l.line.id },
      dayField: 'cancelledOn',
    }
  },
})

/** Exchanging one thing for another. */
const exchangeActs = ({ money }: Wording) => ({
  /** Something else for what is here or to come. */
  exchange: (
    l: DerivedLine,
    options: readonly { readonly id: string; readonly name: string; readonly landedMinor: number }[],
    forId = options.find((o) => o.id !== l.line.optionId)?.id,
  ): Act => ({
    path: 'exchanges',
    title: `${l.state.hereQuantity > 0 ? 'Exchange' : 'Substitute'}: ${l.line.itemName}`,
    button: l.state.hereQuantity > 0 ? 'Enter the exchange' : 'Enter the substitute',
    says: 'What is here goes back and what is to come is taken off, each at its share of the price. The other is on the same order; what was paid counts for it.',
    fixed: { lineId: l.line.id },
    dayField: 'exchangedOn',
    quantity: l.state.liveQuantity,
    more: [
      {
        field: 'optionId',
        label: 'For',
        kind: 'choice',
        value: forId ?? options[0]?.id ?? '',
        choices: options.map((o) => ({ value: o.id, text: `${o.name}, ${money(o.landedMinor)}` })),
      },
      {
        field: 'amountMinor',
        label: 'Price of the other, tax in',
        kind: 'money',
        hint: 'empty for its price in Source',
      },
    ],
  }),
})

/** What a line costs more or less than was ordered. */
const priceActs = () => ({
  lower: (l: DerivedLine): Act => ({
    path: 'adjustments',
    title: `Price lowered: ${l.line.itemName}`,
    button: 'Enter the difference',
    says: 'What the seller takes off after the order. Paid already, it becomes due back.',
    fixed: { lineId: l.line.id },
    dayField: 'adjustedOn',
    amount: { field: 'amountMinor', minor: l.state.dueMinor, label: 'Taken off' },
  }),
  charge: (l: DerivedLine): Act => ({
    path: 'charges',
    title: `Charge: ${l.line.itemName}`,
    button: 'Enter the charge',
    says: 'Restocking, cancelling, carriage: it comes on top of what was ordered.',
    fixed: { lineId: l.line.id },
    dayField: 'chargedOn',
    amount: { field: 'amountMinor', minor: 0, label: 'Amount', open: true },
    more: [
      {
        field: 'taxMinor',
        label: 'Tax inside',
        kind: 'money',
        hint: 'as the invoice says; empty for none',
      },
    ],
    needsNote: true,
    noteLabel: 'For what',
  }),
})

/** Deciding what happens to a thing that is here. */
const decisionActs = ({ today }: Wording) => ({
  decide: (o: DerivedOrder, l: DerivedLine, kind: 'kept' | 'to go back' | 'damaged'): Act => ({
    path: 'order-events',
    title:
      kind === 'kept'
        ? `Keep: ${l.line.itemName}`
        : kind === 'damaged'
          ? `Damaged: ${l.line.itemName}`
          : `To go back: ${l.line.itemName}`,
    button: kind === 'kept' ? 'It is kept' : kind === 'damaged' ? 'Note the damage' : 'It goes back',
    says:
      kind === 'kept'
        ? 'Seen in its place and staying: tags and receipt may go.'
        : kind === 'damaged'
          ? 'Photograph it before it is touched; claim within the seller’s days.'
          : `Send it ${l.returnUntil ? `by ${dayText(l.returnUntil, today)}` : 'while the seller takes it'}; enter the return when it has gone.`,
    fixed: { orderId: o.order.id, lineId: l.line.id, kind, expectedOn: null },
    dayField: 'on',
  }),
})

/** Money beside the orders: gifts, the client’s account, changes of the budget; and taking an entry back. */
const otherActs = ({ money }: Wording) => ({
  give: (item: { readonly id: string; readonly name: string; readonly targetMinor: number }): Act => ({
    path: 'gifts',
    title: `Given by others: ${item.name}`,
    button: 'Enter the gift',
    says: 'Somebody else pays: it draws on no budget. A pledge fills the item and covers no use until it is here.',
    fixed: { itemId: item.id },
    dayField: 'givenOn',
    amount: { field: 'valueMinor', minor: item.targetMinor, label: 'Value', open: true },
    more: [
      { field: 'giver', label: 'Given by', kind: 'text' },
      { field: 'arrived', label: 'It is here', kind: 'check' },
    ],
  }),
  account: (kind: 'client payment' | 'fee'): Act => ({
    path: 'account',
    title: kind === 'fee' ? 'Fee charged to the client' : 'Received from the client',
    button: kind === 'fee' ? 'Enter the fee' : 'Enter the payment',
    says: kind === 'fee' ? 'It goes on the client’s account.' : 'Money on account, for purchases and fee.',
    fixed: { kind, ...(kind === 'fee' ? { means: 'bank' } : {}) },
    dayField: 'on',
    amount: { field: 'amountMinor', minor: 0, label: 'Amount', open: true },
    means: kind !== 'fee',
  }),
  agree: (p: { readonly id: string; readonly amountMinor: number; readonly why: string }): Act => ({
    path: 'change-orders',
    title: `Agreed: ${p.why}`,
    button: 'Enter the change order',
    says: `${money(Math.abs(p.amountMinor))} ${p.amountMinor < 0 ? 'comes off' : 'is added to'} the agreed budget.`,
    fixed: { amountMinor: p.amountMinor, why: p.why, proposalId: p.id },
    dayField: 'agreedOn',
    more: [{ field: 'agreedBy', label: 'Agreed by', kind: 'text' }],
    noNote: true,
  }),
  reverse: (e: EventRow): Act => {
    return {
      path: 'reversals',
      title: `Take back: ${kindWord(e.kind).toLowerCase()} ${e.what}`,
      button: 'Enter the reversal',
      says: 'Nothing is deleted: an entry of the same kind with the sign turned is added, with your reason.',
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
