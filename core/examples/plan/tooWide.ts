import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.too-wide`. */
export const violates = (): PlanFacts =>
  example({
    size: [1900, 3000],
    openings: [],
    pieces: [ex('sofa', 'Sofa', { widthMm: 2134, wallId: 'north' })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    size: [1900, 3000],
    openings: [],
    pieces: [ex('sofa', 'Sofa', { widthMm: 1829, wallId: 'north' })],
  })
