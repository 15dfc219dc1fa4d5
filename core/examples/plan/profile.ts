import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.height-profile`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('cabinet', 'Left cabinet', { heightMm: 1750, at: [1000, 200] }),
      ex('wardrobe', 'Wardrobe', { heightMm: 1900, at: [2300, 300] }),
      ex('cabinet', 'Right cabinet', { heightMm: 1750, at: [3600, 200] }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('cabinet', 'Left cabinet', { heightMm: 800, at: [1000, 200] }),
      ex('wardrobe', 'Wardrobe', { heightMm: 1900, at: [2300, 300] }),
      ex('cabinet', 'Right cabinet', { heightMm: 800, at: [3600, 200] }),
    ],
  })
