import { boxGap, type Box } from '../../kernel/geometry/box.js'
import { distance, type Point } from '../../kernel/geometry/polygon.js'
import { isNarrow, narrowSteps, shortest, widest } from './gridSearch.js'
import type { PlanRoom } from './planRoom.js'
import { CAP_MM, ClearanceGrid, TIE_MM, type Near, type Obstacle } from './clearanceGrid.js'

/** One of the two things that make a way narrow; open floor has no id. */
export interface Beside {
  readonly id: string | undefined
  readonly name: string
}

export interface Walkway {
  readonly toId: string
  readonly toName: string
  /** Narrowest place of the widest way there; 0 when there is no way. */
  readonly widthMm: number
  readonly at: Point | undefined
  /** What stands on both sides of the narrowest place. */
  readonly between: readonly [Beside, Beside] | undefined
  /** A shortest way that is wide enough, from the door: to be drawn. What is found never hangs on it. */
  readonly path: readonly Point[]
  /** Length of the shortest way that is wide enough, in steps along the walls; `Infinity` when there is none. */
  readonly lengthMm: number
}

/** Where one comes in and what one must get to: each by whichever of its points is reached by the wider way. */
export interface Walking {
  readonly from: Point
  readonly targets: readonly { readonly id: string; readonly name: string; readonly at: readonly Point[] }[]
  readonly obstacles: readonly Obstacle[]
  /** Ways as wide as this are wide enough for anything that is asked: it need not be known what stands on both sides. */
  readonly amplyMm: number
}

/** Half of a way one walks without thinking: among ways as wide as this the shortest is taken. */
const EASY_MM = 300

/**
 * The widest way from the door to each place one must reach. The grid finds where a way is narrowest; the width there
 * is then measured exactly, between the two things that make it narrow. Only the room decides: a mirrored or turned room
 * and another order of what stands in it give the same widths.
 *
 * A point inside something counts as reached at the nearest free cells.
 */
export function walkways(room: PlanRoom, { from, targets, obstacles, amplyMm }: Walking): Walkway[] {
  if (targets.length === 0) return []
  const grid = new ClearanceGrid(room, obstacles)
  grid.comeIn(from)
  const search = new Search(grid, from)
  return targets.map((t): Walkway => {
    const goal = search.goal(t.at)
    const half = Math.min(goal.half, CAP_MM)
    const to = { toId: t.id, toName: t.name }
    if (half <= 0)
      return { ...to, widthMm: 0, at: undefined, between: undefined, path: [], lengthMm: Infinity }
    // Looked for when it is asked for: most who ask how wide a way is do not.
    const way = {
      ...to,
      get path() {
        return search.shortest(goal).path
      },
      get lengthMm() {
        return search.shortest(goal).lengthMm
      },
    }
    const narrow = 2 * half > amplyMm ? [] : search.narrowPlaces(goal)
    const measured = narrow
      .map((i) => ({ ...exactWidth(grid, grid.at(i)), at: grid.at(i) }))
      .reduce<(Width & { at: Point }) | undefined>((a, b) => (!a || b.mm < a.mm - TIE_MM ? b : a), undefined)
    return Object.assign(way, {
      widthMm: measured ? Math.min(2 * CAP_MM, Math.round(measured.mm)) : Math.round(2 * half),
      at: measured?.at,
      between: measured?.between,
    })
  })
}

/**
 * Whether one would walk over a strip of floor: with the strip closed some place is reached by a narrower way only, or by
 * one that is much longer.
 *
 * @param without a place that does not count: what the strip belongs to
 */
export function isWalkedOver(
  room: PlanRoom,
  walking: Walking,
  ways: readonly Walkway[],
  strip: Box,
  without: string,
): boolean {
  const targets = walking.targets.filter((t) => t.id !== without)
  const obstacles = [...walking.obstacles, { id: '', name: '', box: strip }]
  const grid = new ClearanceGrid(room, obstacles)
  grid.comeIn(walking.from)
  const search = new Search(grid, walking.from)
  return targets.some((t) => {
    const open = ways.find((w) => w.toId === t.id)
    if (!open || open.widthMm === 0) return false
    const goal = search.goal(t.at)
    if (goal.half <= 0) return true
    const was = Math.min(open.widthMm / 2, EASY_MM)
    return goal.half < was - grid.cell || search.shortest(goal).lengthMm > open.lengthMm + DETOUR_MM
  })
}
/** One steps over a cord, or squeezes past a chair, rather than walk this much farther. */
const DETOUR_MM = 500

// The last steps lead up to the thing itself, and the first come through the door: neither is a walk.
const END_MM = 250

/** Where a way ends: the cells from which the last steps are taken, and the half width of the widest way to one of them. */
interface Goal {
  readonly half: number
  readonly cells: readonly number[]
}

/** The ways over one grid from one place. */
class Search {
  private readonly start: number
  private readonly bottleneck: Float32Array
  /** The cells that were looked at in this turn. */
  private readonly taken: Int32Array
  private turn = 0
  private readonly costs = new Map<number, Int32Array>()
  private readonly steps = new Map<number, { steps: Int32Array; via: Int32Array }>()

