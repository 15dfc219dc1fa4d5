import { expect, test } from 'vitest'
import type { Entry, JobSnapshot } from '@bonitas/core/model/snapshot'
import { lineState } from '@bonitas/core/stages/ledger/lineState'
import { eventRows, kindWord, lineWords } from './ledgerView.js'

const entry = (
  seq: number,
  eventId: string,
  kind: Entry['kind'],
  amountMinor: number,
  lineId = 'rug',
  reverses: string | null = null,
): Entry => ({
  seq,
  eventId,
  kind,
  lineId,
  amountMinor,
  quantity: 1,
  on: '2026-11-01',
  means: null,
  voucherId: null,
  estimated: false,
  updateId: '',
  taxMinor: 0,
  note: '',
  reverses,
  memberName: 'Ilse',
})
const lines = [
  { id: 'rug', itemName: 'Rug' },
  { id: 'lamp', itemName: 'Lamp' },
]

test('the running list: one row an act, newest first, with the money paid after each', () => {
  const entries = [
    entry(1, 'o', 'order', 300),
    entry(2, 'o', 'order', 100, 'lamp'),
    entry(3, 'p', 'payment', 250),
    entry(4, 'p', 'payment', 50, 'lamp'),
    entry(5, 'x', 'payment', -250, 'rug', 'p'),
    entry(6, 'x', 'payment', -50, 'lamp', 'p'),
    entry(7, 'f', 'refund', 0),
  ]
  const rows = eventRows({ lines, entries } as unknown as JobSnapshot)
  expect(
    rows.map((r) => [r.kind, r.what, r.amountMinor, r.paidAfterMinor, r.isReversal, r.reversed]),
  ).toEqual([
    ['refund', 'Rug', 0, 0, false, false],
    ['payment', 'Rug, Lamp', -300, 0, true, false],
    ['payment', 'Rug, Lamp', 300, 300, false, true],
    ['order', 'Rug, Lamp', 400, 0, false, false],
  ])
})

test('what was paid for one thing and counts for another is one row, and no money', () => {
  const entries = [
    entry(1, 'p', 'payment', 300),
    { ...entry(2, 's', 'refund', 250), means: 'exchange' },
    { ...entry(3, 's', 'payment', 250, 'lamp'), means: 'exchange' },
    { ...entry(4, 'b', 'refund', -250, 'rug', 's'), means: 'exchange' },
    { ...entry(5, 'b', 'payment', -250, 'lamp', 's'), means: 'exchange' },
  ]
  const rows = eventRows({ lines, entries } as unknown as JobSnapshot)
  expect(rows.map((r) => [kindWord(r.kind), r.what, r.amountMinor, r.paidAfterMinor, r.means])).toEqual([
    ['Set off', 'Rug, Lamp', -250, 300, null],
    ['Set off', 'Rug, Lamp', 250, 300, null],
    ['Paid', 'Rug', 300, 300, null],
  ])
})

test.each([
  [[['order', 100, 2]], 'on order'],
  [
    [
      ['order', 100, 2],
      ['delivery', 0, 1],
    ],
    '1 still to come',
  ],
  [
    [
      ['order', 100, 2],
      ['delivery', 0, 2],
    ],
    'delivered 6 Nov · can go back until 27 Nov',
  ],
  [
    [
      ['order', 100, 2],
      ['delivery', 0, 2],
      ['return', 100, 2],
    ],
    'sent back',
  ],
  [
    [
      ['order', 100, 2],
      ['cancel', 100, 2],
    ],
    'cancelled',
  ],
  [
    [
      ['order', 100, 2],
      ['order', -100, -2],
    ],
    'order taken back',
  ],
] as const)('%j reads "%s"', (entries, words) => {
  const state = lineState(entries.map(([kind, amountMinor, quantity]) => ({ kind, amountMinor, quantity })))
  const here = state.deliveredQuantity === 2 && state.liveQuantity > 0
  expect(
    lineWords(
      { state, deliveredOn: here ? '6 Nov' : undefined, returnUntil: here ? '27 Nov' : undefined },
      (d) => d,
    ),
  ).toBe(words)
})
