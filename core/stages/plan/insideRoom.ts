import { boxCorners, inBox, type Box } from '../../kernel/geometry/box.js'
import { whereIs } from '../../kernel/geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'

/** Whether a box lies wholly in the room, no corner of the room poking into it. */
export function insideRoom(box: Box, room: PlanRoom): boolean {
  const corners = boxCorners(box)
  if (corners.some((p) => whereIs(p, room.corners) === 'outside')) return false
  // A corner of the room that pokes into the rug: a chimney breast.
  return !room.corners.some((p) => {
    const at = inBox(box, p)
    return Math.abs(at.x) < box.halfW - 1 && Math.abs(at.y) < box.halfD - 1
  })
}
