import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.mat-wider`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('picture', 'Print', { hang: {}, frame: { faceMm: 60, borderMm: 60, bottomBorderMm: 60 } })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('picture', 'Print', { hang: {}, frame: { faceMm: 25, borderMm: 60, bottomBorderMm: 60 } })],
  })
