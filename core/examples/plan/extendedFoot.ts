import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.extended-foot`. */
export const violates = (): PlanFacts =>
  example({
    size: [4000, 2700],
    openings: [],
    pieces: [ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 500] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    size: [4000, 3400],
    openings: [],
    pieces: [ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 525] })],
  })
