import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const chair = (turn: number) =>
  example({
    size: [6000, 5000],
    pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('armchair', 'Chair', { at: [2500, 3000], turn })],
  })

/** Breaks the rule `plan.back-turned`. */
export const violates = (): PlanFacts => chair(0)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => chair(90)
