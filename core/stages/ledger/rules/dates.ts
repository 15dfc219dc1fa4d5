import type { Finding, Rule } from '../../../findings/finding.js'
import { dayText, daysBetween } from '../../../kernel/units/days.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { facts, HERE, line } from './example.js'

// Common practice: a week is the least notice that still lets a piece be packed and a carrier be found.
export const NOTICE_DAYS = 7

const inDays = (n: number) => (n === 0 ? 'today' : n === 1 ? 'tomorrow' : `in ${n} days`)

/** Goods that can go back, but not for long. */
export const returnEnding: Rule<LedgerFacts> = {
  name: 'ledger.return-ending',
  title: 'A return window is about to close',
  numbers: `Shown from ${NOTICE_DAYS} days before the last day, counted from delivery.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today }) =>
    lines.flatMap((l): Finding[] => {
      const daysLeft = l.returnUntil === undefined ? -1 : daysBetween(today, l.returnUntil)
      if (l.returnUntil === undefined || daysLeft < 0 || daysLeft > NOTICE_DAYS) return []
      return [
        {
          rule: 'ledger.return-ending',
          severity: 'look',
          about: [{ kind: 'item', id: l.itemId, name: l.itemName }],
          title: `${l.itemName}: the last day to send it back is ${inDays(daysLeft)}`,
          measured: `Last day ${dayText(l.returnUntil)}`,
          wanted: 'a decision before it',
          because:
            'Tags and receipts are kept until it is sure to work; after the last day the money cannot come back.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () => facts({ today: '2026-03-21', lines: [line([HERE], { returnUntil: '2026-03-24' })] }),
    passes: () => facts({ today: '2026-03-12', lines: [line([HERE], { returnUntil: '2026-03-24' })] }),
  },
}

/** Goods that should have come. */
export const deliveryLate: Rule<LedgerFacts> = {
  name: 'ledger.delivery-late',
  title: 'A delivery is late',
  numbers: 'Shown from the day after it was expected.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today }) =>
    lines.flatMap((l): Finding[] => {
      if (!l.expectedOn || l.expectedOn >= today || l.state.toComeQuantity <= 0) return []
      const late = daysBetween(l.expectedOn, today)
      return [
        {
          rule: 'ledger.delivery-late',
          severity: 'look',
          about: [{ kind: 'order', id: l.orderId, name: l.itemName }],
          title: `${l.itemName}: ${late} ${late === 1 ? 'day' : 'days'} late`,
          measured: `Expected ${dayText(l.expectedOn)}, not delivered`,
          wanted: 'delivered, or a new date from the supplier',
          because: 'What waits for it waits too; a supplier asked early can still divert another.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () => facts({ today: '2026-03-03', lines: [line([], { expectedOn: '2026-03-01' })] }),
    passes: () => facts({ today: '2026-03-03', lines: [line([HERE], { expectedOn: '2026-03-01' })] }),
  },
}
