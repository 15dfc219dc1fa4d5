import type { Formatter } from '../../kernel/units/formatter.js'
/** Faces a strip sticks to, as Measure names them. */
const HOLDS: ReadonlySet<string> = new Set(['smooth paint', 'tile', 'timber'])

// A large pair of hook-and-loop strips is rated at about 1.8 kg (common practice; the maker's figure decides).
export const STRIP_PAIR_G = 1_800
/** More pairs than this cannot be pressed and leveled together (common practice). */
export const MOST_PAIRS = 4

export type Strips = { readonly pairs: number; readonly says: string } | { readonly refused: string }

/**
 * Pairs of adhesive strips that carry a weight: rounded up, never 1.9 pairs. Refused at any number on faces they do not
 * hold on, over a bed or cot, and past {@link MOST_PAIRS}.
 */
export function stripsFor(
  weightG: number | null,
  face: string,
  overBed: boolean,
  says: Formatter,
  ratedG = STRIP_PAIR_G,
): Strips {
  if (overBed) return { refused: 'never over a bed or a cot' }
  if (!HOLDS.has(face)) return { refused: `strips do not hold on ${face}` }
  if (weightG === null) return { refused: 'its weight is not known' }
  const pairs = Math.ceil(weightG / ratedG)
  if (pairs > MOST_PAIRS) return { refused: `${says.weight(weightG)} is more than ${MOST_PAIRS} pairs carry` }
  return {
    pairs,
    says: `${pairs} ${pairs === 1 ? 'pair' : 'pairs'} rated ${says.weight(ratedG)} for ${says.weight(weightG)}; check the maker’s rating, test a hidden spot`,
  }
}

/** How a strip comes off. */
export const STRIP_REMOVAL = 'pull each tab slowly, straight down along the wall'
