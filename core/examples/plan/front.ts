import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.front`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('chest of drawers', 'Chest of drawers', { at: [2500, 225] }),
      ex('bed', 'Bed', { at: [2500, 2000], turn: 0 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('chest of drawers', 'Chest of drawers', { at: [1000, 225] })] })
