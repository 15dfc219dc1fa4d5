import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { exposedBehind } from './view.js'
import { ref, lower, withTraits } from './about.js'

export const exposed: Rule<PlanFacts> = {
  name: 'plan.exposed',
  title: 'An open piece shows what stands behind it',
  numbers: 'The line from the door to a piece with an untidy side crosses a piece that is open below.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    exposedBehind(facts).map(({ open, shown }): Finding => ({
      rule: 'plan.exposed',
      severity: 'look',
      about: [ref(open), ref(shown)],
      title: `${open.name} lets the side of ${lower(shown.name)} be seen from the door`,
      measured: `open base → side of ${lower(shown.name)} seen from the door`,
      wanted: 'a closed base, or a side that may be seen',
      because: 'Legs, open sides and glass show the neighbor.',
      fixes: [
        withTraits(shown.piece, `Choose ${lower(shown.name)} with a closed side`, [], ['untidy side']),
        withTraits(open.piece, `Choose ${lower(open.name)} with closed sides`, [], ['open below']),
      ],
    })),
}
