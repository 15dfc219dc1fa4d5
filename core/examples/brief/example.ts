import { briefFactsOf } from '../../job/briefFactsOf.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { emptyJob } from '../emptyJob.js'

export const DAY = '2026-11-23'

/** The facts of a job that is empty but for what is given. */
export const example = (more: Partial<JobSnapshot>) => briefFactsOf(emptyJob(more), DAY, undefined)
