import {
  boxCorners,
  boxHolds,
  boxOf,
  freeAhead,
  fromBox,
  inBox,
  type Box,
} from '../../kernel/geometry/box.js'
import type { Point } from '../../kernel/geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'
import { frontLegs, legsOf, sideOf, type Standing } from './standing.js'
import { freeRectangles, placesFor } from './freeFloor.js'
import { insideRoom } from './insideRoom.js'
import type { RugSize } from './rugSizes.js'
import { anchorSeat } from './seatGroup.js'

/** How one seat stands on a rug. */
export interface SeatOnRug {
  readonly seat: Standing
  readonly legsOn: number
  readonly frontOn: number
  /** How far the front leg that misses most is from the rug; 0 when both stand on it. */
  readonly missMm: number
}

export type RugVerdict = 'all legs' | 'front legs' | 'some seats' | 'table only' | 'no seats'

export interface RugJudged {
  readonly seats: readonly SeatOnRug[]
  readonly verdict: RugVerdict
  /** Bare floor from each side of the rug to what ends the floor: front, right, back, left of it. */
  readonly bordersMm: readonly [number, number, number, number]
  readonly liesFlat: boolean
}

// A leg whose outer edge is within this of the rug's edge stands on it: nobody lays a rug to the millimeter.
const LEG_SLACK_MM = 0

/** Holds a rug, or several joined into one, against the seats round it. */
export function judgeRug(rugs: readonly Box[], seats: readonly Standing[], room: PlanRoom): RugJudged {
  const on = (p: Point) => rugs.some((r) => boxHolds(r, p, LEG_SLACK_MM))
  const miss = (p: Point) => Math.min(...rugs.map((r) => missOf(r, p)))
  const judged = seats.map((seat): SeatOnRug => {
    const front = frontLegs(seat)
    return {
      seat,
      legsOn: legsOf(seat).filter(on).length,
      frontOn: front.filter(on).length,
      missMm: Math.round(Math.max(0, ...front.map(miss))),
    }
  })
  const frontAll = judged.filter((s) => s.frontOn === 2).length
  const verdict: RugVerdict =
    seats.length === 0
      ? 'no seats'
      : judged.every((s) => s.legsOn === 4)
        ? 'all legs'
        : frontAll === seats.length
          ? 'front legs'
          : judged.every((s) => s.legsOn === 0)
            ? 'table only'
            : 'some seats'
  return {
    seats: judged,
    verdict,
    bordersMm: bordersOf(rugs, room),
    liesFlat: rugs.every((r) => insideRoom(r, room)),
  }
}

/** How far outside a rug a point lies, along the floor. */
function missOf(rug: Box, p: Point): number {
  const at = inBox(rug, p)
  return Math.hypot(Math.max(0, Math.abs(at.x) - rug.halfW), Math.max(0, Math.abs(at.y) - rug.halfD))
}

export function bordersOf(rugs: readonly Box[], room: PlanRoom): readonly [number, number, number, number] {
  const free = (side: 'front' | 'right' | 'back' | 'left') =>
    Math.max(
      ...rugs.map((rug) => {
        const { origin, along, normal, half } = sideOf(rug, side)
        const mm = Math.min(
          ...room.walls.map((w) => freeAhead([w.from, w.to], origin, along, normal, -half + 1, half - 1)),
        )
        // Measured from the outermost rug: one that has its neighbor ahead is not at the edge.
        const neighbor = rugs.some(
          (o) =>
            o !== rug &&
            Number.isFinite(freeAhead(boxCorners(o), origin, along, normal, -half + 1, half - 1)),
        )
        return neighbor ? -Infinity : mm
      }),
    )
  const sides = [free('front'), free('right'), free('back'), free('left')] as const
  return sides.map((v) => (Number.isFinite(v) ? Math.round(v) : 0)) as unknown as readonly [
    number,
    number,
    number,
    number,
  ]
}

export interface RugAdvice extends RugJudged {
  readonly size: RugSize
  /** Two of one size laid side by side. */
  readonly joined: boolean
  readonly box: Box
  readonly rugs: readonly Box[]
  readonly leastBorderMm: number
  readonly areaMm2: number
}

export interface RugAdviceAsk {
  readonly seats: readonly Standing[]
  readonly room: PlanRoom
  readonly sizes: readonly RugSize[]
  readonly borderMm: number
  /** Where its middle would best lie; the middle of the seats' front legs when absent. */
  readonly around?: Point | undefined
  /** Narrow sizes of which two may be joined when no single one serves. */
  readonly joinable?: readonly RugSize[]
}

/**
 * Every size laid where it reaches most legs, both ways round. Sizes that cannot lie flat are left out: they are
 * refused, however customary.
 */
