import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.price-moved`. */
export const violates = (): SourceFacts =>
  schedule([
    item([
      option({
        chosen: false,
        history: { points: [], events: [], markdowns: 1, offPercent: 20, reached: true },
      }),
    ]),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option()])])
