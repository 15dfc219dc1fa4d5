import type { RowChange } from '../findings/finding.js'
import type { Collection } from './collections.js'
import type { JobSnapshot } from './snapshot.js'

/**
 * The changes that must go before a row can be taken out: what names it and means nothing without it. Taken out in
 * one step with it, and brought back with it by undo.
 */
export function dependents(job: JobSnapshot, collection: Collection, id: string): RowChange[] {
  const gone = (name: Collection, rows: readonly { readonly id: string }[]): RowChange[] =>
    rows.map((r) => ({ collection: name, id: r.id, remove: true }))
  const laidOn = (surface: string) => gone('placements', job.placements.filter((p) => p.surface === surface))
  switch (collection) {
    case 'pieces':
      return gone('dressings', job.dressings.filter((d) => d.pieceId === id))
    case 'parts':
      return laidOn(`part:${id}`)
    case 'openings':
      return laidOn(`opening:${id}`)
    default:
      return []
  }
} // prettier-ignore
