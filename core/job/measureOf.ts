import { formatterOf } from '../kernel/units/formatter.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { measureFacts, type MeasureFacts } from '../stages/measure/measureFacts.js'

/** What is measured of the room of a job. */
export const measureOf = (job: JobSnapshot): MeasureFacts =>
  measureFacts(job, job.passages, formatterOf(job.studio))
