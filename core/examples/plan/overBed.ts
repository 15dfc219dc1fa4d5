import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.over-bed`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('cot', 'Cot', { at: [2500, 700] }),
      ex('picture', 'Wooden sign', {
        weightG: 4600,
        widthMm: 900,
        heightMm: 500,
        hang: { hooks: 2, hookSpanMm: 500 },
      }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('cot', 'Cot', { at: [700, 3300], turn: 180 }),
      ex('picture', 'Wooden sign', {
        weightG: 4600,
        widthMm: 900,
        heightMm: 500,
        hang: { hooks: 2, hookSpanMm: 500 },
      }),
    ],
  })
