import { facts, line } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.comes-too-late`. */
export const violates = (): LedgerFacts =>
  facts({ lines: [line([], { expectedOn: '2026-04-10', neededOn: '2026-04-01' })] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({ lines: [line([], { expectedOn: '2026-03-20', neededOn: '2026-04-01' })] })
