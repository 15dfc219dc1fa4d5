import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import { boxOf } from '../../../kernel/geometry/box.js'
import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { lower, ref } from './about.js'

/** From here on one sits with one's back to the others: more than about 105° off (common practice). */
const BACK = -0.25

/** How far a seat looks at a point: 1 straight at it, -1 straight away. */
function looksAt(s: Pick<Standing, 'box'>, p: Point): number {
  const [dx, dy] = [p.x - s.box.x, p.y - s.box.y]
  return (-s.box.uy * dx + s.box.ux * dy) / (Math.hypot(dx, dy) || 1)
}

/** The middle of the other seats of a group. */
const middleOf = (seats: readonly Standing[]): Point => ({
  x: seats.reduce((sum, s) => sum + s.box.x, 0) / seats.length,
  y: seats.reduce((sum, s) => sum + s.box.y, 0) / seats.length,
})

/** Turned by a quarter or a half so that it looks at the others, the nearest turn to straight at them first. */
function turns(facts: PlanFacts, s: Standing, at: Point): Fix[] {
  if (!facts.withFixes || s.piece.stays) return []
  return [90, 180, 270]
    .map((by) => {
      const turnDeg = (s.turnDeg + by) % 360
      const box = boxOf(s.box.x, s.box.y, s.widthMm, s.depthMm, turnDeg)
      return { turnDeg, looks: looksAt({ box }, at) }
    })
    .filter((t) => t.looks > 0.5)
    .sort((a, b) => b.looks - a.looks || a.turnDeg - b.turnDeg)
    .map(({ turnDeg }) => ({
      label: `Turn ${lower(s.name)} to ${facts.says.number(turnDeg)}°, towards the others`,
      changes: [put('floorPlacements', s.id, { turnDeg })],
    }))
}

export const backTurned: Rule<PlanFacts> = {
  name: 'plan.back-turned',
  title: 'A seat with its back to its group',
  numbers: 'A seat of the group looks more than about 105° away from the middle of the others.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.seats.flatMap((s): Finding[] => {
      const others = facts.seats.filter((o) => o.id !== s.id)
      if (others.length === 0) return []
      const at = middleOf(others)
      const looks = looksAt(s, at)
      if (looks >= BACK) return []
      return [
        {
          rule: 'plan.back-turned',
          severity: 'look',
          about: [ref(s)],
          title: `${s.name} turns its back to the others`,
          measured: `${facts.says.number((Math.acos(Math.max(-1, looks)) * 180) / Math.PI)}° away from them`,
          wanted: 'a seat that looks at its group',
          because: 'One talks to those one faces.',
          fixes: turns(facts, s, at),
        },
      ]
    }),
}
