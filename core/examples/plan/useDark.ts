import { example, ex } from './example.js'
import { READ } from './lampsRooms.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.use-dark`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
      ex('lamp', 'Lamp', { at: [500, 3500], light: { lumens: 400 } }),
    ],
    more: { uses: [READ] },
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
      ex('lamp', 'Lamp', { at: [4200, 250], light: { lumens: 3000 } }),
    ],
    more: { uses: [READ] },
  })
