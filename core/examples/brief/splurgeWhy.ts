import { example } from './example.js'
import { allotment } from './frameRooms.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.splurge-why`. */
export const violates = (): BriefFacts =>
  example({ budgetShares: [allotment('decor', 1000, { mark: 'splurge' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({ budgetShares: [allotment('decor', 1000, { mark: 'splurge', reason: 'lasts' })] })
