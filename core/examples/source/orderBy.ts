import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.order-by`. */
export const violates = (): SourceFacts => schedule([item([option({ leadDays: 56 })])])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option({ leadDays: 10 })])])
