import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as returnEnding from './returnEnding.js'
import * as deliveryLate from './deliveryLate.js'
import * as returnBeforeInstall from './returnBeforeInstall.js'
import * as comesTooLate from './comesTooLate.js'
import * as paidNotHere from './paidNotHere.js'
import * as orderedTwice from './orderedTwice.js'
import * as batchApart from './batchApart.js'
import * as priceFell from './priceFell.js'
import * as reserveEarly from './reserveEarly.js'
import * as categoryOverCap from './categoryOverCap.js'
import * as hereNotPaid from './hereNotPaid.js'
import * as depositMissing from './depositMissing.js'
import * as aboutToLapse from './aboutToLapse.js'
import * as refundWaits from './refundWaits.js'
import * as taxMissing from './taxMissing.js'
import * as overBudget from './overBudget.js'
import * as paperDiffers from './paperDiffers.js'
import * as estimatedAmounts from './estimatedAmounts.js'
import * as claimWaits from './claimWaits.js'
import * as loanOverdue from './loanOverdue.js'

/** A job that violates each rule of the ledger and one that complies with it. */
export const LEDGER_EXAMPLES: ExamplesByRule<LedgerFacts> = {
  'ledger.return-ending': returnEnding,
  'ledger.delivery-late': deliveryLate,
  'ledger.return-before-install': returnBeforeInstall,
  'ledger.comes-too-late': comesTooLate,
  'ledger.paid-not-here': paidNotHere,
  'ledger.ordered-twice': orderedTwice,
  'ledger.batch-apart': batchApart,
  'ledger.price-fell': priceFell,
  'ledger.reserve-early': reserveEarly,
  'ledger.category-over-cap': categoryOverCap,
  'ledger.here-not-paid': hereNotPaid,
  'ledger.deposit-missing': depositMissing,
  'ledger.about-to-lapse': aboutToLapse,
  'ledger.refund-waits': refundWaits,
  'ledger.tax-missing': taxMissing,
  'ledger.over-budget': overBudget,
  'ledger.paper-differs': paperDiffers,
  'ledger.estimated': estimatedAmounts,
  'ledger.claim-waits': claimWaits,
  'ledger.loan-overdue': loanOverdue,
}
