import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.size-doubt`. */
export const violates = (): PlanFacts => example({ pieces: [ex('sofa', 'Sofa', { widthMm: 72 })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [ex('sofa', 'Sofa', { widthMm: 1829 })] })
