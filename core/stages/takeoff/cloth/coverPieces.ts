import type { PieceKind } from '../../../model/vocabulary/piece.js'
import { insertFor } from '../customary.js'
import { boxCushion } from './curtains.js'

/** What is covered with cloth; of a table or a lamp the pieces are other ones. */
export const COVERED: ReadonlySet<PieceKind> = new Set([
  'sofa',
  'sofa bed',
  'armchair',
  'chair',
  'stool',
  'bench',
  'cushion',
  'trunk',
  'headboard',
])

/** A piece of a cover to be cut: along runs with the length of the cloth. */
export interface CutPiece {
  readonly name: string
  readonly count: number
  readonly lengthMm: number
  readonly widthMm: number
}

/** Sewn off at each edge (common practice: 15 mm, 5/8 in). */
export const SEAM_MM = 15
/** A cushion thicker than this has a strip round it; a thinner one two sides sewn edge to edge (common practice). */
const BOXED_MM = 60

/**
 * The pieces of a cover for a piece of furniture as it is measured, seams on: a cushion by its two sides and the strip round
 * it, anything else by its top and its four sides down to the floor.
 */
export function coverPieces(piece: {
  readonly kind: PieceKind
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
}): CutPiece[] {
  const { widthMm: w, depthMm: d, heightMm: h } = piece
  const seams = (mm: number) => mm + 2 * SEAM_MM
  if (piece.kind !== 'cushion')
    return [
      { name: 'Top', count: 1, widthMm: seams(w), lengthMm: seams(d) },
      { name: 'Front and back', count: 2, widthMm: seams(w), lengthMm: seams(h) },
      { name: 'Sides', count: 2, widthMm: seams(d), lengthMm: seams(h) },
    ]
  // A cushion lies or stands: its thickness is the least of its three sizes.
  const [thick = 0, side = 0, long = 0] = [w, d, h].sort((a, b) => a - b)
  if (thick <= BOXED_MM || thick > side / 2)
    return [{ name: 'Front and back', count: 2, widthMm: seams(long), lengthMm: seams(side) }]
  const { topBottom, boxing } = boxCushion(long, side, thick, SEAM_MM)
  // The strip goes round in two halves, sewn at the back corners.
  return [
    { name: 'Top and bottom', count: 2, widthMm: topBottom[0], lengthMm: topBottom[1] },
    { name: 'Strip round it', count: 2, widthMm: seams(boxing[1] / 2 - SEAM_MM), lengthMm: boxing[0] },
  ]
}

/** Piping along both edges of a boxed cushion, or once round a flat one. */
export const pipingFor = (piece: Parameters<typeof coverPieces>[0]): number => {
  const [thick = 0, side = 0, long = 0] = [piece.widthMm, piece.depthMm, piece.heightMm].sort((a, b) => a - b)
  return (thick > BOXED_MM && thick <= side / 2 ? 2 : 1) * 2 * (side + long)
}

/** The filling that a cushion of this cover takes: larger than the cover, so that it is full. */
export const insertSize = (piece: Parameters<typeof coverPieces>[0]): readonly [number, number] => {
  const [, side = 0, long = 0] = [piece.widthMm, piece.depthMm, piece.heightMm].sort((a, b) => a - b)
  return [insertFor(long), insertFor(side)]
}
