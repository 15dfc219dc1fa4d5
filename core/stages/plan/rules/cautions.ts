import type { PlanFacts, Hung } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { onWall } from '../planRoom.js'
import { boxOf, boxDepth, boxGap } from '../../../kernel/geometry/box.js'

/** Working load asked of what a lamp hangs from: five times its weight (common practice). */
export const SUSPENSION_FACTOR = 5

export const ASK = 'Follow the maker’s instructions and local code.'

/** Where a hung piece would fall: a strip of floor before its wall. */
export function fallsOn(
  facts: PlanFacts,
  h: Pick<Hung, 'wallId' | 'xMm' | 'widthMm'>,
  s: Standing,
  besideMm: number,
): boolean {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return false
  const at = onWall(wall, h.xMm, 250)
  const strip = boxOf(at.x, at.y, h.widthMm, 500, (Math.atan2(wall.right.y, wall.right.x) * 180) / Math.PI)
  return boxDepth(strip, s.box) > 0 || boxGap(strip, s.box) < besideMm
}

export const suspensionG = (weightG: number): number => weightG * SUSPENSION_FACTOR
