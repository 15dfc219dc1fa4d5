import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, pieceRef, withTraits } from './about.js'
import { ASK } from './cautions.js'

export const fuel: Rule<PlanFacts> = {
  name: 'plan.fuel',
  title: 'Wood that must not be burned',
  numbers: 'Driftwood from salt water, painted or treated wood, in any fire, at any price.',
  source: 'common practice; environmental authorities warn of the smoke',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces
      .filter((p) => has(p, 'burns salty, painted or treated wood'))
      .map((p): Finding => ({
        rule: 'plan.fuel',
        severity: 'stop',
        about: [pieceRef(p)],
        title: `${p.name}: do not burn this wood`,
        measured: 'salty, painted or treated wood',
        wanted: 'dry, untreated firewood',
        because: `Its smoke is toxic and eats metal; that it costs nothing is no reason. ${ASK}`,
        fixes: [
          {
            ...withTraits(p, 'Burn dry, untreated firewood', [], ['burns salty, painted or treated wood']),
            kind: 'promise',
          },
        ],
      })),
}
