import { fromBox, inBox, type Box } from '../../kernel/geometry/box.js'
import { whereIs, type Point } from '../../kernel/geometry/polygon.js'
import { insideRoom } from './insideRoom.js'
import type { PlanRoom } from './planRoom.js'

type Floor = Pick<PlanRoom, 'corners'>

/** Beside the corners of the floor, so many places are tried across it: a slanting wall has its corners elsewhere. */
const PLACES = 12
const SAME_MM = 1

/** Coordinates along one axis at which a rectangle can begin or end. */
function cuts(values: readonly number[], slanting: boolean): number[] {
  const [low, high] = [Math.min(...values), Math.max(...values)]
  const more = slanting
    ? Array.from({ length: PLACES - 1 }, (_n, i) => low + ((high - low) * (i + 1)) / PLACES)
    : []
  return [...values, ...more]
    .sort((a, b) => a - b)
    .filter((v, i, all) => i === 0 || v - (all[i - 1] ?? v) > SAME_MM)
}

const holds = (outer: Box, inner: Box): boolean => {
  const at = inBox(outer, inner)
  return (
    Math.abs(at.x) + inner.halfW <= outer.halfW + SAME_MM &&
    Math.abs(at.y) + inner.halfD <= outer.halfD + SAME_MM
  )
}

/**
 * The largest rectangles that lie on a floor, turned like an axis: none of them within another. Exact where the walls run along
 * the axis; on a slanting wall to a twelfth of the floor.
 *
 * @param axis gives the turn; its place and size do not matter
 */
export function freeRectangles(floor: Floor, axis: Box): Box[] {
  const local = floor.corners.map((p) => inBox(axis, p))
  const slanting = local.some((p, i) => {
    const q = local[(i + 1) % local.length] ?? p
    return Math.abs(p.x - q.x) > SAME_MM && Math.abs(p.y - q.y) > SAME_MM
  })
  const xs = cuts(
    local.map((p) => p.x),
    slanting,
  )
  const ys = cuts(
    local.map((p) => p.y),
    slanting,
  )
  const found: Box[] = []
  const pairs = (list: readonly number[]) =>
    list.flatMap((from, i) => list.slice(i + 1).map((to) => [from, to] as const))
  const all = pairs(xs)
    .flatMap(([x1, x2]) =>
      pairs(ys).map(([y1, y2]): Box => ({
        ...axis,
        ...fromBox(axis, { x: (x1 + x2) / 2, y: (y1 + y2) / 2 }),
        halfW: (x2 - x1) / 2,
        halfD: (y2 - y1) / 2,
      })),
    )
    .sort((a, b) => b.halfW * b.halfD - a.halfW * a.halfD)
  for (const box of all)
    if (
      !found.some((f) => holds(f, box)) &&
      insideRoom({ ...box, halfW: box.halfW - SAME_MM, halfD: box.halfD - SAME_MM }, floor)
    )
      found.push(box)
  return found
}

/** Where a rectangle of a size lies on free floor, in each of the rectangles that hold it as near to a point as may be. */
export function placesFor(
  rectangles: readonly Box[],
  widthMm: number,
  depthMm: number,
  near: Point,
  borderMm: number,
): Box[] {
  const clamp = (v: number, most: number) => Math.min(most, Math.max(-most, v))
  return rectangles.flatMap((r): Box[] => {
    const [spareX, spareY] = [r.halfW - widthMm / 2, r.halfD - depthMm / 2]
    if (spareX < -SAME_MM || spareY < -SAME_MM) return []
    const at = inBox(r, near)
    // The border is kept where there is room for it, and evenly shared where there is not.
    const inner = (spare: number) => Math.max(0, spare - Math.min(borderMm, spare))
    const middle = fromBox(r, { x: clamp(at.x, inner(spareX)), y: clamp(at.y, inner(spareY)) })
    return [{ ...r, ...middle, halfW: widthMm / 2, halfD: depthMm / 2 }]
  })
}

/** How finely the middle of a round rug is looked for, mm. */
const STEP_MM = 50

/** The largest circle that lies on a floor, to the step it is looked for in. */
export function largestRound(floor: Floor): { readonly diameterMm: number; readonly at: Point } | undefined {
  const { corners } = floor
  const [xs, ys] = [corners.map((p) => p.x), corners.map((p) => p.y)]
  let best: { diameterMm: number; at: Point } | undefined
  for (let x = Math.min(...xs); x <= Math.max(...xs); x += STEP_MM)
    for (let y = Math.min(...ys); y <= Math.max(...ys); y += STEP_MM) {
      const at = { x, y }
      if (whereIs(at, corners) === 'outside') continue
      const radius = Math.min(
        ...corners.map((p, i) => toSegment(at, p, corners[(i + 1) % corners.length] ?? p)),
      )
      if (2 * radius > (best?.diameterMm ?? 0)) best = { diameterMm: 2 * radius, at }
    }
  return best
}

function toSegment(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const t = Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)))
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
}
