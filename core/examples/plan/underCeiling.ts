import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.under-ceiling`. */
export const violates = (): PlanFacts =>
  example({
    heightMm: 2400,
    pieces: [ex('picture', 'Upper', { hang: { centerMm: 2140 }, heightMm: 500 })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    heightMm: 3000,
    pieces: [ex('picture', 'Upper', { hang: { centerMm: 2140 }, heightMm: 500 })],
  })
