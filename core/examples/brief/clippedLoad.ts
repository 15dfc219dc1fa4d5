import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import { openings } from '../../model/rows/openings.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

const clipped = (weightG: number) =>
  example({
    pieces: [
      pieceWith({ id: 'Curtain and rod', kind: 'curtains', fixing: 'clipped on', weightG, wallId: 'w' }),
    ],
    openings: [
      {
        ...openings.make({
          id: 'window',
          wallId: 'w',
          kind: 'window',
          startMm: 500,
          widthMm: 1200,
          heightMm: 1200,
          sillMm: 900,
          hinge: 'none',
          swing: 'none',
          carries: 'fixed blind',
          carriesG: 3_000,
        }),
        version: 1,
      },
    ],
  })

/** Breaks the rule `brief.clipped-load`. */
export const violates = (): BriefFacts => clipped(3_100)

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => clipped(3_000)
