import { boxBounds, pointToBox, type Box } from '../../kernel/geometry/box.js'
import { distanceToSegment, whereIs, type Point } from '../../kernel/geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'

/** Something a person walks round. */
export interface Obstacle {
  readonly id: string
  readonly name: string
  readonly box: Box
}

/** Something near a point: its distance, and the direction it lies in. */
export interface Near {
  readonly id: string
  readonly name: string
  readonly mm: number
  /** Undefined for a wall. */
  readonly box: Box | undefined
  readonly dir: Point
}

/** Distances that differ by less are the same: what is left of arithmetic decides nothing. */
export const TIE_MM = 0.5

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
  readonly x0: number
  readonly y0: number
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
  // The cells lie evenly about the middle of the room: a mirrored or turned room has the same.
  const x0 = (room.low.x + room.high.x - nx * cell) / 2
  const y0 = (room.low.y + room.high.y - ny * cell) / 2
  const clear = new Float32Array(nx * ny)
  for (let i = 0; i < clear.length; i++) {
    const p = { x: x0 + ((i % nx) + 0.5) * cell, y: y0 + (Math.floor(i / nx) + 0.5) * cell }
    if (whereIs(p, room.corners) === 'outside') continue
    let least = CAP_MM
    for (const wall of room.walls) least = Math.min(least, distanceToSegment(p, wall.from, wall.to))
    clear[i] = least
  }
  const ground = { cell, nx, ny, x0, y0, clear }
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
    this.x0 = ground.x0
    this.y0 = ground.y0
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
    this.eachWithin(from, COME_IN_MM, (i, p) => {
      if ((this.clear[i] ?? 0) <= 0) return
      let free = CAP_MM
      for (const w of others) free = Math.min(free, distanceToSegment(p, w.from, w.to))
      for (const b of boxes) free = Math.min(free, pointToBox(b, p))
      this.clear[i] = free
    })
  }

  /** Floor this near a place narrows no way: one only comes from there. */
  openAround(p: Point, withinMm: number): void {
    this.eachWithin(p, withinMm, (i) => {
      if ((this.clear[i] ?? 0) > 0) this.clear[i] = CAP_MM
    })
    // One comes through the door, however near its jambs are.
    this.clear[this.cellAt(p)] = CAP_MM
  }

  /** The cells with their middle within a distance of a point. */
  private eachWithin(p: Point, withinMm: number, take: (i: number, at: Point, mm: number) => void): void {
    const around = Math.ceil(withinMm / this.cell) + 1
    const middle = this.cellAt(p)
    const [c0, r0] = [middle % this.nx, Math.floor(middle / this.nx)]
    for (let r = Math.max(0, r0 - around); r <= Math.min(this.ny - 1, r0 + around); r++)
      for (let c = Math.max(0, c0 - around); c <= Math.min(this.nx - 1, c0 + around); c++) {
        const q = { x: this.x0 + (c + 0.5) * this.cell, y: this.y0 + (r + 0.5) * this.cell }
        const mm = Math.hypot(q.x - p.x, q.y - p.y)
        if (mm <= withinMm) take(r * this.nx + c, q, mm)
      }
  }

  /** The free cells beside a cell. */
  eachAround(i: number, take: (j: number) => void): void {
    const { nx, clear } = this
    const c = i % nx
    if (c + 1 < nx && (clear[i + 1] ?? 0) > 0) take(i + 1)
    if (c > 0 && (clear[i - 1] ?? 0) > 0) take(i - 1)
    if (i + nx < clear.length && (clear[i + nx] ?? 0) > 0) take(i + nx)
    if (i >= nx && (clear[i - nx] ?? 0) > 0) take(i - nx)
  }

  /** The free cells nearest to a point, all that are equally near; none when there are none within. */
  nearestFree(p: Point, withinMm: number): number[] {
    let [best, least]: [number[], number] = [[], Infinity]
    this.eachWithin(p, withinMm, (i, _, mm) => {
      if ((this.clear[i] ?? 0) <= 0 || mm > least + TIE_MM) return
      if (mm < least - TIE_MM) [best, least] = [[i], mm]
      else best.push(i)
    })
    return best
  }

  /** What lies round a point, walls and pieces alike, each with its distance and direction. */
  nearest(p: Point): Near[] {
    const found = [
      ...this.room.walls.map((w) => ({
        id: w.id,
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
        .map((o) => ({
          id: o.id,
          name: o.name,
          mm: pointToBox(o.box, p),
          box: o.box,
          dir: towards(o.box, p),
        })),
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
const least = <T extends { readonly mm: number }>(list: readonly T[]): T | undefined =>
  list.reduce<T | undefined>((best, o) => (!best || o.mm < best.mm ? o : best), undefined)
