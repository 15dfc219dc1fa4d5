import type { FinishRecord } from '../../model/rows/finishRecords.js'
import { ROWS, type Rows } from '../../model/registry.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { deriveJob } from '../../job/derive.js'
import { recordFactsOf } from '../../job/handover/recordFactsOf.js'
import type { RecordFacts } from '../../stages/handover/recordFacts.js'
import { installJob } from '../install/example.js'

/** A day on which the work of an example is done. */
export const DONE = '2026-03-20'

/** Rows of an example, what is not said as a new row has it. */
export const rowsOf = <C extends keyof Rows>(
  collection: C,
  rows: readonly Partial<Rows[C]>[],
  least: object = {},
) =>
  rows.map((row, i) => ({
    ...(ROWS[collection].make({ id: `${collection} ${i + 1}`, ...least, ...row } as never) as Rows[C]),
    version: 1,
  }))

/** A room that is done, with what is known of it. */
export const recordJob = (more: Partial<JobSnapshot>): JobSnapshot =>
  installJob({ brief: { installOn: DONE, revealOn: DONE }, more })

/** What the rules of records look at, on the day the room is done. */
export const recordsOf = (more: Partial<JobSnapshot>, today = DONE): RecordFacts => {
  const job = recordJob(more)
  return recordFactsOf(job, deriveJob(job, today), today)
}

/** A finish that was applied and never tied to an object, with its record. */
export const applied = (finish: Partial<Rows['finishes']>, record: Partial<FinishRecord> = {}) => ({
  finishes: rowsOf('finishes', [finish], { id: 'paint', labL: 45, labA: 0, labB: -30 }),
  finishRecords: rowsOf('finishRecords', [record], { finishId: 'paint' }),
})

/** A picture of one standpoint. */
export const pictureOf = (kind: 'before' | 'after', subject: string) =>
  rowsOf('photos', [{ id: `${kind} ${subject}`, kind, subject, widthPx: 800, heightPx: 600 }])
