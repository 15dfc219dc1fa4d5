import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has } from './about.js'
import { askOf } from './asked.js'

export const foundWood: Rule<PlanFacts> = {
  name: 'plan.found-wood',
  title: 'Pallets, stumps and found wood',
  numbers: 'Until its treatment mark, insects and splinters were looked at; with children that is told.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] =>
      !p.foundWood || has(p, 'wood looked over')
        ? []
        : [
            askOf(p, {
              rule: 'plan.found-wood',
              title: `What was ${p.name} treated with?`,
              measured: 'not looked over',
              wanted: `its treatment mark read, no insects, no splinters${
                facts.household.children ? '; not for a child while that is not known' : ''
              }`,
              because:
                'Pallets may be fumigated or soaked, stumps bring insects in. Never for food while it is not known.',
              answers: [{ label: 'Mark read, dry, clean and sanded', add: ['wood looked over'] }],
            }),
          ],
    ),
}
