import { example } from './example.js'
import { itemWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.strips-overload`. */
export const violates = (): BriefFacts =>
  example({ items: [itemWith({ id: 'Mirror', fixing: 'adhesive strips', weightG: 9_000 })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({ items: [itemWith({ id: 'Picture', fixing: 'adhesive strips', weightG: 3_400 })] })
