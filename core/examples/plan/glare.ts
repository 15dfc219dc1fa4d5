import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const print = (glare: boolean) =>
  example({
    pieces: [ex('picture', 'Print', { hang: {}, frame: { board: 'conservation board', glare } })],
  })

/** Breaks the rule `plan.glare`. */
export const violates = (): PlanFacts => print(true)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => print(false)
