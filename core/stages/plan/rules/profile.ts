import type { Rule, Finding, Ref } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanWall } from '../planRoom.js'
import { beforeWall } from '../elevation.js'
import { hungRef, ref, lower } from './about.js'

/** What is seen as one height along a wall: a stand with what it carries and what hangs over it. */
interface Height {
  readonly ref: Ref
  readonly name: string
  readonly leftMm: number
  readonly rightMm: number
  readonly topMm: number
}

/** Lower things are no part of the line (common practice). */
const LEAST_MM = 600
/** Two things are one height when the narrower lies so far within the other. */
const OVERLAP = 0.5

function overlaps(a: Height, b: Height): boolean {
  const shared = Math.min(a.rightMm, b.rightMm) - Math.max(a.leftMm, b.leftMm)
  return shared > OVERLAP * Math.min(a.rightMm - a.leftMm, b.rightMm - b.leftMm)
}

/** All that stands, is raised or hangs along a wall, from left to right; of what is one above the other the highest counts. */
function heightsAlong(facts: PlanFacts, wall: PlanWall): Height[] {
  const stood = beforeWall(wall, facts.standings, 500).map((b): Height => ({
    ref: ref(b.standing),
    name: b.standing.name,
    leftMm: b.leftMm,
    rightMm: b.rightMm,
    topMm: b.topMm,
  }))
  const hung = facts.wallPlacements
    .filter((h) => h.wallId === wall.id)
    .map((h): Height => ({
      ref: hungRef(h),
      name: h.name,
      leftMm: h.xMm - h.widthMm / 2,
      rightMm: h.xMm + h.widthMm / 2,
      topMm: h.topMm,
    }))
  const groups: Height[] = []
  const all = [...stood, ...hung].filter((h) => h.topMm >= LEAST_MM)
  for (const one of all.sort((a, b) => b.topMm - a.topMm || a.leftMm - b.leftMm))
    if (!groups.some((g) => overlaps(g, one))) groups.push(one)
  return groups.sort((a, b) => a.leftMm - b.leftMm)
}

export const profile: Rule<PlanFacts> = {
  name: 'plan.height-profile',
  title: 'The pieces beside a tall one rival it',
  numbers:
    'Of three heights in a row along a wall, the outer two are 90 to 99 % as high as the middle one. What stands, is raised on something or hangs counts; of what is one above the other the highest.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((wall) => {
      const row = heightsAlong(facts, wall)
      return row.slice(1, -1).flatMap((middle, i): Finding[] => {
        const [left, right] = [row[i], row[i + 2]]
        const rival = (b: typeof left) => b && b.topMm >= 0.9 * middle.topMm && b.topMm < middle.topMm
        if (!left || !right || !rival(left) || !rival(right)) return []
        return [
          {
            rule: 'plan.height-profile',
            severity: 'note',
            about: [left.ref, middle.ref, right.ref],
            title: `${left.name} and ${lower(right.name)} rival ${lower(middle.name)}`,
            measured: `${facts.says.lengths([left, middle, right].map((b) => b.topMm))} high`,
            wanted: 'low, high, low: the outer two clearly lower',
            because: 'Along a wall heights alternate; a pair steadies the middle and does not match it.',
            fixes: [],
          },
        ]
      })
    }),
}
