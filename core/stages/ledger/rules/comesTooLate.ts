import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { about } from './goods.js'
import { daysBetween } from '../../../kernel/units/days.js'
import { put } from '../../../model/changes.js'

/** It comes after the day it is needed. */
export const comesTooLate: Rule<LedgerFacts> = {
  name: 'ledger.comes-too-late',
  title: 'It comes after it is needed',
  numbers: 'Expected after the day the item is needed by.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, says }) =>
    lines.flatMap((l): Finding[] => {
      if (!l.expectedOn || !l.neededOn || l.expectedOn <= l.neededOn || l.state.toComeQuantity <= 0) return []
      return [
        {
          rule: 'ledger.comes-too-late',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} is expected ${daysBetween(l.neededOn, l.expectedOn)} days after it is needed`,
          measured: `Expected ${says.day(l.expectedOn, today)}`,
          wanted: `by ${says.day(l.neededOn, today)}`,
          because: 'Ask the seller to bring it forward, or bridge the gap with a placeholder.',
          fixes: [
            {
              label: `It may come on ${says.day(l.expectedOn, today)}`,
              changes: [put('items', l.itemId, { neededOn: l.expectedOn })],
            },
          ],
        },
      ]
    }),
}
