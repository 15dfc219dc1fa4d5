import type { Rule } from '../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { deliveryLate, returnEnding } from './dates.js'
import { overBudget } from './overBudget.js'

export const LEDGER_RULES: readonly Rule<LedgerFacts>[] = [overBudget, returnEnding, deliveryLate]
