import { ex, example } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

function holders(last: number) {
  return [
    [-750, 1750],
    [-250, 1400],
    [250, 1400],
    [750, last],
  ].map(([x = 0, y = 0], i) =>
    ex('picture', `Holder ${i + 1}`, {
      widthMm: 120,
      heightMm: 200,
      hang: { group: 'row', xMm: 2500 + x, centerMm: y },
    }),
  )
}

/** Breaks the rule `plan.mirrored`. */
export const violates = (): PlanFacts =>
  example({ schools: { hanging: 'staggered, symmetrical about the middle' }, pieces: holders(1730) })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ schools: { hanging: 'staggered, symmetrical about the middle' }, pieces: holders(1750) })
