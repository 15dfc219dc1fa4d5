import type { PieceKind } from '../model/vocabulary/piece.js'

/** Clothing storage of 27 in and more is in scope of the tip-over standard (16 CFR 1261, ASTM F2057, from memory). */
export const STORAGE_TIPS_MM = 686
/** From here on storage can go over however deep it is (common practice). */
export const TALL_MM = 1_200
/** Lower storage can when it is more than this many times as high as deep (common practice). */
export const TIPS_AT_RATIO = 2
/** A screen, a rack or a panel that stands free: tall, and less than this part of its height thick (common practice). */
export const THIN_PART = 1 / 3

/** What a piece is and how large; undefined where it is not known. */
export interface Standing {
  readonly kind: PieceKind
  readonly heightMm: number
  readonly widthMm?: number | null | undefined
  readonly depthMm?: number | null | undefined
}

/** Whether a piece that stands free can go over onto someone, by its kind, its height, and its height against its depth. */
export function canTip({ kind, heightMm, widthMm, depthMm }: Standing): boolean {
  switch (kind) {
    case 'wardrobe':
    case 'chest of drawers':
    case 'mirror':
      return heightMm >= STORAGE_TIPS_MM
    case 'shelves':
    case 'cabinet':
      return (
        heightMm >= TALL_MM ||
        (heightMm >= STORAGE_TIPS_MM && (depthMm == null || heightMm > depthMm * TIPS_AT_RATIO))
      )
    case 'screen':
    case 'other':
      return heightMm >= TALL_MM && Math.min(widthMm ?? Infinity, depthMm ?? Infinity) < heightMm * THIN_PART
    default:
      return false
  }
}

/** The same in words, for the rule book. */
export const TIPS_TEXT = `Wardrobes, chests of drawers and leaning mirrors of ${STORAGE_TIPS_MM} mm and more; shelves and cabinets of ${TALL_MM} mm, or of ${STORAGE_TIPS_MM} mm and more than ${TIPS_AT_RATIO} times as high as deep; screens and racks of ${TALL_MM} mm that are less than a third as thick`
