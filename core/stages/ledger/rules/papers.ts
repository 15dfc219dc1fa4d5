import { put } from '../../../model/changes.js'
import { ROWS } from '../../../model/registry.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { dayText, daysBetween } from '../../../kernel/units/days.js'
import type { LedgerFacts } from '../ledgerFacts.js'

import { facts } from './example.js'

/** A receipt or invoice that says something else than the ledger. */
export const paperDiffers: Rule<LedgerFacts> = {
  name: 'ledger.paper-differs',
  title: 'A receipt or invoice says something else than the ledger',
  numbers:
    'The papers of one kind come to more than the order, the payments or the credits they belong to; or the tax on one is off by more than a minor unit for each line of the order.',
  source: 'common practice',
  schools: 'all',
  check: ({ papers }) =>
    papers.flatMap((p): Finding[] =>
      p.verdict !== 'differs'
        ? []
        : [
            {
              rule: 'ledger.paper-differs',
              severity: 'look',
              about: [{ kind: 'receipt', id: p.id, name: p.name }],
              title: `${p.name} does not agree with ${p.orderName}`,
              measured: p.says.join('; '),
              wanted: 'the same sum and tax in both',
              because:
                'A charge nobody entered, a slip of a digit or a paper of another order: each is cheaper found now than by the bookkeeper.',
              mends: [
                {
                  label: 'It belongs to another order',
                  changes: [put('receipts', p.id, { orderId: null })],
                },
              ],
            },
          ],
    ),
  examples: {
    trips: () =>
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
      }),
    passes: () =>
      facts({
        papers: [{ id: 'p', name: 'Invoice 7', orderName: 'Order 1, Mill', verdict: 'agrees', says: [] }],
      }),
  },
}

/** Amounts from memory. */
export const guessedAmounts: Rule<LedgerFacts> = {
  name: 'ledger.guessed',
  title: 'Amounts are guessed',
  numbers: 'A payment is marked as a guess and no receipt or invoice of its order comes to what was paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ guesses, installOn, today, money }) => {
    if (guesses.length === 0) return []
    const total = guesses.reduce((sum, g) => sum + g.amountMinor, 0)
    const closing = installOn !== null && today >= installOn
    return [
      {
        rule: 'ledger.guessed',
        severity: closing ? 'look' : 'note',
        about: [{ kind: 'job', id: 'job', name: 'the job' }],
        title: `${money(total)} of what is paid is a guess`,
        measured: guesses.map((g) => `${g.orderName} ${money(g.amountMinor)}`).join(', '),
        wanted: closing ? 'a receipt for each before the job is closed' : 'a receipt for each',
        because: 'Prices are rounded in memory: “about” is not an amount.',
        mends: [],
      },
    ]
  },
  examples: {
    trips: () => facts({ guesses: [{ orderId: 'o', orderName: 'Order 1, Mill', amountMinor: 5_000 }] }),
    passes: () => facts({ guesses: [] }),
  },
}

/** A claim on a seller that waits past its day, or that nobody made. */
export const claimWaits: Rule<LedgerFacts> = {
  name: 'ledger.claim-waits',
  title: 'A claim waits for its answer, or for being made',
  numbers:
    'The day an answer was promised for is past; or a thing is noted as damaged and nothing is claimed.',
  source: 'common practice',
  schools: 'all',
  check: ({ claims, unclaimed, today, money }) => [
    ...claims.flatMap((c): Finding[] => {
      if (c.answer !== 'waiting' || !c.answerByOn || c.answerByOn >= today) return []
      const late = daysBetween(c.answerByOn, today)
      return [
        {
          rule: 'ledger.claim-waits',
          severity: 'look',
          about: [{ kind: 'claim', id: c.id, name: c.itemName }],
          title: `${c.itemName}: the answer to the claim is ${late} ${late === 1 ? 'day' : 'days'} late`,
          measured: `${c.asks}${c.amountMinor ? `, ${money(c.amountMinor)}` : ''}; answer by ${dayText(c.answerByOn, today)}`,
          wanted: 'an answer, or a reminder sent',
          because: 'A seller’s days run on; a claim that is not followed up is taken as dropped.',
          mends: [],
        },
      ]
    }),
    ...unclaimed.map((u): Finding => ({
      rule: 'ledger.claim-waits',
      severity: 'look',
      about: [{ kind: 'item', id: u.itemId, name: u.itemName }],
      title: `${u.itemName} came damaged and nothing is claimed`,
      measured: `noted ${dayText(u.on, today)}`,
      wanted: 'a claim with photos, or the damage accepted with a reason',
      because: 'Damage is claimed within the seller’s days, photographed before it is touched.',
      mends: [
        {
          label: 'Claim it',
          changes: [
            {
              collection: 'claims',
              add: { ...ROWS.claims.blank(), lineId: u.lineId, madeOn: today, note: u.note },
            },
          ],
        },
      ],
    })),
  ],
  examples: {
    trips: () =>
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
      }),
    passes: () =>
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
      }),
  },
}

/** Borrowed, and still here. */
export const loanOverdue: Rule<LedgerFacts> = {
  name: 'ledger.loan-overdue',
  title: 'Something borrowed should have gone back',
  numbers:
    'Its day is past and it is still here; what was fetched for the photograph goes back on the day after the install date at the latest.',
  source: 'common practice',
  schools: 'all',
  check: ({ loans, installOn, today }) =>
    loans.flatMap((l): Finding[] => {
      const by = l.backOn ?? (l.reason === 'for the photograph' ? installOn : null)
      if (l.returnedOn || !by || by >= today) return []
      return [
        {
          rule: 'ledger.loan-overdue',
          severity: 'look',
          about: [{ kind: 'loan', id: l.id, name: l.name }],
          title: `${l.name}${l.owner ? ` of ${l.owner}` : ''} should have gone back`,
          measured: `${l.reason}, due ${dayText(by, today)}`,
          wanted: 'back where it belongs, or bought',
          because: 'What is borrowed leaves a gap where it came from, and “for now” becomes for good.',
          mends: [
            {
              label: 'It went back today',
              changes: [put('loans', l.id, { returnedOn: today })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
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
      }),
    passes: () =>
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
      }),
  },
}
