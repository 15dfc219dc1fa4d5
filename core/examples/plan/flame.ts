import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.flame`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('object', 'Fire pot', { traits: ['gel or gas fire'], at: [2500, 2000] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [ex('object', 'Lantern', { at: [2500, 2000] })] })
