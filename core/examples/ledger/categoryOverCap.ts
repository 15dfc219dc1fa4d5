import { facts } from './example.js'
import { budgetPosition } from '../../stages/ledger/budgetPosition.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.category-over-cap`. */
export const violates = (): LedgerFacts =>
  facts({
    position: budgetPosition(100_000, 0, []),
    caps: [{ id: 'a', category: 'light', capMinor: 10_000, forecastMinor: 12_000 }],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    position: budgetPosition(100_000, 0, []),
    caps: [{ id: 'a', category: 'light', capMinor: 10_000, forecastMinor: 9_000 }],
  })
