import { QUIET, type LedgerFacts, type LineFacts, type OrderFacts } from '../../stages/ledger/ledgerFacts.js'
import { lineState, type LineEntry } from '../../stages/ledger/lineState.js'

/** A line for the examples of the rules: a rug at 100.00, ordered on 1 February, with what is said of it. */
export const line = (entries: readonly LineEntry[], more: Partial<LineFacts> = {}): LineFacts => ({
  lineId: 'l',
  itemId: 'i',
  itemName: 'Rug',
  optionName: 'Flatweave',
  category: 'textiles',
  orderId: 'o',
  orderNumber: 1,
  supplierName: 'Mill',
  placedOn: '2026-02-01',
  expectedOn: null,
  neededOn: null,
  deliveredOn: undefined,
  returnUntil: undefined,
  returnedOn: undefined,
  decision: undefined,
  state: lineState([{ kind: 'order', amountMinor: 10_000, taxMinor: 1_736, quantity: 1 }, ...entries]),
  lower: undefined,
  given: false,
  oneBatch: false,
  ...more,
})

export const order = (more: Partial<OrderFacts> = {}): OrderFacts => ({
  id: 'o',
  name: 'Order 1, Mill',
  depositOpenMinor: 0,
  depositMinor: 0,
  depositDueOn: null,
  balanceDueOn: null,
  paidMinor: 0,
  outstandingMinor: 10_000,
  completeOn: undefined,
  ...more,
})

export const facts = (more: Partial<LedgerFacts>): LedgerFacts => ({ ...QUIET, ...more })
export const HERE: LineEntry = { kind: 'delivery', amountMinor: 0, quantity: 1 }
export const PAID: LineEntry = { kind: 'payment', amountMinor: 10_000, quantity: 0 }
