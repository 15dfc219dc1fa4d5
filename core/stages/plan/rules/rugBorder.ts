import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { seatRugs, layInstead } from './rugs.js'
import { judgeRug } from '../rug.js'
import { ref } from './about.js'

export const rugBorder: Rule<PlanFacts> = {
  name: 'plan.rug-border',
  title: 'Too little bare floor round a rug',
  numbers: `In the school of the border: at least ${NEEDS.rugBorder.mm} mm on every side (a house rule may set another).`,
  source: NEEDS.rugBorder.source,
  schools: ['largest that leaves the border'],
  check: (facts) => {
    if (facts.schools.rug !== 'largest that leaves the border') return []
    return seatRugs(facts).flatMap((r): Finding[] => {
      const { bordersMm, liesFlat } = judgeRug([r.box], facts.seats, facts.room)
      const least = Math.min(...bordersMm)
      if (!liesFlat || least >= facts.needs.rugBorder) return []
      return [
        {
          rule: 'plan.rug-border',
          severity: 'look',
          about: [ref(r)],
          title: `${r.name} leaves ${facts.says.length(least)} of floor`,
          measured: `${facts.says.lengths(bordersMm)} round it`,
          wanted: `${facts.says.length(facts.needs.rugBorder)} on every side`,
          because: 'A rug that nearly reaches the walls reads as a carpet cut too small.',
          school: 'largest that leaves the border',
          fixes: layInstead(facts, r),
        },
      ]
    })
  },
}
