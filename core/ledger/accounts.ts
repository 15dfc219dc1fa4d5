import type { Minor } from '../money/currency.js'
import { mulDivRound } from '../money/rate.js'
import type { EntryKind } from './schema.js'

/**
 * The accounts behind the plain words: what goods cost without tax, charges on top, tax, what is owed to suppliers (below
 * zero is owed, above zero is due back), each means of payment, what others paid, the client's money on account, the fee.
 */
export const ACCOUNTS = ['goods', 'charges', 'tax', 'owed', 'others', 'client', 'fee'] as const

export interface Posting {
  readonly account: string
  readonly amountMinor: Minor
}

/**
 * One entry in double entry: sums that together are nothing. The database writes the same by itself as an entry is
 * written; this is what it is held against.
 */
export function postingsOf(entry: {
  readonly kind: EntryKind
  readonly amountMinor: Minor
  readonly taxMinor: Minor
  readonly means: string | null
}): Posting[] {
  const { kind, amountMinor: a, taxMinor: t } = entry
  const purse = entry.means ?? 'bank'
  const pairs: Readonly<Record<EntryKind, readonly (readonly [string, number])[]>> = {
    order: [['goods', a - t], ['tax', t], ['owed', -a]],
    cancel: [['goods', t - a], ['tax', -t], ['owed', a]],
    return: [['goods', t - a], ['tax', -t], ['owed', a]],
    adjustment: [['goods', t - a], ['tax', -t], ['owed', a]],
    charge: [['charges', a - t], ['tax', t], ['owed', -a]],
    payment: [['owed', a], [purse, -a]],
    refund: [['owed', -a], [purse, a]],
    gift: [['owed', a], ['others', -a]],
    delivery: [],
    'client payment': [[purse, a], ['client', -a]],
    fee: [['client', a], ['fee', -a]],
  } // prettier-ignore
  return pairs[kind].flatMap(([account, amountMinor]) =>
    amountMinor === 0 ? [] : [{ account, amountMinor }],
  )
}

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
