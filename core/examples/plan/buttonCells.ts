import { example, ex, type ExamplePiece } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const candles = (traits: ExamplePiece['traits']): PlanFacts =>
  example({ pieces: [ex('object', 'Battery candles', { traits: traits ?? [], at: [2500, 2000] })] })

/** Breaks the rule `plan.button-cells`. */
export const violates = (): PlanFacts => candles(['button cells or magnets'])

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => candles(['button cells or magnets', 'small parts held fast'])
