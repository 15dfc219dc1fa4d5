import { facts } from './example.js'
import { budgetPosition } from '../../stages/ledger/budgetPosition.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.reserve-early`. */
export const violates = (): LedgerFacts =>
  facts({
    position: budgetPosition(100_000, 100_000, [
      {
        id: 'r',
        name: 'Rug',
        category: 'textiles',
        targetMinor: 95_000,
        chosenMinor: undefined,
        lines: [],
      },
    ]),
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    position: budgetPosition(100_000, 100_000, [
      {
        id: 'r',
        name: 'Rug',
        category: 'textiles',
        targetMinor: 85_000,
        chosenMinor: undefined,
        lines: [],
      },
    ]),
  })
