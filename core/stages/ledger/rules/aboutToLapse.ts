import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'

const LAPSE_DAYS = 21

/** Money that can only be spent until a day. */
export const aboutToLapse: Rule<LedgerFacts> = {
  name: 'ledger.about-to-lapse',
  title: 'A coupon, gift card or credit is about to lapse',
  numbers: `Shown from ${LAPSE_DAYS} days before its last day, while something is left of it.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lapsing, today, says }) =>
    lapsing.flatMap((c): Finding[] => {
      const left = daysBetween(today, c.untilOn)
      if (left < 0 || left > LAPSE_DAYS || c.leftMinor <= 0) return []
      return [
        {
          rule: 'ledger.about-to-lapse',
          severity: 'look',
          about: [{ kind: 'job', id: c.id, name: c.name }],
          title: `${c.name}: ${says.money(c.leftMinor)} lapses ${left === 0 ? 'today' : `in ${left} ${left === 1 ? 'day' : 'days'}`}`,
          measured: `Good until ${says.day(c.untilOn, today)}`,
          wanted: 'used before, or let go knowingly',
          because: 'Store credit and coupons are worth their sum only until their day.',
          fixes: [],
        },
      ]
    }),
}
