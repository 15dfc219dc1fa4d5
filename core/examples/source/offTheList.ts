import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

const found = (intent: string) =>
  schedule([item([option()], { intent, targetMinor: 0, serves: 0 })], {
    schools: { buying: 'decide, then buy to the list', pace: null, money: null },
  })

/** Breaks the rule `source.off-the-list`. */
export const violates = (): SourceFacts => found('')

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => found('light at the chair')
