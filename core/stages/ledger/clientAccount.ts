import type { Minor } from '../../kernel/money/currency.js'
import type { EntryKind } from '../../model/vocabulary/ledger.js'

/** Where the client stands with the studio: money received, the fee, and what the studio laid out. */
export interface ClientAccount {
  readonly receivedMinor: Minor
  readonly feeMinor: Minor
  readonly laidOutMinor: Minor
  /** Below zero the studio has laid it out of its own. */
  readonly inHandMinor: Minor
}

/** A gift card or credit is nobody's money in the bank: paying with one lays nothing out, a refund as one brings none. */
const NO_CASH: ReadonlySet<string> = new Set(['gift card', 'store credit'])

/** The client's account, from the entries alone. */
export function clientAccount(
  entries: readonly {
    readonly kind: EntryKind
    readonly means: string | null
    readonly amountMinor: Minor
  }[],
): ClientAccount {
  let [receivedMinor, feeMinor, laidOutMinor] = [0, 0, 0]
  for (const e of entries) {
    const cash = !NO_CASH.has(e.means ?? '')
    if (e.kind === 'client payment') receivedMinor += e.amountMinor
    else if (e.kind === 'fee') feeMinor += e.amountMinor
    else if (e.kind === 'payment' && cash) laidOutMinor += e.amountMinor
    else if (e.kind === 'refund' && cash) laidOutMinor -= e.amountMinor
  }
  return { receivedMinor, feeMinor, laidOutMinor, inHandMinor: receivedMinor - feeMinor - laidOutMinor }
}
