import { CUSTOMARY_G } from './hanging.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { loadFault } from './hanging.js'
import { hungRef, wallRef, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const load: Rule<PlanFacts> = {
  name: 'plan.load',
  title: 'A fixing carries more than it is rated for',
  numbers:
    'Weight over the number of hooks against the rated load, or the customary one for that fixing and wall; a string is no fixing at all.',
  source: 'common practice; the maker’s figure decides',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.wallPlacements.flatMap((h): Finding[] => {
      const face = facts.room.walls.find((w) => w.id === h.wallId)?.face ?? 'smooth paint'
      const fault = loadFault(h, face, facts.says)
      if (!fault) return []
      const weight = h.weightG
      const rated = h.row.ratedG ?? CUSTOMARY_G[h.row.fixing]?.[h.row.into]
      const enough = weight !== null && rated != null ? Math.ceil(weight / rated) : undefined
      return [
        {
          rule: 'plan.load',
          severity: fault.severity,
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title:
            fault.severity === 'stop'
              ? `${h.name} is too heavy for what holds it`
              : `What holds ${lower(h.name)}?`,
          measured: fault.measured,
          wanted: fault.wanted,
          because: fault.because,
          fixes:
            enough !== undefined && enough > h.row.hooks && enough <= 4
              ? [
                  {
                    label: `Use ${enough} fixings`,
                    changes: [
                      put('wallPlacements', h.id, { hooks: enough, hookSpanMm: Math.round(h.widthMm * 0.6) }),
                    ],
                  },
                ]
              : [],
        },
      ]
    }),
}
