import { CAP_MM, TIE_MM, type ClearanceGrid } from './clearanceGrid.js'

// Searches over the cells of a clearance grid. What they tell is the same in a mirrored or turned room, but for `via`.

/**
 * The widest way from a cell to every cell: over all ways the one whose narrowest place is widest.
 * @returns per cell the free distance at its narrowest place; below 0 where one does not come
 */
export function widest(grid: ClearanceGrid, start: number): Float32Array {
  const bottleneck = new Float32Array(grid.clear.length).fill(-1)
  // Cells by their bottleneck, in steps of 4 mm, widest first; one that turns out wider is taken up again.
  const buckets: number[][] = Array.from({ length: Math.ceil(CAP_MM / 4) + 2 }, () => [])
  bottleneck[start] = CAP_MM
  buckets[buckets.length - 1]?.push(start)
  for (let b = buckets.length - 1; b >= 0; b--) {
    const bucket = buckets[b] ?? []
    for (let head = 0; head < bucket.length; head++) {
      const i = bucket[head] ?? 0
      const here = bottleneck[i] ?? 0
      if (Math.floor(here / 4) > b) continue
      const [c, r] = [i % grid.nx, Math.floor(i / grid.nx)]
      for (let k = 0; k < 4; k++) {
        const [x, y] = [c + (k === 0 ? 1 : k === 1 ? -1 : 0), r + (k === 2 ? 1 : k === 3 ? -1 : 0)]
        if (x < 0 || y < 0 || x >= grid.nx || y >= grid.ny) continue
        const j = y * grid.nx + x
        const through = Math.min(here, grid.clear[j] ?? 0)
        if (through <= 0 || through <= (bottleneck[j] ?? -1)) continue
        bottleneck[j] = through
        // A cell is taken up again only in a lower bucket or this one.
        buckets[Math.min(b, Math.floor(through / 4))]?.push(j)
      }
    }
  }
  return bottleneck
}

/** Whether a way of this half width is narrow in a cell: hardly wider than it has to be. */
export function isNarrow(grid: ClearanceGrid, i: number, half: number): boolean {
  return (grid.clear[i] ?? 0) <= half + grid.cell / 2 + TIE_MM
}

/** Over all ways of this half width from some cells: the fewest narrow cells up to and with each cell; below 0 where none comes. */
export function narrowSteps(grid: ClearanceGrid, starts: readonly number[], half: number): Int32Array {
  const { clear, nx } = grid
  const n = clear.length
  const costs = new Int32Array(n).fill(-1)
  const [open, wide] = [half - TIE_MM, half + grid.cell / 2 + TIE_MM]
  // The cells of one cost, and of the next; each is taken up at most once in either.
  let [level, next] = [new Int32Array(2 * n), new Int32Array(2 * n)]
  let [many, later, now] = [0, 0, 0]
  const add = (i: number) => {
    const free = clear[i] ?? 0
    if (free < open) return
    const cost = free <= wide ? now + 1 : now
    const known = costs[i] ?? -1
    if (known >= 0 && known <= cost) return
    costs[i] = cost
    if (cost > now) next[later++] = i
    else level[many++] = i
  }
  for (const i of starts) add(i)
  for (; many > 0 || later > 0; now++) {
    while (many > 0) {
      const i = level[--many] ?? 0
      if (costs[i] !== now) continue
      const c = i % nx
      if (c + 1 < nx) add(i + 1)
      if (c > 0) add(i - 1)
      if (i + nx < n) add(i + nx)
      if (i >= nx) add(i - nx)
    }
    ;[level, next, many, later] = [next, level, later, 0]
  }
  return costs
}

/** Steps from a cell to every cell over floor of this half width, and the cell one comes from; below 0 where there is no way. */
export function shortest(
  grid: ClearanceGrid,
  start: number,
  half: number,
): { readonly steps: Int32Array; readonly via: Int32Array } {
  const steps = new Int32Array(grid.clear.length).fill(-1)
  const via = new Int32Array(grid.clear.length).fill(-1)
  const queue = new Int32Array(grid.clear.length)
  let [head, tail] = [0, 0]
  const { nx } = grid
  const to = (j: number, i: number) => {
    if ((steps[j] ?? 0) >= 0 || (grid.clear[j] ?? 0) < half - TIE_MM) return
    steps[j] = (steps[i] ?? 0) + 1
    via[j] = i
    queue[tail++] = j
  }
  steps[start] = 0
  queue[tail++] = start
  while (head < tail) {
    const i = queue[head++] ?? 0
    const c = i % nx
    if (c + 1 < nx) to(i + 1, i)
    if (c > 0) to(i - 1, i)
    if (i + nx < steps.length) to(i + nx, i)
    if (i >= nx) to(i - nx, i)
  }
  return { steps, via }
}
