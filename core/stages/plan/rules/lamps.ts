import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import { pointToBox } from '../../../kernel/geometry/box.js'

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
