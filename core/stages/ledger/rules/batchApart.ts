import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import type { LedgerFacts, LineFacts } from '../ledgerFacts.js'

/** Paper, tile or cloth of one line on more than one order. */
export const batchApart: Rule<LedgerFacts> = {
  name: 'ledger.batch-apart',
  title: 'What is of one batch comes by two orders',
  numbers:
    'A line of the take-off that is papered, tiled, carpeted or sewn from one batch, and lives on more than one order.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines }) => {
    const byItem = new Map<string, LineFacts[]>()
    for (const l of lines)
      if (l.oneBatch && l.state.liveQuantity > 0) byItem.set(l.itemId, [...(byItem.get(l.itemId) ?? []), l])
    return [...byItem.values()].flatMap((same): Finding[] => {
      const orders = [...new Set(same.map((l) => l.orderNumber))].sort((a, b) => a - b)
      const [first] = same
      if (!first || orders.length < 2) return []
      return [
        {
          rule: 'ledger.batch-apart',
          severity: 'look',
          about: [{ kind: 'item', id: first.itemId, name: first.itemName }],
          title: `${first.itemName} comes by ${orders.length} orders`,
          measured: `on orders ${listed(orders.map(String))}`,
          wanted: 'one batch, in one delivery, or the number of the batch the same on both',
          because: 'Two batches of one color differ, and side by side it shows.',
          fixes: [],
        },
      ]
    })
  },
}
