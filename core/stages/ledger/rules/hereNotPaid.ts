import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'

/** Days after which something delivered is paid, when nothing else was agreed (common practice). */
const PAY_DAYS = 14

/** Here, and not paid when it should be. */
export const hereNotPaid: Rule<LedgerFacts> = {
  name: 'ledger.here-not-paid',
  title: 'Delivered and not paid',
  numbers: `All of the order is here, and the agreed day has passed; without one, ${PAY_DAYS} days after the delivery.`,
  source: 'common practice',
  schools: 'all',
  check: ({ orders, today, says }) =>
    orders.flatMap((o): Finding[] => {
      if (!o.completeOn || o.outstandingMinor <= 0) return []
      const late = o.balanceDueOn
        ? daysBetween(o.balanceDueOn, today)
        : daysBetween(o.completeOn, today) - PAY_DAYS
      if (late <= 0) return []
      return [
        {
          rule: 'ledger.here-not-paid',
          severity: 'look',
          about: [{ kind: 'order', id: o.id, name: o.name }],
          title: `${o.name}: ${says.money(o.outstandingMinor)} is owed, ${late} ${late === 1 ? 'day' : 'days'} late`,
          measured: `Delivered ${says.day(o.completeOn, today)}`,
          wanted: 'paid, or the reason it is held back noted with the order',
          because: 'A seller who waits for money is slow with the next order, and charges for the delay.',
          fixes: [],
        },
      ]
    }),
}
