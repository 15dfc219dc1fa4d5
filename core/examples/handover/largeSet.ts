import { shelfFacts, shelfJob } from './example.js'
import { emptyJob } from '../emptyJob.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const composed = { ...emptyJob().schools, shelves: 'open and composed' as const }
const tins = (count: number) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [1200, 300, 2000], shelves: [{ levels: 5 }] }],
      [{ id: 'Tea tins', count, size: [80, 80, 120], on: 'Unit', level: 2 }],
      { schools: composed },
    ),
  )

/** Breaks the rule `handover.large-set`. */
export const violates = (): StylingFacts => tins(7)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => tins(6)
