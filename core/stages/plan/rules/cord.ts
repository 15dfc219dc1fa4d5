import type { Standing } from '../standing.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { cordOf } from './lamps.js'
import { has, ref, lower } from './about.js'
import { nudge } from '../nudge.js'

const plugged = (s: Standing): boolean =>
  s.kind === 'lamp' &&
  !has(s.piece, 'cordless') &&
  s.piece.fixing !== 'wired in' &&
  s.piece.fixing !== 'screwed to the ceiling' &&
  s.raisedMm < 1_500

export const cord: Rule<PlanFacts> = {
  name: 'plan.lamp-cord',
  title: 'A lamp whose cord does not reach, or crosses a way',
  numbers: `A socket within ${NEEDS.cordReach.mm} mm of every lamp that is plugged in; one that is cordless is not. Silent while no socket is recorded.`,
  source: NEEDS.cordReach.source,
  schools: 'all',
  check: (facts) => {
    if (!facts.room.fixtures.some((f) => f.kind === 'socket')) return []
    return facts.standings.filter(plugged).flatMap((s): Finding[] => {
      const found = cordOf(facts, s)
      if (!found || found.mm <= facts.needs.cordReach) return []
      return [
        {
          rule: 'plan.lamp-cord',
          severity: 'look',
          about: [ref(s)],
          title: `The cord of ${lower(s.name)} does not reach a socket`,
          measured: `${facts.says.length(found.mm)} to ${lower(found.socket)}`,
          wanted: `${facts.says.length(facts.needs.cordReach)} or less`,
          because:
            'Do not chain extensions or lay a cord under a rug or across a way; ask a licensed electrician for a socket.',
          fixes: nudge(facts, s, (m) => (cordOf(facts, m)?.mm ?? Infinity) <= facts.needs.cordReach),
        },
      ]
    })
  },
}
