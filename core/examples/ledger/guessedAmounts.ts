import { facts } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.guessed`. */
export const violates = (): LedgerFacts =>
  facts({ guesses: [{ orderId: 'o', orderName: 'Order 1, Mill', amountMinor: 5_000 }] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ guesses: [] })
