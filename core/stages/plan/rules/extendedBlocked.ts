import type { Rule, Finding, Fix } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { inExtended } from './view.js'
import { ref, lower } from './about.js'
import { extended, type Standing, asExtended } from '../standing.js'
import { boxDepth, boxOf, boxCorners } from '../../../kernel/geometry/box.js'

export const extendedBlocked: Rule<PlanFacts> = {
  name: 'plan.extended-blocked',
  title: 'Something stands where a bed is extended, and has no place to go',
  numbers: 'Any piece within the open footprint without a parking place outside it.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    inExtended(facts)
      .filter((i) => !i.parked)
      .map(({ bed, inside }): Finding => ({
        rule: 'plan.extended-blocked',
        severity: 'stop',
        about: [ref(bed), ref(inside)],
        title: `${inside.name} needs a parking place when ${lower(bed.name)} is extended`,
        measured: `it stands inside the ${facts.says.length(2 * (extended(bed)?.halfD ?? 0))} of the open bed`,
        wanted: 'a second place for it, outside the open bed',
        because: 'The plan is not complete until both states are: by day and by night.',
        fixes: parkingFor(facts, bed, inside),
      })),
}

/** A place along a wall, out of the way of the open bed, where a piece can be parked. */
function parkingFor(facts: PlanFacts, bed: Standing, inside: Standing): Fix[] {
  if (!facts.withFixes) return []
  const open = asExtended(bed)
  for (const wall of facts.room.walls)
    for (let along = 100; along < wall.lengthMm - 100; along += 50) {
      const box = { ...inside.box, x: 0, y: 0 }
      const away =
        Math.abs(box.ux * wall.into.x + box.uy * wall.into.y) * box.halfW +
        Math.abs(-box.uy * wall.into.x + box.ux * wall.into.y) * box.halfD
      const x = Math.round(wall.left.x + wall.right.x * along + wall.into.x * (away + 20))
      const y = Math.round(wall.left.y + wall.right.y * along + wall.into.y * (away + 20))
      const placed: Standing = { ...inside, box: { ...box, x, y } }
      const others = facts.standings.filter((s) => s.id !== inside.id && s.id !== bed.id && s.kind !== 'rug')
      if (boxDepth(placed.box, open.box) > 0 || others.some((o) => boxDepth(placed.box, o.box) > 0)) continue
      if (!placeInside(facts, placed)) continue
      return [
        {
          label: `Park it at ${lower(wall.name)}`,
          changes: [
            {
              collection: 'floorPlacements',
              add: {
                pieceId: inside.pieceId,
                optionId: null,
                number: 1,
                xMm: x,
                yMm: y,
                turnDeg: inside.turnDeg,
                raisedMm: 0,
                parked: true,
              },
            },
          ],
        },
      ]
    }
  return []
}

function placeInside(facts: PlanFacts, s: Standing): boolean {
  const bounds = boxOf(s.box.x, s.box.y, 2 * s.box.halfW - 10, 2 * s.box.halfD - 10, s.turnDeg)
  return (
    boxCorners(bounds).every(
      (p) =>
        p.x > facts.room.low.x &&
        p.x < facts.room.high.x &&
        p.y > facts.room.low.y &&
        p.y < facts.room.high.y,
    ) &&
    facts.room.openings.every(
      (o) => o.swept.length === 0 || !boxCorners(bounds).some((p) => near(p, o.swept)),
    )
  )
}

const near = (p: { x: number; y: number }, swept: readonly { x: number; y: number }[]) => {
  const [foot] = swept
  return !!foot && Math.hypot(p.x - foot.x, p.y - foot.y) < 900
}
