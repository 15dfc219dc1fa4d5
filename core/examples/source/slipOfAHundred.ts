import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.slip-of-a-hundred`. */
export const violates = (): SourceFacts =>
  schedule([
    item([
      option({
        priceMinor: 299,
        slip: { likely: [29_900], why: 'it is far below what such things cost here' },
      }),
    ]),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option()])])
