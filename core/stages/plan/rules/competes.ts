import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { beforeWall } from '../elevation.js'
import { lampAgainstPicture } from '../light/lampPlaces.js'
import { ref, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const competes: Rule<PlanFacts> = {
  name: 'plan.lamp-competes',
  title: 'A lamp stands up into the picture above it',
  numbers:
    'Top of the lamp, its table included, above the lower edge of a wall piece within 300 mm beside it.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((wall) =>
      beforeWall(wall, facts.standings, 700)
        .filter((b) => b.standing.kind === 'lamp' && b.standing.raisedMm > 0)
        .flatMap((b) =>
          facts.wallPlacements
            .filter(
              (h) =>
                h.wallId === wall.id &&
                h.piece.kind !== 'lamp' &&
                h.xMm - h.widthMm / 2 - 300 < b.rightMm &&
                h.xMm + h.widthMm / 2 + 300 > b.leftMm,
            )
            .flatMap((h): Finding[] => {
              const {
                topMm,
                overMm,
                competes: clash,
              } = lampAgainstPicture(b.standing.raisedMm, b.standing.heightMm, h.bottomMm)
              if (!clash || topMm > h.topMm + 400) return []
              return [
                {
                  rule: 'plan.lamp-competes',
                  severity: 'look',
                  about: [ref(b.standing), { kind: 'hang', id: h.id, name: h.name }],
                  title: `${b.standing.name} competes with ${lower(h.name)}`,
                  measured: `${facts.says.length(topMm)} high with its table, ${facts.says.length(overMm)} above the lower edge`,
                  wanted: `below ${facts.says.length(h.bottomMm)}`,
                  because: 'A lamp stays below the picture beside it, or the two are seen as one muddle.',
                  fixes: [
                    {
                      label: `Raise ${lower(h.name)} by ${facts.says.length(overMm)}`,
                      changes: [put('wallPlacements', h.id, { centerMm: Math.round(h.centerMm + overMm) })],
                    },
                  ],
                },
              ]
            }),
        ),
    ),
}
