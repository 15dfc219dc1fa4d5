import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { harmOf } from '../poisonous.js'
import { pieceRef } from './about.js'
import { put } from '../../../model/changes.js'

export const plants: Rule<PlanFacts> = {
  name: 'plan.plants',
  title: 'A plant that is poisonous to those who live there',
  numbers: 'By name, with children or pets in the household; asked as a question while nobody is entered.',
  source: 'common knowledge of the trade; a poison center decides',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const harm = harmOf(p.name)
      const { known, children, pets } = facts.household
      if (!harm || p.kind !== 'plant' || (known && !children && !pets)) return []
      return [
        {
          rule: 'plan.plants',
          severity: 'look',
          about: [pieceRef(p)],
          title: known
            ? `${p.name} is poisonous to ${[children && 'children', pets && 'pets'].filter(Boolean).join(' and ')}`
            : `${p.name} is poisonous: children or pets?`,
          measured: harm.name,
          wanted: `out of reach, or ${harm.instead}`,
          because: 'They chew what they find. A poison center and the grower know more.',
          fixes: [
            {
              label: `Take ${harm.instead.split(' or ')[0] ?? 'another'} instead`,
              changes: [
                put('pieces', p.id, {
                  name: (harm.instead.split(' or ')[0] ?? 'Another plant').replace(/^./, (c) =>
                    c.toUpperCase(),
                  ),
                }),
              ],
            },
          ],
        },
      ]
    }),
}
