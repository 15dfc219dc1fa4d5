import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { SLACK_MM, inFixture, nudge, standsClear } from '../nudge.js'
import { OFF_FLOOR } from '../needs.js'
import { insideRoom } from '../insideRoom.js'
import { ref, lower } from './about.js'

export const outside: Rule<PlanFacts> = {
  name: 'plan.outside',
  title: 'A piece stands in a wall, a radiator or a projection',
  numbers: `More than ${SLACK_MM} mm through the outline of the room, or into what is fixed to its walls and stands out more than 40 mm.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    (facts.moved ? [facts.moved] : facts.standings).flatMap((s): Finding[] => {
      if (s.kind === 'rug' || OFF_FLOOR.has(s.kind)) return []
      const slack = { ...s.box, halfW: s.box.halfW - SLACK_MM, halfD: s.box.halfD - SLACK_MM }
      const fixture = inFixture(s, facts.room)
      if (insideRoom(slack, facts.room) && !fixture) return []
      return [
        {
          rule: 'plan.outside',
          severity: 'stop',
          about: [ref(s)],
          title: fixture
            ? `${s.name} stands in ${lower(fixture.name || fixture.kind)}`
            : `${s.name} stands in the wall`,
          measured: fixture
            ? `it stands out ${facts.says.length(fixture.depthMm)}`
            : 'a corner of it is outside the room',
          wanted: 'all of it on the floor of the room',
          because: 'Walls and what is fixed to them do not give way.',
          fixes: nudge(facts, s, (m) => standsClear(facts, m)),
        },
      ]
    }),
}
