import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.in-cot`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('cot', 'Cot', { at: [2500, 2000] }),
      ex('object', 'Cloth rabbit', {
        widthMm: 200,
        depthMm: 150,
        heightMm: 250,
        at: [2500, 2200],
        raised: 300,
      }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('cot', 'Cot', { at: [2500, 2000] }),
      ex('object', 'Cloth rabbit', { widthMm: 200, depthMm: 150, heightMm: 250, at: [3800, 2200] }),
    ],
  })
