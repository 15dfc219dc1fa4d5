import type { PlanFacts } from '../planFacts.js'
import type { UsePlace } from './useDark.js'
import { LIGHT_TARGETS } from '../light/targets.js'
import { luxAt } from '../light/roomLighting.js'
import type { Standing } from '../standing.js'
import { type Point, distance } from '../../../kernel/geometry/polygon.js'
import { pointToBox } from '../../../kernel/geometry/box.js'

/** Where each use happens, and how much light the lamps of the room bring there. */
export function usePlaces(facts: PlanFacts): UsePlace[] {
  return facts.uses.flatMap((use) => {
    const target = LIGHT_TARGETS[use.kind]
    if (!target) return []
    return facts.standings
      .filter((s) => s.piece.serves.includes(use.id) && s.kind !== 'lamp')
      .map((by): UsePlace => {
        // Over the front of a seat, over the middle of a top.
        const seat = ['sofa', 'sofa bed', 'armchair', 'chair', 'stool', 'bench', 'bed'].includes(by.kind)
        const ahead = seat ? by.box.halfD * 0.5 : 0
        const at = { x: by.box.x - by.box.uy * ahead, y: by.box.y + by.box.ux * ahead }
        const heightMm = seat ? target.heightMm : Math.max(target.heightMm, Math.min(1_100, by.heightMm))
        return {
          use,
          at,
          heightMm,
          targetLux: target.lux,
          says: target.says,
          lux: luxAt(at, heightMm, facts.lamps, facts.reflecting),
          by,
        }
      })
  })
}

/** Way of a cord: along the floor from the lamp to the nearest socket. */
export function cordOf(
  facts: PlanFacts,
  lamp: Standing,
): { socket: string; mm: number; at: Point } | undefined {
  return facts.room.fixtures
    .filter((f) => f.kind === 'socket')
    .map((f) => ({
      socket: f.name || 'socket',
      mm: Math.round(pointToBox(lamp.box, f.box)),
      at: { x: f.box.x, y: f.box.y },
    }))
    .sort((a, b) => a.mm - b.mm)[0]
}

/** Lamps too near for two to be needed, for the panel. */
export const nearestLamp = (facts: PlanFacts, p: Point): number =>
  Math.min(...facts.lamps.map((l) => distance(l.at, p)), Infinity)
