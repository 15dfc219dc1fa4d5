import { boxBounds, pointToBox, type Box } from '../../kernel/geometry/box.js'
import { distanceToSegment, whereIs, type Point } from '../../kernel/geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'

/** Something a person walks round. */
export interface Obstacle {
  readonly id: string
  readonly name: string
  readonly box: Box
}

/** Widths above twice this are all wide enough. */
export const CAP_MM = 760
/** Within this of the place one comes in to, the wall behind one is left out. */
const COME_IN_MM = 600
/** Cells are this small, larger in very large rooms, so that a hall costs no more than a room. */
const CELL_MM = 50
const MOST_CELLS = 12_000

/** Free distance from the walls alone, which do not move: computed once for a room. */
interface Ground {
  readonly cell: number
  readonly nx: number
  readonly ny: number
  readonly clear: Float32Array
}
const grounds = new WeakMap<PlanRoom, Ground>()

function groundOf(room: PlanRoom): Ground {
  const known = grounds.get(room)
  if (known) return known
  const [w, h] = [room.high.x - room.low.x, room.high.y - room.low.y]
  const cell = Math.max(CELL_MM, Math.ceil(Math.sqrt((w * h) / MOST_CELLS) / 10) * 10)
  const nx = Math.max(1, Math.ceil(w / cell))
  const ny = Math.max(1, Math.ceil(h / cell))
  const clear = new Float32Array(nx * ny)
  for (let i = 0; i < clear.length; i++) {
    const p = { x: room.low.x + ((i % nx) + 0.5) * cell, y: room.low.y + (Math.floor(i / nx) + 0.5) * cell }
    if (whereIs(p, room.corners) === 'outside') continue
    let least = CAP_MM
    for (const wall of room.walls) least = Math.min(least, distanceToSegment(p, wall.from, wall.to))
    clear[i] = least
  }
  const ground = { cell, nx, ny, clear }
  grounds.set(room, ground)
  return ground
}

/** Free distance from the nearest wall or piece on a grid of cells. */
export class ClearanceGrid {
  readonly nx: number
  readonly ny: number
  readonly cell: number
  readonly clear: Float32Array
  private readonly x0: number
  private readonly y0: number

  constructor(
    private readonly room: PlanRoom,
    private readonly obstacles: readonly Obstacle[],
  ) {
    const ground = groundOf(room)
    this.x0 = room.low.x
    this.y0 = room.low.y
    this.nx = ground.nx
    this.ny = ground.ny
    this.cell = ground.cell
    this.clear = ground.clear.slice()
    for (const o of obstacles) this.stamp(o.box)
  }

  at(i: number): Point {
    return {
      x: this.x0 + ((i % this.nx) + 0.5) * this.cell,
      y: this.y0 + (Math.floor(i / this.nx) + 0.5) * this.cell,
    }
  }

  cellAt(p: Point): number {
    const cx = Math.min(this.nx - 1, Math.max(0, Math.floor((p.x - this.x0) / this.cell)))
    const cy = Math.min(this.ny - 1, Math.max(0, Math.floor((p.y - this.y0) / this.cell)))
    return cy * this.nx + cx
  }

  private stamp(box: Box): void {
    const { halfX, halfY } = boxBounds(box)
    const { cell, nx, clear } = this
    const c0 = Math.max(0, Math.floor((box.x - halfX - CAP_MM - this.x0) / cell))
    const r0 = Math.max(0, Math.floor((box.y - halfY - CAP_MM - this.y0) / cell))
    const c1 = Math.min(nx, Math.ceil((box.x + halfX + CAP_MM - this.x0) / cell))
    const r1 = Math.min(this.ny, Math.ceil((box.y + halfY + CAP_MM - this.y0) / cell))
    const { ux, uy, halfW, halfD } = box
    for (let r = r0; r < r1; r++) {
      const dy = this.y0 + (r + 0.5) * cell - box.y
      for (let c = c0; c < c1; c++) {
        const i = r * nx + c
        const now = clear[i] ?? 0
        if (now <= 0) continue
        const dx = this.x0 + (c + 0.5) * cell - box.x
        const ox = Math.max(0, Math.abs(dx * ux + dy * uy) - halfW)
        const oy = Math.max(0, Math.abs(dy * ux - dx * uy) - halfD)
        const d = Math.sqrt(ox * ox + oy * oy)
        if (d < now) clear[i] = d
      }
    }
  }

  /**
   * The wall one has just come in through is behind one: near that place it narrows no way, whatever else does.
   */
  comeIn(from: Point): void {
    const behind = least(
      this.room.walls.map((wall) => ({ wall, mm: distanceToSegment(from, wall.from, wall.to) })),
    )
    if (!behind) return
    const others = this.room.walls.filter((w) => w !== behind.wall)
    const boxes = this.obstacles.map((o) => o.box).filter((b) => pointToBox(b, from) < CAP_MM + COME_IN_MM)
    for (let i = 0; i < this.clear.length; i++) {
      const p = this.at(i)
      if ((this.clear[i] ?? 0) <= 0 || Math.hypot(p.x - from.x, p.y - from.y) > COME_IN_MM) continue
      let free = CAP_MM
      for (const w of others) free = Math.min(free, distanceToSegment(p, w.from, w.to))
      for (const b of boxes) free = Math.min(free, pointToBox(b, p))
      this.clear[i] = free
    }
  }

  /**
   * The widest way from a place to every cell: over all ways the one whose narrowest place is widest.
   * @returns per cell the free distance at its narrowest place, and the cell one comes from
   */
  widest(from: Point): { readonly bottleneck: Float32Array; readonly via: Int32Array } {
    const n = this.clear.length
    const bottleneck = new Float32Array(n).fill(-1)
    const via = new Int32Array(n).fill(-1)
    // Cells by their bottleneck, in steps of 4 mm, widest first; within a step first come, first served, so that of two
    // ways as wide the shorter is kept.
    const buckets: number[][] = Array.from({ length: Math.ceil(CAP_MM / 4) + 2 }, () => [])
    const start = this.cellAt(from)
    // One comes through the door, however near its jambs are.
    bottleneck[start] = CAP_MM
    buckets[buckets.length - 1]?.push(start)
    for (let b = buckets.length - 1; b >= 0; b--) {
      const bucket = buckets[b] ?? []
      for (let head = 0; head < bucket.length; head++) {
        const i = bucket[head] ?? 0
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

  /** What lies round a point, walls and pieces alike, each with its distance and direction. */
  nearest(p: Point): { name: string; mm: number; box: Box | undefined; dir: Point }[] {
    const found = [
      ...this.room.walls.map((w) => ({
        name: w.name,
        mm: distanceToSegment(p, w.from, w.to),
        box: undefined,
        dir: nearestOn(p, w.from, w.to),
      })),
      ...this.obstacles
        .filter(
          (o) =>
            Math.abs(o.box.x - p.x) < 2_500 + o.box.halfW + o.box.halfD &&
            Math.abs(o.box.y - p.y) < 2_500 + o.box.halfW + o.box.halfD,
        )
        .map((o) => ({ name: o.name, mm: pointToBox(o.box, p), box: o.box, dir: towards(o.box, p) })),
    ]
    return found
  }
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

/** The one of least distance. */
export const least = <T extends { readonly mm: number }>(list: readonly T[]): T | undefined =>
  list.reduce<T | undefined>((best, o) => (!best || o.mm < best.mm ? o : best), undefined)
