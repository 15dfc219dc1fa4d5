import { seededNumbers } from '../kernel/random/seededNumbers.js'
import type { SetProblem } from '../stages/source/bestSet/problem.js'

/**
 * A made-up problem of choosing within a budget: dearer options tend to be worth more, with much noise.
 * @param conflicts how many pairs exclude each other; duplicates and pairs within a group are drawn again
 */
export function randomSet(seed: number, groups: number, options: number, conflicts: number): SetProblem {
  const random = seededNumbers(seed)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  const list = Array.from({ length: groups }, (_, g) => {
    const base = whole(40, 1500) * 50
    return {
      id: `g${g}`,
      required: random() < 0.8,
      options: Array.from({ length: options }, (_, o) => {
        const costMinor = Math.round((base * (0.4 + 1.2 * random())) / 50) * 50
        return {
          id: `g${g}o${o}`,
          costMinor,
          value: Math.max(1, Math.round(20 + 40 * (costMinor / base) + 30 * (random() - 0.5))),
        }
      }),
    }
  })
  const cheapest = list.reduce((sum, g) => sum + Math.min(...g.options.map((o) => o.costMinor)), 0)
  const dearest = list.reduce((sum, g) => sum + Math.max(...g.options.map((o) => o.costMinor)), 0)
  const pairs = new Map<string, readonly [string, string]>()
  while (pairs.size < conflicts) {
    const [g, h] = [whole(0, groups - 1), whole(0, groups - 1)]
    if (g >= h) continue
    const pair = [`g${g}o${whole(0, options - 1)}`, `g${h}o${whole(0, options - 1)}`] as const
    pairs.set(pair.join(' '), pair)
  }
  return {
    budgetMinor: Math.round(cheapest + (dearest - cheapest) * (0.25 + 0.4 * random())),
    groups: list,
    conflicts: [...pairs.values()],
  }
}
