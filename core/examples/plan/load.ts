import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.load`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('picture', 'Print', { weightG: 3400, hang: { fixing: 'adhesive strips', ratedG: 1800 } })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('picture', 'Print', {
        weightG: 3400,
        hang: { fixing: 'adhesive strips', ratedG: 1800, hooks: 2, hookSpanMm: 400 },
      }),
    ],
  })
