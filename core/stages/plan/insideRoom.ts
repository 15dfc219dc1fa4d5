import { boxCorners, inBox, type Box } from '../../kernel/geometry/box.js'
import { whereIs, type Point } from '../../kernel/geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'

/** Lying along a wall is not standing in it, mm. */
const TOUCH_MM = 1

/** Whether a box lies wholly in the room: its corners do, and no wall runs through it, a projection or a closet. */
export function insideRoom(box: Box, room: Pick<PlanRoom, 'corners'>): boolean {
  const { corners } = room
  if (boxCorners(box).some((p) => whereIs(p, corners) === 'outside')) return false
  return !corners.some((p, i) => runsThrough(box, p, corners[(i + 1) % corners.length] ?? p))
}

/** Whether a wall from one corner to the next passes through the inside of a box. */
function runsThrough(box: Box, from: Point, to: Point): boolean {
  const [a, b] = [inBox(box, from), inBox(box, to)]
  let [start, end] = [0, 1]
  for (const [at, by, half] of [
    [a.x, b.x - a.x, box.halfW - TOUCH_MM],
    [a.y, b.y - a.y, box.halfD - TOUCH_MM],
  ] as const) {
    if (Math.abs(by) < 1e-9) {
      if (Math.abs(at) >= half) return false
      continue
    }
    const [one, two] = [(-half - at) / by, (half - at) / by]
    start = Math.max(start, Math.min(one, two))
    end = Math.min(end, Math.max(one, two))
  }
  return end - start > 1e-9
}
