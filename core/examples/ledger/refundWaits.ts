import { facts, line, PAID, HERE } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.refund-waits`. */
export const violates = (): LedgerFacts =>
  facts({
    today: '2026-03-30',
    lines: [
      line([PAID, HERE, { kind: 'return', amountMinor: 10_000, quantity: 1 }], {
        returnedOn: '2026-03-01',
      }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    today: '2026-03-10',
    lines: [
      line([PAID, HERE, { kind: 'return', amountMinor: 10_000, quantity: 1 }], {
        returnedOn: '2026-03-01',
      }),
    ],
  })
