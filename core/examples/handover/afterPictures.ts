import type { RecordFacts } from '../../stages/handover/recordFacts.js'
import { pictureOf, recordsOf } from './records.js'

const north = (after: string): RecordFacts =>
  recordsOf({ photos: [...pictureOf('before', 'wall:north'), ...pictureOf('after', after)] })

/** Breaks the rule `handover.after-pictures`. */
export const violates = (): RecordFacts => north('wall:south')

/** Keeps it, by as little as matters. */
export const complies = (): RecordFacts => north('wall:north')
