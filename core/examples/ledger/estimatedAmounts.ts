import { facts } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.estimated`. */
export const violates = (): LedgerFacts =>
  facts({ estimates: [{ orderId: 'o', orderName: 'Order 1, Mill', amountMinor: 5_000 }] })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => facts({ estimates: [] })
