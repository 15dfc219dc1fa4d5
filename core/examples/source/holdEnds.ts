import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.hold-ends`. */
export const violates = (): SourceFacts => schedule([item([option({ heldUntil: '2026-03-04' })])])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([item([option({ heldUntil: '2026-03-20' })])])
