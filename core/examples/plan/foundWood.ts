import { example, ex, type ExamplePiece } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const stump = (traits: ExamplePiece['traits']): PlanFacts =>
  example({ pieces: [ex('side table', 'Stump', { traits: traits ?? [], at: [2500, 2000] })] })

/** Breaks the rule `plan.found-wood`. */
export const violates = (): PlanFacts => stump(['pallet or found wood'])

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => stump(['pallet or found wood', 'wood looked over'])
