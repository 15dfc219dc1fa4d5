import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { shareOf } from '../../kernel/money/rate.js'
import { splitByWeight } from '../../kernel/money/splitByWeight.js'
import { published } from '../../testing/published.js'
import { postingsOf } from '../../testing/postingsOf.js'
import { creditLeft, taxOfCredit } from './credits.js'
import { burn, cashWeeks, mondayOf, type Due } from './burn.js'
import { budgetPosition, freeAfter } from './budgetPosition.js'
import { clientAccount } from './clientAccount.js'
import { lineState, type LineEntry } from './lineState.js'
import { booksAt, monthEnds, type DatedEntry } from './monthEnds.js'
import { ENTRY_KINDS } from '../../model/vocabulary/ledger.js'
import { standing } from './standing.js'

describe('published arithmetic', () => {
  interface Event {
    readonly date: string
    readonly type: 'order' | 'payment' | 'delivery' | 'invoice'
    readonly amount: number
  }
  test.each(
    published<
      { events: Event[]; asOf: string[] },
      Record<'committed' | 'accruedCost' | 'paid' | 'prepaid' | 'payable', number[]>
    >('money.accrual'),
  )('$id $title', ({ input, expected }) => {
    // An invoice is a paper: it moves nothing.
    const entries = input.events
      .filter((e) => e.type !== 'invoice')
      .map((e): DatedEntry => ({
        kind: e.type as 'order',
        lineId: 'l',
        on: e.date,
        amountMinor: e.type === 'delivery' ? 0 : e.amount,
        quantity: e.type === 'payment' ? 0 : 1,
      }))
    const found = booksAt(entries, input.asOf)
    expect({
      committed: found.map((b) => b.committedMinor),
      accruedCost: found.map((b) => b.accruedMinor),
      paid: found.map((b) => b.paidMinor),
      prepaid: found.map((b) => b.prepaidMinor),
      payable: found.map((b) => b.payableMinor),
    }).toEqual(expected)
  })

  test.each(
    published<
      { total_cents: number; depositPercent: number },
      { deposit_cents: number; balance_cents: number }
    >('money.deposit.01'),
  )('$id $title', ({ input, expected }) => {
    const deposit = shareOf(input.total_cents, input.depositPercent * 10_000)
    expect([deposit, input.total_cents - deposit]).toEqual([expected.deposit_cents, expected.balance_cents])
  })

  test.each(
    published<{ total_cents: number; stages: number[] }, { parts_cents: number[] }>('money.deposit.02'),
  )('$id $title', ({ input, expected }) =>
    expect(splitByWeight(input.total_cents, input.stages)).toEqual(expected.parts_cents),
  )

  test.each(
    published<
      { budget_cents: number; contingencyPercent: number; committed_cents: number; toGo_cents: number },
      { contingency_cents: number; available_cents: number }
    >('money.cost-to-complete.02'),
  )('$id $title', ({ input, expected }) => {
    const p = budgetPosition(input.budget_cents, input.contingencyPercent * 10_000, [
      {
        id: 'a',
        name: '',
        category: 'x',
        targetMinor: 0,
        chosenMinor: undefined,
        lines: [lineState([{ kind: 'order', amountMinor: input.committed_cents, quantity: 1 }])],
      },
      {
        id: 'b',
        name: '',
        category: 'x',
        targetMinor: input.toGo_cents,
        chosenMinor: input.toGo_cents,
        lines: [],
      },
    ])
    expect([p.reserveMinor, p.freeMinor]).toEqual([expected.contingency_cents, expected.available_cents])
  })

  test.each(
    published<
      { net_cents: number; taxPercent: number; restockingPercent: number },
      { restocking_cents: number; taxRefund_cents: number; refund_cents: number }
    >('money.restock.01'),
  )('$id $title', ({ input, expected }) => {
    const taxMinor = shareOf(input.net_cents, input.taxPercent * 10_000)
    const charge = shareOf(input.net_cents, input.restockingPercent * 10_000)
    const gross = input.net_cents + taxMinor
    const bought: LineEntry[] = [
      { kind: 'order', amountMinor: gross, taxMinor, quantity: 1 },
      { kind: 'payment', amountMinor: gross, quantity: 0 },
      { kind: 'delivery', amountMinor: 0, quantity: 1 },
    ]
    // Sent back for its whole price, and charged for, without tax: all the tax comes back.
    const back = taxOfCredit(lineState(bought), gross)
    const state = lineState([
      ...bought,
      { kind: 'return', amountMinor: gross, taxMinor: back, quantity: 1 },
      { kind: 'charge', amountMinor: charge, quantity: 0 },
    ])
    expect([charge, back, state.dueBackMinor]).toEqual([
      expected.restocking_cents,
      expected.taxRefund_cents,
      expected.refund_cents,
    ])
  })
})

