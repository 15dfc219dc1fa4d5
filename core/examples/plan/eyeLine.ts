import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.eye-line`. */
export const violates = (): PlanFacts =>
  example({
    schools: { hanging: 'centers on one eye line' },
    pieces: [ex('picture', 'Print', { hang: { centerMm: 1700 } })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    schools: { hanging: 'centers on one eye line' },
    pieces: [ex('picture', 'Print', { hang: { centerMm: 1480 } })],
  })
