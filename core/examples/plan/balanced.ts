import { example, ex, exampleDoor } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.balance`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [1200, 450] }),
      ex('wardrobe', 'Wardrobe', { at: [320, 2000], turn: 270 }),
      ex('shelves', 'Bookcase', { at: [150, 3100], turn: 270, widthMm: 700 }),
    ],
    openings: [{ ...exampleDoor, startMm: 2100 }],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [3800, 450], widthMm: 1500 }),
      ex('wardrobe', 'Wardrobe', { at: [320, 2000], turn: 270 }),
      ex('shelves', 'Bookcase', { at: [4800, 2300], turn: 90 }),
    ],
    openings: [{ ...exampleDoor, startMm: 2100 }],
  })
