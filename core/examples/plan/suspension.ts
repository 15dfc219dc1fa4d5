import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.suspension`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('lamp', 'Pendant', { weightG: 2100, traits: ['hung by line or cord'] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('lamp', 'Pendant', { weightG: 2100, traits: ['hung by rated chain or cable'] })],
  })
