import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { OFF_FLOOR } from '../needs.js'
import { lower } from './about.js'
import { put } from '../../../model/changes.js'

/** A piece wider than the wall it is meant for. */
export const tooWide: Rule<PlanFacts> = {
  name: 'plan.too-wide',
  title: 'A piece is wider than its wall',
  numbers: 'Width against the measured wall it belongs to; actual sizes only.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const wall = facts.room.walls.find((w) => w.id === p.wallId)
      if (!wall || p.widthMm <= wall.lengthMm || OFF_FLOOR.has(p.kind) || p.kind === 'rug') return []
      return [
        {
          rule: 'plan.too-wide',
          severity: 'stop',
          about: [{ kind: 'piece', id: p.id, name: p.name }],
          title: `${p.name} is wider than ${lower(wall.name)}`,
          measured: `${facts.says.length(p.widthMm)} on ${facts.says.length(wall.lengthMm)}`,
          wanted: `${facts.says.length(wall.lengthMm)} or less`,
          because: 'Sizes vary far more than one expects; measure before buying.',
          fixes: [
            {
              label: `Free it of ${lower(wall.name)}`,
              changes: [put('pieces', p.id, { wallId: null })],
            },
          ],
        },
      ]
    }),
}
