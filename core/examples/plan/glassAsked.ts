import { example, ex, type ExamplePiece } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const table = (traits: ExamplePiece['traits']): PlanFacts =>
  example({ pieces: [ex('low table', 'Glass table', { traits: traits ?? [], at: [2500, 2000] })] })

/** Breaks the rule `plan.glass`. */
export const violates = (): PlanFacts => table(['clear glass'])

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => table(['clear glass', 'tempered or laminated glass'])
