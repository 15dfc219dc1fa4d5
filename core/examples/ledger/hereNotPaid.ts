import { facts, order } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.here-not-paid`. */
export const violates = (): LedgerFacts =>
  facts({ today: '2026-03-30', orders: [order({ completeOn: '2026-03-01' })] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    today: '2026-03-30',
    orders: [order({ completeOn: '2026-03-01', outstandingMinor: 0, paidMinor: 10_000 })],
  })