const kind = fc.constantFrom(...ENTRY_KINDS)
const amount = fc.integer({ min: 0, max: 10_000_000 })

describe('double entry', () => {
  test('whatever is entered, its postings come to nothing', () => {
    fc.assert(
      fc.property(
        kind,
        amount,
        fc.integer({ min: 0, max: 1000 }),
        fc.constantFrom('bank', 'cash', null),
        fc.boolean(),
        (k, a, perMille, means, turned) => {
          const sign = turned ? -1 : 1
          const list = postingsOf({
            kind: k,
            amountMinor: sign * a,
            taxMinor: sign * Math.floor((a * perMille) / 1000),
            means,
          })
          expect(list.reduce((s, p) => s + p.amountMinor, 0)).toBe(0)
          expect(new Set(list.map((p) => p.account)).size).toBe(list.length)
        },
      ),
    )
  })

  test('a line taken back in any number of steps keeps no tax, and never more or less on the way', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1_000_000 }),
        fc.integer({ min: 0, max: 250_000 }),
        fc.array(fc.double({ min: 0.01, max: 1, noNaN: true }), { minLength: 1, maxLength: 8 }),
        (gross, ppm, steps) => {
          const entries: LineEntry[] = [
            {
              kind: 'order',
              amountMinor: gross,
              taxMinor: Math.round((gross * ppm) / (1_000_000 + ppm)),
              quantity: 1,
            },
          ]
          for (const part of [...steps, 1]) {
            const state = lineState(entries)
            const credit = part === 1 ? state.dueMinor : Math.floor(state.dueMinor * part)
            const taxMinor = taxOfCredit(state, credit)
            expect(taxMinor).toBeGreaterThanOrEqual(0)
            expect(taxMinor).toBeLessThanOrEqual(Math.min(credit, state.taxMinor))
            entries.push({ kind: 'adjustment', amountMinor: credit, taxMinor, quantity: 0 })
          }
          expect(lineState(entries)).toMatchObject({ dueMinor: 0, taxMinor: 0 })
        },
      ),
    )
  })

  test('what others pay draws on no budget, and what is due back goes to the purse that paid', () => {
    const order: LineEntry = { kind: 'order', amountMinor: 34_000, quantity: 1 }
    const given = lineState([order, { kind: 'gift', amountMinor: 34_000, quantity: 0 }])
    expect(given).toMatchObject({ costMinor: 0, outstandingMinor: 0, dueBackMinor: 0, dueMinor: 34_000 })
    const half = lineState([
      order,
      { kind: 'gift', amountMinor: 20_000, quantity: 0 },
      { kind: 'payment', amountMinor: 14_000, quantity: 0 },
      { kind: 'return', amountMinor: 34_000, quantity: 1 },
    ])
    expect(half).toMatchObject({ costMinor: 0, dueBackMinor: 14_000 })
  })

  test('store credit is left as long as it is not spent', () => {
    const e = (k: 'refund' | 'payment', amountMinor: number, means = 'store credit') => ({
      kind: k,
      means,
      amountMinor,
    })
    expect(creditLeft([e('refund', 4_500)])).toBe(4_500)
    expect(creditLeft([e('refund', 4_500), e('payment', 3_000), e('payment', 900, 'bank')])).toBe(1_500)
    // Credit from before the job pays from its own pocket.
    expect(creditLeft([e('payment', 3_000)])).toBe(0)
  })
})

