import { example } from './example.js'
import { use } from '../../stages/brief/rules/useUncovered.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.double-use`. */
export const violates = (): BriefFacts =>
  example({
    uses: [use('Sit', 'sit', { time: 'evenings' }), use('Sleep', 'sleep', { time: 'evenings' })],
    pieces: [pieceWith({ id: 'Sleeper', kind: 'sofa bed', widthMm: 1900, serves: ['Sit', 'Sleep'] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    uses: [use('Sit', 'sit', { time: 'evenings' }), use('Sleep', 'sleep', { time: 'at night' })],
    pieces: [pieceWith({ id: 'Sleeper', kind: 'sofa bed', widthMm: 1900, serves: ['Sit', 'Sleep'] })],
  })
