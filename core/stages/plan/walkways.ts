import { boxGap } from '../../kernel/geometry/box.js'
import type { Point } from '../../kernel/geometry/polygon.js'
import type { PlanRoom } from './planRoom.js'
import { CAP_MM, ClearanceGrid, least, type Obstacle } from './clearanceGrid.js'

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
