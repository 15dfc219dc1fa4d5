import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { cordOf } from './lamps.js'
import { crossing } from '../../../kernel/geometry/polygon.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

export const cordAcross: Rule<PlanFacts> = {
  name: 'plan.cord-across',
  title: 'A cord lies across a way',
  numbers: 'The straight line from a lamp to its nearest socket crosses the way from the door to a piece.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings.flatMap((s): Finding[] => {
      if (s.kind !== 'lamp' || s.raisedMm > 1_500 || s.piece.fixing === 'wired in') return []
      const found = cordOf(facts, s)
      if (!found || found.mm < 300) return []
      const across = facts.walks.find(
        (w) =>
          w.toId !== s.id &&
          w.path.some((p, i) => {
            const q = w.path[i + 1]
            return q !== undefined && crossing(s.box, found.at, p, q) !== undefined
          }),
      )
      if (!across) return []
      return [
        {
          rule: 'plan.cord-across',
          severity: 'look',
          about: [ref(s)],
          title: `The cord of ${lower(s.name)} lies across the way to ${lower(across.toName)}`,
          measured: `${facts.says.length(found.mm)} to ${lower(found.socket)}`,
          wanted: 'a cord along the wall',
          because:
            'One trips over it; under a rug it wears and heats. Ask a licensed electrician for a socket.',
          fixes: nudge(facts, s, (m) => (cordOf(facts, m)?.mm ?? 0) < 300),
        },
      ]
    }),
}
