import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.rug-flat`. */
export const violates = (): PlanFacts =>
  example({
    size: [3000, 3600],
    openings: [],
    pieces: [
      ex('sofa', 'Sofa', { at: [1500, 450] }),
      ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2743, depthMm: 3658 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    size: [3000, 3600],
    openings: [],
    pieces: [
      ex('sofa', 'Sofa', { at: [1500, 450] }),
      ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2438, depthMm: 3048 }),
    ],
  })
