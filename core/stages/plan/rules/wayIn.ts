import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { pieceRef, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const wayIn: Rule<PlanFacts> = {
  name: 'plan.way-in',
  title: 'A large piece does not come in',
  numbers:
    'Every piece with two sides of 600 mm or more against every part of the way in: doors by Carver’s criterion for a rectangle in a rectangle, turns and landings by the closed form for a right-angled corner.',
  source: 'Carver, American Mathematical Monthly 64 (1957); the corner problem in closed form',
  schools: 'all',
  check: ({ carried, says }) =>
    carried.flatMap(({ piece, result }): Finding[] => {
      if (result.verdict !== 'not at all' || piece.stays) return []
      const at = result.tightest
      return [
        {
          rule: 'plan.way-in',
          severity: 'stop',
          about: [
            pieceRef(piece),
            ...(at ? [{ kind: 'passage' as const, id: at.part.id, name: at.part.name }] : []),
          ],
          title: `${piece.name} does not come in`,
          measured: `${says.sides([piece.widthMm, piece.depthMm, piece.heightMm])} misses ${at ? lower(at.part.name || at.part.kind) : 'the way'} by ${says.length(-Math.floor(at?.spareMm ?? 0))}`,
          wanted: 'something to spare at every part of the way',
          because: 'A piece that does not pass goes back at one’s own cost.',
          fixes: [
            {
              label: 'Choose another that does',
              changes: [put('pieces', piece.id, { verdict: 'let go' })],
            },
          ].filter(() => !piece.sentimental),
        },
      ]
    }),
}
