import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.rug-grip`. */
export const violates = (): PlanFacts => example({ pieces: [ex('rug', 'Hall runner')] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('rug', 'Hall runner', { traits: ['underlay or gripper'] })] })
