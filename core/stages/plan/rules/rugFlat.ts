import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { insideRoom } from '../insideRoom.js'
import { ref } from './about.js'
import { shiftOnto, layInstead } from './rugs.js'

export const rugFlat: Rule<PlanFacts> = {
  name: 'plan.rug-flat',
  title: 'A rug that cannot lie flat',
  numbers: 'Any part of it past the walls or over a projection of them.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.rugs
      .filter((r) => !insideRoom(r.box, facts.room))
      .map((r): Finding => ({
        rule: 'plan.rug-flat',
        severity: 'stop',
        about: [ref(r)],
        title: `${r.name} cannot lie flat`,
        measured: `${facts.says.length(r.widthMm)} × ${facts.says.length(r.depthMm)} reaches past the floor`,
        wanted: 'all of it on the floor',
        because: 'Its edge would stand up against the wall, and that is a trip.',
        fixes: [...shiftOnto(facts, r), ...layInstead(facts, r)].slice(0, 2),
      })),
}
