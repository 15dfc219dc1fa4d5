import { example } from './example.js'
import { allotment } from './frameRooms.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.split-over`. */
export const violates = (): BriefFacts => example({ budgetShares: [allotment('furniture', 500_000)] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => example({ budgetShares: [allotment('furniture', 300_000)] })
