import { polygonGap } from '../../../kernel/geometry/box.js'
import { crossing, signedArea, type Point } from '../../../kernel/geometry/polygon.js'
import { ceilDiv, DUST_MM, type Drawing } from '../trade.js'
import { drawnFloor, floorBox, turned, type FloorDoor } from './floorPlan.js'
import { spans } from './spans.js'

/** One width of the roll as it lies on the floor, along x. */
interface Strip {
  readonly fromMm: number
  readonly toMm: number
  readonly startMm: number
  readonly lengthMm: number
}

/** A floor of carpet from the roll: strips side by side, each cut to the floor under it and its trim. */
export interface CarpetPlan {
  readonly drops: number
  readonly strips: readonly Strip[]
  readonly rollLengthMm: number
  readonly seams: number
  /** From the nearest seam to the nearest door; undefined without seam or door. */
  readonly clearMm: number | undefined
  /** Doors that a seam runs into, or lies right before. */
  readonly inDoors: readonly string[]
  readonly areaMm2: number
}

/** A seam nearer to a door than this is walked on at every coming and going (common practice). */
export const DOOR_CLEAR_MM = 300
/** No strip at an edge is narrower than this where it can be helped: it does not hold on the gripper (common practice: 300 mm, 12 in). */
export const LEAST_STRIP_MM = 300
/** Beyond this a seam is out of the way of a door, and farther is no better. */
const OUT_OF_THE_WAY_MM = 1000
const STEP_MM = 50

/**
 * Lays whole widths of a roll along x over a floor of any outline. What the roll is wider than the floor lets the seams be moved: they
 * keep off the doors, then the cloth is as short, then the edges as wide, then the seams as far from a door as they can be.
 *
 * @param outline corners of the floor; turn it for the other way
 * @param trimMm over each strip, both ends together
 */
export function layCarpet(
  outline: readonly Point[],
  doors: readonly FloorDoor[],
  rollMm: number,
  trimMm: number,
): CarpetPlan {
  const {
    low: { y: top },
    heightMm,
  } = floorBox(outline)
  const drops = Math.max(1, ceilDiv(heightMm, rollMm))
  const plans = firstWidths(outline, drops, rollMm).map((first) => {
    const edges = Array.from({ length: drops + 1 }, (_, i) =>
      i === 0 ? top : i === drops ? top + heightMm : top + first + (i - 1) * rollMm,
    )
    return planOf(outline, doors, edges, trimMm)
  })
  return plans.reduce((best, plan) => (better(plan, best) ? plan : best))
}

/**
 * How wide the first strip may be so that the others fit: by steps from either side, so that a mirrored floor is laid as its mirror
 * image, and so that a seam meets a corner of the floor, beyond which a shorter strip does.
 */
function firstWidths(outline: readonly Point[], drops: number, rollMm: number): number[] {
  const { low, heightMm } = floorBox(outline)
  if (drops === 1) return [heightMm]
  const least = heightMm - (drops - 1) * rollMm
  const steps = Math.floor((rollMm - least) / STEP_MM + 1e-9)
  const stepped = Array.from({ length: steps + 1 }, (_, i) => i * STEP_MM)
  const atCorners = outline.flatMap(({ y }) =>
    Array.from({ length: drops - 1 }, (_, nth) => y - low.y - nth * rollMm),
  )
  return [
    ...new Set([
      ...stepped.flatMap((mm) => [rollMm - mm, least + mm]),
      ...atCorners.filter((mm) => mm >= least && mm <= rollMm),
    ]),
  ]
}

function planOf(
  outline: readonly Point[],
  doors: readonly FloorDoor[],
  edges: readonly number[],
  trimMm: number,
): CarpetPlan {
  const strips = edges.slice(1).flatMap((to, i): Strip[] => {
    const from = edges[i] ?? 0
    const under = spans(outline, from, to)
    if (under.length === 0) return []
    const start = Math.min(...under.map(([a]) => a))
    return [
      { fromMm: from, toMm: to, startMm: start, lengthMm: Math.max(...under.map(([, b]) => b)) - start },
    ]
  })
  const seams = edges.slice(1, -1).flatMap((y) => spans(outline, y - 1, y + 1).map((s) => [y, ...s] as const))
  const gaps = doors.map((door) => ({
    name: door.name,
    mm: Math.min(
      Infinity,
      ...seams.map(([y, from, to]) => segmentGap({ x: from, y }, { x: to, y }, door.from, door.to)),
    ),
  }))
  const nearest = Math.min(Infinity, ...gaps.map((g) => g.mm))
  return {
    drops: strips.length,
    strips,
    rollLengthMm: strips.reduce((sum, s) => sum + s.lengthMm + trimMm, 0),
    seams: Math.max(0, strips.length - 1),
    clearMm: Number.isFinite(nearest) ? nearest : undefined,
    inDoors: gaps.filter((g) => g.mm < DOOR_CLEAR_MM).map((g) => g.name),
    areaMm2: Math.abs(signedArea(outline)),
  }
}

/** Whether one plan is better: seams out of the doors, less cloth, no narrow strip, seams farther from a door. */
function better(one: CarpetPlan, two: CarpetPlan): boolean {
  const narrow = (plan: CarpetPlan) => Math.min(LEAST_STRIP_MM, ...plan.strips.map((s) => s.toMm - s.fromMm))
  const clear = (plan: CarpetPlan) => Math.min(OUT_OF_THE_WAY_MM, plan.clearMm ?? OUT_OF_THE_WAY_MM)
  const order = [
    two.inDoors.length - one.inDoors.length,
    two.rollLengthMm - one.rollLengthMm,
    narrow(one) - narrow(two),
    clear(one) - clear(two),
  ]
  return (order.find((d) => Math.abs(d) > DUST_MM) ?? 0) > 0
}

/** How far two stretches are apart; nothing where they cross. */
const segmentGap = (a: Point, b: Point, c: Point, d: Point): number =>
  crossing(a, b, c, d) ? 0 : polygonGap([a, b], [c, d])

/** The floor with its strips, numbered; what lies beyond the edge is cut off. */
export function carpetDrawing(
  outline: readonly Point[],
  doors: readonly FloorDoor[],
  plan: CarpetPlan,
): Drawing {
  const { low } = floorBox(outline)
  return {
    ...drawnFloor(outline, doors),
    parts: plan.strips.map((s, i) => ({
      xMm: s.startMm - low.x,
      yMm: s.fromMm - low.y,
      widthMm: s.lengthMm,
      heightMm: s.toMm - s.fromMm,
      label: String(i + 1),
      use: 'used' as const,
    })),
  }
}

/** Both ways to lay it, as it is chosen first. */
export function bothWays(
  floor: readonly Point[],
  doors: readonly FloorDoor[],
  row: { readonly turned: boolean; readonly goodsWidthMm: number | null; readonly trimMm: number },
): { readonly got: CarpetPlan; readonly other: CarpetPlan } {
  const lay = (other: boolean) => {
    const way = turned(floor, doors, row.turned !== other)
    return layCarpet(way.outline, way.doors, row.goodsWidthMm ?? 0, row.trimMm)
  }
  return { got: lay(false), other: lay(true) }
}
