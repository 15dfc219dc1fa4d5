import { boxBounds, type Box } from '../../kernel/geometry/box.js'
import { dot, plus, type Point } from '../../kernel/geometry/polygon.js'
import { fromWall, onWall, turnAgainst, type PlanRoom, type PlanWall } from './planRoom.js'
import type { Standing } from './standing.js'

/** A line something was drawn to, shown while it is. */
export interface Guide {
  readonly from: Point
  readonly to: Point
  readonly says: string
}

export interface Snapped {
  readonly x: number
  readonly y: number
  readonly guides: readonly Guide[]
}

/** How far a piece reaches from its middle along a direction. */
export const reachAlong = (b: Box, dir: Point): number =>
  Math.abs(dir.x * b.ux + dir.y * b.uy) * b.halfW + Math.abs(-dir.x * b.uy + dir.y * b.ux) * b.halfD

/** A piece drawn this near to a line is laid on it. */
export const SNAP_MM = 70

/**
 * Lays a moved piece on what it comes near to: a wall it touches, the middle of that wall, the middle or edge of
 * another piece. Each direction of the sheet is drawn to one thing at most.
 */
export function snap(box: Box, room: PlanRoom, others: readonly Standing[], withinMm = SNAP_MM): Snapped {
  let at: Point = { x: box.x, y: box.y }
  const guides: Guide[] = []
  const taken: Point[] = []
  const free = (dir: Point) => taken.every((t) => Math.abs(dot(t, dir)) < 0.1)
  const walls = room.walls
    .map((wall) => {
      const { beforeMm, alongMm } = fromWall(wall, at)
      return { wall, alongMm, off: beforeMm - reachAlong(box, wall.into) }
    })
    .filter((w) => Math.abs(w.off) < withinMm && w.alongMm > 0 && w.alongMm < w.wall.lengthMm)
    .sort((a, b) => Math.abs(a.off) - Math.abs(b.off))
  for (const { wall, off } of walls) {
    if (!free(wall.into)) continue
    at = plus(at, wall.into, -off)
    taken.push(wall.into)
    guides.push({ from: wall.from, to: wall.to, says: `at ${wall.name}` })
  }
  for (const [dir, other] of [
    [X, Y],
    [Y, X],
  ] as const) {
    if (!free(dir)) continue
    const lines = linesAlong(dir, box, room, others)
    const here = dot(at, dir)
    const best = lines
      .map((l) => ({ ...l, off: l.value - here }))
      .filter((l) => Math.abs(l.off) < withinMm)
      .sort((a, b) => Math.abs(a.off) - Math.abs(b.off))[0]
    if (!best) continue
    at = plus(at, dir, best.off)
    taken.push(dir)
    const line = best.value + best.edge
    const [low, high] = [dot(room.low, other), dot(room.high, other)]
    guides.push({ from: along(dir, line, other, low), to: along(dir, line, other, high), says: best.says })
  }
  return { x: Math.round(at.x), y: Math.round(at.y), guides }
}

const X: Point = { x: 1, y: 0 }
const Y: Point = { x: 0, y: 1 }
const along = (dir: Point, value: number, other: Point, at: number): Point => ({
  x: dir.x * value + other.x * at,
  y: dir.y * value + other.y * at,
})

/** Values the middle of a box can be drawn to along a direction of the sheet, and where the guide then lies. */
function linesAlong(dir: Point, box: Box, room: PlanRoom, others: readonly Standing[]) {
  const b = boxBounds(box)
  const half = dir === X ? b.halfX : b.halfY
  const lines: { value: number; edge: number; says: string }[] = []
  for (const wall of room.walls)
    if (Math.abs(dot(wall.dir, dir)) > 0.999)
      lines.push({
        value: dot(onWall(wall, wall.lengthMm / 2), dir),
        edge: 0,
        says: `middle of ${wall.name}`,
      })
  for (const o of others) {
    const ob = boxBounds(o.box)
    const reach = dir === X ? ob.halfX : ob.halfY
    const middle = dot(o.box, dir)
    lines.push({ value: middle, edge: 0, says: `middle of ${o.name}` })
    lines.push({ value: middle - reach + half, edge: -half, says: `edge of ${o.name}` })
    lines.push({ value: middle + reach - half, edge: half, says: `edge of ${o.name}` })
  }
  return lines
}

/** The wall a piece stands nearest to. */
export function nearestWall(box: Box, room: PlanRoom): PlanWall | undefined {
  return [...room.walls]
    .map((wall) => ({ wall, ...fromWall(wall, box) }))
    .filter((w) => w.alongMm > -50 && w.alongMm < w.wall.lengthMm + 50 && w.beforeMm > -50)
    .sort(
      (a, b) => a.beforeMm - reachAlong(box, a.wall.into) - (b.beforeMm - reachAlong(box, b.wall.into)),
    )[0]?.wall
}

/** A piece with its back to a wall, at a distance along it from the left. */
export function againstWall(widthMm: number, depthMm: number, wall: PlanWall, alongMm: number, gapMm = 0) {
  const at = onWall(
    wall,
    Math.max(widthMm / 2, Math.min(wall.lengthMm - widthMm / 2, alongMm)),
    gapMm + depthMm / 2,
  )
  return { xMm: Math.round(at.x), yMm: Math.round(at.y), turnDeg: turnAgainst(wall) }
}

/** Mirrored at the middle of the room, left and right. */
export function mirroredAcross(room: PlanRoom, at: { xMm: number; yMm: number; turnDeg: number }) {
  return {
    xMm: Math.round(room.low.x + room.high.x - at.xMm),
    yMm: at.yMm,
    turnDeg: (360 - at.turnDeg) % 360,
  }
}

/** A side or the middle of one piece brought into line with another's. */
export function alignedTo(
  moved: Box,
  to: Box,
  how: 'left' | 'center' | 'right' | 'top' | 'middle' | 'bottom',
): { xMm: number; yMm: number } {
  const [m, t] = [boxBounds(moved), boxBounds(to)]
  let { x, y } = moved
  if (how === 'left') x = to.x - t.halfX + m.halfX
  if (how === 'center') x = to.x
  if (how === 'right') x = to.x + t.halfX - m.halfX
  if (how === 'top') y = to.y - t.halfY + m.halfY
  if (how === 'middle') y = to.y
  if (how === 'bottom') y = to.y + t.halfY - m.halfY
  return { xMm: Math.round(x), yMm: Math.round(y) }
}
