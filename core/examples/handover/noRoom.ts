import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const vase = (highMm: number) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5, clearHeightMm: 320 }] }],
      [{ id: 'Vase', size: [180, 180, highMm], on: 'Unit', level: 2 }],
    ),
  )

/** Breaks the rule `handover.no-room`. */
export const violates = (): StylingFacts => vase(330)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => vase(320)
