import { example, ex } from './example.js'
import { READ } from './lampsRooms.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.lamp-seat`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
      ex('lamp', 'Lamp', { at: [1500, 3500] }),
    ],
    openings: [],
    more: { uses: [READ] },
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
      ex('lamp', 'Lamp', { at: [3500, 400] }),
    ],
    openings: [],
    more: { uses: [READ] },
  })
