import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import { adult } from './frameRooms.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.household-unknown`. */
export const violates = (): BriefFacts => example({ pieces: [pieceWith({ id: 'Bookcase' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({ pieces: [pieceWith({ id: 'Bookcase' })], people: [adult('Ilka', 1480)] })
