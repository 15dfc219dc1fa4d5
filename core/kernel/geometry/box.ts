import { cross, distance, distanceToSegment, dot, minus, plus, signedArea, type Point } from './polygon.js'

/** A turned rectangle: its middle, its half sides, and the unit vector of its width. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly halfW: number
  readonly halfD: number
  /** Direction of the width; the depth lies a quarter turn clockwise of it on a sheet with y down. */
  readonly ux: number
  readonly uy: number
}

/**
 * A rectangle by its middle, sides and turn. Clockwise on a sheet with y down; quarter turns are exact.
 * @param turnDeg 0 lays the width along x
 */
export function boxOf(x: number, y: number, w: number, d: number, turnDeg: number): Box {
  const quarter = (((turnDeg % 360) + 360) % 360) / 90
  const exact = Number.isInteger(quarter)
  const rad = (turnDeg * Math.PI) / 180
  return {
    x,
    y,
    halfW: w / 2,
    halfD: d / 2,
    ux: exact ? ([1, 0, -1, 0][quarter] ?? 1) : Math.cos(rad),
    uy: exact ? ([0, 1, 0, -1][quarter] ?? 0) : Math.sin(rad),
  }
}

/** The four corners, back left first, clockwise. */
export function boxCorners({ x, y, halfW, halfD, ux, uy }: Box): readonly [Point, Point, Point, Point] {
  const [wx, wy, dx, dy] = [halfW * ux, halfW * uy, -halfD * uy, halfD * ux]
  return [
    { x: x - wx - dx, y: y - wy - dy },
    { x: x + wx - dx, y: y + wy - dy },
    { x: x + wx + dx, y: y + wy + dy },
    { x: x - wx + dx, y: y - wy + dy },
  ]
}

/** Width and height of the upright rectangle round a box. */
export const boxBounds = (b: Box) => ({
  halfX: b.halfW * Math.abs(b.ux) + b.halfD * Math.abs(b.uy),
  halfY: b.halfW * Math.abs(b.uy) + b.halfD * Math.abs(b.ux),
})

/** A point in the axes of a box: x along its width, y along its depth, from its middle. */
export const inBox = (b: Box, p: Point): Point => ({
  x: (p.x - b.x) * b.ux + (p.y - b.y) * b.uy,
  y: -(p.x - b.x) * b.uy + (p.y - b.y) * b.ux,
})

/** A point given in the axes of a box, on the sheet. */
export const fromBox = (b: Box, p: Point): Point => ({
  x: b.x + p.x * b.ux - p.y * b.uy,
  y: b.y + p.x * b.uy + p.y * b.ux,
})

// Less than this along an axis is touching, not overlapping.
const TOUCH = 1e-6

/** How deep two boxes lie in each other along the axis of least depth; 0 when they touch or are apart. */
export function boxDepth(a: Box, b: Box): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const c = Math.abs(a.ux * b.ux + a.uy * b.uy)
  const s = Math.abs(a.ux * b.uy - a.uy * b.ux)
  // Separating axes of two rectangles: the two sides of each.
  const aw = a.halfW + b.halfW * c + b.halfD * s - Math.abs(dx * a.ux + dy * a.uy)
  if (aw <= TOUCH) return 0
  const ad = a.halfD + b.halfW * s + b.halfD * c - Math.abs(-dx * a.uy + dy * a.ux)
  if (ad <= TOUCH) return 0
  const bw = b.halfW + a.halfW * c + a.halfD * s - Math.abs(dx * b.ux + dy * b.uy)
  if (bw <= TOUCH) return 0
  const bd = b.halfD + a.halfW * s + a.halfD * c - Math.abs(-dx * b.uy + dy * b.ux)
  if (bd <= TOUCH) return 0
  return Math.min(aw, ad, bw, bd)
}

/** Shortest way between two boxes; 0 when they touch or overlap. */
export const boxGap = (a: Box, b: Box): number =>
  boxDepth(a, b) > 0 ? 0 : polygonGap(boxCorners(a), boxCorners(b))

