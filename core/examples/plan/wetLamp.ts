import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.wet-lamp`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('sanitary', 'Bath', { widthMm: 1700, depthMm: 700, heightMm: 560, at: [1000, 400] }),
      ex('lamp', 'Pendant', { at: [1000, 1000], raised: 1800, heightMm: 300 }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('sanitary', 'Bath', { widthMm: 1700, depthMm: 700, heightMm: 560, at: [1000, 400] }),
      ex('lamp', 'Pendant', { at: [4000, 3000], raised: 2100, heightMm: 300 }),
    ],
  })
