import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.headboard-hidden`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('bed', 'Bed', { at: [2500, 1000], mattressMm: 600, pillowsMm: 450, heightMm: 1000 })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('bed', 'Bed', { at: [2500, 1000], mattressMm: 600, pillowsMm: 450, heightMm: 1100 })],
  })
