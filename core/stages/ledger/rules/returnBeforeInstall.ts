import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'
import { NOTICE_DAYS } from './dates.js'
import { about } from './goods.js'

/** What is judged by eye, in its room. */
const SEEN: ReadonlySet<string> = new Set(['furniture', 'textiles', 'light', 'decor', 'fixtures'])

/** It can no longer go back when the room is seen. */
export const returnBeforeInstall: Rule<LedgerFacts> = {
  name: 'ledger.return-before-install',
  title: 'The return window ends before the piece is seen in its room',
  numbers: 'The last day to send it back lies before the install date; until it is decided.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, installOn, today, says }) =>
    lines.flatMap((l): Finding[] => {
      if (!installOn || !l.returnUntil || l.returnUntil >= installOn || l.returnUntil < today) return []
      if (l.decision || !SEEN.has(l.category)) return []
      // The last week is told by the reminder.
      if (daysBetween(today, l.returnUntil) <= NOTICE_DAYS) return []
      return [
        {
          rule: 'ledger.return-before-install',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} can go back until ${says.day(l.returnUntil, today)}, the room is only set up on ${says.day(installOn, today)}`,
          measured: `${daysBetween(l.returnUntil, installOn)} days too early`,
          wanted: 'seen in its place before the last day, or a longer window from the seller',
          because:
            'Judgment changes once things stand together; try it in the room before then, with tags and receipt on.',
          fixes: [],
        },
      ]
    }),
}
