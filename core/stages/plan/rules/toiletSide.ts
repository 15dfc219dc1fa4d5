import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { freeBefore } from '../free.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

export const toiletSide: Rule<PlanFacts> = {
  name: 'plan.toilet-side',
  title: 'A toilet too near what is beside it',
  numbers: `From the middle of the toilet to each side: ${NEEDS.toiletSide.mm} mm by code (stop), ${NEEDS.toiletSideWish.mm} mm for comfort (look). Limits are inclusive.`,
  source: `${NEEDS.toiletSide.source}; ${NEEDS.toiletSideWish.source}`,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => s.sanitary === 'toilet')
      .flatMap((s): Finding[] => {
        const worst = (['left', 'right'] as const)
          .map((side) => freeBefore(s, side, facts.room, facts.solid))
          .map((free) => ({ free, mm: free.mm + s.widthMm / 2 }))
          .sort((a, b) => a.mm - b.mm)[0]
        const { toiletSide: code, toiletSideWish: wish } = facts.needs
        if (!worst || worst.mm >= wish) return []
        const stop = worst.mm < code
        return [
          {
            rule: 'plan.toilet-side',
            severity: stop ? 'stop' : 'look',
            about: [ref(s)],
            title: `${s.name} is ${facts.says.length(worst.mm)} from ${lower(worst.free.against)}`,
            measured: `${facts.says.length(worst.mm)} from its middle`,
            wanted: `${facts.says.length(stop ? code : wish)} or more`,
            because: 'Shoulders and elbows need it; the local code and a licensed plumber decide.',
            fixes: nudge(facts, s, (m) =>
              (['left', 'right'] as const).every(
                (side) =>
                  freeBefore(
                    m,
                    side,
                    facts.room,
                    facts.solid.filter((o) => o.id !== s.id),
                  ).mm +
                    s.widthMm / 2 >=
                  wish,
              ),
            ),
          },
        ]
      }),
}
