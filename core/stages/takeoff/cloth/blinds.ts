import { ceilDiv } from '../trade.js'
import { romanCut } from './curtains.js'

/** Taken off the width of a recess for a blind that hangs in it, both sides together (common practice: 10 mm, 3/8 in). */
export const RECESS_MM = 10
/** A blind before the wall covers so much of it over the window (common practice). */
const OVER_MM = 100
/** A fold of a roman blind is no higher than this (common practice: 200 to 300 mm). */
const FOLD_MM = 300
/** Drawn up, a blind hangs down by its lowest half fold and by this much of rail and gathered cloth (common practice). */
const HEAD_MM = 60

/** A blind as it hangs: its finished size, its folds, and how much it covers when it is drawn up. */
export interface Blind {
  readonly widthMm: number
  readonly heightMm: number
  /** Whole folds; half a one hangs below them, and is what is seen when it is drawn up. */
  readonly folds: number
  readonly foldMm: number
  /** Of the window, when it is drawn up. */
  readonly coversMm: number
}

/**
 * The size of a blind for a window.
 * @param beyondMm at each side and below, where it hangs before the wall
 * @param ceilingMm over it, where it is known: it begins no higher
 */
export function blindFor(
  window: { readonly widthMm: number; readonly sillMm: number; readonly topMm: number },
  inside: boolean,
  beyondMm: number,
  ceilingMm: number | undefined,
): Blind {
  const high = window.topMm - window.sillMm
  const overMm = inside ? 0 : Math.max(0, Math.min(OVER_MM, (ceilingMm ?? Infinity) - window.topMm))
  const [widthMm, heightMm] = inside
    ? [window.widthMm - RECESS_MM, high]
    : [window.widthMm + 2 * beyondMm, high + beyondMm + overMm]
  const folds = Math.max(1, Math.ceil(heightMm / FOLD_MM - 0.5 - 1e-9))
  const foldMm = heightMm / (folds + 0.5)
  const coversMm = Math.max(0, foldMm / 2 + HEAD_MM - overMm)
  return { widthMm, heightMm, folds, foldMm, coversMm }
}

/** The cloth of a flat roman blind: as many widths as it needs, the middle one whole, each cut to whole repeats. */
export function romanCloth(
  blind: Pick<Blind, 'widthMm' | 'heightMm'>,
  hems: { readonly side: number; readonly top: number; readonly foot: number },
  clothMm: number,
  repeatMm: number,
): { readonly widths: number; readonly cutMm: number; readonly lengthMm: number } {
  const { width, length } = romanCut(blind.widthMm, blind.heightMm, hems.side, hems.top, hems.foot)
  const widths = ceilDiv(width, clothMm)
  const cutMm = repeatMm > 0 ? ceilDiv(length, repeatMm) * repeatMm : length
  return { widths, cutMm, lengthMm: widths * cutMm }
}
