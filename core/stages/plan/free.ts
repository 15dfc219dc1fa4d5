import { boxCorners, freeAhead } from '../../kernel/geometry/box.js'
import { distance, plus, type Point } from '../../kernel/geometry/polygon.js'
import { isFlat, type Side } from './needs.js'
import { TIE_MM } from './clearanceGrid.js'
import type { PlanRoom } from './planRoom.js'
import { sideOf, type Standing } from './standing.js'

/** How much floor is free before a side, what ends it, and the line it is measured along. */
export interface Free {
  readonly mm: number
  readonly against: string
  /** The piece it runs against, of several the largest; undefined for a wall. */
  readonly piece: Standing | undefined
  /** Every piece that is equally near, the largest first. */
  readonly pieces: readonly Standing[]
  readonly from: Point
  readonly to: Point
}

/** One walks under what hangs higher than this. */
const WALK_UNDER_MM = 1_900

/** A side this near to a wall, or in it, stands at it. */
const TOUCHES_MM = 5

/** Of two the one that counts: by its floor, then by its height, whichever was entered first. */
export const largerFirst = (a: Standing, b: Standing): number =>
  b.widthMm * b.depthMm - a.widthMm * a.depthMm || b.heightMm - a.heightMm || a.kind.localeCompare(b.kind)

/** Pieces a person cannot walk through. */
export const inTheWay = (s: Standing): boolean =>
  !isFlat(s.kind) && s.raisedMm < WALK_UNDER_MM && !(s.raisedMm > 0 && s.raisedMm > 1_200)

/**
 * Free floor before a side of a piece. The strip is a little narrower than the side, so that what stands beside a
 * piece is not before it.
 *
 * @param others pieces that may end it
 * @param withinMm pieces farther than this are not looked at
 */
export function freeBefore(
  s: Standing,
  side: Side,
  room: PlanRoom,
  others: readonly Standing[],
  withinMm = 8_000,
): Free {
  const { origin, along, normal, half } = sideOf(s.box, side)
  const reach = half - Math.min(100, half * 0.2)
  let wall = { mm: Infinity, against: 'nothing' }
  for (const w of room.walls) {
    const mm = freeAhead([w.from, w.to], origin, along, normal, -reach, reach, TOUCHES_MM)
    if (mm < wall.mm) wall = { mm, against: w.name }
  }
  let nearest = wall.mm
  const met: { readonly mm: number; readonly other: Standing }[] = []
  for (const other of others) {
    if (other.id === s.id) continue
    // Nothing beyond what is known already need be looked at.
    const away = distance(other.box, origin) - other.box.halfW - other.box.halfD
    if (away > Math.min(nearest, withinMm) + reach) continue
    const mm = freeAhead(boxCorners(other.box), origin, along, normal, -reach, reach)
    if (mm > nearest + TIE_MM || !Number.isFinite(mm)) continue
    met.push({ mm, other })
    nearest = Math.min(nearest, mm)
  }
  // All that are equally near; a wall that is nearer than any of them ends it alone.
  const pieces = met
    .filter(({ mm }) => mm <= nearest + TIE_MM && mm <= wall.mm)
    .map(({ other }) => other)
    .sort(largerFirst)
  const best = { mm: nearest, against: pieces[0]?.name ?? wall.against }
  return {
    ...best,
    piece: pieces[0],
    pieces,
    from: origin,
    to: plus(origin, normal, Number.isFinite(best.mm) ? best.mm : 0),
  }
}
