import type { Fix } from '../findings/finding.js'
import { afterFix } from '../job/fixes/afterFix.js'
import type { JobSnapshot } from '../model/snapshot.js'

/**
 * The job after a fix.
 * @throws {Error} when a row it changes is not there, or one that goes may not
 */
export function applyFix(job: JobSnapshot, fix: Fix): JobSnapshot {
  const after = afterFix(job, fix.changes)
  if (!after) throw new Error(`“${fix.label}” cannot be done`)
  return after
}
