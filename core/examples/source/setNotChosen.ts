import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.set-not-chosen`. */
export const violates = (): SourceFacts =>
  schedule([
    item([option({ partOf: { itemId: 'seats', optionId: 'set', name: 'Terrace set', chosen: false } })]),
  ])

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([
    item([option({ partOf: { itemId: 'seats', optionId: 'set', name: 'Terrace set', chosen: true } })]),
  ])
