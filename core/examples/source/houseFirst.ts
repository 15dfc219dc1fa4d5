import { schedule, item } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.house-first`. */
export const violates = (): SourceFacts =>
  schedule([item([], { open: true })], { owned: [{ id: 'p', name: 'Hall lamp', kind: 'lamp' }] })

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([item([], { open: true })], { owned: [{ id: 'p', name: 'Hall chair', kind: 'chair' }] })
