import { emptyJob, pieceWith } from '../emptyJob.js'
import { stylingFacts, type StylingFacts } from '../../stages/handover/stylingFacts.js'

const jug = (place: string): StylingFacts =>
  stylingFacts(
    emptyJob({
      pieces: [
        pieceWith({
          id: 'Mustard jug',
          kind: 'object',
          widthMm: 140,
          depthMm: 140,
          heightMm: 220,
          traits: ['not to be on view'],
          place,
        }),
      ],
    }),
    undefined,
  )

/** Breaks the rule `handover.off-view-where`. */
export const violates = (): StylingFacts => jug('')

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => jug('kitchen, in use')
