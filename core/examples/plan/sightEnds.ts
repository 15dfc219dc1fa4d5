import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.sight-end`. */
export const violates = (): PlanFacts => example({ pieces: [ex('sofa', 'Sofa', { at: [700, 450] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2000, 450] }),
      ex('picture', 'Print', { hang: { wallId: 'north', xMm: 4300 } }),
    ],
  })
