import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.floor-cut-up`. */
export const violates = (): PlanFacts =>
  example({
    size: [3800, 2500],
    openings: [],
    pieces: [
      ex('rug', 'One', { at: [700, 700], widthMm: 900, depthMm: 600 }),
      ex('rug', 'Two', { at: [2000, 700], widthMm: 900, depthMm: 600 }),
      ex('rug', 'Three', { at: [3000, 1800], widthMm: 900, depthMm: 600 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    size: [3800, 2500],
    openings: [],
    pieces: [ex('rug', 'One', { at: [1900, 1250], widthMm: 2900, depthMm: 2000 })],
  })
