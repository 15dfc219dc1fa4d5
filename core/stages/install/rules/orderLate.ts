import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.order-late'
/** Common practice: a week of warning. */
const WARNING_DAYS = 7

/** What must be ordered soon to come when the plan needs it, or should have been ordered already. */
export const orderLate: Rule<InstallFacts> = {
  name: NAME,
  title: 'The last day to order is near or past',
  numbers: `Lead time before the latest day it may come so that all is over by the install date (or without moving the end, where that is later): in days, and in working days of the supplier without holidays, whichever is earlier. Told from ${WARNING_DAYS} days before.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lastOrders, says, today, nameOf }) =>
    lastOrders
      .filter((o) => o.daysLeft <= WARNING_DAYS)
      // Wanted by a person no later than the plan needs it, it is told in Source, on the same day.
      .filter((o) => o.daysLeft < 0 || o.arrival.arrival.neededOn !== o.wantedOn)
      .map(({ arrival, wantedOn, orderBy, daysLeft, workdaysLeft }): Finding => {
        const { name, itemId, leadDays } = arrival.arrival
        const past = daysLeft < 0
        return {
          rule: NAME,
          severity: past ? 'stop' : 'look',
          about: [{ kind: 'item', id: itemId ?? '', name }],
          title: past ? `${name} can no longer come in time` : `Order ${name} by ${says.day(orderBy, today)}`,
          measured: `${says.count(leadDays ?? 0, 'day')} of lead time; needed for “${nameOf(arrival.neededBy)}”, at the latest on ${says.day(wantedOn, today)}`,
          wanted: `ordered by ${says.day(orderBy, today)}${past ? '' : `, ${says.count(workdaysLeft, 'working day')} from today`}`,
          because: past
            ? `Ordered today it moves the end of the work by ${says.count(-daysLeft, 'day')}, unless something stands in for it.`
            : 'After that day it comes when the fitters have gone.',
          fixes: [],
          quantity: { value: -daysLeft, better: 'less' },
        }
      }),
}
