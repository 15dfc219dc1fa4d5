import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { beforeWall } from '../elevation.js'
import { ref, lower } from './about.js'

export const profile: Rule<PlanFacts> = {
  name: 'plan.height-profile',
  title: 'The pieces beside a tall one rival it',
  numbers: 'Of three pieces in a row along a wall, the outer two stand 90 to 99 % as high as the middle one.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((wall) => {
      const row = beforeWall(wall, facts.standings, 500)
        .filter((b) => b.standing.raisedMm === 0 && b.topMm >= 600)
        .sort((a, b) => a.leftMm - b.leftMm)
      return row.slice(1, -1).flatMap((middle, i): Finding[] => {
        const [left, right] = [row[i], row[i + 2]]
        const rival = (b: typeof left) => b && b.topMm >= 0.9 * middle.topMm && b.topMm < middle.topMm
        if (!left || !right || !rival(left) || !rival(right)) return []
        return [
          {
            rule: 'plan.height-profile',
            severity: 'note',
            about: [left, middle, right].map((b) => ref(b.standing)),
            title: `${left.standing.name} and ${lower(right.standing.name)} rival ${lower(middle.standing.name)}`,
            measured: `${facts.says.lengths([left, middle, right].map((b) => b.topMm))} high`,
            wanted: 'low, high, low: the outer two clearly lower',
            because: 'Along a wall heights alternate; a pair steadies the middle and does not match it.',
            fixes: [],
          },
        ]
      })
    }),
}
