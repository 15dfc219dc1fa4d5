import type { Rule, Finding } from '../../../findings/finding.js'
import { type LedgerFacts, REFUND_DAYS } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'
import { about } from './money.js'

/** Promised, and not arrived. */
export const refundWaits: Rule<LedgerFacts> = {
  name: 'ledger.refund-waits',
  title: 'A refund was promised and has not arrived',
  numbers: `Money is due back for more than ${REFUND_DAYS} days.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, says }) =>
    lines.flatMap((l): Finding[] => {
      if (l.state.dueBackMinor <= 0 || !l.returnedOn) return []
      const days = daysBetween(l.returnedOn, today)
      if (days <= REFUND_DAYS) return []
      return [
        {
          rule: 'ledger.refund-waits',
          severity: 'look',
          about: about(l),
          title: `${says.money(l.state.dueBackMinor)} for ${l.itemName} has been due back for ${days} days`,
          measured: `Sent back ${says.day(l.returnedOn, today)}`,
          wanted: `within ${REFUND_DAYS} days`,
          because: 'Until it arrives it is no money to plan with; a claim has its own last day.',
          fixes: [],
        },
      ]
    }),
}
