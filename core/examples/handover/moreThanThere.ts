import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const bowls = (count: number) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5 }] }],
      [{ id: 'Bowl', count: 2, size: [180, 180, 90], on: 'Unit', level: 2, place: { count } }],
    ),
  )

/** Breaks the rule `handover.more-than-there`. */
export const violates = (): StylingFacts => bowls(3)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => bowls(2)
