import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { hungRef, wallRef } from './about.js'
import { put } from '../../../model/changes.js'

// Curved, stone and textured faces take no flat art without more ado (common practice).
const REFUSE: ReadonlySet<string> = new Set(['stone or brick', 'tile'])

export const faceRefuses: Rule<PlanFacts> = {
  name: 'plan.face-refuses',
  title: 'A wall face that takes no hook',
  numbers:
    'Anything hung by a hook or nail on stone, brick or tile; strips on anything but smooth paint, tile or timber are judged with the load.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.wallPlacements.flatMap((h): Finding[] => {
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      if (
        !wall ||
        !REFUSE.has(wall.face) ||
        (h.row.fixing !== 'picture hook' && h.row.fixing !== 'string on a nail')
      )
        return []
      return [
        {
          rule: 'plan.face-refuses',
          severity: 'look',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title: `${wall.name} is ${wall.face}: a ${h.row.fixing} does not go in`,
          measured: wall.face,
          wanted: 'a plug, a rail with cords, or another wall',
          because: 'Stone and tile crack or turn the nail; find cables and pipes before drilling.',
          fixes: [
            {
              label: 'Screw and plug',
              changes: [put('wallPlacements', h.id, { fixing: 'screw and plug' })],
            },
            {
              label: 'Rail and cord',
              changes: [put('wallPlacements', h.id, { fixing: 'rail and cord' })],
            },
          ],
        },
      ]
    }),
}
