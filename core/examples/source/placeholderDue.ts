import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.placeholder-due`. */
export const violates = (): SourceFacts =>
  schedule([item([option({ kind: 'placeholder', reviewOn: '2026-03-05' })])])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([item([option({ kind: 'placeholder', reviewOn: '2026-06-05' })])])
