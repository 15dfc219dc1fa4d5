import { boxBounds, boxGap, pointToBox, type Box } from '../geometry/box.js'
import { distanceToSegment, whereIs, type Point } from '../geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'

/** Something a person walks round. */
export interface Obstacle {
  readonly id: string
  readonly name: string
  readonly box: Box
}

export interface Walkway {
  readonly toId: string
  readonly toName: string
  /** Narrowest place of the widest way there; 0 when there is no way. */
  readonly widthMm: number
  readonly at: Point | undefined
  /** What stands on both sides of the narrowest place. */
  readonly between: readonly [string, string] | undefined
  /** The way itself, from the door. */
  readonly path: readonly Point[]
}

const CELL_MM = 50
/** Widths above twice this are all wide enough. */
const CAP_MM = 760

/** Free distance from the nearest wall or piece on a grid of cells. */
export class ClearanceGrid {
  readonly nx: number
  readonly ny: number
  readonly clear: Float32Array
  private readonly x0: number
  private readonly y0: number

  constructor(
    private readonly room: PlanRoom,
    private readonly obstacles: readonly Obstacle[],
  ) {
    this.x0 = room.low.x
    this.y0 = room.low.y
    this.nx = Math.max(1, Math.ceil((room.high.x - room.low.x) / CELL_MM))
    this.ny = Math.max(1, Math.ceil((room.high.y - room.low.y) / CELL_MM))
    this.clear = new Float32Array(this.nx * this.ny)
    this.walls()
    for (const o of obstacles) this.stamp(o.box)
  }

  at(i: number): Point {
    return {
      x: this.x0 + ((i % this.nx) + 0.5) * CELL_MM,
      y: this.y0 + (Math.floor(i / this.nx) + 0.5) * CELL_MM,
    }
  }

  cellAt(p: Point): number {
    const cx = Math.min(this.nx - 1, Math.max(0, Math.floor((p.x - this.x0) / CELL_MM)))
    const cy = Math.min(this.ny - 1, Math.max(0, Math.floor((p.y - this.y0) / CELL_MM)))
    return cy * this.nx + cx
  }

  private walls(): void {
    const { walls, corners } = this.room
    for (let i = 0; i < this.clear.length; i++) {
      const p = this.at(i)
      if (whereIs(p, corners) === 'outside') continue
      let least = CAP_MM
      for (const w of walls) least = Math.min(least, distanceToSegment(p, w.from, w.to))
      this.clear[i] = least
    }
  }

  private stamp(box: Box): void {
    const { halfX, halfY } = boxBounds(box)
    const reach = CAP_MM
    const [c0, r0] = [Math.floor((box.x - halfX - reach - this.x0) / CELL_MM), Math.floor((box.y - halfY - reach - this.y0) / CELL_MM)]
    const [c1, r1] = [Math.ceil((box.x + halfX + reach - this.x0) / CELL_MM), Math.ceil((box.y + halfY + reach - this.y0) / CELL_MM)]
    for (let r = Math.max(0, r0); r < Math.min(this.ny, r1); r++)
      for (let c = Math.max(0, c0); c < Math.min(this.nx, c1); c++) {
        const i = r * this.nx + c
        const now = this.clear[i] ?? 0
        if (now <= 0) continue
        const d = pointToBox(box, { x: this.x0 + (c + 0.5) * CELL_MM, y: this.y0 + (r + 0.5) * CELL_MM })
        if (d < now) this.clear[i] = d
      }
  } // prettier-ignore

  /**
   * The widest way from a place to every cell: over all ways the one whose narrowest place is widest.
   * @returns per cell the free distance at its narrowest place, and the cell one comes from
   */
  widest(from: Point): { readonly bottleneck: Float32Array; readonly via: Int32Array } {
    const n = this.clear.length
    const bottleneck = new Float32Array(n).fill(-1)
    const via = new Int32Array(n).fill(-1)
    // Cells by their bottleneck, in steps of 4 mm: a bucket queue, widest first.
    const buckets: number[][] = Array.from({ length: Math.ceil(CAP_MM / 4) + 2 }, () => [])
    const start = this.cellAt(from)
    // One comes through the door, however near its jambs are.
    bottleneck[start] = CAP_MM
    buckets[buckets.length - 1]?.push(start)
    for (let b = buckets.length - 1; b >= 0; b--) {
      const bucket = buckets[b] ?? []
      for (let i = bucket.pop(); i !== undefined; i = bucket.pop()) {
        const here = bottleneck[i] ?? 0
        if (Math.floor(here / 4) > b) continue
        const [c, r] = [i % this.nx, Math.floor(i / this.nx)]
        for (let k = 0; k < 4; k++) {
          const [x, y] = [c + (k === 0 ? 1 : k === 1 ? -1 : 0), r + (k === 2 ? 1 : k === 3 ? -1 : 0)]
          if (x < 0 || y < 0 || x >= this.nx || y >= this.ny) continue
          const j = y * this.nx + x
          const through = Math.min(here, this.clear[j] ?? 0)
          if (through <= 0 || through <= (bottleneck[j] ?? -1)) continue
          bottleneck[j] = through
          via[j] = i
          // A cell is taken up again only in a lower bucket or this one.
          buckets[Math.min(b, Math.floor(through / 4))]?.push(j)
        }
      }
    }
    return { bottleneck, via }
  }

