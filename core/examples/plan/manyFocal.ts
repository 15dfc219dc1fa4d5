import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.focus-many`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('lamp', 'Pendant', { focal: true }), ex('mirror', 'Mirror', { focal: true })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('lamp', 'Pendant', { focal: true }), ex('mirror', 'Mirror')] })
