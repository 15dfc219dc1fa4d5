import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { PAIR_SLACK_MM, mismatchedPairs } from '../walls/hanging.js'
import { groupsOn, placed } from './hanging.js'
import { lower } from './about.js'
import { put } from '../../../model/changes.js'

export const mirrored: Rule<PlanFacts> = {
  name: 'plan.mirrored',
  title: 'A mirrored pair hangs at two heights',
  numbers: `Each pair about the middle of a group within ${PAIR_SLACK_MM} mm of each other, measured up from the floor; heights along the row may differ.`,
  source: 'common practice',
  schools: ['staggered, symmetrical about the middle'],
  check: (facts) =>
    facts.schools.hanging !== 'staggered, symmetrical about the middle'
      ? []
      : facts.room.walls.flatMap((w) =>
          groupsOn(facts, w.id)
            .filter((g) => g.length > 1)
            .flatMap((g) =>
              mismatchedPairs(g.map(placed)).map(({ one, two, byMm }): Finding => ({
                rule: 'plan.mirrored',
                severity: 'look',
                about: [one, two].map((h) => ({ kind: 'hang' as const, id: h.id, name: h.name })),
                title: `${one.name} and ${lower(two.name)} differ by ${facts.says.length(byMm)}`,
                measured: `${facts.says.length(one.centerMm)} and ${facts.says.length(two.centerMm)} above the floor`,
                wanted: 'one height for the pair',
                because:
                  'Staggered heights are wanted unequal, but each pair about the middle must match; measure up from the floor, not down from a ceiling that may fall.',
                school: 'staggered, symmetrical about the middle',
                fixes: [
                  {
                    label: `Both at ${Math.round(one.centerMm)}`,
                    changes: [put('wallPlacements', two.id, { centerMm: Math.round(one.centerMm) })],
                  },
                  {
                    label: `Both at ${Math.round(two.centerMm)}`,
                    changes: [put('wallPlacements', one.id, { centerMm: Math.round(two.centerMm) })],
                  },
                ],
              })),
            ),
        ),
}
