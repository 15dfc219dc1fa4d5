import { distanceToSegment, whereIs } from '../../../kernel/geometry/polygon.js'
import type { PlanRoom } from '../planRoom.js'

// The search works on flat arrays: a move is tried a few hundred thousand times a second, and an object made at each
// would cost more than the sums. Pieces stand at quarter turns: turn r is r × 90° clockwise, 0 with the back up the sheet.

/** Cells of the wall field are this large, mm. */
export const STEP_MM = 50

/** Distance from the walls on a grid: positive inside the room, negative outside. */
export interface Field {
  readonly x0: number
  readonly y0: number
  readonly nx: number
  readonly ny: number
  readonly step: number
  readonly mm: Float32Array
}

/** The wall field of a room, with a margin of 600 mm round it. */
export function wallField(room: PlanRoom): Field {
  const margin = 600
  const step = STEP_MM
  const [x0, y0] = [room.low.x - margin, room.low.y - margin]
  const nx = Math.ceil((room.high.x - room.low.x + 2 * margin) / step) + 1
  const ny = Math.ceil((room.high.y - room.low.y + 2 * margin) / step) + 1
  const mm = new Float32Array(nx * ny)
  for (let i = 0; i < mm.length; i++) {
    const p = { x: x0 + (i % nx) * step, y: y0 + Math.floor(i / nx) * step }
    let least = Infinity
    for (const w of room.walls) least = Math.min(least, distanceToSegment(p, w.from, w.to))
    mm[i] = whereIs(p, room.corners) === 'outside' ? -least : least
  }
  return { x0, y0, nx, ny, step, mm }
}
