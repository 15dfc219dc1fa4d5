import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, ref, lower, withTraits } from './about.js'
import { canTip, TIPS_TEXT } from '../../../findings/canTip.js'
import { ASK } from './cautions.js'

export const tipOver: Rule<PlanFacts> = {
  name: 'plan.tip-over',
  title: 'Tall storage or a leaning mirror that is not anchored',
  numbers: `${TIPS_TEXT}, until anchored to the building; pads do not count. With children it stops.`,
  source: '16 CFR 1261 (ASTM F2057) for the height, from memory; the rest common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings.flatMap((s): Finding[] => {
      const p = s.piece
      if (
        !canTip(s) ||
        has(p, 'anchored to the building') ||
        p.fixing === 'screwed to the wall' ||
        s.raisedMm > 0
      )
        return []
      const stop = facts.household.children
      const rented = facts.schools.tenure === 'rented'
      return [
        {
          rule: 'plan.tip-over',
          severity: stop ? 'stop' : 'look',
          about: [ref(s)],
          title: `Can ${lower(s.name)} tip onto someone?`,
          measured: `${facts.says.length(s.heightMm)} high${has(p, 'pads against tipping') ? ', pads only' : ', not anchored'}${p.weightG ? `, ${facts.says.weight(p.weightG)}` : ''}`,
          wanted: rented
            ? 'a restraint to the building, with written consent; or a lower or braced piece'
            : 'a restraint to the building',
          because: `Pads and weight are no restraint. ${rented ? 'What must be anchored may not be drilled: ask for consent, or choose another piece. ' : ''}${ASK}`,
          fixes: [
            withTraits(
              p,
              rented ? 'It will be anchored, with consent' : 'It will be anchored',
              ['anchored to the building'],
              ['pads against tipping'],
            ),
            {
              label: 'Take it out of the plan',
              changes: [{ collection: 'floorPlacements', id: s.id, remove: true as const }],
            },
          ],
        },
      ]
    }),
}
