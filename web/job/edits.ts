import { SINGLE, type Collection } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'

export type Row = Readonly<Record<string, unknown>> & { readonly id: string; readonly version?: number }

/** One row before and after: null before is a new row, null after a removed one. */
export interface Edit {
  readonly collection: Collection
  readonly id: string
  readonly before: Row | null
  readonly after: Row | null
}

export function rowOf(job: JobSnapshot, collection: Collection, id: string): Row | undefined {
  if (SINGLE.has(collection)) return job[collection as 'brief']
  return (job[collection as 'uses'] as unknown as readonly Row[]).find((r) => r.id === id)
}

/** The job with one row put, changed or taken out. A new array only where something changed. */
export function withRow(job: JobSnapshot, collection: Collection, id: string, row: Row | null): JobSnapshot {
  if (SINGLE.has(collection)) return row ? { ...job, [collection]: row } : job
  const rows = job[collection as 'uses'] as unknown as readonly Row[]
  const at = rows.findIndex((r) => r.id === id)
  const next =
    row === null
      ? rows.filter((r) => r.id !== id)
      : at < 0
        ? [...rows, row]
        : rows.map((r, i) => (i === at ? row : r))
  return { ...job, [collection]: next }
}

/** What undoes an edit. */
export function inverse(edit: Edit): Edit {
  return { ...edit, before: edit.after, after: edit.before }
}

/** The fields of a row without its version: what is sent. */
export function fieldsOf(row: Row): Record<string, unknown> {
  const { version: _v, ...fields } = row
  return fields
}

/** Fields in which two versions of a row differ. */
export function differing(one: Row, two: Row): string[] {
  return Object.keys(fieldsOf(one)).filter((key) => JSON.stringify(one[key]) !== JSON.stringify(two[key]))
}

/** The place after the last of rows that have an order. */
export const nextPosition = (rows: readonly { readonly position: number }[]): number =>
  Math.max(-1, ...rows.map((r) => r.position)) + 1
