import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.tip-over`. */
export const violates = (): PlanFacts => example({ pieces: [ex('shelves', 'Bookcase', { at: [1000, 200] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('shelves', 'Bookcase', { at: [1000, 200], traits: ['anchored to the building'] })],
  })
