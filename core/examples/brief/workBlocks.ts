import { example } from './example.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.work-blocks`. */
export const violates = (): BriefFacts =>
  example({
    works: [
      { id: 'w', version: 1, what: 'Panel of the east wall', wallId: null, readyOn: null, done: false },
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    works: [{ id: 'w', version: 1, what: 'Panel of the east wall', wallId: null, readyOn: null, done: true }],
  })
