import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, pieceRef, withTraits } from './about.js'
import { suspensionG, SUSPENSION_FACTOR, ASK } from './cautions.js'

export const suspension: Rule<PlanFacts> = {
  name: 'plan.suspension',
  title: 'A lamp hung by line, ribbon or cord',
  numbers: `Anything hung by line: chain or cable rated for ${SUSPENSION_FACTOR} times its weight. A breaking load is no working load.`,
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      if (!has(p, 'hung by line or cord') || has(p, 'hung by rated chain or cable')) return []
      return [
        {
          rule: 'plan.suspension',
          severity: 'stop',
          about: [pieceRef(p)],
          title: `${p.name} hangs by a line that is no suspension`,
          measured: p.weightG ? facts.says.weight(p.weightG) : 'weight not known',
          wanted: p.weightG
            ? `chain or cable rated for ${facts.says.weight(suspensionG(p.weightG))}`
            : `chain or cable rated for ${SUSPENSION_FACTOR} times its weight`,
          because: `Breaking load is not working load, and nylon creeps. ${ASK}`,
          fixes: [
            withTraits(p, 'Rated chain or cable', ['hung by rated chain or cable'], ['hung by line or cord']),
          ],
        },
      ]
    }),
}