describe('over time', () => {
  test('the last point of the burn is what is bound and paid', () => {
    const dated = fc.record({
      kind,
      on: fc.integer({ min: 1, max: 28 }).map((d) => `2026-02-${String(d).padStart(2, '0')}`),
      amountMinor: amount,
    })
    fc.assert(
      fc.property(fc.array(dated, { maxLength: 40 }), (entries) => {
        const points = burn(entries)
        expect(points.map((p) => p.on)).toEqual([...new Set(points.map((p) => p.on))].sort())
        const s = lineState(entries.map((e) => ({ ...e, quantity: 0 })))
        expect(points.at(-1)?.paidMinor ?? 0).toBe(s.netPaidMinor)
        expect(points.at(-1)?.boundMinor ?? 0).toBe(s.dueMinor - s.givenMinor)
      }),
    )
  })

  test.each([
    ['2026-11-25', '2026-11-23'],
    ['2026-11-23', '2026-11-23'],
    ['2026-11-29', '2026-11-23'],
    ['2027-01-01', '2026-12-28'],
  ])('the week of %s begins on Monday %s', (day, monday) => expect(mondayOf(day)).toBe(monday))

  test('weeks follow each other without a gap, hold every due once, and what is overdue is due now', () => {
    const due = (on: string, amountMinor: number, state: Due['state']): Due => ({
      on,
      amountMinor,
      state,
      what: '',
    })
    const weeks = cashWeeks(
      [due('2026-10-01', 100, 'owed'), due('2026-12-16', 50, 'open'), due('2026-11-26', 7, 'chosen')],
      '2026-11-25',
    )
    expect(weeks.map((w) => [w.week, w.owedMinor, w.chosenMinor, w.openMinor])).toEqual([
      ['2026-11-23', 100, 7, 0],
      ['2026-11-30', 0, 0, 0],
      ['2026-12-07', 0, 0, 0],
      ['2026-12-14', 0, 0, 50],
    ])
    expect(cashWeeks([], '2026-11-25')).toEqual([])
  })

  test('months end on their last days, over the turn of a year and a leap day', () =>
    expect(monthEnds([{ on: '2027-12-05' }], '2028-02-10')).toEqual([
      '2027-12-31',
      '2028-01-31',
      '2028-02-29',
    ]))

  test('however the money is put together it comes to the same', () => {
    const row = (itemId: string, n: number) => ({
      itemId,
      name: itemId,
      targetMinor: n,
      chosenMinor: 0,
      orderedMinor: 2 * n,
      paidMinor: 3 * n,
      forecastMinor: 7 * n,
      differenceMinor: -6 * n,
    })
    const rows = [row('a', 1), row('b', 10), row('c', 100)]
    const placeOf = (id: string) => ({
      category: id,
      supplier: id === 'c' ? 'y' : 'x',
      place: 'room',
      spend: 'even',
    })
    for (const by of ['category', 'supplier', 'place', 'save or splurge'] as const) {
      const groups = standing(rows, placeOf, by, new Map([['b', 55]]))
      expect(groups.reduce((s, g) => s + g.forecastMinor, 0)).toBe(777)
      expect(groups.reduce((s, g) => s + g.toComeMinor, 0)).toBe(444)
      expect(groups.find((g) => g.key === 'b')?.agreedMinor).toBe(by === 'category' ? 55 : undefined)
    }
    expect(standing(rows, placeOf, 'supplier', new Map()).map((g) => [g.key, g.items.length])).toEqual([
      ['x', 2],
      ['y', 1],
    ])
  })
})

describe('the client’s account', () => {
  const e = (kind: 'client payment' | 'fee' | 'payment' | 'refund', amountMinor: number, means = 'bank') => ({
    kind,
    amountMinor,
    means,
  })
  test('what was received, less fee and what was laid out', () =>
    expect(
      clientAccount([
        e('client payment', 100_000),
        e('fee', 20_000),
        e('payment', 30_000),
        e('refund', 5_000),
      ]),
    ).toEqual({ receivedMinor: 100_000, feeMinor: 20_000, laidOutMinor: 25_000, inHandMinor: 55_000 }))
  test('a refund as credit brings nothing in, and paying with it or with a card lays nothing out', () =>
    expect(
      clientAccount([
        e('payment', 30_000),
        e('refund', 26_000, 'store credit'),
        e('payment', 23_600, 'store credit'),
        e('payment', 4_000, 'gift card'),
      ]),
    ).toMatchObject({ laidOutMinor: 30_000, inHandMinor: -30_000 }))
})

test('what would be free after a change is what is free once it is made', () => {
  fc.assert(
    fc.property(
      amount,
      fc.integer({ min: 0, max: 500_000 }),
      fc.integer({ min: -1_000_000, max: 1_000_000 }),
      (agreed, ppm, change) => {
        fc.pre(agreed + change >= 0)
        const items = [{ id: 'a', name: '', category: 'x', targetMinor: 0, chosenMinor: 1_234, lines: [] }]
        const before = budgetPosition(agreed, ppm, items)
        expect(freeAfter(before, ppm, change)).toBe(budgetPosition(agreed + change, ppm, items).freeMinor)
      },
    ),
  )
})
