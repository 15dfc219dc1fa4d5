import { alone } from './bestSet.js'
import { branchAndBound } from './branchAndBound.js'
import { type SearchWish } from './walk.js'
import { answerOf, flatSet, withoutDominated, type SetAnswer, type SetProblem } from './problem.js'
import { hullsOf } from './relaxed.js'

export interface CurveWish extends Omit<SearchWish, 'start' | 'progress'> {
  /** Told after each budget how many are done. */
  readonly each?: (done: number) => void
}

/**
 * The best set at each of several budgets: what more money buys.
 *
 * Without conflicts and caps the hulls of the relaxed problem are shared. With them each budget is searched, beginning with the best set
 * of the budget below, which still fits.
 *
 * @param budgets in minor units, rising
 * @returns one answer a budget, in their order
 */
export function bestSets(problem: SetProblem, budgets: readonly number[], wish: CurveWish = {}): SetAnswer[] {
  const whole = flatSet({ ...problem, budgetMinor: Math.max(0, ...budgets) })
  const { flat, from } = withoutDominated(whole)
  if (flat.neighbors.length === 0 && flat.capMax.length === 0) {
    const hulls = hullsOf(flat)
    return budgets.map((budget, i) => {
      const selection = alone({ ...flat, budget }, hulls)
      wish.each?.(i + 1)
      return answerOf(problem, whole, selection, from, true)
    })
  }
  let start: Int32Array | undefined
  return budgets.map((budget, i) => {
    const found = branchAndBound({ ...flat, budget }, start ? { ...wish, start } : wish)
    start = found.selection ?? start
    wish.each?.(i + 1)
    return answerOf(problem, whole, found.selection, from, found.proven)
  })
}
