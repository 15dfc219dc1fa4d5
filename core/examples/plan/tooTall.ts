import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const room = (heightMm: number): PlanFacts =>
  example({
    heightMm: 2500,
    pieces: [ex('wardrobe', 'Wardrobe', { heightMm, at: [2500, 300] })],
  })

/** Breaks the rule `plan.too-tall`. */
export const violates = (): PlanFacts => room(2506)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => room(2500)
