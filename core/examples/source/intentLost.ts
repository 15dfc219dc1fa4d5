import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.intent`. */
export const violates = (): SourceFacts =>
  schedule([
    item([option()], {
      swap: { plannedName: 'Pin rail', boughtName: 'Neon clock', savedMinor: 8_000, intent: 'lost' },
    }),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([
    item([option()], {
      swap: { plannedName: 'Pin rail', boughtName: 'Moss trays', savedMinor: 6_500, intent: 'kept' },
    }),
  ])
