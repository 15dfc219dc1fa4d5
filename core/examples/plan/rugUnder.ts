import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.rug-under-table`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('table', 'Table', { at: [2500, 2000] }),
      ex('rug', 'Rug', { at: [2500, 2000], widthMm: 2000, depthMm: 1400 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('table', 'Table', { at: [2500, 2000] }),
      ex('rug', 'Rug', { at: [2500, 2000], widthMm: 2900, depthMm: 2200 }),
    ],
  })
