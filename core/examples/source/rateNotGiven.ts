import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.rate-not-given`. */
export const violates = (): SourceFacts => schedule([item([option({ rateMissing: 'USD' })])])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option()])])
