import { facts } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.loan-overdue`. */
export const violates = (): LedgerFacts =>
  facts({
    today: '2026-03-20',
    loans: [
      {
        id: 'l',
        name: 'Palm',
        owner: 'the neighbor',
        reason: 'for the photograph',
        backOn: '2026-03-10',
        returnedOn: null,
      },
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    today: '2026-03-20',
    loans: [
      {
        id: 'l',
        name: 'Palm',
        owner: 'the neighbor',
        reason: 'for the photograph',
        backOn: '2026-03-10',
        returnedOn: '2026-03-09',
      },
    ],
  })
