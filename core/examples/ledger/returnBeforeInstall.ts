import { facts, line, HERE } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.return-before-install`. */
export const violates = (): LedgerFacts =>
  facts({
    installOn: '2026-04-01',
    lines: [line([HERE], { deliveredOn: '2026-03-01', returnUntil: '2026-03-15' })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    installOn: '2026-04-01',
    lines: [line([HERE], { deliveredOn: '2026-03-01', returnUntil: '2026-03-15', decision: 'to go back' })],
  })
