import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

const standIn = (kind: 'placeholder' | 'new') =>
  schedule([item([option({ kind, reviewOn: '2026-09-01' })])], {
    schools: { buying: null, pace: 'slowly', money: null },
  })

/** Breaks the rule `source.pace`. */
export const violates = (): SourceFacts => standIn('placeholder')

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => standIn('new')
