import type { Finding, Rule } from '../../findings/finding.js'
import { budgetPosition } from '../budgetPosition.js'
import type { LedgerFacts } from '../ledgerFacts.js'

function check({ position, cheaper, money }: LedgerFacts): Finding[] {
  const over = -position.freeMinor
  if (over <= 0) return []
  const pastAll = over > position.reserveMinor
  const enough = cheaper.filter((c) => c.savesMinor >= over).sort((x, y) => x.savesMinor - y.savesMinor)
  return [
    {
      rule: 'ledger.over-budget',
      severity: pastAll ? 'stop' : 'look',
      about: [{ kind: 'job', id: 'budget', name: 'Agreed budget' }],
      title: pastAll
        ? `${money(over - position.reserveMinor)} past the agreed budget`
        : `${money(over)} into the reserve`,
      measured: `Paid, ordered and chosen come to ${money(position.paidMinor + position.orderedMinor + position.chosenMinor)}`,
      wanted: `at most ${money(position.agreedMinor - position.reserveMinor)} before the reserve of ${money(position.reserveMinor)}`,
      because: 'The reserve is for what nobody foresaw; purchases that were planned should not eat it.',
      mends: enough.slice(0, 3).map((c) => ({
        label: `Take ${c.optionName} for ${c.itemName}, saves ${money(c.savesMinor)}`,
        changes: [{ collection: 'items', id: c.itemId, set: { chosenOptionId: c.optionId } }],
      })),
    },
  ]
}

const example = (chosenMinor: number): LedgerFacts => ({
  position: budgetPosition(100_000, 100_000, [
    { id: 'rug', name: 'Rug', category: 'textiles', targetMinor: 90_000, chosenMinor, lines: [] },
  ]),
  cheaper: [
    { itemId: 'rug', itemName: 'Rug', optionId: 'flat', optionName: 'Flatweave', savesMinor: 20_000 },
  ],
  returns: [],
  late: [],
  money: (minor) => (minor / 100).toFixed(2),
})

export const overBudget: Rule<LedgerFacts> = {
  name: 'ledger.over-budget',
  title: 'Paid, ordered and chosen outrun the agreed budget',
  numbers: 'Stop past the agreed budget, look once the reserve is touched.',
  source: 'common practice',
  schools: 'all',
  check,
  examples: { trips: () => example(105_000), passes: () => example(85_000) },
}