  constructor(
    private readonly grid: ClearanceGrid,
    from: Point,
  ) {
    this.start = grid.cellAt(from)
    grid.openAround(from, END_MM)
    this.bottleneck = widest(grid, this.start)
    this.taken = new Int32Array(grid.clear.length)
  }

  /** The widest way to any of these points. */
  goal(points: readonly Point[]): Goal {
    const ends = points.flatMap((p) => this.lastSteps(p))
    const half = ends.reduce((most, i) => Math.max(most, this.bottleneck[i] ?? 0), 0)
    return { half, cells: ends.filter((i) => (this.bottleneck[i] ?? 0) >= half - TIE_MM) }
  }

  /** The cells from which one takes the last steps to a point: those round the floor close to it. */
  private lastSteps(p: Point): number[] {
    const { grid, taken } = this
    const turn = ++this.turn
    const ends: number[] = []
    const close: number[] = []
    const take = (i: number) => {
      if (taken[i] === turn) return
      taken[i] = turn
      // One stands before it already where one has just come in.
      if (distance(grid.at(i), p) > END_MM || i === this.start) ends.push(i)
      else close.push(i)
    }
    grid.nearestFree(p, 400).forEach(take)
    for (let i = close.pop(); i !== undefined; i = close.pop()) grid.eachAround(i, take)
    return ends
  }

  /** The narrow places one cannot avoid: on every way that leads through as few of them as can be. */
  narrowPlaces({ half, cells }: Goal): number[] {
    const { grid } = this
    const out = this.costFrom([this.start], half)
    const back = this.costFrom(cells, half, false)
    let least = Infinity
    for (const i of cells) least = Math.min(least, (out[i] ?? -1) < 0 ? Infinity : (out[i] ?? 0))
    const found: number[] = []
    for (let i = 0; i < out.length; i++) {
      const [a, b] = [out[i] ?? -1, back[i] ?? -1]
      if (a < 0 || b < 0 || !isNarrow(grid, i, half)) continue
      if (a + b - 1 === least) found.push(i)
    }
    return found
  }

  private costFrom(cells: readonly number[], half: number, kept = true): Int32Array {
    const known = kept ? this.costs.get(half) : undefined
    if (known) return known
    const costs = narrowSteps(this.grid, cells, half)
    if (kept) this.costs.set(half, costs)
    return costs
  }

  /** A shortest way there among those as wide as one walks with ease, or as wide as there is. */
  shortest({ half, cells }: Goal): { path: Point[]; lengthMm: number } {
    const { grid } = this
    const wide = Math.min(half, EASY_MM)
    const { steps, via } = this.steps.get(wide) ?? shortest(grid, this.start, wide)
    this.steps.set(wide, { steps, via })
    const reached = cells.filter((i) => (steps[i] ?? -1) >= 0)
    const least = reached.reduce((a, i) => Math.min(a, steps[i] ?? Infinity), Infinity)
    const end = reached.find((i) => steps[i] === least)
    const path: Point[] = []
    let before = 0
    for (let i = end ?? -1; i >= 0;) {
      const next = via[i] ?? -1
      if (next - i !== before || next < 0) path.push(grid.at(i))
      before = next - i
      i = next
    }
    return { path: path.reverse(), lengthMm: least * grid.cell }
  }
}

interface Width {
  readonly mm: number
  readonly between: readonly [Beside, Beside]
}

const OPEN_FLOOR: Beside = { id: undefined, name: 'open floor' }

/** Width of a passage at a point: the gap between the nearest thing and the nearest one across from it. */
function exactWidth(grid: ClearanceGrid, at: Point): Width {
  const near = grid.nearest(at)
  const closest = Math.min(...near.map((o) => o.mm))
  // In the middle of a passage two things are equally near: either is the first.
  return near
    .filter((o) => o.mm <= closest + TIE_MM)
    .map((first) => across(first, near))
    .reduce((a, b) => (b.mm < a.mm - TIE_MM ? b : a))
}

function across(first: Near, near: readonly Near[]): Width {
  const opposite = near.filter((o) => o !== first && o.dir.x * first.dir.x + o.dir.y * first.dir.y < -0.5)
  const widths = opposite.map((o): Width => {
    const mm = first.box && o.box ? boxGap(first.box, o.box) : first.mm + o.mm
    // Two walls that stand at an angle, or a gap measured elsewhere, never make it wider than it is here.
    return { mm: Math.min(mm, first.mm + o.mm), between: [first, o] }
  })
  const nearest = Math.min(...opposite.map((o) => o.mm))
  const there = widths.filter((_, i) => (opposite[i]?.mm ?? Infinity) <= nearest + TIE_MM)
  return there.length > 0
    ? there.reduce((a, b) => (b.mm < a.mm - TIE_MM ? b : a))
    : { mm: 2 * first.mm, between: [first, OPEN_FLOOR] }
}
