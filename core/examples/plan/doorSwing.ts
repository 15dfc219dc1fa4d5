import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.door-swing`. */
export const violates = (): PlanFacts => example({ pieces: [ex('plant', 'Palm', { at: [4400, 3500] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [ex('plant', 'Palm', { at: [1000, 3500] })] })
