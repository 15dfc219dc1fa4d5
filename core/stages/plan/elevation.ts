import { boxCorners } from '../../kernel/geometry/box.js'
import { isFlat } from './needs.js'
import { fromWall, type PlanWall } from './planRoom.js'
import type { BeforeWall } from './planFacts.js'
import type { Standing } from './standing.js'

// What stands farther from a wall than this does not belong to its picture.
const BEFORE_MM = 1_000

/** What stands before a wall, farthest first, so that the nearest is drawn last. */
export function beforeWall(
  wall: PlanWall,
  standings: readonly Standing[],
  reachMm = BEFORE_MM,
): BeforeWall[] {
  return standings
    .filter((s) => !isFlat(s.kind))
    .flatMap((standing): BeforeWall[] => {
      const at = boxCorners(standing.box).map((p) => fromWall(wall, p))
      const awayMm = Math.min(...at.map((p) => p.beforeMm))
      const leftMm = Math.min(...at.map((p) => p.alongMm))
      const rightMm = Math.max(...at.map((p) => p.alongMm))
      if (awayMm > reachMm || rightMm < 0 || leftMm > wall.lengthMm) return []
      return [{ standing, leftMm, rightMm, topMm: standing.raisedMm + standing.heightMm, awayMm }]
    })
    .sort((a, b) => b.awayMm - a.awayMm)
}
