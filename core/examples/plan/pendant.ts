import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.pendant`. */
export const violates = (): PlanFacts =>
  example({
    heightMm: 2440,
    pieces: [
      ex('lamp', 'Pendant', {
        at: [2500, 2000],
        raised: 1930,
        heightMm: 450,
        fixing: 'screwed to the ceiling',
      }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    heightMm: 2440,
    pieces: [
      ex('lamp', 'Pendant', {
        at: [2500, 2000],
        raised: 2130,
        heightMm: 250,
        widthMm: 800,
        depthMm: 800,
        fixing: 'screwed to the ceiling',
      }),
    ],
  })
