import type { Minor } from '../../kernel/money/currency.js'
import type { EntryKind } from '../../model/vocabulary/ledger.js'

/** An amount and the tax inside it. */
export interface TaxedSum {
  readonly minor: Minor
  readonly taxMinor: Minor
}

/** What the ledger says of one order line. All sums are over its entries, reversals included. */
export interface LineState {
  readonly orderedMinor: Minor
  readonly cancelledMinor: Minor
  readonly returnedMinor: Minor
  /** Taken off the price after it was ordered. */
  readonly adjustedMinor: Minor
  /** Added after it was ordered: restocking, cancelling, carriage. */
  readonly chargedMinor: Minor
  readonly paidMinor: Minor
  readonly refundedMinor: Minor
  /** Paid for by somebody else: it does not draw on the budget. */
  readonly givenMinor: Minor
  readonly orderedQuantity: number
  readonly cancelledQuantity: number
  readonly deliveredQuantity: number
  readonly returnedQuantity: number
  /** What the line costs in the end, whoever pays: ordered and charged, less cancelled, returned and adjusted. */
  readonly dueMinor: Minor
  /** Tax inside it. */
  readonly taxMinor: Minor
  /** Ordered and charged, less what was cancelled before it came: what an invoice is for. */
  readonly asked: TaxedSum
  /** Sent back or lowered: what a credit note is for. */
  readonly credited: TaxedSum
  /** The part of it that the budget bears. */
  readonly costMinor: Minor
  /** Money gone: payments less refunds that have arrived. */
  readonly netPaidMinor: Minor
  /** Still to pay. */
  readonly outstandingMinor: Minor
  /** Paid beyond what the line costs: money that can come back, and is not free until it does. */
  readonly dueBackMinor: Minor
  /** Pieces neither cancelled nor sent back: the line still fills its item. */
  readonly liveQuantity: number
  /** Pieces still to be delivered: ordered less cancelled less delivered. */
  readonly toComeQuantity: number
  /** Pieces in the house: delivered less sent back. */
  readonly hereQuantity: number
}

export interface LineEntry {
  readonly kind: EntryKind
  readonly amountMinor: Minor
  readonly taxMinor?: Minor
  readonly quantity: number
}

/** State of one line from its entries, in any order. What is due back goes to the purse that paid: never more than it did. */
export function lineState(entries: readonly LineEntry[]): LineState {
  const amount: Record<EntryKind, number> = {
    order: 0,
    cancel: 0,
    payment: 0,
    delivery: 0,
    return: 0,
    refund: 0,
    adjustment: 0,
    charge: 0,
    gift: 0,
    'client payment': 0,
    fee: 0,
  }
  const quantity: Record<EntryKind, number> = { ...amount }
  const tax: Record<EntryKind, number> = { ...amount }
  for (const entry of entries) {
    amount[entry.kind] += entry.amountMinor
    quantity[entry.kind] += entry.quantity
    tax[entry.kind] += entry.taxMinor ?? 0
  }
  const asked = {
    minor: amount.order + amount.charge - amount.cancel,
    taxMinor: tax.order + tax.charge - tax.cancel,
  }
  const credited = { minor: amount.return + amount.adjustment, taxMinor: tax.return + tax.adjustment }
  const dueMinor = asked.minor - credited.minor
  const netPaidMinor = amount.payment - amount.refund
  return {
    orderedMinor: amount.order,
    cancelledMinor: amount.cancel,
    returnedMinor: amount.return,
    adjustedMinor: amount.adjustment,
    chargedMinor: amount.charge,
    paidMinor: amount.payment,
    refundedMinor: amount.refund,
    givenMinor: amount.gift,
    orderedQuantity: quantity.order,
    cancelledQuantity: quantity.cancel,
    deliveredQuantity: quantity.delivery,
    returnedQuantity: quantity.return,
    dueMinor,
    taxMinor: asked.taxMinor - credited.taxMinor,
    asked,
    credited,
    costMinor: Math.max(0, dueMinor - amount.gift),
    netPaidMinor,
    outstandingMinor: Math.max(0, dueMinor - amount.gift - netPaidMinor),
    dueBackMinor: Math.max(0, Math.min(netPaidMinor, netPaidMinor + amount.gift - dueMinor)),
    liveQuantity: quantity.order - quantity.cancel - quantity.return,
    toComeQuantity: quantity.order - quantity.cancel - quantity.delivery,
    hereQuantity: quantity.delivery - quantity.return,
  }
}

/**
 * What no line may come to, whatever is entered or reversed. The server refuses a write that breaks one.
 * @returns the first breach in words, or undefined
 */
export function lineBreach(state: LineState): string | undefined {
  if (state.orderedMinor < 0 || state.orderedQuantity < 0) return 'the order was already taken back'
  if (state.deliveredQuantity < 0) return 'the delivery was already taken back'
  if (state.toComeQuantity < 0) return 'more would be delivered than is on order'
  if (state.returnedQuantity < 0 || state.hereQuantity < 0) return 'more would go back than was delivered'
  if (state.paidMinor < 0 || state.refundedMinor < 0 || state.givenMinor < 0)
    return 'the money was already taken back'
  if (state.adjustedMinor < 0 || state.chargedMinor < 0) return 'the change of price was already taken back'
  if (state.dueMinor < 0) return 'more would be credited than the line cost'
  if (state.netPaidMinor < 0) return 'more would be refunded than was paid'
  if (state.paidMinor + state.givenMinor > state.orderedMinor + state.chargedMinor)
    return 'more would be paid than was ordered'
  return undefined
}