export function rugAdvice(ask: RugAdviceAsk): RugAdvice[] {
  const { seats, room, borderMm } = ask
  const anchor = anchorSeat(seats)
  const axis = anchor?.box ?? boxOf(0, 0, 1, 1, 0)
  const points = seats.flatMap((s) => [...frontLegs(s)])
  const local = points.map((p) => inBox(axis, p))
  const span = (k: 'x' | 'y') =>
    [Math.min(...local.map((p) => p[k])), Math.max(...local.map((p) => p[k]))] as const
  const middle =
    points.length > 0
      ? fromBox(axis, { x: (span('x')[0] + span('x')[1]) / 2, y: (span('y')[0] + span('y')[1]) / 2 })
      : (ask.around ?? { x: (room.low.x + room.high.x) / 2, y: (room.low.y + room.high.y) / 2 })
  const laid: RugAdvice[] = []
  let rectangles: Box[] | undefined
  const free = () => (rectangles ??= freeRectangles(room, axis))
  const tryOne = (size: RugSize, w: number, d: number, joined: boolean) => {
    const here = placeIn({ ...axis, x: middle.x, y: middle.y, halfW: w / 2, halfD: d / 2 }, room, borderMm)
    // Where a closet or a chimney breast is in the way, it is laid elsewhere on the free floor.
    const places = insideRoom(here, room) ? [here] : placesFor(free(), w, d, middle, borderMm)
    const [best] = places
      .map((box) => {
        const rugs = joined ? halves(box) : [box]
        return { box, rugs, judged: judgeRug(rugs, seats, room) }
      })
      .filter((p) => p.judged.liesFlat)
      .sort(
        (a, b) =>
          legsOn(b.judged) - legsOn(a.judged) ||
          Math.hypot(a.box.x - middle.x, a.box.y - middle.y) -
            Math.hypot(b.box.x - middle.x, b.box.y - middle.y),
      )
    if (!best) return
    laid.push({
      ...best.judged,
      size,
      joined,
      box: best.box,
      rugs: best.rugs,
      leastBorderMm: Math.min(...best.judged.bordersMm),
      areaMm2: w * d,
    })
  }
  for (const size of ask.sizes) {
    tryOne(size, size.longMm, size.shortMm, false)
    if (size.longMm !== size.shortMm) tryOne(size, size.shortMm, size.longMm, false)
  }
  for (const size of ask.joinable ?? []) {
    tryOne(size, size.longMm, 2 * size.shortMm, true)
    tryOne(size, 2 * size.shortMm, size.longMm, true)
  }
  return laid.sort((a, b) => a.areaMm2 - b.areaMm2)
}

const legsOn = (judged: RugJudged): number =>
  judged.seats.reduce((sum, s) => sum + 2 * s.frontOn + s.legsOn, 0)

function halves(box: Box): Box[] {
  const wide = box.halfW >= box.halfD
  const [dx, dy] = wide ? [0, box.halfD / 2] : [box.halfW / 2, 0]
  const half = wide ? { halfW: box.halfW, halfD: box.halfD / 2 } : { halfW: box.halfW / 2, halfD: box.halfD }
  return [-1, 1].map((s) => ({ ...box, ...half, ...fromBox(box, { x: s * dx, y: s * dy }) }))
}

/** Moves a rug, as little as need be, so that it leaves the border; where it cannot, evenly between the walls. */
function placeIn(box: Box, room: PlanRoom, borderMm: number): Box {
  let now = box
  for (const side of ['right', 'front'] as const) {
    const [front, right, back, left] = bordersOf([now], room)
    const [ahead, behind] = side === 'right' ? [right, left] : [front, back]
    const { normal } = sideOf(now, side)
    const total = ahead + behind
    const want = Math.min(borderMm, total / 2)
    const by = ahead < want ? ahead - want : behind < want ? want - behind : 0
    now = { ...now, x: now.x + normal.x * by, y: now.y + normal.y * by }
  }
  return now
}

/** The advice a school asks for out of all that can be laid. */
export function chosenRug(
  advice: readonly RugAdvice[],
  school: string | null,
  borderMm: number,
): RugAdvice | undefined {
  const single = advice.filter((a) => !a.joined)
  const front = (a: RugAdvice) => a.verdict === 'front legs' || a.verdict === 'all legs'
  switch (school) {
    case 'bare floor kept whole':
      return undefined
    case 'largest that leaves the border':
      return [...single].reverse().find((a) => a.leastBorderMm >= borderMm)
    case 'all legs on':
      return single.find((a) => a.verdict === 'all legs')
    case 'layered or joined':
      return single.find(front) ?? advice.find(front)
    default:
      return single.find(front)
  }
}

/** A rug of a given size where it puts most legs on, whichever way round. */
export function adviceBox(
  seats: readonly Standing[],
  room: PlanRoom,
  size: { readonly widthMm: number; readonly depthMm: number },
  borderMm: number,
): Box | undefined {
  if (seats.length === 0) return undefined
  const laid = rugAdvice({
    seats,
    room,
    borderMm,
    sizes: [{ name: '', shortMm: size.depthMm, longMm: size.widthMm }],
  })
  const best = [...laid].sort((a, b) => legsOn(b) - legsOn(a))[0]
  if (!best) return undefined
  // Its own width lies along the box's width, or it is turned by a quarter.
  const same = Math.abs(2 * best.box.halfW - size.widthMm) < 1
  return same
    ? best.box
    : { ...best.box, halfW: best.box.halfD, halfD: best.box.halfW, ux: -best.box.uy, uy: best.box.ux }
}
