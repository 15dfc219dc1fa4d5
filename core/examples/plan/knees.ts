import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.knees`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Low table', { at: [2500, 1510] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Low table', { at: [2500, 1600] })],
  })
