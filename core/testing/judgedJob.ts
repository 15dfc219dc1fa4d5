import type { JudgedFinding } from '../findings/finding.js'
import { deriveJob, type DerivedJob } from '../job/derive.js'
import { judgeJob } from '../job/judgeJob.js'
import type { JobSnapshot } from '../model/snapshot.js'

/** A job derived, with its findings. */
export function judgedJob(job: JobSnapshot, today: string): DerivedJob & { findings: JudgedFinding[] } {
  const derived = deriveJob(job, today)
  return Object.assign(derived, { findings: judgeJob(job, derived, today) })
}
