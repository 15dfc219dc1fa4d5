import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.fuel`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('object', 'Fire pit', { traits: ['open flame', 'burns salty, painted or treated wood'] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('object', 'Fire pit', { traits: ['open flame'] })] })
