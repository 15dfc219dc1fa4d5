import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const two = (serves: string[]) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5 }] }],
      [
        {
          id: 'Metronome',
          size: [120, 120, 220],
          material: 'walnut',
          serves: ['practice'],
          on: 'Unit',
          level: 2,
        },
        { id: 'Second metronome', size: [110, 110, 210], material: 'walnut', serves, on: 'Unit', level: 4 },
      ],
    ),
  )

/** Breaks the rule `handover.does-the-same`. */
export const violates = (): StylingFacts => two(['practice'])

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => two(['practice', 'lessons'])
