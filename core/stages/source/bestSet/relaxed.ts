import type { FlatSet } from './problem.js'

/** The problem with the budget alone and parts of options allowed: what one more minor unit is worth, and the most that can be had. */
export interface Relaxed {
  /** Value of one more minor unit of budget at the optimum. */
  readonly rate: number
  /** No selection is worth more. */
  readonly bound: number
  /** Whole options that keep to the budget, the start of a search; conflicts are not looked at. */
  readonly selection: Int32Array
  readonly value: number
}

interface Step {
  readonly group: number
  readonly to: number
  readonly cost: number
  readonly value: number
  readonly rate: number
}

/** The upper hulls of all groups: the cheapest of each, and the steps up from it in falling worth per cost. */
export interface Hulls {
  readonly cheapest: Int32Array
  readonly steps: readonly Step[]
}

/** Hulls hold for every budget. @returns undefined when a group has no option */
export function hullsOf(flat: FlatSet): Hulls | undefined {
  const cheapest = new Int32Array(flat.groupCount)
  const steps: Step[] = []
  for (let g = 0; g < flat.groupCount; g++) {
    const members = Array.from({ length: flat.start[g + 1]! - flat.start[g]! }, (_, k) => flat.start[g]! + k)
    if (members.length === 0) return undefined
    members.sort((x, y) => flat.cost[x]! - flat.cost[y]! || flat.value[y]! - flat.value[x]!)
    const hull: number[] = []
    for (const o of members) {
      if (hull.length > 0 && flat.value[o]! <= flat.value[hull.at(-1)!]!) continue
      while (hull.length > 1 && rateOf(flat, hull.at(-2)!, hull.at(-1)!) <= rateOf(flat, hull.at(-1)!, o))
        hull.pop()
      hull.push(o)
    }
    cheapest[g] = hull[0]!
    for (let i = 1; i < hull.length; i++)
      steps.push({
        group: g,
        to: hull[i]!,
        cost: flat.cost[hull[i]!]! - flat.cost[hull[i - 1]!]!,
        value: flat.value[hull[i]!]! - flat.value[hull[i - 1]!]!,
        rate: rateOf(flat, hull[i - 1]!, hull[i]!),
      })
  }
  return { cheapest, steps: steps.sort((x, y) => y.rate - x.rate) }
}

/**
 * Linear relaxation of the multiple-choice knapsack, solved exactly by the steps of each group's upper hull in falling
 * worth per cost (Sinha & Zoltners, The multiple-choice knapsack problem, Operations Research 27, 1979; from memory).
 * @returns undefined when even the cheapest selection is too dear
 */
export function relaxed(flat: FlatSet, hulls: Hulls | undefined = hullsOf(flat)): Relaxed | undefined {
  if (!hulls) return undefined
  const selection = hulls.cheapest.slice()
  const { steps } = hulls
  let [cost, value] = [0, 0]
  for (const o of selection) {
    cost += flat.cost[o]!
    value += flat.value[o]!
  }
  if (cost > flat.budget) return undefined
  let at = 0
  for (let step = steps[at]; step && cost + step.cost <= flat.budget; step = steps[++at]) {
    selection[step.group] = step.to
    cost += step.cost
    value += step.value
  }
  const broken = steps[at]
  const rate = broken?.rate ?? 0
  const bound = value + (broken ? (flat.budget - cost) * rate : 0)
  // What is left of the budget buys single steps up, the greatest gain first.
  const left = filled(flat, selection, flat.budget - cost)
  return { rate, bound, selection, value: value + left }
}

const rateOf = (flat: FlatSet, from: number, to: number) =>
  (flat.value[to]! - flat.value[from]!) / (flat.cost[to]! - flat.cost[from]!)

function filled(flat: FlatSet, selection: Int32Array, spare: number): number {
  let gained = 0
  for (;;) {
    let [best, gain] = [-1, 0]
    for (let o = 0; o < flat.optionCount; o++) {
      const now = selection[flat.groupOf[o]!]!
      if (flat.cost[o]! - flat.cost[now]! > spare) continue
      const more = flat.value[o]! - flat.value[now]!
      if (more > gain) [best, gain] = [o, more]
    }
    if (best < 0) return gained
    const g = flat.groupOf[best]!
    spare -= flat.cost[best]! - flat.cost[selection[g]!]!
    selection[g] = best
    gained += gain
  }
}
