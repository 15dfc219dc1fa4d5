import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.not-looked-over`. */
export const violates = (): SourceFacts => schedule([item([option({ kind: 'second-hand' })])])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([item([option({ kind: 'second-hand', lookedAt: ['size', 'structure', 'smell', 'insects'] })])])
