import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { GRID_SLACK_MM, offGrid } from '../walls/hanging.js'
import { groupsOn, placed } from './hanging.js'
import { wallRef } from './about.js'
import { put } from '../../../model/changes.js'

export const grid: Rule<PlanFacts> = {
  name: 'plan.grid',
  title: 'A picture is out of line in the grid',
  numbers: `Rows, columns and gaps of a group even within ${GRID_SLACK_MM} mm.`,
  source: 'common practice',
  schools: ['straight grid'],
  check: (facts) =>
    facts.schools.hanging !== 'straight grid'
      ? []
      : facts.room.walls.flatMap((w) =>
          groupsOn(facts, w.id)
            .filter((g) => g.length > 2)
            .flatMap((g) =>
              offGrid(g.map(placed)).map((o): Finding => ({
                rule: 'plan.grid',
                severity: 'look',
                about: [{ kind: 'hang', id: o.id, name: o.name }, wallRef(facts, w.id)],
                title: `${o.name} is ${facts.says.length(o.offMm)} out of line`,
                measured: facts.says.length(o.offMm),
                wanted: `${facts.says.length(GRID_SLACK_MM)} or less`,
                because: 'Even rows make many pictures calm; one shifted by a finger’s width spoils it.',
                school: 'straight grid',
                fixes: [
                  {
                    label: 'Bring it into line',
                    changes: [put('wallPlacements', o.id, { xMm: o.xMm, centerMm: o.centerMm })],
                  },
                ],
              })),
            ),
        ),
}
