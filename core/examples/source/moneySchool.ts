import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Another lamp that fits, and what the chosen one at 120 costs more. */
const beside = (landedMinor: number) =>
  schedule([item([option(), option({ id: 'arc', name: 'Arc lamp', landedMinor, chosen: false })])], {
    schools: { buying: null, pace: null, money: 'lowest outlay' },
  })

/** Breaks the rule `source.money-school`. */
export const violates = (): SourceFacts => beside(10_000)

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => beside(11_000)
