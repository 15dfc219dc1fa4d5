import { facts, line, HERE } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.delivery-late`. */
export const violates = (): LedgerFacts =>
  facts({ today: '2026-03-03', lines: [line([], { expectedOn: '2026-03-01' })] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({ today: '2026-03-03', lines: [line([HERE], { expectedOn: '2026-03-01' })] })
