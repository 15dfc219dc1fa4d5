import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.cord-asked`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('cot', 'Cot', { at: [2500, 2000] }), ex('blind', 'Blind')] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('cot', 'Cot', { at: [2500, 2000] }), ex('blind', 'Blind', { traits: ['cordless'] })],
  })
