import type { EntryKind } from '../model/vocabulary/ledger.js'
import type { Minor } from '../kernel/money/currency.js'

// The yardstick for the database, which writes the postings by itself as an entry is written.
// Accounts: what goods cost without tax, charges on top, tax, what is owed to suppliers (below zero is owed, above zero is due
// back), each means of payment, what others paid, the client's money on account, the fee.

export interface Posting {
  readonly account: string
  readonly amountMinor: Minor
}

/**
 * One entry in double entry: sums that together are nothing.
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
    order: [
      ['goods', a - t],
      ['tax', t],
      ['owed', -a],
    ],
    cancel: [
      ['goods', t - a],
      ['tax', -t],
      ['owed', a],
    ],
    return: [
      ['goods', t - a],
      ['tax', -t],
      ['owed', a],
    ],
    adjustment: [
      ['goods', t - a],
      ['tax', -t],
      ['owed', a],
    ],
    charge: [
      ['charges', a - t],
      ['tax', t],
      ['owed', -a],
    ],
    payment: [
      ['owed', a],
      [purse, -a],
    ],
    refund: [
      ['owed', -a],
      [purse, a],
    ],
    gift: [
      ['owed', a],
      ['others', -a],
    ],
    delivery: [],
    'client payment': [
      [purse, a],
      ['client', -a],
    ],
    fee: [
      ['client', a],
      ['fee', -a],
    ],
  }
  return pairs[kind].flatMap(([account, amountMinor]) =>
    amountMinor === 0 ? [] : [{ account, amountMinor }],
  )
}
