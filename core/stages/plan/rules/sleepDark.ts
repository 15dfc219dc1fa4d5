import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, pieceRef, withTraits } from './about.js'
import { curtainDarkness } from '../light/lampPlaces.js'

// What the linings let through (common practice; the maker's figure decides).
const PASSES = { 'blackout lining': 0.03, 'dimming lining': 0.25 } as const

export const sleepDark: Rule<PlanFacts> = {
  name: 'plan.sleep-dark',
  title: 'Curtains too light or too dark for who sleeps there',
  numbers:
    'School dark: 5 % of the daylight or less. School dimmed, child in sight: 15 % or more. A blackout lining is taken for 3 %, a dimming one for 25 %.',
  source: 'common practice',
  schools: ['dark', 'dimmed, child in sight'],
  check: (facts) => {
    const wanted = facts.schools.childrensLight
    if (wanted !== 'dark' && wanted !== 'dimmed, child in sight') return []
    return facts.pieces
      .filter((p) => p.kind === 'curtains' || p.kind === 'blind')
      .flatMap((p): Finding[] => {
        const lining = has(p, 'blackout lining')
          ? 'blackout lining'
          : has(p, 'dimming lining')
            ? 'dimming lining'
            : undefined
        if (!lining) return []
        const judged = curtainDarkness(PASSES[lining], wanted)
        if (judged.ok) return []
        const other = lining === 'blackout lining' ? 'dimming lining' : 'blackout lining'
        return [
          {
            rule: 'plan.sleep-dark',
            severity: 'look',
            about: [pieceRef(p)],
            title: `${p.name}: ${wanted === 'dark' ? 'too light to sleep late' : 'too dark to see the child'}`,
            measured: judged.says.split(';')[0] ?? lining,
            wanted: wanted === 'dark' ? '5 % or less' : '15 % or more',
            because:
              'Ask each sleeper: the lining that is right for late sleepers is wrong where a child must be seen.',
            school: wanted,
            fixes: [withTraits(p, `A ${other} instead`, [other], [lining])],
          },
        ]
      })
  },
}
