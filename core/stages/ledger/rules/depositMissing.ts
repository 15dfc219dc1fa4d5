import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'

/** The deposit that was agreed has not been paid. */
export const depositMissing: Rule<LedgerFacts> = {
  name: 'ledger.deposit-missing',
  title: 'An order stands without its deposit',
  numbers: 'Less than the deposit agreed is paid on the day it is due, or with no day, at once.',
  source: 'common practice',
  schools: 'all',
  check: ({ orders, today, says }) =>
    orders.flatMap((o): Finding[] => {
      const missing = o.depositOpenMinor
      if (missing <= 0 || (o.depositDueOn && o.depositDueOn > today)) return []
      return [
        {
          rule: 'ledger.deposit-missing',
          severity: 'look',
          about: [{ kind: 'order', id: o.id, name: o.name }],
          title: `${o.name} waits for ${says.money(missing)} of its deposit`,
          measured: `${says.money(o.paidMinor)} paid${o.depositDueOn ? `, due ${says.day(o.depositDueOn, today)}` : ''}`,
          wanted: `${says.money(o.depositMinor)} with the order`,
          because: 'Work to order begins with the deposit: every day without it is a day later.',
          fixes: [],
        },
      ]
    }),
}
