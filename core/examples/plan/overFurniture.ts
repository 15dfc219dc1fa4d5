import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.over-furniture`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('picture', 'Print', { widthMm: 1400, heightMm: 500, hang: { centerMm: 1540 } }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('picture', 'Print', { widthMm: 1400, heightMm: 500, hang: { centerMm: 1290 } }),
    ],
  })
