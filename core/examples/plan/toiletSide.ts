import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.toilet-side`. */
export const violates = (): PlanFacts =>
  example({
    size: [2400, 1700],
    pieces: [ex('sanitary', 'Toilet', { widthMm: 380, depthMm: 680, heightMm: 800, at: [370, 340] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    size: [2400, 1700],
    pieces: [ex('sanitary', 'Toilet', { widthMm: 380, depthMm: 680, heightMm: 800, at: [600, 340] })],
  })
