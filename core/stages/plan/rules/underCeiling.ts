import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { ceilingAbove, PICTURES, setCenter } from './hanging.js'
import { hungRef, wallRef } from './about.js'

export const underCeiling: Rule<PlanFacts> = {
  name: 'plan.under-ceiling',
  title: 'A picture crowds the ceiling',
  numbers: `Less than ${NEEDS.underCeiling.mm} mm between its top and the lowest part of the ceiling over it, slopes counted: stacking upward wants a high room.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.wallPlacements.flatMap((h): Finding[] => {
      const ceiling = ceilingAbove(facts, h)
      if (ceiling === null || !PICTURES.has(h.piece.kind) || ceiling - h.topMm >= facts.needs.underCeiling)
        return []
      const left = ceiling - h.topMm
      const center = ceiling - facts.needs.underCeiling - h.heightMm / 2
      return [
        {
          rule: 'plan.under-ceiling',
          severity: left < 0 ? 'stop' : 'look',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title:
            left < 0
              ? `${h.name} reaches through the ceiling`
              : `${h.name} ends ${facts.says.length(left)} under the ceiling`,
          measured: `top at ${facts.says.length(h.topMm)} under a ceiling of ${facts.says.length(ceiling)}`,
          wanted: `${facts.says.length(facts.needs.underCeiling)} or more above it`,
          because: 'Pictures are stacked upward only where the ceiling is high.',
          fixes: center > h.heightMm / 2 ? [setCenter(h, center, 'Lower it to clear the ceiling')] : [],
        },
      ]
    }),
}
