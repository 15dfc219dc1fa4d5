import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.sentimental-going`. */
export const violates = (): BriefFacts =>
  example({ pieces: [pieceWith({ id: 'Clock', there: true, sentimental: true, verdict: 'let go' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({ pieces: [pieceWith({ id: 'Clock', there: true, sentimental: true, verdict: 'keep' })] })
