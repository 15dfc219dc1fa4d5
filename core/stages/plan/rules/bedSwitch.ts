import { boxGap, pointToBox } from '../../../kernel/geometry/box.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import type { PlanFacts } from '../planFacts.js'
import { onWall } from '../planRoom.js'
import type { Standing } from '../standing.js'
import { pieceRef } from './about.js'

// A lamp farther from the bed serves another place.
const AT_BED_MM = 1_200

export const bedSwitch: Rule<PlanFacts> = {
  name: 'plan.bed-switch',
  title: 'A bedside lamp that is not switched from bed',
  numbers: `The switch at most ${NEEDS.switchReach.mm} mm from the pillow, of lamps within ${AT_BED_MM} mm of a bed, once it is measured.`,
  source: NEEDS.switchReach.source,
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((lamp): Finding[] => {
      const reachMm = facts.switches.get(lamp.id)
      const most = facts.needs.switchReach
      if (reachMm === undefined || reachMm <= most || !isAtBed(facts, lamp.id)) return []
      return [
        {
          rule: 'plan.bed-switch',
          severity: 'look',
          about: [pieceRef(lamp)],
          title: `The switch of ${lamp.name} is ${facts.says.length(reachMm - most)} out of reach`,
          measured: `${facts.says.length(reachMm)} from the pillow`,
          quantity: { value: reachMm, better: 'less' },
          wanted: `${facts.says.length(most)} at most`,
          because: 'One puts the light out lying down: a pull chain, a switch on the cord, or another lamp.',
          fixes: [],
        },
      ]
    }),
}

/** Whether it stands or hangs where one in bed would use it. */
function isAtBed(facts: PlanFacts, pieceId: string): boolean {
  const beds = facts.standings.filter((s) => s.kind === 'bed' || s.kind === 'sofa bed' || s.kind === 'cot')
  const near = (mm: (bed: Standing) => number) => beds.some((bed) => mm(bed) <= AT_BED_MM)
  return (
    facts.standings.some((s) => s.pieceId === pieceId && near((bed) => boxGap(bed.box, s.box))) ||
    facts.wallPlacements.some((h) => {
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      return h.piece.id === pieceId && !!wall && near((bed) => pointToBox(bed.box, onWall(wall, h.xMm, 150)))
    })
  )
}
