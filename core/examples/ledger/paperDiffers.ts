import { facts } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.paper-differs`. */
export const violates = (): LedgerFacts =>
  facts({
    papers: [
      {
        id: 'p',
        name: 'Invoice 7',
        orderName: 'Order 1, Mill',
        verdict: 'differs',
        says: ['18.00 more than was ordered, 100.00'],
      },
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    papers: [{ id: 'p', name: 'Invoice 7', orderName: 'Order 1, Mill', verdict: 'agrees', says: [] }],
  })
