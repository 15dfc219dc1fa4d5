import { describe, expect, test } from 'vitest'
import {
  checkDocument,
  openEstimates,
  proposeOrders,
  type DocumentReceived,
  type DocumentOrder,
} from './documentsReceived.js'

const order = (more: Partial<DocumentOrder> = {}): DocumentOrder => ({
  id: 'o',
  name: 'Order 3, Loom and Landing',
  supplierName: 'Loom and Landing',
  placedOn: '2026-03-02',
  asked: { minor: 12_100, taxMinor: 2_100 },
  paidMinor: 12_100,
  credited: { minor: 0, taxMinor: 0 },
  partsMinor: [],
  lines: 1,
  ...more,
})
const paper = (more: Partial<DocumentReceived> = {}): DocumentReceived => ({
  id: 'p',
  kind: 'invoice',
  fromName: 'Loom & Landing',
  on: '2026-03-04',
  orderId: 'o',
  totalMinor: 12_100,
  taxMinor: 2_100,
  ...more,
})
const money = (minor: number) => (minor / 100).toFixed(2)
const check = (
  p: DocumentReceived,
  o: DocumentOrder | undefined = order(),
  all: readonly DocumentReceived[] = [p],
) => checkDocument(p, o, all, money)

describe('a paper held against the ledger', () => {
  test.each<[string, DocumentReceived, DocumentOrder, string, string[]]>([
    ['an invoice for all of it', paper(), order(), 'agrees', ['121.00 was ordered', 'tax agrees']],
    [
      'an invoice for a part',
      paper({ totalMinor: 6_050, taxMinor: 1_050 }),
      order(),
      'in part',
      ['60.50 of 121.00 ordered is invoiced', 'tax agrees'],
    ],
    [
      'an invoice with a charge nobody entered',
      paper({ totalMinor: 13_915, taxMinor: 2_415 }),
      order(),
      'differs',
      ['18.15 more than was ordered, 121.00', 'tax agrees'],
    ],
    [
      'a receipt for more than was paid',
      paper({ kind: 'receipt' }),
      order({ paidMinor: 6_050 }),
      'differs',
      ['60.50 more than was paid, 60.50', 'tax agrees'],
    ],
    [
      'a credit note for what went back',
      paper({ kind: 'credit note', totalMinor: 4_840, taxMinor: 840 }),
      order({ credited: { minor: 4_840, taxMinor: 840 } }),
      'agrees',
      ['48.40 was taken off', 'tax agrees'],
    ],
    [
      'tax at another rate',
      paper({ taxMinor: 1_000 }),
      order(),
      'differs',
      ['121.00 was ordered', 'tax 10.00; in the ledger 21.00'],
    ],
    [
      'no tax written on it',
      paper({ taxMinor: null }),
      order(),
      'agrees',
      ['121.00 was ordered', 'its tax is not known'],
    ],
    [
      'more tax than total',
      paper({ totalMinor: 12_100, taxMinor: 13_000 }),
      order(),
      'differs',
      ['121.00 was ordered', 'the tax is more than the total'],
    ],
  ])('%s', (_what, p, o, verdict, says) => expect(check(p, o)).toEqual({ verdict, says }))

  test('tax rounded line by line may be off by a minor unit for each line, and no more', () => {
    expect(check(paper({ taxMinor: 2_104 }), order({ lines: 4 })).verdict).toBe('agrees')
    expect(check(paper({ taxMinor: 2_105 }), order({ lines: 4 })).verdict).toBe('differs')
  })
  test('papers of one kind count together, invoice and receipt of the same money do not', () => {
    const halves = [
      paper({ id: 'a', totalMinor: 6_050, taxMinor: 1_050 }),
      paper({ id: 'b', totalMinor: 6_050, taxMinor: 1_050 }),
    ]
    expect(check(halves[0]!, order(), halves).verdict).toBe('agrees')
    const both = [paper({ id: 'a' }), paper({ id: 'b', kind: 'receipt' })]
    expect(both.map((p) => check(p, order(), both).verdict)).toEqual(['agrees', 'agrees'])
    const twice = [paper({ id: 'a' }), paper({ id: 'b' })]
    expect(check(twice[0]!, order(), twice).verdict).toBe('differs')
  })
  test('papers of another order do not count', () =>
    expect(check(paper(), order(), [paper(), paper({ id: 'x', orderId: 'other' })]).verdict).toBe('agrees'))
  test('without an order there is nothing to hold it against', () =>
    expect(checkDocument(paper({ orderId: null }), undefined, [], money)).toEqual({
      verdict: 'not matched',
      says: ['no order yet'],
    }))
})

test('the invoice of goods that went back still agrees, and so does their credit note', () => {
  const back = order({ credited: { minor: 12_100, taxMinor: 2_100 } })
  expect(check(paper(), back)).toEqual({ verdict: 'agrees', says: ['121.00 was ordered', 'tax agrees'] })
  expect(check(paper({ kind: 'credit note' }), back)).toEqual({
    verdict: 'agrees',
    says: ['121.00 was taken off', 'tax agrees'],
  })
})

describe('the order a paper may belong to', () => {
  const orders = [
    order({ id: 'loom' }),
    order({
      id: 'mill',
      supplierName: 'Harbor Mill',
      asked: { minor: 50_000, taxMinor: 0 },
      paidMinor: 0,
      partsMinor: [20_000, 30_000],
    }),
    order({
      id: 'old',
      supplierName: 'Loom and Landing',
      placedOn: '2025-01-02',
      asked: { minor: 900, taxMinor: 0 },
      paidMinor: 900,
    }),
  ]
  const ids = (p: DocumentReceived) => proposeOrders(p, orders).map((m) => m.order.id)
  test('by amount, name and day, the likeliest first', () => {
    expect(ids(paper())).toEqual(['loom', 'old'])
    expect(proposeOrders(paper(), orders)[0]!.because).toEqual([
      'the amount',
      'named: loom, landing',
      '2 days from the order',
    ])
  })
  test('by a part that was agreed, whoever the paper says it is from', () =>
    expect(ids(paper({ fromName: '', totalMinor: 20_000 }))).toEqual(['mill']))
  test('nothing is proposed that neither amount nor name speaks for', () =>
    expect(ids(paper({ fromName: 'Somebody else', totalMinor: 77 }))).toEqual([]))
  test('a total that is not written yet matches no order of nothing', () =>
    expect(ids(paper({ fromName: '', totalMinor: 0 }))).toEqual([]))
})

describe('estimated amounts', () => {
  const estimate = { orderId: 'o', orderName: 'Order 3', amountMinor: 12_100 }
  test('a receipt that comes to what was paid makes them certain', () => {
    expect(openEstimates([estimate], [order()], [])).toEqual([estimate])
    expect(openEstimates([estimate], [order()], [paper({ kind: 'receipt' })])).toEqual([])
    expect(openEstimates([estimate], [order()], [paper({ kind: 'receipt', totalMinor: 12_000 })])).toEqual([
      estimate,
    ])
    expect(openEstimates([estimate], [order()], [paper({ kind: 'receipt', orderId: 'other' })])).toEqual([
      estimate,
    ])
  })
})
