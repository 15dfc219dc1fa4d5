import type { RowChange } from '../../../findings/finding.js'
import { ROWS } from '../../../model/registry.js'
import { finishFromSample } from '../library/toFinish.js'
import type { Proposal } from './propose.js'

/**
 * A proposal as a scheme of its own; nothing that is there changes.
 *
 * @param position of the scheme among the others
 * @param newId gives each new row its id
 */
export function asScheme(
  p: Pick<Proposal, 'name' | 'why' | 'finishes'>,
  position: number,
  newId: () => string,
): RowChange[] {
  const schemeId = newId()
  const changes: RowChange[] = [
    {
      collection: 'schemes',
      add: {
        id: schemeId,
        position: position,
        name: p.name.slice(0, 60),
        note: p.why.join('; ').slice(0, 400),
        overId: null,
        retired: false,
        storedAt: '',
      },
    },
  ]
  for (const f of p.finishes) {
    const id = newId()
    changes.push({ collection: 'finishes', add: { ...finishFromSample(f.sample, f.role), id } })
    for (const surface of f.surfaces)
      changes.push({
        collection: 'finishAssignments',
        add: { ...ROWS.finishAssignments.blank(), surface, finishId: id, schemeId },
      })
    for (const pieceId of f.pieceIds)
      changes.push({
        collection: 'schemeOverrides',
        add: { schemeId, pieceId, finishId: id, absent: false, costMinor: null },
      })
  }
  return changes
}
