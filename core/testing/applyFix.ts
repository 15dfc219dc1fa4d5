import type { Fix } from '../findings/finding.js'
import type { RowChange } from '../model/changes.js'
import { SINGLE } from '../model/registry.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { toHolder } from '../model/toHolder.js'

/** The job after a fix: what the screen does with its edits, in a few lines. */
export const applyFix = (job: JobSnapshot, fix: Fix): JobSnapshot =>
  fix.changes.reduce<JobSnapshot>(
    (now, change, n) => toHolder(now, change).reduce<JobSnapshot>((to, held) => applied(to, held, n), now),
    job,
  )

function applied(now: JobSnapshot, change: RowChange, n: number): JobSnapshot {
  const collection = change.collection
  if (SINGLE.has(collection)) {
    if (!('set' in change)) throw new Error('a single row can only be changed')
    return { ...now, [collection]: { ...(now[collection] as object), ...change.set } }
  }
  const rows = now[collection] as unknown as readonly { id: string }[]
  if ('add' in change)
    return { ...now, [collection]: [...rows, { id: `added ${n}`, ...change.add, version: 1 }] }
  if (!rows.some((r) => r.id === change.id)) throw new Error(`no ${collection} ${change.id} to fix`)
  return {
    ...now,
    [collection]:
      'remove' in change
        ? rows.filter((r) => r.id !== change.id)
        : rows.map((r) => (r.id === change.id ? { ...r, ...change.set } : r)),
  }
}
