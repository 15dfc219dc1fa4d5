import { facts, line } from './example.js'
import { lineState } from '../../stages/ledger/lineState.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.tax-missing`. */
export const violates = (): LedgerFacts =>
  facts({
    taxPpm: 210_000,
    lines: [line([], { state: lineState([{ kind: 'order', amountMinor: 10_000, quantity: 1 }]) })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ taxPpm: 210_000, lines: [line([])] })
