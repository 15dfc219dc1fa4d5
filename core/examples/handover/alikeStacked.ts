import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const unit = { id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5 }] } as const
const vases = (level: number) =>
  shelfFacts(
    shelfJob(
      [unit],
      [
        { id: 'Vases', size: [120, 120, 160], material: 'glass', on: 'Unit', level },
        { id: 'Domes', size: [160, 110, 120], material: 'glass', on: 'Unit', level: 2 },
      ],
    ),
  )

/** Breaks the rule `handover.alike-stacked`. */
export const violates = (): StylingFacts => vases(3)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => vases(4)
