import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.lamp-competes`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('side table', 'Table', { heightMm: 610, at: [1500, 250] }),
      ex('lamp', 'Lamp', { heightMm: 865, at: [1500, 250], raised: 610 }),
      ex('picture', 'Print', { heightMm: 480, hang: { xMm: 2000, centerMm: 1560 } }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('side table', 'Table', { heightMm: 610, at: [1500, 250] }),
      ex('lamp', 'Lamp', { heightMm: 660, at: [1500, 250], raised: 610 }),
      ex('picture', 'Print', { heightMm: 480, hang: { xMm: 2000, centerMm: 1560 } }),
    ],
  })
