import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'
import type { BudgetShare } from '../../../model/rows/budgetShares.js'

export const splitOver: Rule<BriefFacts> = {
  name: 'brief.split-over',
  title: 'The shares of the categories come to more than may be spent',
  numbers:
    'Shares added up against the agreed budget with its change orders, less the reserve and a fee inside it.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, toSpendMinor, says }) => {
    const all = job.budgetShares.reduce((sum, a) => sum + a.amountMinor, 0)
    if (all <= toSpendMinor) return []
    const over = all - toSpendMinor
    // Where the job saves it gives first, then what neither saves nor splurges; the largest first.
    const give = [...job.budgetShares]
      .filter((a) => a.amountMinor >= over)
      .sort((x, y) => RANK[x.mark] - RANK[y.mark] || y.amountMinor - x.amountMinor)
    return [
      {
        rule: 'brief.split-over',
        severity: 'look',
        about: [{ kind: 'job', id: 'split', name: 'Shares' }],
        title: `The shares are ${says.money(over)} more than may be spent`,
        measured: `Shares come to ${says.money(all)}`,
        wanted: `at most ${says.money(toSpendMinor)}`,
        because: 'A split that does not add up hides the shortage until the last category is bought.',
        fixes: give.slice(0, 3).map((a) => ({
          label: `Give ${says.money(over)} from ${a.category}: ${says.money(a.amountMinor - over)} left`,
          changes: [put('budgetShares', a.id, { amountMinor: a.amountMinor - over })],
        })),
      },
    ]
  },
}

const RANK: Readonly<Record<BudgetShare['mark'], number>> = { save: 0, even: 1, splurge: 2 }
