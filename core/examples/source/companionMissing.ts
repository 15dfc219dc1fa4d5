import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.companion-missing`. */
export const violates = (): SourceFacts =>
  schedule([
    item([option()], {
      missing: [{ what: 'bulb', category: 'light', why: 'A lamp comes without a bulb.' }],
    }),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option()])])
