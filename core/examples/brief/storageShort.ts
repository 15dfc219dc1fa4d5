import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import { shelves } from '../../model/rows/shelves.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

const stored = (count: number) =>
  example({
    pieces: [
      pieceWith({ id: 'Chest', kind: 'cabinet', there: true, reason: 'hers' }),
      pieceWith({
        id: 'Vacuum cleaner',
        kind: 'appliance',
        traits: ['not to be on view'],
        count,
        widthMm: 500,
        depthMm: 500,
        heightMm: 500,
      }),
    ],
    shelves: [
      { ...shelves.make({ id: 'in', pieceId: 'Chest', clearHeightMm: 500, closed: true }), version: 1 },
    ],
  })

/** Breaks the rule `brief.storage-short`. */
export const violates = (): BriefFacts => stored(3)

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => stored(2)
