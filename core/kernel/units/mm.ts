/** Decimals of a millimeter that are kept: 1/64 in is 0.396875 mm, which needs all six. */
const DECIMALS = 1e6

/**
 * A length to the decimals that are kept; nothing is 0, not −0.
 * @param mm any finite length in millimeters
 */
export const roundMm = (mm: number): number => Math.round(mm * DECIMALS) / DECIMALS || 0

/**
 * The sum of lengths, exactly as they would add up on paper: a run of sixty-fourths of an inch that closes comes to
 * nothing, not to the last bit of a double.
 */
export function sumMm(lengths: Iterable<number>): number {
  let sum = 0
  for (const mm of lengths) sum += mm
  return roundMm(sum)
}

/** The grid that things are placed on by hand or by the program: whole millimeters. Never for what was typed. */
export const toGrid = (mm: number): number => Math.round(mm)
