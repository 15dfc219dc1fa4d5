import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.rework-near-new`. */
export const violates = (): SourceFacts =>
  schedule([
    item([
      option({ kind: 'second-hand', landedMinor: 9_000 }),
      option({ id: 'new', name: 'New lamp', chosen: false, landedMinor: 12_000 }),
    ]),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([
    item([
      option({ kind: 'second-hand', landedMinor: 8_900 }),
      option({ id: 'new', name: 'New lamp', chosen: false, landedMinor: 12_000 }),
    ]),
  ])
