import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { budgetPosition } from '@bonitas/core/stages/ledger/budgetPosition'
import { lineState } from '@bonitas/core/stages/ledger/lineState'
import { labelPlaces, tapeView } from './tapeView.js'
import { METRIC } from '@bonitas/core/testing/habits'

const plain = (minor: number) => (minor / 100).toFixed(2)
const says = { ...METRIC, money: plain }
const item = (id: string, chosenMinor: number | undefined, ordered = 0, paid = 0) => ({
  id,
  name: id,
  category: 'decor',
  targetMinor: 0,
  chosenMinor,
  lines:
    ordered > 0
      ? [
          lineState([
            { kind: 'order', amountMinor: ordered, quantity: 1 },
            { kind: 'payment', amountMinor: paid, quantity: 0 },
          ]),
        ]
      : [],
})

describe('the tape', () => {
  test('lies in the order paid, ordered, chosen, free, reserve and ends at the hook', () => {
    const view = tapeView(
      budgetPosition(100_000, 100_000, [item('rug', 20_000), item('sofa', undefined, 30_000, 10_000)]),
      2,
      says,
    )
    expect(view.stretches.map((s) => [s.state, s.left, s.width])).toEqual([
      ['paid', 0, 10],
      ['ordered', 10, 20],
      ['chosen', 30, 20],
      ['free', 50, 40],
      ['reserve', 90, 10],
    ])
    expect(view.hook).toBe(100)
  })
  test('a long tape counts in millions, so that its figures have room', () => {
    const view = tapeView(budgetPosition(245_000_000, 0, []), 2, says)
    const words = view.ticks.flatMap((tick) => tick.text ?? [])
    expect(words).toContain('800k')
    expect(words).toContain('2.4M')
    for (const word of words) expect(word.length).toBeLessThanOrEqual(4)
  })
  test('of nothing it shows no string of zeros', () => {
    const view = tapeView(budgetPosition(0, 0, []), 2, says)
    expect(view).toMatchObject({ bare: true, labels: [], ticks: [] })
    expect(tapeView(budgetPosition(0, 0, [item('sofa', 10_000)]), 2, says).bare).toBe(false)
    expect(tapeView(budgetPosition(100, 0, []), 2, says).bare).toBe(false)
  })
  test('past the agreed budget it runs on, and the part beyond the hook is over', () => {
    const view = tapeView(budgetPosition(100_000, 0, [item('sofa', 150_000)]), 2, says)
    expect(view.stretches.map((s) => s.state)).toEqual(['chosen', 'over'])
    expect(view.hook).toBeCloseTo(66.667, 2)
    expect(view.labels.find((l) => l.word === 'Over')?.amount).toBe('500.00')
  })
  test('into the reserve, the reserve shows what is left of it', () => {
    const view = tapeView(budgetPosition(100_000, 100_000, [item('sofa', 95_000)]), 2, says)
    expect(view.stretches.map((s) => s.state)).toEqual(['chosen', 'reserve'])
    expect(view.labels.at(-1)).toMatchObject({ word: 'Reserve left', amount: '50.00' })
    expect(view.stretches[1]!.text).toBe('Reserve, 50.00 left of 100.00')
  })
  test('a fee inside the budget is a stretch of its own, and leaves so much less free', () => {
    const view = tapeView(
      budgetPosition(100_000, 0, [item('rug', 20_000)], { amountMinor: 10_000, inside: true }),
      2,
      says,
    )
    expect(view.stretches.map((s) => [s.key, s.width])).toEqual([
      ['rug chosen', 20],
      ['fee', 10],
      ['free', 70],
    ])
    expect(view.labels.find((l) => l.word === 'Fee')!.amount).toBe('100.00')
    expect(view.labels.find((l) => l.word === 'Free')!.amount).toBe('700.00')
    const beside = tapeView(budgetPosition(100_000, 0, [], { amountMinor: 10_000, inside: false }), 2, says)
    expect(beside.stretches.map((s) => s.state)).toEqual(['free'])
  })
  test('every change order leaves a notch where the hook sat before it', () => {
    const change = (amountMinor: number) => ({
      amountMinor,
      agreedOn: '2026-11-03',
      agreedBy: 'Ilka Varga',
      why: 'curtains',
    })
    const view = tapeView(budgetPosition(100_000, 0, []), 2, says, [change(30_000), change(-10_000)])
    expect(view.changes.map((c) => c.left)).toEqual([80, 100])
    expect(view.changes[0]!.text).toBe('800.00 until 3 Nov 2026: +300.00, curtains, agreed by Ilka Varga')
  })
  test('stretches join without gap or overlap and fill the tape, whatever is bought', () => {
    const items = fc.array(
      fc.tuple(
        fc.option(fc.nat(500_000), { nil: undefined }),
        fc.nat(500_000),
        fc.double({ min: 0, max: 1, noNaN: true }),
      ),
      { maxLength: 9 },
    )
    fc.assert(
      fc.property(fc.nat(1_000_000), fc.nat(500_000), items, (agreed, reserve, list) => {
        const view = tapeView(
          budgetPosition(
            agreed,
            reserve,
            list.map(([c, o, p], i) => item(String(i), c, o, Math.floor(o * p))),
          ),
          2,
          says,
        )
        let at = 0
        for (const s of view.stretches) {
          expect(s.left).toBeCloseTo(at, 6)
          expect(s.width).toBeGreaterThan(0)
          at += s.width
        }
        if (view.stretches.length > 0) expect(at).toBeCloseTo(100, 6)
        expect(view.ticks.length).toBeLessThan(200)
      }),
    )
  })
})

test('labels never overlap and stay on a tape that has room for them', () => {
  const labels = fc.array(
    fc.record({ at: fc.double({ min: 0, max: 700, noNaN: true }), width: fc.integer({ min: 20, max: 80 }) }),
    { minLength: 1, maxLength: 5 },
  )
  fc.assert(
    fc.property(labels, (list) => {
      const sorted = [...list].sort((x, y) => x.at - y.at)
      const places = labelPlaces(
        sorted.map((l) => l.at),
        sorted.map((l) => l.width),
        700,
      )
      places.forEach((p, i) => {
        expect(p).toBeGreaterThanOrEqual(-1e-9)
        expect(p + sorted[i]!.width).toBeLessThanOrEqual(700 + 1e-9)
        if (i > 0) expect(p).toBeGreaterThanOrEqual(places[i - 1]! + sorted[i - 1]!.width)
      })
    }),
  )
})
