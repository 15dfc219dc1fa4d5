import type { PlanFacts, Hung } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { boxBefore } from '../planRoom.js'
import { boxDepth, boxGap } from '../../../kernel/geometry/box.js'

/** Working load asked of what a lamp hangs from: five times its weight (common practice). */
export const SUSPENSION_FACTOR = 5

export const ASK = 'Follow the maker’s instructions and local code.'

/** What comes off a wall lands this far before it (common practice). */
const FALLS_MM = 500
/** How far a thing that hangs stands out: reach is measured to it, not to where it would fall. */
const HANGS_MM = 50

/**
 * True when a hung piece would fall on another, or hangs within reach of who lies there.
 * @param besideMm how far one who lies there reaches; 0 asks of the fall alone
 */
export function fallsOn(
  facts: PlanFacts,
  h: Pick<Hung, 'wallId' | 'xMm' | 'widthMm'>,
  s: Standing,
  besideMm: number,
): boolean {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return false
  const before = (deepMm: number) => boxBefore(wall, h.xMm, h.widthMm, deepMm)
  return boxDepth(before(FALLS_MM), s.box) > 0 || boxGap(before(HANGS_MM), s.box) < besideMm
}

export const suspensionG = (weightG: number): number => weightG * SUSPENSION_FACTOR
