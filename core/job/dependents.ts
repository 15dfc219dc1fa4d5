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
  const freed = (name: Collection, field: string, rows: readonly { readonly id: string }[]): RowChange[] =>
    rows.map((r) => ({ collection: name, id: r.id, set: { [field]: null } }))
  const laidOn = (surface: string) => gone('placements', job.placements.filter((p) => p.surface === surface))
  switch (collection) {
    case 'pieces':
      return [
        ...gone('dressings', job.dressings.filter((d) => d.pieceId === id)),
        ...gone('stands', job.stands.filter((s) => s.pieceId === id)),
        ...gone('hangs', job.hangs.filter((h) => h.pieceId === id)),
        ...gone('frames', job.frames.filter((f) => f.pieceId === id)),
        ...gone('lights', job.lights.filter((l) => l.pieceId === id)),
      ]
    case 'options':
      return freed('stands', 'optionId', job.stands.filter((s) => s.optionId === id))
    case 'items':
      return freed('stands', 'optionId', job.stands.filter((s) => job.options.some((o) => o.id === s.optionId && o.itemId === id)))
    case 'fixtures':
      return gone('lights', job.lights.filter((l) => l.fixtureId === id))
    case 'parts':
      return laidOn(`part:${id}`)
    case 'openings':
      return [
        ...laidOn(`opening:${id}`),
        ...freed('setOuts', 'openingId', job.setOuts.filter((s) => s.openingId === id)),
      ]
    default:
      return []
  }
} // prettier-ignore
