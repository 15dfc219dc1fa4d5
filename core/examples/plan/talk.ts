import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.talk`. */
export const violates = (): PlanFacts =>
  example({
    size: [6000, 5000],
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('armchair', 'Chair', { at: [2500, 4450], turn: 180 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('armchair', 'Chair', { at: [2500, 3000], turn: 180 }),
    ],
  })
