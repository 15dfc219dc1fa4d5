import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.paper-guard`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('picture', 'Print', { hang: {}, frame: { board: 'plain paper board' } })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('picture', 'Print', { hang: {}, frame: { board: 'conservation board' } })] })
