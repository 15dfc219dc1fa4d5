import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const BED = ex('bed', 'Platform bed', { at: [2500, 1000], mattressMm: 350 })

/** Breaks the rule `plan.bedside-height`. */
export const violates = (): PlanFacts =>
  example({ pieces: [BED, ex('side table', 'Bedside', { at: [1400, 300], heightMm: 560 })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [BED, ex('side table', 'Bedside', { at: [1400, 300], heightMm: 440 })] })
