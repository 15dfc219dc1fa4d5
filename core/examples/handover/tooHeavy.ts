import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const unit = (grams: number) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5, bearsG: 15_000 }] }],
      [
        { id: 'Scores', kind: 'books', count: 10, size: [30, 240, 310], weightG: 1200, on: 'Unit', level: 3 },
        { id: 'Bust', size: [180, 180, 300], weightG: grams, on: 'Unit', level: 3 },
      ],
    ),
  )

/** Breaks the rule `handover.too-heavy`. */
export const violates = (): StylingFacts => unit(3200)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => unit(3000)
