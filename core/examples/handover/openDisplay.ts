import { shelfFacts, shelfJob } from './example.js'
import { emptyJob } from '../emptyJob.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const closedSchool = { ...emptyJob().schools, shelves: 'closed, in baskets' as const }
const bins = (closed: boolean) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Unit', size: [820, 300, 1400], shelves: [{ levels: 4, across: 2, closed }] }],
      [
        { id: 'Jars', count: 9, size: [80, 80, 120], on: 'Unit', level: 2 },
        { id: 'Boxes', count: 4, size: [120, 90, 60], on: 'Unit', level: 3 },
      ],
      { schools: closedSchool },
    ),
    26e6,
  )

/** Breaks the rule `handover.open-display`. */
export const violates = (): StylingFacts => bins(false)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => bins(true)
