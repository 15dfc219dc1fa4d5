/** A flat rigid thing may stand off a curved front by so much at its edges (common practice). */
export const STAND_OFF_MM = 2

/**
 * How far the edges of a flat thing stand off a front that bulges out, laid on the middle of it: the sagitta of its half width.
 * Infinite where it is wider than the curve.
 */
export function standOffMm(radiusMm: number, widthMm: number): number {
  const half = widthMm / 2
  return half >= radiusMm ? Infinity : radiusMm - Math.sqrt(radiusMm ** 2 - half ** 2)
}

/** The widest flat thing that stands off by no more than this: the chord of that sagitta. */
export const widestFlatMm = (radiusMm: number, standOff = STAND_OFF_MM): number =>
  2 * Math.sqrt(2 * radiusMm * standOff - standOff ** 2)
