import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { NOTICE_DAYS } from './dates.js'
import { daysBetween } from '../../../kernel/units/days.js'

const inDays = (n: number) => (n === 0 ? 'today' : n === 1 ? 'tomorrow' : `in ${n} days`)

/** Goods that can go back, but not for long. */
export const returnEnding: Rule<LedgerFacts> = {
  name: 'ledger.return-ending',
  title: 'A return window is about to close',
  numbers: `Shown from ${NOTICE_DAYS} days before the last day, counted from delivery.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, says }) =>
    lines.flatMap((l): Finding[] => {
      const daysLeft = l.returnUntil === undefined ? -1 : daysBetween(today, l.returnUntil)
      if (l.returnUntil === undefined || daysLeft < 0 || daysLeft > NOTICE_DAYS) return []
      return [
        {
          rule: 'ledger.return-ending',
          severity: 'look',
          about: [{ kind: 'item', id: l.itemId, name: l.itemName }],
          title: `${l.itemName}: the last day to send it back is ${inDays(daysLeft)}`,
          measured: `Last day ${says.day(l.returnUntil)}`,
          wanted: 'a decision before it',
          because:
            'Tags and receipts are kept until it is sure to work; after the last day the money cannot come back.',
          fixes: [],
        },
      ]
    }),
}
