import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.over-seat`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('armchair', 'Armchair', { at: [2500, 430] }),
      ex('picture', 'Wooden sign', { weightG: 4600, hang: { hooks: 1 } }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('armchair', 'Armchair', { at: [2500, 430] }),
      ex('picture', 'Wooden sign', {
        weightG: 4600,
        hang: { hooks: 2, hookSpanMm: 400, ratedG: 5000, fixing: 'screw and plug' },
      }),
    ],
  })
