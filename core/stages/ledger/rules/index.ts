import type { Rule } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { deliveryLate } from './deliveryLate.js'
import { returnEnding } from './returnEnding.js'
import { comesTooLate } from './comesTooLate.js'
import { orderedTwice } from './orderedTwice.js'
import { batchApart } from './batchApart.js'
import { paidNotHere } from './paidNotHere.js'
import { priceFell } from './priceFell.js'
import { returnBeforeInstall } from './returnBeforeInstall.js'
import { aboutToLapse } from './aboutToLapse.js'
import { categoryOverCap } from './categoryOverCap.js'
import { depositMissing } from './depositMissing.js'
import { hereNotPaid } from './hereNotPaid.js'
import { refundWaits } from './refundWaits.js'
import { reserveEarly } from './reserveEarly.js'
import { taxMissing } from './taxMissing.js'
import { overBudget } from './overBudget.js'
import { claimWaits } from './claimWaits.js'
import { estimatedAmounts } from './estimatedAmounts.js'
import { loanOverdue } from './loanOverdue.js'
import { paperDiffers } from './paperDiffers.js'

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
  batchApart,
  refundWaits,
  aboutToLapse,
  priceFell,
  taxMissing,
  paperDiffers,
  estimatedAmounts,
  claimWaits,
  loanOverdue,
]
