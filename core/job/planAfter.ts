import { countedOpen, type Counted } from '../findings/countedOpen.js'
import type { RowChange } from '../model/changes.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { deriveJob } from './derive.js'
import { derivePlan } from './derivePlan.js'
import { afterFix } from './fixes/afterFix.js'

/**
 * What the plan would say after changes, by the whole rule book, as its page would show it then: what is announced is what is
 * there.
 * @returns undefined when the changes cannot be done
 */
export function planAfter(
  job: JobSnapshot,
  changes: readonly RowChange[],
  today: string,
): Counted | undefined {
  const after = afterFix(job, changes)
  if (!after) return undefined
  return countedOpen(derivePlan(after, deriveJob(after, today), { withFixes: false }).findings)
}
