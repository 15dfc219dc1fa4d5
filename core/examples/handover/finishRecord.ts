import type { RecordFacts } from '../../stages/handover/recordFacts.js'
import { pieceWith } from '../emptyJob.js'
import { applied, recordsOf } from './records.js'

const painted = (code: string): RecordFacts =>
  recordsOf({
    ...applied({ name: 'Heron', code, sheen: 'satin' }),
    pieces: [
      pieceWith({
        id: 'chairs',
        name: 'Chairs',
        kind: 'chair',
        there: true,
        verdict: 'rework',
        finishId: 'paint',
      }),
    ],
  })

/** Breaks the rule `handover.finish-record`. */
export const violates = (): RecordFacts => painted('')

/** Keeps it, by as little as matters. */
export const complies = (): RecordFacts => painted('H 40')
