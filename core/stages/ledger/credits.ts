import type { Minor } from '../../kernel/money/currency.js'
import { mulDivRound } from '../../kernel/money/rate.js'
import type { EntryKind } from '../../model/vocabulary/ledger.js'

/**
 * Tax inside a credit on a line: its share of the tax that is in what the line costs now, rounded half up. A line
 * fully taken back so keeps none, in however many steps.
 */
export const taxOfCredit = (
  line: { readonly dueMinor: Minor; readonly taxMinor: Minor },
  creditMinor: Minor,
): Minor => (line.dueMinor > 0 ? mulDivRound(line.taxMinor, creditMinor, line.dueMinor) : 0)

/** Store credit that came back and is not spent; credit that was there before the job pays first from its own pocket. */
export const creditLeft = (
  entries: readonly {
    readonly kind: EntryKind
    readonly means: string | null
    readonly amountMinor: Minor
  }[],
): Minor =>
  Math.max(
    0,
    entries.reduce(
      (sum, e) =>
        e.means !== 'store credit'
          ? sum
          : e.kind === 'refund'
            ? sum + e.amountMinor
            : e.kind === 'payment'
              ? sum - e.amountMinor
              : sum,
      0,
    ),
  )
