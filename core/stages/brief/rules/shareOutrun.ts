import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const shareOutrun: Rule<BriefFacts> = {
  name: 'brief.share-outrun',
  title: 'The items of a category come to more than its share',
  numbers: 'Target prices of the category added up against its share.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, says }) =>
    job.budgetShares.flatMap((a): Finding[] => {
      const targets = job.items
        .filter((i) => i.category === a.category)
        .reduce((sum, i) => sum + i.targetMinor, 0)
      if (targets <= a.amountMinor) return []
      return [
        {
          rule: 'brief.share-outrun',
          severity: 'note',
          about: [{ kind: 'job', id: a.id, name: a.category }],
          title: `${a.category}: items come to ${says.money(targets - a.amountMinor)} more than their share`,
          measured: `Targets come to ${says.money(targets)}`,
          wanted: `at most ${says.money(a.amountMinor)}`,
          because: 'Said now, it is a choice; said later, it is a shortage.',
          fixes: [
            {
              label: `Give ${a.category} ${says.money(targets)}`,
              changes: [put('budgetShares', a.id, { amountMinor: targets })],
            },
          ],
        },
      ]
    }),
}
