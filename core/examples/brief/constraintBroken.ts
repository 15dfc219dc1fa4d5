import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.constraint-broken`. */
export const violates = (): BriefFacts =>
  example({
    constraints: [
      {
        id: 'l',
        version: 1,
        kind: 'must stay',
        what: 'The piano',
        surface: '',
        pieceId: 'Piano',
        why: '',
      },
    ],
    pieces: [pieceWith({ id: 'Piano', kind: 'piano', verdict: 'move' })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    constraints: [
      {
        id: 'l',
        version: 1,
        kind: 'must stay',
        what: 'The piano',
        surface: '',
        pieceId: 'Piano',
        why: '',
      },
    ],
    pieces: [pieceWith({ id: 'Piano', kind: 'piano', verdict: 'keep' })],
  })
