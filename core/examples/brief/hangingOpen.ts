import { example } from './example.js'
import { adult } from './frameRooms.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.hanging-open`. */
export const violates = (): BriefFacts => example({ people: [adult('Ilka', 1480), adult('Bence', 1600)] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => example({ people: [] })
