import type { Piece } from '../../model/rows/pieces.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'

/** What may be taken away again at the end: what stands about or hangs, and not what the room is made of (common practice). */
const MAY_GO: ReadonlySet<PieceKind> = new Set<PieceKind>([
  ...(['object', 'picture', 'mirror', 'plant', 'cushion', 'throw', 'tray', 'books'] as const),
  ...(['stool', 'side table', 'lamp', 'screen', 'trunk', 'other'] as const),
])

/** A thing of the room with the three reasons for which it may be there. */
export interface EditCandidate {
  readonly piece: Piece
  readonly use: boolean
  readonly intent: boolean
  readonly love: boolean
}

type Facts = Pick<Piece, 'kind' | 'serves' | 'focal' | 'sentimental' | 'reason' | 'stays' | 'traits'>

/**
 * Things the last edit looks at, those without any reason first. What is sentimental or may not be moved is never proposed, nor
 * what is off view already.
 *
 * @param intentOf what the thing was bought for, in words; '' for nothing
 */
export function editCandidates(
  pieces: readonly Piece[],
  intentOf: (piece: Piece) => string,
): { readonly without: EditCandidate[]; readonly with: EditCandidate[]; readonly never: Piece[] } {
  const shown = pieces.filter((p) => !p.traits.includes('not to be on view'))
  const isNever = (p: Facts) => p.sentimental || p.stays
  const all = shown
    .filter((p) => MAY_GO.has(p.kind) && !isNever(p))
    .map((piece): EditCandidate => ({
      piece,
      use: piece.serves.length > 0,
      intent: piece.focal || intentOf(piece).trim() !== '',
      love: piece.reason.trim() !== '',
    }))
    .sort((a, b) => (a.piece.name < b.piece.name ? -1 : 1))
  const hasReason = (c: EditCandidate) => c.use || c.intent || c.love
  return {
    without: all.filter((c) => !hasReason(c)),
    with: all.filter(hasReason),
    never: shown.filter(isNever),
  }
}
