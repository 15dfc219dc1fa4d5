import { comparePair, type Pair, type PairVerdict } from '@bonitas/core/stages/palette/pairs'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'

/** How each verdict is drawn in the table: by form, never by color. */
export const VERDICT_MARKS: Readonly<Record<PairVerdict, string>> = {
  agrees: '·',
  contrasts: '/',
  'near miss': '≈',
  clashes: '×',
}

export interface PairCell {
  readonly one: FinishFacts
  readonly two: FinishFacts
  readonly pair: Pair
}

/** Every finish against every other: row i holds the pairs with the finishes before it. */
export function pairTable(finishes: readonly FinishFacts[]): readonly (readonly PairCell[])[] {
  return finishes.map((one, i) =>
    finishes.slice(0, i).map((two) => ({ one, two, pair: comparePair(one, two) })),
  )
}

/** How many pairs stand so. */
export function verdictCounts(
  table: readonly (readonly PairCell[])[],
): Readonly<Record<PairVerdict, number>> {
  const counts = { agrees: 0, contrasts: 0, 'near miss': 0, clashes: 0 }
  for (const row of table) for (const cell of row) counts[cell.pair.verdict]++
  return counts
}
