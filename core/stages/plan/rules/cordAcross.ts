import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { cordOf } from './lamps.js'
import { boxOf, type Box } from '../../../kernel/geometry/box.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import { isWalkedOver } from '../walkways.js'
import { has, ref, lower } from './about.js'
import { nudge } from '../nudge.js'

export const cordAcross: Rule<PlanFacts> = {
  name: 'plan.cord-across',
  title: 'A cord lies across a way',
  numbers:
    'The straight line from a lamp to its nearest socket, when going round it makes the way to a piece or window narrower, or more than 500 mm longer.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings.flatMap((s): Finding[] => {
      if (
        s.kind !== 'lamp' ||
        s.raisedMm > 1_500 ||
        s.piece.fixing === 'wired in' ||
        has(s.piece, 'cordless')
      )
        return []
      const found = cordOf(facts, s)
      if (!found || found.mm < 300) return []
      const { walking, walks, room } = facts
      if (!walking || !isWalkedOver(room, walking, walks, cordBox(s.box, found.at), s.id)) return []
      return [
        {
          rule: 'plan.cord-across',
          severity: 'look',
          about: [ref(s)],
          title: `The cord of ${lower(s.name)} lies where one walks`,
          measured: `${facts.says.length(found.mm)} to ${lower(found.socket)}`,
          wanted: 'a cord along the wall',
          because:
            'One trips over it; under a rug it wears and heats. Ask a licensed electrician for a socket.',
          fixes: nudge(facts, s, (m) => (cordOf(facts, m)?.mm ?? 0) < 300),
        },
      ]
    }),
}

/** The floor a cord lies on, as wide as the ways are looked at. */
function cordBox(from: Point, to: Point): Box {
  const long = Math.hypot(to.x - from.x, to.y - from.y)
  const deg = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI
  return boxOf((from.x + to.x) / 2, (from.y + to.y) / 2, long, CORD_MM, deg)
}
const CORD_MM = 60
