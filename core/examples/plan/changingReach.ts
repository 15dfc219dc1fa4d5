import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const CHANGE = {
  id: 'change',
  name: 'Change the child',
  kind: 'change a small child',
  persons: 1,
  time: 'any time',
  position: 0,
  version: 1,
} as const

/** A changing place and a pot of cream so far from it. */
const cream = (awayMm: number): PlanFacts =>
  example({
    pieces: [
      ex('cabinet', 'Cabinet', {
        at: [2500, 250],
        widthMm: 900,
        depthMm: 500,
        heightMm: 900,
        serves: ['change'],
      }),
      ex('object', 'Cream', { at: [2990 + awayMm, 250], widthMm: 80, depthMm: 80, heightMm: 120 }),
    ],
    more: { uses: [CHANGE] },
  })

/** Breaks the rule `plan.changing-reach`. */
export const violates = (): PlanFacts => cream(900)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => cream(920)
