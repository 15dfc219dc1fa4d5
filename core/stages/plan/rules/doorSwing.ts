import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { inSwing, SWING_MM2, nudge } from '../nudge.js'
import { ref, lower } from './about.js'

export const doorSwing: Rule<PlanFacts> = {
  name: 'plan.door-swing',
  title: 'A door does not open',
  numbers: 'Any floor within the swing of a leaf that opens into the room, up to a right angle.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.openings.flatMap((o) =>
      (facts.moved ? [facts.moved] : facts.standings).flatMap((s): Finding[] => {
        const area = inSwing(s, o.swept)
        if (area <= SWING_MM2) return []
        return [
          {
            rule: 'plan.door-swing',
            severity: 'stop',
            about: [ref(s), { kind: 'opening', id: o.id, name: o.name }],
            title: `${o.name || 'The door'} strikes ${lower(s.name)}`,
            measured: `${facts.says.smallArea(area)} of its swing are taken`,
            quantity: { value: area, better: 'less' },
            wanted: 'the whole swing free',
            because: 'A leaf that cannot open is a way out that is not there.',
            fixes: nudge(facts, s, (m) => inSwing(m, o.swept) <= SWING_MM2),
          },
        ]
      }),
    ),
}
