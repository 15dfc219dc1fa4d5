import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const unit = (id: string) => ({ id, size: [820, 300, 2000], shelves: [{ levels: 5 }] }) as const
const glass = (last: string) =>
  shelfFacts(
    shelfJob(
      [unit('Left unit'), unit('Right unit')],
      [
        { id: 'Vases', size: [120, 120, 160], material: 'glass', on: 'Left unit', level: 1 },
        { id: 'Domes', size: [260, 260, 300], material: 'glass', on: 'Left unit', level: 3 },
        { id: 'Carafe', size: [90, 90, 240], material: 'glass', on: last, level: 5 },
      ],
    ),
  )

/** Breaks the rule `handover.one-material`. */
export const violates = (): StylingFacts => glass('Left unit')

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => glass('Right unit')
