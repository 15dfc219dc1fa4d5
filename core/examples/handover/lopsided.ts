import { shelfFacts, shelfJob } from './example.js'
import { emptyJob } from '../emptyJob.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const composed = { ...emptyJob().schools, shelves: 'open and composed' as const }
const shelf = (bowlX: number) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5, clearWidthMm: 800 }] }],
      [
        { id: 'Box', size: [200, 200, 200], on: 'Unit', level: 2, place: { xMm: 0 } },
        { id: 'Bowl', size: [200, 200, 100], on: 'Unit', level: 2, place: { xMm: bowlX } },
      ],
      { schools: composed },
    ),
  )

/** Breaks the rule `handover.lopsided`. */
export const violates = (): StylingFacts => shelf(210)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => shelf(600)
