import { branchAndBound } from './branchAndBound.js'
import { type SearchWish } from './walk.js'
import { frontierOf, pointWithin } from './frontier.js'
import {
  answerOf,
  flatSet,
  narrowed,
  withoutDominated,
  type FlatSet,
  type SetAnswer,
  type SetProblem,
} from './problem.js'
import { relaxed, type Hulls, type Relaxed } from './relaxed.js'

/**
 * The best set for the money, proven: one option of each group, or none where none is allowed, within the budget, the
 * caps and the conflicts, the sum of values as high as can be.
 * @throws {RangeError} for a problem that contradicts itself (see `flatSet`)
 */
export function bestSet(problem: SetProblem, wish: Omit<SearchWish, 'start'> = {}): SetAnswer {
  const whole = flatSet(problem)
  if (whole.neighbors.length === 0 && whole.capMax.length === 0)
    return answerOf(problem, whole, alone(whole), undefined, true)
  const { flat, from } = withoutDominated(whole)
  const found = branchAndBound(flat, wish)
  return answerOf(problem, whole, found.selection, from, found.proven)
}

/** Without conflicts and caps: the relaxed problem strikes out most options, the frontier of the rest has the answer. */
export function alone(flat: FlatSet, hulls?: Hulls): Int32Array | undefined {
  const loose = relaxed(flat, hulls)
  if (!loose) return undefined
  const { selection } = loose
  let value = loose.value
  let left = worthKeeping(flat, loose, value)
  const better = swappedUp(flat, selection, left)
  if (better > 0) left = worthKeeping(flat, loose, (value += better))
  const keep = new Uint8Array(flat.optionCount)
  for (const o of left) keep[o] = 1
  const rest = narrowed(flat, keep)
  for (let g = 0; g < flat.groupCount; g++)
    if (rest.flat.start[g] === rest.flat.start[g + 1]) return selection
  const frontier = frontierOf(rest.flat, { rate: loose.rate, above: value })
  const point = pointWithin(frontier, flat.budget)
  if (point < 0 || frontier.values[point]! <= value) return selection
  return Int32Array.from(frontier.selection(point), (o) => rest.from[o]!)
}

/** Options with which the relaxed bound stays above a value already reached. */
function worthKeeping(flat: FlatSet, loose: Relaxed, reached: number): number[] {
  const left: number[] = []
  for (let g = 0; g < flat.groupCount; g++) {
    let top = -Infinity
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++)
      top = Math.max(top, flat.value[o]! - loose.rate * flat.cost[o]!)
    const least = top - (loose.bound - reached - 1 + 1e-6)
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++)
      if (flat.value[o]! - loose.rate * flat.cost[o]! >= least) left.push(o)
  }
  return left
}

/** Changes two options of the selection at once while that gains; returns what was gained. */
function swappedUp(flat: FlatSet, selection: Int32Array, among: readonly number[]): number {
  const { cost, value, groupOf } = flat
  let spare = flat.budget
  for (const o of selection) spare -= cost[o]!
  let gained = 0
  for (let better = true; better;) {
    better = false
    for (const o of among) {
      const [g, was] = [groupOf[o]!, selection[groupOf[o]!]!]
      const [more, gain] = [cost[o]! - cost[was]!, value[o]! - value[was]!]
      if (gain <= 0) continue
      const p = among.find((q) => {
        const now = selection[groupOf[q]!]!
        return groupOf[q] !== g && value[q]! - value[now]! + gain > 0 && cost[q]! - cost[now]! + more <= spare
      })
      if (p === undefined) continue
      const now = selection[groupOf[p]!]!
      gained += gain + value[p]! - value[now]!
      spare -= more + cost[p]! - cost[now]!
      selection[g] = o
      selection[groupOf[p]!] = p
      better = true
    }
  }
  return gained
}
