import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts, LineFacts } from '../ledgerFacts.js'
import { about } from './goods.js'

/** The same thing on two orders. */
export const orderedTwice: Rule<LedgerFacts> = {
  name: 'ledger.ordered-twice',
  title: 'The same thing stands on two orders',
  numbers: 'Two lines that both live, of one name and one supplier, for different items.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines }) => {
    const seen = new Map<string, LineFacts>()
    return lines.flatMap((l): Finding[] => {
      if (l.state.liveQuantity <= 0 || l.given) return []
      const key = `${l.supplierName}|${l.optionName}`.toLowerCase()
      const first = seen.get(key)
      seen.set(key, first ?? l)
      if (!first || first.itemId === l.itemId || first.orderId === l.orderId) return []
      return [
        {
          rule: 'ledger.ordered-twice',
          severity: 'look',
          about: [...about(first), ...about(l)],
          title: `${l.optionName} is on order ${first.orderNumber} and on order ${l.orderNumber}`,
          measured: `for ${first.itemName} and for ${l.itemName}`,
          wanted: 'meant so, or one of them cancelled',
          because: 'Two people order the same thing more often than two of it are wanted.',
          fixes: [],
        },
      ]
    })
  },
}
