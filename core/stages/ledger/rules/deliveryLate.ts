import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'

/** Goods that should have come. */
export const deliveryLate: Rule<LedgerFacts> = {
  name: 'ledger.delivery-late',
  title: 'A delivery is late',
  numbers: 'Shown from the day after it was expected.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, says }) =>
    lines.flatMap((l): Finding[] => {
      if (!l.expectedOn || l.expectedOn >= today || l.state.toComeQuantity <= 0) return []
      const late = daysBetween(l.expectedOn, today)
      return [
        {
          rule: 'ledger.delivery-late',
          severity: 'look',
          about: [{ kind: 'order', id: l.orderId, name: l.itemName }],
          title: `${l.itemName}: ${late} ${late === 1 ? 'day' : 'days'} late`,
          measured: `Expected ${says.day(l.expectedOn)}, not delivered`,
          wanted: 'delivered, or a new date from the supplier',
          because: 'What waits for it waits too; a supplier asked early can still divert another.',
          fixes: [],
        },
      ]
    }),
}
