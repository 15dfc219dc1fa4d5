import type { RowChange } from '../findings/finding.js'
import type { Collection } from '../model/registry.js'
import type { JobSnapshot } from '../model/snapshot.js'

/**
 * The changes that must go before a row can be taken out: what names it and means nothing without it. Taken out in
 * one step with it, and brought back with it by undo.
 */
export function dependents(job: JobSnapshot, collection: Collection, id: string): RowChange[] {
  const gone = (name: Collection, rows: readonly { readonly id: string }[]): RowChange[] =>
    rows.map((r) => ({ collection: name, id: r.id, remove: true }))
  const freed = (name: Collection, field: string, rows: readonly { readonly id: string }[]): RowChange[] =>
    rows.map((r) => ({ collection: name, id: r.id, set: { [field]: null } }))
  const laidOn = (surface: string) =>
    gone(
      'placements',
      job.placements.filter((p) => p.surface === surface),
    )
  /** What hangs on options that go: prices seen, lists of making, places tried in, plans and sets that name them. */
  const ofOptions = (going: (optionId: string | null | undefined) => boolean): RowChange[] => [
    ...freed(
      'stands',
      'optionId',
      job.stands.filter((s) => going(s.optionId)),
    ),
    ...freed(
      'items',
      'plannedOptionId',
      job.items.filter((i) => going(i.plannedOptionId)),
    ),
    ...freed(
      'options',
      'partOfId',
      job.options.filter((o) => going(o.partOfId) && !going(o.id)),
    ),
    ...gone(
      'makings',
      job.makings.filter((m) => going(m.optionId)),
    ),
    ...gone(
      'sightings',
      job.sightings.filter((s) => going(s.optionId)),
    ),
  ]
  switch (collection) {
    case 'pieces':
      return [
        ...gone(
          'dressings',
          job.dressings.filter((d) => d.pieceId === id),
        ),
        ...gone(
          'stands',
          job.stands.filter((s) => s.pieceId === id),
        ),
        ...gone(
          'hangs',
          job.hangs.filter((h) => h.pieceId === id),
        ),
        ...gone(
          'frames',
          job.frames.filter((f) => f.pieceId === id),
        ),
        ...gone(
          'lights',
          job.lights.filter((l) => l.pieceId === id),
        ),
      ]
    case 'options':
      return ofOptions((optionId) => optionId === id)
    case 'items':
      return [
        ...freed(
          'items',
          'forItemId',
          job.items.filter((i) => i.forItemId === id),
        ),
        ...ofOptions((optionId) => job.options.some((o) => o.id === optionId && o.itemId === id)),
        ...gone(
          'offers',
          job.offers.filter((o) => o.itemId === id),
        ),
        ...freed(
          'items',
          'chosenOptionId',
          job.items.filter((i) => i.id === id && i.chosenOptionId),
        ),
        ...gone(
          'options',
          job.options.filter((o) => o.itemId === id),
        ),
      ]
    case 'receipts':
      return gone(
        'photos',
        job.photos.filter((p) => p.subject === `receipt:${id}`),
      )
    case 'claims':
      return gone(
        'photos',
        job.photos.filter((p) => p.subject === `claim:${id}`),
      )
    case 'photos':
      return freed(
        'options',
        'photoId',
        job.options.filter((o) => o.photoId === id),
      )
    case 'finishes':
      return freed(
        'items',
        'aimFinishId',
        job.items.filter((i) => i.aimFinishId === id),
      )
    case 'fixtures':
      return gone(
        'lights',
        job.lights.filter((l) => l.fixtureId === id),
      )
    case 'parts':
      return laidOn(`part:${id}`)
    case 'openings':
      return [
        ...laidOn(`opening:${id}`),
        ...freed(
          'setOuts',
          'openingId',
          job.setOuts.filter((s) => s.openingId === id),
        ),
      ]
    default:
      return []
  }
}
