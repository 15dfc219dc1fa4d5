import { rented } from './tenureRooms.js'
import { itemWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.rented-change`. */
export const violates = (): BriefFacts =>
  rented({ items: [itemWith({ id: 'Wall shelf', fixing: 'screwed to the wall' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  rented({ items: [itemWith({ id: 'Standing shelf', fixing: 'stands free' })] })
