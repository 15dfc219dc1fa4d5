import type { SchemeOverride } from '../../model/rows/schemeOverrides.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { FinishAssignment } from '../../model/rows/finishAssignments.js'
import type { Scheme } from '../../model/rows/schemes.js'

/** A piece with the finish it wears in a scheme. */
export type WornPiece = Piece & {
  /** The row that gives it this finish in the scheme; absent when every scheme shares it. */
  readonly dressingId?: string
}

/** The rows of a room in one of its schemes. */
export interface SchemeView {
  readonly scheme: Scheme | undefined
  /** One for each surface: the scheme's own, else that of the scheme it lies over, else the shared one. */
  readonly finishAssignments: readonly FinishAssignment[]
  /** Finishes still open, of which the scheme must work with each. */
  readonly candidates: readonly FinishAssignment[]
  /** Pieces with what they wear; those left out in this scheme are not among them. */
  readonly pieces: readonly WornPiece[]
}

export interface SchemeRows {
  readonly schemes: readonly Scheme[]
  readonly schemeOverrides: readonly SchemeOverride[]
  readonly finishAssignments: readonly FinishAssignment[]
  readonly pieces: readonly Piece[]
}

/**
 * What a room wears in a scheme. What stays is shared; a scheme says only what it changes; a seasonal one lies over
 * another and changes a few textiles.
 *
 * @param schemeId null, or one that is gone, for what all schemes share
 */
export function schemeView(rows: SchemeRows, schemeId: string | null): SchemeView {
  const scheme = rows.schemes.find((s) => s.id === schemeId)
  const layers = scheme
    ? [scheme.id, ...(scheme.overId && scheme.overId !== scheme.id ? [scheme.overId] : [])]
    : []
  const rank = (id: string | null) => (id === null ? layers.length : layers.indexOf(id))
  const finishAssignments = new Map<string, FinishAssignment>()
  for (const p of rows.finishAssignments) {
    if (p.candidate || rank(p.schemeId) < 0) continue
    const found = finishAssignments.get(p.surface)
    if (!found || rank(p.schemeId) < rank(found.schemeId)) finishAssignments.set(p.surface, p)
  }
  const dressed = new Map<string, SchemeOverride>()
  for (const d of rows.schemeOverrides) {
    if (rank(d.schemeId) < 0) continue
    const found = dressed.get(d.pieceId)
    if (!found || rank(d.schemeId) < rank(found.schemeId)) dressed.set(d.pieceId, d)
  }
  return {
    scheme,
    finishAssignments: [...finishAssignments.values()],
    candidates: rows.finishAssignments.filter((p) => p.candidate && rank(p.schemeId) >= 0),
    pieces: rows.pieces.flatMap((piece): WornPiece[] => {
      const dressing = dressed.get(piece.id)
      if (!dressing) return [piece]
      return dressing.absent ? [] : [{ ...piece, finishId: dressing.finishId, dressingId: dressing.id }]
    }),
  }
}

/** True for a piece that looks alike in every scheme: it stays, or may not be recolored. */
export const sharedByAll = (piece: Pick<Piece, 'stays' | 'sentimental'>): boolean =>
  piece.stays || piece.sentimental
