import { boxBounds, boxGap, pointToBox, type Box } from '../../kernel/geometry/box.js'
import { distanceToSegment, whereIs, type Point } from '../../kernel/geometry/polygon.js'
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

/** Widths above twice this are all wide enough. */
const CAP_MM = 760
/** Cells are this small, larger in very large rooms, so that a hall costs no more than a room. */
const CELL_MM = 50
const MOST_CELLS = 12_000
/** Within this of the place one comes in to, the wall behind one is left out. */
const COME_IN_MM = 600

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

/**
 * The widest way from the door to each place one must reach. The grid finds where a way is narrowest; the width there
 * is then measured exactly, between the two things that make it narrow.
 *
 * @param from where one stands having come in
 * @param targets places to reach, each by whichever of its points is reached by the wider way; a point inside
 *   something counts as reached at the nearest free cell
 */
export function walkways(
  room: PlanRoom,
  obstacles: readonly Obstacle[],
  from: Point,
  targets: readonly { readonly id: string; readonly name: string; readonly at: readonly Point[] }[],
): Walkway[] {
  if (targets.length === 0) return []
  const grid = new ClearanceGrid(room, obstacles)
  grid.comeIn(from)
  const { bottleneck, via } = grid.widest(from)
  return targets.map((t): Walkway => {
    const ends = t.at.flatMap((at) => {
      const cell = freeCellNear(grid, bottleneck, at)
      return cell === undefined ? [] : [followed(grid, via, cell, from, at)]
    })
    const best = ends.reduce<(typeof ends)[number] | undefined>(
      (a, b) => (!a || b.clear > a.clear ? b : a),
      undefined,
    )
    if (!best) return { toId: t.id, toName: t.name, widthMm: 0, at: undefined, between: undefined, path: [] }
    const { tight, path, clear } = best
    // Wide enough for anything a plan asks: no need to know what stands on both sides.
    if (tight.length === 0 || 2 * clear > WIDE_MM)
      return {
        toId: t.id,
        toName: t.name,
        widthMm: Math.round(2 * clear),
        at: undefined,
        between: undefined,
        path,
      }
    const measured = least(tight.map((i) => ({ ...exactWidth(grid, grid.at(i)), at: grid.at(i) })))
    return {
      toId: t.id,
      toName: t.name,
      widthMm: Math.min(2 * CAP_MM, Math.round(measured?.mm ?? 2 * clear)),
      at: measured?.at,
      between: measured?.between,
      path,
    }
  })
}

const WIDE_MM = 1_150
// The last steps lead up to the thing itself, and the first come through the door: neither is a walk.
const END_MM = 250

/**
 * The way back from a cell to the door: its corners, its least free distance, and every cell that is about as near to
 * something. Which of them is the narrow place the distance alone does not tell: a way may run close along one thing
 * with all the room in the world on its other side.
 */
function followed(
  grid: ClearanceGrid,
  via: Int32Array,
  end: number,
  from: Point,
  to: Point,
): { tight: number[]; clear: number; path: Point[] } {
  const path: Point[] = []
  const walked: number[] = []
  let [least, before] = [Infinity, 0]
  const { nx, cell, clear } = grid
  const [x0, y0] = [grid.at(0).x, grid.at(0).y]
  for (let i = end; i >= 0;) {
    const x = x0 + (i % nx) * cell
    const y = y0 + Math.floor(i / nx) * cell
    if (
      (x - from.x) ** 2 + (y - from.y) ** 2 > END_MM ** 2 &&
      (x - to.x) ** 2 + (y - to.y) ** 2 > END_MM ** 2
    ) {
      least = Math.min(least, clear[i] ?? 0)
      walked.push(i)
    }
    const next = via[i] ?? -1
    if (next - i !== before || next < 0) path.push({ x, y })
    before = next - i
    i = next
  }
  const tight = walked.filter((i) => (clear[i] ?? 0) <= least + cell / 2)
  return { tight, clear: Math.min(least, CAP_MM), path: path.reverse() }
}

function freeCellNear(grid: ClearanceGrid, bottleneck: Float32Array, p: Point): number | undefined {
  const around = Math.ceil(400 / grid.cell)
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
  const first = least(near)
  if (!first) return { mm: 2 * CAP_MM, between: ['nothing', 'nothing'] }
  const across = least(
    near.filter((o) => o !== first && o.dir.x * first.dir.x + o.dir.y * first.dir.y < -0.5),
  )
  if (!across) return { mm: 2 * first.mm, between: [first.name, 'open floor'] }
  const mm = first.box && across.box ? boxGap(first.box, across.box) : first.mm + across.mm
  // Two walls that stand at an angle, or a gap measured elsewhere, never make it wider than it is here.
  return { mm: Math.min(mm, first.mm + across.mm), between: [first.name, across.name] }
}

const least = <T extends { readonly mm: number }>(list: readonly T[]): T | undefined =>
  list.reduce<T | undefined>((best, o) => (!best || o.mm < best.mm ? o : best), undefined)
