import { describe, expect, test } from 'vitest'
import { line, facts, HERE } from '../../examples/ledger/example.js'
import { emptyJob, itemWith, optionWith, pieceWith } from '../../examples/emptyJob.js'
import { deriveJob } from '../../job/derive.js'
import { judgeWhole } from '../../job/fixes/judgeWhole.js'
import { thingsOf } from '../../job/briefFactsOf.js'
import { ROWS } from '../../model/registry.js'
import { landedPrice } from '../source/landedPrice.js'
import { budgetPosition } from './budgetPosition.js'
import { lineState, type LineEntry } from './lineState.js'
import { priceFell } from './rules/priceFell.js'

// Situations of the money and what experienced decorators conclude (common practice, without a published source).

const TODAY = '2026-05-20'
const onTop = (taxPpm: number) => ({ taxPpm, pricesIncludeTax: false, currency: 'USD' })
const priced = (priceMinor: number, quantity: number, taxPpm: number) =>
  landedPrice(optionWith({ id: 'o', itemId: 'i', priceMinor }), quantity, onTop(taxPpm))

describe('C072 four panels, a gift card and a bank card', () => {
  const cost = priced(4_200, 4, 80_000)
  test('the card pays and does not discount: tax is on the whole', () => {
    expect([cost.netGoodsMinor, cost.taxMinor, cost.landedMinor]).toEqual([16_800, 1_344, 18_144])
    expect(cost.netGoodsMinor / 4).toBe(4_200)
    const paid = (...payments: readonly number[]) =>
      lineState([
        { kind: 'order', amountMinor: 18_144, taxMinor: 1_344, quantity: 4 },
        ...payments.map((amountMinor): LineEntry => ({ kind: 'payment', amountMinor, quantity: 0 })),
      ])
    const state = paid(10_000, 8_144)
    expect([state.costMinor, state.netPaidMinor, state.outstandingMinor]).toEqual([18_144, 18_144, 0])
    expect(paid(10_000).outstandingMinor).toBe(8_144)
  })
})

describe('C074 bought at 189, later listed at 145', () => {
  const bought = lineState([
    { kind: 'order', amountMinor: 37_800, quantity: 2 },
    { kind: 'payment', amountMinor: 37_800, quantity: 0 },
  ])
  const seen = (on: string, today: string) =>
    priceFell.check(
      facts({
        today,
        lines: [
          line([HERE], {
            placedOn: '2026-03-03',
            lower: { priceMinor: 14_500, wasMinor: 18_900, on },
          }),
        ],
      }),
    )
  test('what was paid is what counts; 78 days later nothing is offered, nine days later it is asked for and not booked', () => {
    expect(bought.netPaidMinor).toBe(37_800)
    expect(2 * (18_900 - 14_500)).toBe(8_800)
    expect(seen('2026-05-20', TODAY)).toEqual([])
    const [soon] = seen('2026-03-12', '2026-03-12')
    expect([soon?.severity, soon?.fixes]).toEqual(['note', []])
    expect(soon?.wanted).toMatch(/^asked for until 17 Mar/)
  })
})

test('C077 under the limit before tax, over it after', () => {
  const prices = [
    [6_200, 1],
    [1_800, 1],
    [4_000, 1],
    [18_900, 1],
    [7_900, 2],
    [14_900, 1],
    [8_900, 2],
    [2_400, 3],
    [9_600, 1],
  ] as const
  const job = {
    ...emptyJob(),
    studio: { ...emptyJob().studio, currency: 'USD' },
    brief: {
      ...emptyJob().brief,
      agreedMinor: 100_000,
      reservePpm: 0,
      taxPpm: 70_000,
      pricesIncludeTax: false,
    },
    items: [
      ...prices.map(([, quantity], n) => itemWith({ id: `i${n}`, quantity, chosenOptionId: `o${n}` })),
      itemWith({ id: 'table', name: 'Table', chosenOptionId: 'own' }),
    ],
    options: [
      ...prices.map(([priceMinor], n) => optionWith({ id: `o${n}`, itemId: `i${n}`, priceMinor })),
      optionWith({ id: 'own', itemId: 'table', kind: 'owned', priceMinor: 0 }),
    ],
  }
  const { position, items } = deriveJob(job, TODAY)
  const bought = items.filter((i) => i.item.id !== 'table')
  const net = bought.reduce((sum, i) => sum + (i.chosen?.price.netGoodsMinor ?? 0), 0)
  const tax = bought.reduce((sum, i) => sum + (i.chosen?.price.taxMinor ?? 0), 0)
  expect([net, Math.abs(tax - 6_734) <= 1, Math.abs(position.chosenMinor - 102_934) <= 1]).toEqual([
    96_200,
    true,
    true,
  ])
  expect(Math.abs(position.freeMinor + 2_934)).toBeLessThanOrEqual(1)
  // What is reused stands in the list at nothing, and draws no tax.
  const own = items.find((i) => i.item.id === 'table')!
  expect([own.chosenMinor, own.chosen?.price.taxMinor]).toEqual([0, 0])
  expect(judgeWhole(job, TODAY).some((f) => f.rule === 'ledger.over-budget')).toBe(true)
})

describe('C079 towels borrowed for the picture', () => {
  const job = {
    ...emptyJob(),
    pieces: [pieceWith({ id: 'towels', name: 'Towels', kind: 'throw', there: true })],
    items: [itemWith({ id: 'own', name: 'Own towels', targetMinor: 4_000, category: 'textiles' })],
    loans: [
      {
        ...ROWS.loans.make({
          id: 'loan',
          name: 'Towels',
          pieceId: 'towels',
          owner: 'the decorator',
          reason: 'for the photograph',
          takenOn: '2026-05-01',
          backOn: '2026-05-10',
        }),
        version: 1,
      },
    ],
  }
  const { position, items } = deriveJob(job, TODAY)
  test('never enter money, are to go back, and leave the need open', () => {
    expect([position.paidMinor, position.orderedMinor, position.chosenMinor]).toEqual([0, 0, 0])
    expect(items.find((i) => i.item.id === 'own')?.state).toBe('open')
    expect(judgeWhole(job, TODAY).map((f) => f.rule)).toContain('ledger.loan-overdue')
    expect(thingsOf(job).find((t) => t.id === 'towels')?.serves).toEqual([])
  })
})

test('what is chosen beyond the limit is told at once, by the cent', () => {
  const at = (chosenMinor: number) =>
    budgetPosition(100_000, 0, [
      { id: 'x', name: 'x', category: 'decor', targetMinor: 0, chosenMinor, lines: [] },
    ]).freeMinor
  expect([at(100_000), at(100_001)]).toEqual([0, -1])
})
