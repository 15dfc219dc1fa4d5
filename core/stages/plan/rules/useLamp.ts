import { NEEDS } from '../../../model/vocabulary/need.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import { onWall } from '../planRoom.js'
import type { PlanFacts } from '../planFacts.js'
import { lampAway, usePlaces } from '../light/usePlaces.js'
import { lower, ref } from './about.js'

/** Higher than this a lamp is a light of the ceiling: it lights the room, not a place in it (common practice). */
const CEILING_MM = 1_800
/** A hanging lamp belongs to what it hangs over. */
const OVER_MM = 400

/** Lamps at the height of people, stood or hung. */
function lampsNear(
  facts: PlanFacts,
): { readonly at: Point; readonly name: string; readonly reach?: number }[] {
  return [
    ...facts.standings
      .filter((s) => s.kind === 'lamp')
      .map((s) => ({
        at: { x: s.box.x, y: s.box.y },
        name: s.name,
        ...(s.raisedMm >= CEILING_MM ? { reach: OVER_MM } : {}),
      })),
    ...facts.room.fixtures
      .filter((f) => f.kind === 'wall light')
      .map((f) => ({ at: { x: f.box.x, y: f.box.y }, name: f.name || 'wall light' })),
    ...facts.wallPlacements.flatMap((h) => {
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      return h.piece.kind === 'lamp' && wall ? [{ at: onWall(wall, h.xMm, 150), name: h.name }] : []
    }),
  ]
}

export const useLamp: Rule<PlanFacts> = {
  name: 'plan.use-lamp',
  title: 'A use with no lamp near',
  numbers: `The nearest lamp farther than ${NEEDS.lampReach.mm} mm from the edge of what a use happens at, of a bed from its head; a light of the ceiling counts for what it hangs over alone. Seats one reads in have a rule of their own. Silent while no lamp is in the plan, and where the lamps entered bring the light the use wants.`,
  source: NEEDS.lampReach.source,
  schools: 'all',
  check: (facts) => {
    const lamps = lampsNear(facts)
    if (lamps.length === 0) return []
    const lit = facts.lamps.length > 0
    const many = facts.schools.lamps === 'many small at eye level'
    return usePlaces(facts)
      .filter((p) => p.use.kind !== 'read' && (!lit || p.lux < p.targetLux))
      .flatMap((p): Finding[] => {
        const near = lamps
          .map((l) => ({ ...l, mm: Math.round(lampAway(l.at, p.by)) }))
          .filter((l) => l.mm <= (l.reach ?? Infinity))
          .sort((a, b) => a.mm - b.mm)[0]
        if (near && near.mm <= facts.needs.lampReach) return []
        return [
          {
            rule: 'plan.use-lamp',
            severity: many ? 'look' : 'note',
            about: [ref(p.by), { kind: 'use', id: p.use.id, name: p.use.name }],
            title: `No lamp near ${lower(p.by.name)}, for ${lower(p.use.name)}`,
            measured: near
              ? `the nearest, ${lower(near.name)}, ${facts.says.length(near.mm)} away`
              : 'the ceiling light alone',
            wanted: `one within ${facts.says.length(facts.needs.lampReach)}`,
            because: 'Several small lamps make good a poor ceiling light, each where something is done.',
            ...(many ? { school: 'many small at eye level' } : {}),
            fixes: [],
          },
        ]
      })
  },
}
