import { narrowed, type FlatSet } from './problem.js'
import { ROOT_STEPS, Walk, type Best, type SearchWish } from './walk.js'

export interface Search {
  /** Options taken, one of each group, as indices of the flat problem; undefined when nothing fits. */
  readonly selection: Int32Array | undefined
  readonly value: number
  readonly proven: boolean
  readonly nodes: number
}

/**
 * The best selection with conflicts and caps, proven, by branch and bound. The budget, the caps and the conflicts are
 * taken into the objective with multipliers (Lagrangian relaxation; Held, Wolfe & Crowder, Validation of subgradient
 * optimization, Mathematical Programming 6, 1974, from memory), which leaves one easy choice in each group and a bound;
 * options that cannot be part of anything better are struck out by it, at the root and at every node.
 */
export function branchAndBound(flat: FlatSet, wish: SearchWish = {}): Search {
  const best: Best = { value: -1, selection: undefined }
  if (wish.start) offer(flat, wish.start, best)
  // The root is narrowed until striking out helps no more; the rest is searched on arrays that hold only what is left.
  let problem = flat
  let from = Int32Array.from({ length: flat.optionCount }, (_, o) => o)
  let walk = new Walk(problem, best, from, wish)
  for (let round = 0; round < 4; round++) {
    if (!walk.root(ROOT_STEPS)) return result(best, true, walk.nodes)
    const left = walk.alive.reduce((n, a) => n + a, 0)
    if (left > 0.7 * problem.optionCount) {
      // Little went: while bound and best are far apart the multipliers are worth another round.
      if (round < 3 && walk.gap > 2 && problem.optionCount > 300) continue
      break
    }
    const next = narrowed(problem, walk.alive)
    from = Int32Array.from(next.from, (o) => from[o]!)
    problem = next.flat
    walk = new Walk(problem, best, from, wish)
  }
  if (!walk.ready && !walk.root(ROOT_STEPS)) return result(best, true, walk.nodes)
  const proven = walk.search()
  return result(best, proven, walk.nodes)
}

const result = (best: Best, proven: boolean, nodes: number): Search => ({
  selection: best.selection,
  value: Math.max(0, best.value),
  proven,
  nodes,
})

/** Takes a selection of the whole problem as the best when it keeps everything and is worth more. */
function offer(flat: FlatSet, selection: Int32Array, best: Best): void {
  let [cost, value] = [0, 0]
  const spent = new Float64Array(flat.capMax.length)
  const taken = new Uint8Array(flat.optionCount)
  for (const o of selection) taken[o] = 1
  for (const o of selection) {
    cost += flat.cost[o]!
    value += flat.value[o]!
    const cap = flat.capOf[flat.groupOf[o]!]!
    if (cap >= 0) spent[cap]! += flat.cost[o]!
    for (let k = flat.neighborStart[o]!; k < flat.neighborStart[o + 1]!; k++)
      if (taken[flat.neighbors[k]!]) return
  }
  if (cost > flat.budget || spent.some((s, i) => s > flat.capMax[i]!) || value <= best.value) return
  best.value = value
  best.selection = selection.slice()
}
