import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'
import { about } from './goods.js'

/** Days after which goods that are paid and not here are asked after (common practice). */
const PAID_WAITS = 30

/** Paid in full, not here, and no day that is still to come. */
export const paidNotHere: Rule<LedgerFacts> = {
  name: 'ledger.paid-not-here',
  title: 'Paid and not delivered',
  numbers: `Paid in full, with no expected day still ahead, ${PAID_WAITS} days after the order.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, says }) =>
    lines.flatMap((l): Finding[] => {
      const { state } = l
      if (state.toComeQuantity <= 0 || state.outstandingMinor > 0 || state.netPaidMinor <= 0) return []
      if (l.expectedOn && l.expectedOn >= today) return []
      if (daysBetween(l.placedOn, today) < PAID_WAITS) return []
      return [
        {
          rule: 'ledger.paid-not-here',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} is paid and has not come`,
          measured: `Ordered ${says.day(l.placedOn, today)} at ${l.supplierName || 'no supplier named'}`,
          wanted: 'a day from the seller, or the money back',
          because:
            'What is paid gives the seller no reason to hurry; a claim is easiest while the order is fresh.',
          fixes: [],
        },
      ]
    }),
}
