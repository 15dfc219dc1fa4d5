import { example, ex, type ExamplePiece } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const jar = (more: Partial<ExamplePiece>): PlanFacts =>
  example({
    pieces: [ex('object', 'Jar of washing powder', { widthMm: 150, depthMm: 150, heightMm: 250, ...more })],
  })

/** Breaks the rule `plan.decanted`. */
export const violates = (): PlanFacts =>
  jar({ traits: ['decanted cleaner or powder'], at: [2500, 300], raised: 900 })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  jar({
    traits: ['decanted cleaner or powder', 'labeled with contents and warning'],
    at: [2500, 300],
    raised: 1500,
  })
