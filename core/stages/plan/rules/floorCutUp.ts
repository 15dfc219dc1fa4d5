import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { floorBreaks } from './rugs.js'
import { ref, listed, lower } from './about.js'

/** Small rooms are cut up by several rugs (common practice). */
const CUT_UP_MM2 = 16e6

export const floorCutUp: Rule<PlanFacts> = {
  name: 'plan.floor-cut-up',
  title: 'Several rugs or floors cut a small room up',
  numbers:
    'Two or more rugs, or floor finishes, in a room under 16 m². Mats in a wet room are not counted; layered or joined rugs are meant.',
  source: 'common practice',
  schools: [
    'smallest that puts front legs on',
    'largest that leaves the border',
    'all legs on',
    'bare floor kept whole',
  ],
  check: (facts) => {
    const area = facts.reflecting.floorM2 * 1e6
    if (
      facts.schools.rug === 'layered or joined' ||
      area === 0 ||
      area > CUT_UP_MM2 ||
      facts.room.kind === 'wet room'
    )
      return []
    if (floorBreaks(facts.rugs.length, facts.floorFinishes) === 0) return []
    const small = [...facts.rugs].sort((a, b) => a.widthMm * a.depthMm - b.widthMm * b.depthMm).slice(0, -1)
    return [
      {
        rule: 'plan.floor-cut-up',
        severity: 'look',
        about: facts.rugs.map(ref),
        title: `${facts.rugs.length > 1 ? `${facts.rugs.length} rugs` : `${facts.floorFinishes} floors`} in one small room`,
        measured: `${facts.says.area(area)} with ${facts.says.count(facts.rugs.length, 'rug')} and ${facts.says.count(Math.max(1, facts.floorFinishes), 'floor finish', 'floor finishes')}`,
        wanted: 'one floor and at most one rug',
        because: 'Unbroken surfaces look larger; every edge on the floor makes the room smaller.',
        fixes:
          facts.floorFinishes > 1 || small.length === 0
            ? []
            : [
                {
                  label: `Take up ${listed(small.map((r) => lower(r.name)))}`,
                  changes: small.map((r) => ({
                    collection: 'floorPlacements',
                    id: r.id,
                    remove: true as const,
                  })),
                },
              ],
      },
    ]
  },
}
