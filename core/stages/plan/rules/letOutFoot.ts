import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { letOut, asLetOut } from '../standing.js'
import { freeBefore } from '../free.js'
import { ref, mm, lower } from './about.js'
import { nudge } from '../nudge.js'

export const letOutFoot: Rule<PlanFacts> = {
  name: 'plan.let-out-foot',
  title: 'No way round a bed that is let out',
  numbers: `Beyond the foot of the open bed ${NEEDS.walkLeast.mm} mm; below ${NEEDS.passLeast.mm} mm it stops.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((bed): Finding[] => {
      if (!letOut(bed)) return []
      const others = facts.solid.filter(
        (o) => o.id !== bed.id && !facts.parked.some((p) => p.pieceId === o.pieceId),
      )
      const free = freeBefore(asLetOut(bed), 'front', facts.room, [...others, ...facts.parked])
      const { walkLeast, passLeast } = facts.needs
      if (free.mm >= walkLeast) return []
      return [
        {
          rule: 'plan.let-out-foot',
          severity: free.mm < passLeast ? 'stop' : 'look',
          about: [ref(bed)],
          title: `${mm(free.mm)} beyond ${lower(bed.name)} let out`,
          measured: `${mm(free.mm)} to ${lower(free.against)}`,
          wanted: mm(free.mm < passLeast ? passLeast : walkLeast),
          because: 'Whoever sleeps at the wall must get out at night.',
          fixes: nudge(
            facts,
            bed,
            (m) => freeBefore(asLetOut(m), 'front', facts.room, others).mm >= walkLeast,
          ),
        },
      ]
    }),
}
