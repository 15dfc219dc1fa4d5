import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'

// Common practice: a week of warning before the last day to order.
const ORDER_DAYS = 7

/** What is chosen must be ordered soon to come in time. */
export const orderBy: Rule<SourceFacts> = {
  name: 'source.order-by',
  title: 'The last day to order is near',
  numbers: `From ${ORDER_DAYS} days before the last day: the day it is needed less its lead time, in days and in working days of the supplier, whichever is earlier.`,
  source: 'common practice',
  schools: 'all',
  check: ({ items, today, says, lastDayToOrder }) =>
    items.flatMap((i) => {
      const o = i.options.find((x) => x.chosen)
      if (!o || !i.undecided || o.leadDays === null || !i.neededOn || o.kind === 'owned') return []
      const last = lastDayToOrder(i.neededOn, o.leadDays)
      const left = daysBetween(today, last)
      if (left < 0 || left > ORDER_DAYS) return []
      const finding: Finding = {
        rule: 'source.order-by',
        severity: 'look',
        about: [
          { kind: 'item', id: i.id, name: i.name },
          { kind: 'option', id: o.id, name: o.name },
        ],
        title: `Order ${o.name} by ${says.day(last)}`,
        measured: `${o.leadDays} days of lead time, needed on ${says.day(i.neededOn)}`,
        wanted: `ordered by ${says.day(last)}`,
        because: 'After that day it comes when the fitters have gone.',
        fixes: [],
      }
      return [finding]
    }),
}