  /** What lies nearest to a point, walls and pieces alike, with its distance. */
  nearest(p: Point): { name: string; mm: number; box: Box | undefined; dir: Point }[] {
    const found = [
      ...this.room.walls.map((w) => ({ name: w.name, mm: distanceToSegment(p, w.from, w.to), box: undefined, dir: nearestOn(p, w.from, w.to) })),
      ...this.obstacles.map((o) => ({ name: o.name, mm: pointToBox(o.box, p), box: o.box, dir: towards(o.box, p) })),
    ]
    return found.sort((a, b) => a.mm - b.mm)
  } // prettier-ignore
}

const unitFrom = (p: Point, q: Point): Point => {
  const d = Math.hypot(q.x - p.x, q.y - p.y) || 1
  return { x: (q.x - p.x) / d, y: (q.y - p.y) / d }
}

function nearestOn(p: Point, a: Point, b: Point): Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const t = Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)))
  return unitFrom(p, { x: a.x + t * dx, y: a.y + t * dy })
}

function towards(b: Box, p: Point): Point {
  const lx = (p.x - b.x) * b.ux + (p.y - b.y) * b.uy
  const ly = -(p.x - b.x) * b.uy + (p.y - b.y) * b.ux
  const cx = Math.max(-b.halfW, Math.min(b.halfW, lx))
  const cy = Math.max(-b.halfD, Math.min(b.halfD, ly))
  return unitFrom(p, { x: b.x + cx * b.ux - cy * b.uy, y: b.y + cx * b.uy + cy * b.ux })
}

/**
 * The widest way from the door to each place one must reach. The grid finds where a way is narrowest; the width there
 * is then measured exactly, between the two things that make it narrow.
 *
 * @param from where one stands having come in
 * @param targets places to reach; a place inside something counts as reached at the nearest free cell
 */
export function walkways(
  room: PlanRoom,
  obstacles: readonly Obstacle[],
  from: Point,
  targets: readonly { readonly id: string; readonly name: string; readonly at: Point }[],
): Walkway[] {
  if (targets.length === 0) return []
  const grid = new ClearanceGrid(room, obstacles)
  const { bottleneck, via } = grid.widest(from)
  return targets.map((t): Walkway => {
    const end = freeCellNear(grid, bottleneck, t.at)
    if (end === undefined)
      return { toId: t.id, toName: t.name, widthMm: 0, at: undefined, between: undefined, path: [] }
    const cells: number[] = []
    for (let i = end; i >= 0 && cells.length <= grid.clear.length; i = via[i] ?? -1) cells.push(i)
    cells.reverse()
    // The last steps lead up to the thing itself, and the first come through the door: neither is a walk.
    const inner = cells.filter((i) => {
      const p = grid.at(i)
      return Math.hypot(p.x - from.x, p.y - from.y) > 250 && Math.hypot(p.x - t.at.x, p.y - t.at.y) > 250
    })
    const tight = inner.reduce<number | undefined>(
      (least, i) => (least === undefined || (grid.clear[i] ?? 0) < (grid.clear[least] ?? 0) ? i : least),
      undefined,
    )
    const path = straightened(cells.map((i) => grid.at(i)))
    if (tight === undefined)
      return { toId: t.id, toName: t.name, widthMm: 2 * CAP_MM, at: undefined, between: undefined, path }
    const at = grid.at(tight)
    const measured = exactWidth(grid, at)
    return {
      toId: t.id,
      toName: t.name,
      widthMm: Math.min(2 * CAP_MM, Math.round(measured.mm)),
      at,
      between: measured.between,
      path,
    }
  })
}

function freeCellNear(grid: ClearanceGrid, bottleneck: Float32Array, p: Point): number | undefined {
  const around = Math.ceil(400 / CELL_MM)
  const middle = grid.cellAt(p)
  const [c0, r0] = [middle % grid.nx, Math.floor(middle / grid.nx)]
  let best: { i: number; d: number } | undefined
  for (let r = Math.max(0, r0 - around); r <= Math.min(grid.ny - 1, r0 + around); r++)
    for (let c = Math.max(0, c0 - around); c <= Math.min(grid.nx - 1, c0 + around); c++) {
      const i = r * grid.nx + c
      if ((bottleneck[i] ?? -1) <= 0) continue
      const d = Math.hypot(c - c0, r - r0)
      if (!best || d < best.d) best = { i, d }
    }
  return best?.i
}

/** Width of a passage at a point: the gap between the nearest thing and the nearest one across from it. */
function exactWidth(grid: ClearanceGrid, at: Point): { mm: number; between: readonly [string, string] } {
  const near = grid.nearest(at)
  const [first] = near
  if (!first) return { mm: 2 * CAP_MM, between: ['nothing', 'nothing'] }
  const across = near.find((o) => o !== first && o.dir.x * first.dir.x + o.dir.y * first.dir.y < -0.5)
  if (!across) return { mm: 2 * first.mm, between: [first.name, 'open floor'] }
  const mm = first.box && across.box ? boxGap(first.box, across.box) : first.mm + across.mm
  // Two walls that stand at an angle, or a gap measured elsewhere, never make it wider than it is here.
  return { mm: Math.min(mm, first.mm + across.mm), between: [first.name, across.name] }
}

/** Steps in one direction as one stretch. */
function straightened(points: readonly Point[]): Point[] {
  return points.filter((p, i) => {
    const [before, after] = [points[i - 1], points[i + 1]]
    if (!before || !after) return true
    return (p.x - before.x) * (after.y - p.y) !== (p.y - before.y) * (after.x - p.x)
  })
}
