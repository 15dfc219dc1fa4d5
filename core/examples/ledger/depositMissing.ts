import { facts, order } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.deposit-missing`. */
export const violates = (): LedgerFacts =>
  facts({
    orders: [order({ depositMinor: 4_000, depositOpenMinor: 4_000, depositDueOn: '2026-03-01' })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    orders: [
      order({
        depositMinor: 4_000,
        depositDueOn: '2026-03-01',
        paidMinor: 4_000,
        outstandingMinor: 6_000,
      }),
    ],
  })
