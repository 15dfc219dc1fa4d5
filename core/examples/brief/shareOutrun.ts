import { example } from './example.js'
import { allotment } from './frameRooms.js'
import { itemWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.share-outrun`. */
export const violates = (): BriefFacts =>
  example({ budgetShares: [allotment('furniture', 5_000)], items: [itemWith({ id: 'Chair' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({ budgetShares: [allotment('furniture', 50_000)], items: [itemWith({ id: 'Chair' })] })
