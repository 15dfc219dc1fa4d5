import type { JudgedFinding, Severity } from '../findings/finding.js'
import type { RowChange } from '../model/changes.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { afterFix } from './fixes/afterFix.js'
import type { Judged } from './fixes/checkFixes.js'
import { judgeWhole } from './fixes/judgeWhole.js'

const RANK: Readonly<Record<Severity, number>> = { stop: 0, look: 1, note: 2 }

/** What a job would be after changes, and what it says then that it does not say now. */
export interface Brought {
  readonly after: JobSnapshot
  /** Everything that is open then. */
  readonly open: readonly JudgedFinding[]
  /** New, or graver than it was. */
  readonly brings: readonly JudgedFinding[]
}

/**
 * What changes bring, by the whole rule book: whatever proposes more than one step announces what is then there.
 * @returns undefined when the changes cannot be done
 */
export function broughtBy(held: Judged, changes: readonly RowChange[]): Brought | undefined {
  const after = afterFix(held.job, changes)
  if (!after) return undefined
  const was = new Map<string, number>()
  for (const f of held.findings)
    if (!f.accepted) was.set(f.key, Math.min(was.get(f.key) ?? Infinity, RANK[f.severity]))
  const open = judgeWhole(after, held.today).filter((f) => !f.accepted)
  return { after, open, brings: open.filter((f) => RANK[f.severity] < (was.get(f.key) ?? Infinity)) }
}

/** What may not come with one press. A caution that only asks comes with many a piece, and is told. */
export const isGrave = (f: JudgedFinding): boolean => f.severity === 'stop'
