import type { LedgerFacts, CheaperOption } from '../ledgerFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'

function check({ position, cheaper, says }: LedgerFacts): Finding[] {
  const over = -position.freeMinor
  if (over <= 0) return []
  const pastAll = over > position.reserveMinor
  const ways = waysBack(cheaper, over)
  return [
    {
      rule: 'ledger.over-budget',
      severity: pastAll ? 'stop' : 'look',
      about: [{ kind: 'job', id: 'budget', name: 'Agreed budget' }],
      title: pastAll
        ? `${says.money(over - position.reserveMinor)} past the agreed budget`
        : `${says.money(over)} into the reserve`,
      measured: `Paid, ordered and chosen come to ${says.money(position.paidMinor + position.orderedMinor + position.chosenMinor)}`,
      wanted: `at most ${says.money(position.agreedMinor - position.reserveMinor)} before the reserve of ${says.money(position.reserveMinor)}`,
      because: 'The reserve is for what nobody foresaw; purchases that were planned should not eat it.',
      fixes: ways.map((swaps) => ({
        label: `Take ${swaps.map((c) => `${c.optionName} for ${c.itemName}`).join(', ')}: saves ${says.money(
          swaps.reduce((sum, c) => sum + c.savesMinor, 0),
        )}`,
        changes: swaps.map((c) => put('items', c.itemId, { chosenOptionId: c.optionId })),
      })),
    },
  ]
}

/**
 * Swaps that bring the money back inside: single ones that save enough, the least first; when none does, the dearest
 * savings of different items together, as few as suffice. None when all of them are not enough.
 */
function waysBack(cheaper: readonly CheaperOption[], over: number): CheaperOption[][] {
  const single = cheaper.filter((c) => c.savesMinor >= over).sort((x, y) => x.savesMinor - y.savesMinor)
  if (single.length > 0) return single.slice(0, 3).map((c) => [c])
  const together: CheaperOption[] = []
  let saved = 0
  for (const c of [...cheaper].sort((x, y) => y.savesMinor - x.savesMinor)) {
    if (together.some((t) => t.itemId === c.itemId)) continue
    together.push(c)
    saved += c.savesMinor
    if (saved >= over) return [together]
  }
  return []
}

export const overBudget: Rule<LedgerFacts> = {
  name: 'ledger.over-budget',
  title: 'Paid, ordered and chosen outrun the agreed budget',
  numbers: 'Stop past the agreed budget, look once the reserve is touched.',
  source: 'common practice',
  schools: 'all',
  check,
}
