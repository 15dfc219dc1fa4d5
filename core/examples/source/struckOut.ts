import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.struck-out`. */
export const violates = (): SourceFacts =>
  schedule([
    item([
      option({
        against: [{ aspect: 'size', verdict: 'strikes out', says: 'width 40 mm over', satisfied: 0 }],
      }),
    ]),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option()])])
