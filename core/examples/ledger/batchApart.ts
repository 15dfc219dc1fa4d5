import { facts, line } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

const lines = (oneBatch: boolean) => [
  line([], { oneBatch }),
  line([], { oneBatch, lineId: 'm', orderId: 'p', orderNumber: 2 }),
]

/** Breaks the rule `ledger.batch-apart`. */
export const violates = (): LedgerFacts => facts({ lines: lines(true) })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ lines: lines(false) })
