import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.rug-nominal`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('rug', 'Rug', { traits: ['only the nominal size is known'] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [ex('rug', 'Rug')] })
