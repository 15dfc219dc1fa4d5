import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { pointToBox } from '../../../kernel/geometry/box.js'
import { pendantFit } from '../light/lampPlaces.js'
import { ref, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const pendant: Rule<PlanFacts> = {
  name: 'plan.pendant',
  title: 'A hanging lamp hangs too low',
  numbers: `${NEEDS.headClear.mm} mm free under it where one walks; over a table ${NEEDS.overTable.mm} mm above the top. A larger diameter is no fault.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter(
        (s) =>
          s.kind === 'lamp' &&
          s.raisedMm > 900 &&
          (s.piece.fixing === 'screwed to the ceiling' ||
            s.piece.fixing === 'wired in' ||
            s.raisedMm > 1_500),
      )
      .flatMap((s): Finding[] => {
        const ceiling = facts.room.heightMm
        if (ceiling === null) return []
        const table = facts.standings.find(
          (o) => (o.kind === 'table' || o.kind === 'desk') && pointToBox(o.box, s.box) === 0,
        )
        const drop = ceiling - s.raisedMm
        const fit = pendantFit({
          ceilingMm: ceiling,
          shadeMm: drop,
          canopyAndCordMm: 0,
          headClearMm: facts.needs.headClear,
          tableMm: table?.heightMm,
          overTableMm: facts.needs.overTable,
        })
        if (fit.fits) return []
        const raised = ceiling - fit.largestDropMm
        return [
          {
            rule: 'plan.pendant',
            severity: 'look',
            about: [ref(s)],
            title: `${s.name} hangs ${facts.says.length(s.raisedMm)} above the floor`,
            measured: `a drop of ${facts.says.length(drop)}`,
            wanted: table
              ? `${facts.says.length(raised)}: ${facts.says.length(facts.needs.overTable)} above ${lower(table.name)}`
              : `${facts.says.length(raised)} or more, or a table under it`,
            because: table
              ? 'One looks across a table, not into a lamp.'
              : 'Heads pass under it. In a low room keep it shallow and gain by the diameter.',
            fixes:
              s.raisedMm + s.heightMm + (raised - s.raisedMm) <= ceiling + 1
                ? [
                    {
                      label: `Hang it at ${facts.says.length(raised)}`,
                      changes: [put('floorPlacements', s.id, { raisedMm: Math.round(raised) })],
                    },
                  ]
                : [],
          },
        ]
      }),
}
