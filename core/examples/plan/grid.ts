import { ex, example } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

function panels(shift: number) {
  return [0, 1, 2, 3].map((i) =>
    ex('picture', `Panel ${i + 1}`, {
      widthMm: 300,
      heightMm: 400,
      hang: { group: 'grid', xMm: 1500 + i * 380 + (i === 2 ? shift : 0), centerMm: 1480 },
    }),
  )
}

/** Breaks the rule `plan.grid`. */
export const violates = (): PlanFacts =>
  example({ schools: { hanging: 'straight grid' }, pieces: panels(15) })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ schools: { hanging: 'straight grid' }, pieces: panels(0) })
