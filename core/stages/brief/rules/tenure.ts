import type { JobSnapshot } from '../../../model/snapshot.js'
import { itemsWithoutPiece } from '../../../model/oneThing.js'
import { kindOfName } from '../kindOfName.js'

/** Pieces and items alike, with what is needed to judge how they are held. */
export function held(job: JobSnapshot) {
  const optionOf = new Map(job.options.map((o) => [o.id, o]))
  return [
    ...job.pieces.map((row) => ({
      row,
      kind: 'piece' as const,
      collection: 'pieces' as const,
      pieceKind: row.kind,
      heightMm: row.heightMm,
      depthMm: row.depthMm,
    })),
    ...itemsWithoutPiece(job.items, job.pieces).map((row) => {
      const option = row.chosenOptionId ? optionOf.get(row.chosenOptionId) : undefined
      return {
        row,
        kind: 'item' as const,
        collection: 'items' as const,
        pieceKind: row.pieceKind ?? kindOfName(row.name) ?? ('other' as const),
        heightMm: option?.heightMm ?? null,
        depthMm: option?.depthMm ?? null,
      }
    }),
  ]
}
