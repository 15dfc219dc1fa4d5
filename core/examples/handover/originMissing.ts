import type { RecordFacts } from '../../stages/handover/recordFacts.js'
import { pieceWith } from '../emptyJob.js'
import { recordsOf } from './records.js'

const stand = (there: boolean): RecordFacts =>
  recordsOf({ pieces: [pieceWith({ id: 'stand', name: 'Music stand', kind: 'other', there })] })

/** Breaks the rule `handover.origin-missing`. */
export const violates = (): RecordFacts => stand(false)

/** Keeps it, by as little as matters. */
export const complies = (): RecordFacts => stand(true)
