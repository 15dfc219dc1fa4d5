import type { JudgedFinding } from '../findings/finding.js'
import type { RowChange } from '../model/changes.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { afterFix } from './fixes/afterFix.js'
import type { Judged } from './fixes/checkFixes.js'
import { turnedWorse } from './fixes/compare.js'
import { judgeWhole } from './fixes/judgeWhole.js'

/** What a job would be after changes, and what it says then that it does not say now. */
export interface Brought {
  readonly after: JobSnapshot
  /** Everything that is open then. */
  readonly open: readonly JudgedFinding[]
  /** New, graver than it was, or farther from right. */
  readonly brings: readonly JudgedFinding[]
}

/**
 * What changes bring, by the whole rule book: whatever proposes more than one step announces what is then there.
 * @returns undefined when the changes cannot be done
 */
export function broughtBy(
  { job, findings, today }: Judged,
  changes: readonly RowChange[],
): Brought | undefined {
  const after = afterFix(job, changes)
  if (!after) return undefined
  const open = judgeWhole(after, today).filter((f) => !f.accepted)
  const brings = turnedWorse(findings, open).flatMap((t) => (t.isRest ? [] : [t.finding]))
  return { after, open, brings }
}

/** What may not come with one press. A caution that only asks comes with many a piece, and is told. */
export const isGrave = (f: JudgedFinding): boolean => f.severity === 'stop'
