import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { extended, asExtended } from '../standing.js'
import { freeBefore } from '../free.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

export const extendedFoot: Rule<PlanFacts> = {
  name: 'plan.extended-foot',
  title: 'No way round a bed that is extended',
  numbers: `Beyond the foot of the open bed ${NEEDS.walkLeast.mm} mm; below ${NEEDS.passLeast.mm} mm it stops.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((bed): Finding[] => {
      if (!extended(bed)) return []
      const others = facts.solid.filter(
        (o) => o.id !== bed.id && !facts.parked.some((p) => p.pieceId === o.pieceId),
      )
      const free = freeBefore(asExtended(bed), 'front', facts.room, [...others, ...facts.parked])
      const { walkLeast, passLeast } = facts.needs
      if (free.mm >= walkLeast) return []
      return [
        {
          rule: 'plan.extended-foot',
          severity: free.mm < passLeast ? 'stop' : 'look',
          about: [ref(bed)],
          title: `${facts.says.length(free.mm)} beyond ${lower(bed.name)} extended`,
          measured: `${facts.says.length(free.mm)} to ${lower(free.against)}`,
          wanted: facts.says.length(free.mm < passLeast ? passLeast : walkLeast),
          because: 'Whoever sleeps at the wall must get out at night.',
          fixes: nudge(
            facts,
            bed,
            (m) => freeBefore(asExtended(m), 'front', facts.room, others).mm >= walkLeast,
          ),
        },
      ]
    }),
}
