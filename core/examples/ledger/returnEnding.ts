import { facts, line, HERE } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.return-ending`. */
export const violates = (): LedgerFacts =>
  facts({ today: '2026-03-21', lines: [line([HERE], { returnUntil: '2026-03-24' })] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({ today: '2026-03-12', lines: [line([HERE], { returnUntil: '2026-03-24' })] })
