import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.walk`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('shelves', 'Bookcase', { at: [2450, 3260], turn: 90 }),
      ex('cabinet', 'Cabinet', { at: [1100, 2240], widthMm: 2200 }),
      ex('desk', 'Desk', { at: [700, 3650], turn: 180 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [ex('sofa', 'Sofa', { at: [2500, 450] })] })
