import { example } from './example.js'
import { itemWith } from '../emptyJob.js'
import { rented } from './tenureRooms.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.tenure-unknown`. */
export const violates = (): BriefFacts => example({ items: [itemWith({ id: 'Rug' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => rented({ items: [itemWith({ id: 'Rug' })] })
