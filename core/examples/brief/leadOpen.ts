import { finishAssignments } from '../../model/rows/finishAssignments.js'
import { example } from './example.js'
import { emptyJob } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

const led = (floor: boolean) =>
  example({
    schools: { ...emptyJob().schools, lead: 'floor or rug' },
    finishAssignments: (['walls', ...(floor ? (['floor'] as const) : [])] as const).map((surface) => ({
      ...finishAssignments.blank(),
      id: surface,
      surface,
      finishId: 'oat',
      version: 1,
    })),
  })

/** Breaks the rule `brief.lead-open`. */
export const violates = (): BriefFacts => led(false)

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => led(true)
