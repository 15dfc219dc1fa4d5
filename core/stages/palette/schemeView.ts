import type { Dressing } from '../../model/rows/dressings.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { Placement } from '../../model/rows/placements.js'
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
  readonly placements: readonly Placement[]
  /** Finishes still open, of which the scheme must work with each. */
  readonly candidates: readonly Placement[]
  /** Pieces with what they wear; those left out in this scheme are not among them. */
  readonly pieces: readonly WornPiece[]
}

export interface SchemeRows {
  readonly schemes: readonly Scheme[]
  readonly dressings: readonly Dressing[]
  readonly placements: readonly Placement[]
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
  const placements = new Map<string, Placement>()
  for (const p of rows.placements) {
    if (p.candidate || rank(p.schemeId) < 0) continue
    const found = placements.get(p.surface)
    if (!found || rank(p.schemeId) < rank(found.schemeId)) placements.set(p.surface, p)
  }
  const dressed = new Map<string, Dressing>()
  for (const d of rows.dressings) {
    if (rank(d.schemeId) < 0) continue
    const found = dressed.get(d.pieceId)
    if (!found || rank(d.schemeId) < rank(found.schemeId)) dressed.set(d.pieceId, d)
  }
  return {
    scheme,
    placements: [...placements.values()],
    candidates: rows.placements.filter((p) => p.candidate && rank(p.schemeId) >= 0),
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
