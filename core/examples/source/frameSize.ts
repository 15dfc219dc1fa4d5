import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

const print = (openingMm: readonly [number, number]) =>
  schedule([
    item([option({ name: 'Print' })], {
      name: 'Prints',
      pieceKind: 'picture',
      framed: {
        frameItemId: 'frame',
        frameName: 'Ready-made frame',
        sheetMm: [279.4, 431.8],
        openingMm,
        frames: 1,
        prints: 1,
      },
    }),
  ])

/** Breaks the rule `source.frame-size`. */
export const violates = (): SourceFacts => print([304.8, 457.2])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => print([282, 434])
