import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.extended-blocked`. */
export const violates = (): PlanFacts =>
  example({
    size: [4000, 3400],
    openings: [],
    pieces: [
      ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 525] }),
      ex('trunk', 'Trunk', { depthMm: 450, widthMm: 900, at: [2000, 1625] }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    size: [4000, 3400],
    openings: [],
    pieces: [
      ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 525] }),
      ex('trunk', 'Trunk', { depthMm: 450, widthMm: 900, at: [2000, 1625], parkedAt: [2000, 3150] }),
    ],
  })
