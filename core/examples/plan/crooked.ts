import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.crooked`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('picture', 'Print', { hang: { turnDeg: 1.5 } })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('picture', 'Gilt frame', { hang: { turnDeg: 6, onPurpose: true } }),
      ex('picture', 'Print', { hang: { turnDeg: 0.4, xMm: 1000 } }),
    ],
  })
