import type { FlatSet } from './problem.js'

/** The cheapest cost of each attainable value, dearer ones first left out: every point is worth more than all cheaper ones. */
export interface Frontier {
  /** Rising. */
  readonly costs: Float64Array
  /** Rising with the costs. */
  readonly values: Float64Array
  /** The options behind a point, one of each group, as indices of the flat problem. */
  readonly selection: (point: number) => Int32Array
}

interface Layer {
  readonly costs: Float64Array
  readonly values: Float64Array
  /** Option taken and point of the layer before, for each point. */
  readonly option: Int32Array
  readonly before: Int32Array
}

/** What lets a point be passed over: no way on from it is worth more than a selection already known. */
export interface Pruning {
  /** Value of one more minor unit, of the relaxed problem. */
  readonly rate: number
  /** A point is kept only when it may come to more than this. */
  readonly above: number
}

/** The value of a selection if money were no matter. */
function mostOf(flat: FlatSet): number {
  let top = 0
  for (let g = 0; g < flat.groupCount; g++) {
    let most = 0
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) most = Math.max(most, flat.value[o]!)
    top += most
  }
  return top
}

/** What the groups still to come cost at least, and add at most at the relaxed rate, after each step. */
function stillToCome(
  flat: FlatSet,
  order: readonly number[],
  rate: number,
): { readonly toCome: Float64Array; readonly gain: Float64Array } {
  // What the groups still to come cost at least: a point that cannot pay for it is no use.
  const toCome = new Float64Array(flat.groupCount + 1)
  for (let i = flat.groupCount - 1; i >= 0; i--) {
    const g = order[i]!
    let least = Infinity
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) least = Math.min(least, flat.cost[o]!)
    toCome[i] = toCome[i + 1]! + least
  }
  // The most the groups still to come can add, paid at the relaxed rate.
  const gain = new Float64Array(flat.groupCount + 1)
  for (let i = flat.groupCount - 1; i >= 0; i--) {
    const g = order[i]!
    let most = -Infinity
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++)
      most = Math.max(most, flat.value[o]! - rate * flat.cost[o]!)
    gain[i] = gain[i + 1]! + most
  }
  return { toCome, gain }
}

/**
 * All best sets at once, for a problem without conflicts and caps: dynamic programming over the groups by value. For
 * each value that can be reached the least cost is kept; values are small whole numbers, so there are few of them
 * whatever the prices. Points dearer than the budget are left out.
 */
export function frontierOf(flat: FlatSet, pruning?: Pruning): Frontier {
  // Groups with one option left go first: they add no points.
  const size = (g: number) => flat.start[g + 1]! - flat.start[g]!
  const order = Array.from({ length: flat.groupCount }, (_, g) => g).sort((x, y) => size(x) - size(y))
  const rate = pruning?.rate ?? 0
  const above = pruning?.above ?? -Infinity
  const { toCome, gain } = stillToCome(flat, order, rate)
  const top = mostOf(flat)
  const best = new Float64Array(top + 1).fill(Infinity)
  const option = new Int32Array(top + 1)
  const before = new Int32Array(top + 1)
  let layer: Layer = {
    costs: new Float64Array(1),
    values: new Float64Array(1),
    option: new Int32Array([-1]),
    before: new Int32Array([-1]),
  }
  const layers: Layer[] = []
  for (let step = 0; step < flat.groupCount; step++) {
    const g = order[step]!
    const limit = flat.budget - toCome[step + 1]!
    const least = above + 1 - 1e-6 - gain[step + 1]! - rate * flat.budget
    let [low, high] = [Infinity, 0]
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) {
      const [c, v] = [flat.cost[o]!, flat.value[o]!]
      for (let i = 0; i < layer.costs.length; i++) {
        const cost = layer.costs[i]! + c
        if (cost > limit) break
        const value = layer.values[i]! + v
        if (value - rate * cost < least) continue
        if (cost >= best[value]!) continue
        best[value] = cost
        option[value] = o
        before[value] = i
        if (value > high) high = value
        if (value < low) low = value
      }
    }
    // From the highest value down, a point stays only while it is cheaper than all that are worth more.
    const kept: number[] = []
    let cheapest = Infinity
    for (let value = high; value >= low; value--) {
      if (best[value]! < cheapest) {
        cheapest = best[value]!
        kept.push(value)
      }
    }
    kept.reverse()
    layer = {
      costs: Float64Array.from(kept, (v) => best[v]!),
      values: Float64Array.from(kept),
      option: Int32Array.from(kept, (v) => option[v]!),
      before: Int32Array.from(kept, (v) => before[v]!),
    }
    layers.push(layer)
    if (low <= high) best.fill(Infinity, low, high + 1)
  }
  return {
    costs: layer.costs,
    values: layer.values,
    selection: (point) => {
      const chosen = new Int32Array(flat.groupCount)
      let at = point
      for (let step = flat.groupCount - 1; step >= 0; step--) {
        chosen[order[step]!] = layers[step]!.option[at]!
        at = layers[step]!.before[at]!
      }
      return chosen
    },
  }
}

/** The last point of the frontier within a budget; −1 when none is. */
export function pointWithin(frontier: Frontier, budgetMinor: number): number {
  let [low, high] = [0, frontier.costs.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (frontier.costs[middle]! <= budgetMinor) low = middle + 1
    else high = middle
  }
  return low - 1
}
