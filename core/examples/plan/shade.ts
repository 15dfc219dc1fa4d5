import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.shade`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('lamp', 'Veneer shade', { traits: ['cloth, paper or wood shade', 'hot lamp'] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('lamp', 'Veneer shade', {
        traits: ['cloth, paper or wood shade', 'cool lamp, clear gap all round'],
      }),
    ],
  })
