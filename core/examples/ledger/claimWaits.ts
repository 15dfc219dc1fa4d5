import { facts } from './example.js'
import type { LedgerFacts } from '../../stages/ledger/ledgerFacts.js'

/** Breaks the rule `ledger.claim-waits`. */
export const violates = (): LedgerFacts =>
  facts({
    today: '2026-03-20',
    claims: [
      {
        id: 'c',
        itemName: 'Rug',
        asks: 'replacement',
        amountMinor: null,
        answer: 'waiting',
        answerByOn: '2026-03-10',
      },
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts =>
  facts({
    today: '2026-03-09',
    claims: [
      {
        id: 'c',
        itemName: 'Rug',
        asks: 'replacement',
        amountMinor: null,
        answer: 'waiting',
        answerByOn: '2026-03-10',
      },
    ],
  })
