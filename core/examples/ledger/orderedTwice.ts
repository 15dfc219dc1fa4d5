import { facts, line } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.ordered-twice`. */
export const violates = (): LedgerFacts =>
  facts({
    lines: [
      line([]),
      line([], { lineId: 'm', itemId: 'j', itemName: 'Second rug', orderId: 'p', orderNumber: 2 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ lines: [line([])] })
