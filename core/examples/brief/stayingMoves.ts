import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.staying-moves`. */
export const violates = (): BriefFacts =>
  example({ pieces: [pieceWith({ id: 'Stove', there: true, stays: true, verdict: 'move' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({ pieces: [pieceWith({ id: 'Stove', there: true, stays: true, verdict: 'rework' })] })
