import type { Rule } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { deliveryLate, returnEnding } from './dates.js'
import { comesTooLate, orderedTwice, paidNotHere, priceFell, returnBeforeInstall } from './goods.js'
import {
  aboutToLapse,
  categoryOverCap,
  depositMissing,
  hereNotPaid,
  refundWaits,
  reserveEarly,
  taxMissing,
} from './money.js'
import { overBudget } from './overBudget.js'
import { claimWaits, guessedAmounts, loanOverdue, paperDiffers } from './papers.js'

export const LEDGER_RULES: readonly Rule<LedgerFacts>[] = [
  overBudget,
  reserveEarly,
  categoryOverCap,
  returnEnding,
  returnBeforeInstall,
  deliveryLate,
  comesTooLate,
  paidNotHere,
  hereNotPaid,
  depositMissing,
  orderedTwice,
  refundWaits,
  aboutToLapse,
  priceFell,
  taxMissing,
  paperDiffers,
  guessedAmounts,
  claimWaits,
  loanOverdue,
]
