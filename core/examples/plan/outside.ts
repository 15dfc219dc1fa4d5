import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.outside`. */
export const violates = (): PlanFacts => example({ pieces: [ex('sofa', 'Sofa', { at: [4500, 450] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [ex('sofa', 'Sofa', { at: [2500, 450] })] })
