import { facts } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.about-to-lapse`. */
export const violates = (): LedgerFacts =>
  facts({ lapsing: [{ id: 'v', name: 'Credit', untilOn: '2026-03-10', leftMinor: 4_500 }] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({ lapsing: [{ id: 'v', name: 'Credit', untilOn: '2026-06-10', leftMinor: 4_500 }] })