/** Shortest way between the outlines of two polygons that do not overlap. */
export function polygonGap(a: readonly Point[], b: readonly Point[]): number {
  let least = Infinity
  for (const [points, other] of [
    [a, b],
    [b, a],
  ] as const)
    for (const p of points)
      for (let i = 0; i < other.length; i++) {
        const [q, r] = [other[i], other[(i + 1) % other.length]]
        if (q && r) least = Math.min(least, distanceToSegment(p, q, r))
      }
  return least
}

/** The part of a polygon inside a convex one whose corners run clockwise on the sheet (Sutherland & Hodgman). */
export function clipConvex(subject: readonly Point[], convex: readonly Point[]): Point[] {
  let out = [...subject]
  for (let i = 0; i < convex.length && out.length > 0; i++) {
    const [a, b] = [convex[i], convex[(i + 1) % convex.length]]
    if (!a || !b) continue
    const edge = minus(b, a)
    const side = (p: Point) => cross(edge, minus(p, a))
    const next: Point[] = []
    out.forEach((p, k) => {
      const q = out[(k + 1) % out.length] ?? p
      const [sp, sq] = [side(p), side(q)]
      if (sp >= 0) next.push(p)
      if ((sp > 0 && sq < 0) || (sp < 0 && sq > 0)) next.push(plus(p, minus(q, p), sp / (sp - sq)))
    })
    out = next
  }
  return out
}

/** Area two boxes share. */
export function boxOverlap(a: Box, b: Box): number {
  if (boxDepth(a, b) === 0) return 0
  const shared = clipConvex(boxCorners(a), boxCorners(b))
  return shared.length > 2 ? Math.abs(signedArea(shared)) : 0
}

/** True when a point lies in a box or on its edge. */
export function boxHolds(b: Box, p: Point, slackMm = 0): boolean {
  const at = inBox(b, p)
  return Math.abs(at.x) <= b.halfW + slackMm && Math.abs(at.y) <= b.halfD + slackMm
}

/** Shortest way from a point to a box; 0 inside. */
export function pointToBox(b: Box, p: Point): number {
  const at = inBox(b, p)
  return Math.hypot(Math.max(0, Math.abs(at.x) - b.halfW), Math.max(0, Math.abs(at.y) - b.halfD))
}

/**
 * How far one can go from a side before meeting a polygon: the strip `from ≤ along ≤ to` is walked in the direction
 * of the side's normal. Infinity when nothing of the polygon lies in the strip ahead.
 *
 * @param origin a point of the side, @param along unit vector of the side, @param normal unit vector away from it
 * @param behindMm what ends no farther behind the side than this is met at once: a wall that the side touches
 */
export function freeAhead(
  polygon: readonly Point[],
  origin: Point,
  along: Point,
  normal: Point,
  from: number,
  to: number,
  behindMm = -TOUCH,
): number {
  // In the axes of the strip, cut to its width.
  let local = polygon.map((p) => ({ x: dot(minus(p, origin), along), y: dot(minus(p, origin), normal) }))
  local = cutX(cutX(local, from, 1), to, -1)
  const ahead = Math.max(...local.map((p) => p.y), -Infinity)
  if (local.length === 0 || ahead <= -behindMm) return Infinity
  return Math.max(0, Math.min(...local.map((p) => p.y)))
}

/** Keeps what lies on one side of x = at; works for segments (two points) too. */
function cutX(points: readonly Point[], at: number, sign: 1 | -1): Point[] {
  const out: Point[] = []
  points.forEach((p, i) => {
    const q = points[(i + 1) % points.length] ?? p
    const [sp, sq] = [sign * (p.x - at), sign * (q.x - at)]
    if (sp > TOUCH) out.push(p)
    if ((sp > TOUCH && sq < -TOUCH) || (sp < -TOUCH && sq > TOUCH))
      out.push(plus(p, minus(q, p), sp / (sp - sq)))
  })
  return out
}

/** Distance between two points; exported again so that callers of boxes need one file. */
export { distance }
