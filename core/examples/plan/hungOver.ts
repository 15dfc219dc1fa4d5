import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.hung-over`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('picture', 'One', { hang: { xMm: 2500 } }), ex('picture', 'Two', { hang: { xMm: 2700 } })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('picture', 'One', { hang: { xMm: 2000 } }), ex('picture', 'Two', { hang: { xMm: 3000 } })],
  })
