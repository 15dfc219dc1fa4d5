import { facts, line, PAID, HERE } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.paid-not-here`. */
export const violates = (): LedgerFacts => facts({ today: '2026-03-10', lines: [line([PAID])] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ today: '2026-03-10', lines: [line([PAID, HERE])] })
