import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { boxHolds, boxCorners, inBox } from '../../../kernel/geometry/box.js'
import { rugUnderTable, RUG_SIZES } from '../rugSizes.js'
import { ref, lower } from './about.js'

export const rugUnder: Rule<PlanFacts> = {
  name: 'plan.rug-under-table',
  title: 'Chairs fall off the rug under a dining table',
  numbers: `A rug that holds the middle of a table reaches ${NEEDS.rugBeyondTable.mm} mm beyond it on every side.`,
  source: NEEDS.rugBeyondTable.source,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => s.kind === 'table')
      .flatMap((table): Finding[] => {
        const rug = facts.rugs.find((r) => boxHolds(r.box, table.box))
        if (!rug) return []
        const at = boxCorners(table.box).map((p) => inBox(rug.box, p))
        const beyond = Math.round(
          Math.min(...at.map((p) => Math.min(rug.box.halfW - Math.abs(p.x), rug.box.halfD - Math.abs(p.y)))),
        )
        if (beyond >= facts.needs.rugBeyondTable) return []
        const fits = rugUnderTable(
          table.widthMm,
          table.depthMm,
          facts.needs.rugBeyondTable,
          RUG_SIZES[facts.says.system],
        )
        return [
          {
            rule: 'plan.rug-under-table',
            severity: 'look',
            about: [ref(rug), ref(table)],
            title: `${rug.name} reaches ${facts.says.length(Math.max(0, beyond))} beyond ${lower(table.name)}`,
            measured: facts.says.length(Math.max(0, beyond)),
            wanted: `${facts.says.length(facts.needs.rugBeyondTable)} on every side${fits.size ? `: ${fits.size.name} or larger` : ''}`,
            because: 'A chair that is pulled back stands with two legs off the edge, and catches it.',
            fixes: [
              {
                label: `Take up ${lower(rug.name)}`,
                changes: [{ collection: 'floorPlacements', id: rug.id, remove: true as const }],
              },
            ],
          },
        ]
      }),
}
