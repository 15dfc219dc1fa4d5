import type { Change, Row } from './changes.js'
import { isCollection, SINGLE, type Collection } from './registry.js'
import type { JobSnapshot } from './snapshot.js'

/** One row as it is to be; null when it is to go. */
export interface Written {
  readonly collection: Collection
  readonly id: string
  readonly row: Row | null
}

type StoredRow = Row & { readonly id: string }

/** A row of a job by its id; a row there is one of is found whatever id is asked for. */
export function rowOf(job: JobSnapshot, collection: Collection, id: string): StoredRow | undefined {
  if (SINGLE.has(collection)) return job[collection as 'brief']
  return (job[collection as 'uses'] as unknown as readonly StoredRow[]).find((r) => r.id === id)
}

/**
 * The job with rows put, changed or taken out. Lists in which nothing changed stay the same lists, so that whatever was
 * made of them need not be made again.
 */
export function withRows(job: JobSnapshot, written: readonly Written[]): JobSnapshot {
  const byCollection = new Map<Collection, Map<string, Row | null>>()
  for (const { collection, id, row } of written) {
    if (!isCollection(collection)) continue
    const rows = byCollection.get(collection) ?? new Map<string, Row | null>()
    rows.set(id, row)
    byCollection.set(collection, rows)
  }
  if (byCollection.size === 0) return job
  const next: Record<string, unknown> = {}
  for (const [collection, rows] of byCollection) {
    if (SINGLE.has(collection)) {
      const row = [...rows.values()].at(-1)
      if (row) next[collection] = row
      continue
    }
    const before = job[collection as 'uses'] as unknown as readonly StoredRow[]
    const kept = before.flatMap((r): Row[] => {
      const row = rows.get(r.id)
      rows.delete(r.id)
      return row === undefined ? [r] : row === null ? [] : [row]
    })
    next[collection] = [...kept, ...[...rows.values()].filter((r) => r !== null)]
  }
  return { ...job, ...next }
}

/** What one change makes of a job; undefined when the row it changes is not there, or it changes nothing. */
export function writtenBy(job: JobSnapshot, change: Change): Written | undefined {
  const { collection, id } = change
  if ('add' in change) return { collection, id, row: { ...change.add, version: 1 } }
  const now = rowOf(job, collection, id)
  if (!now) return undefined
  return { collection, id: now.id, row: 'set' in change ? { ...now, ...change.set } : null }
}

/** The job as it is once a group of changes is done. */
export function withChanges(job: JobSnapshot, changes: readonly Change[]): JobSnapshot {
  let next = job
  for (const change of changes) {
    const written = writtenBy(next, change)
    if (written) next = withRows(next, [written])
  }
  return next
}
