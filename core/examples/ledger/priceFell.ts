import { facts, line } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.price-fell`. */
export const violates = (): LedgerFacts =>
  facts({
    today: '2026-02-10',
    lines: [line([], { lower: { priceMinor: 8_000, wasMinor: 10_000, on: '2026-02-09' } })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ today: '2026-02-10', lines: [line([])] })
