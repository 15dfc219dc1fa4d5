import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.rug-border`. */
export const violates = (): PlanFacts =>
  example({
    schools: { rug: 'largest that leaves the border' },
    openings: [],
    size: [3000, 3600],
    pieces: [
      ex('sofa', 'Sofa', { at: [1500, 450] }),
      ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2700, depthMm: 3350 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    schools: { rug: 'largest that leaves the border' },
    openings: [],
    size: [3000, 3600],
    pieces: [
      ex('sofa', 'Sofa', { at: [1500, 450] }),
      ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2438, depthMm: 3048 }),
    ],
  })
