import { LEDGER_EXAMPLES } from '../../examples/ledger/index.js'
import { overBudget } from './rules/overBudget.js'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { budgetPosition, type MoneyItem } from './budgetPosition.js'
import { lineBreach, lineState, type LineEntry } from './lineState.js'
import { ENTRY_KINDS } from '../../model/vocabulary/ledger.js'

const entry = (kind: LineEntry['kind'], amountMinor: number, quantity = 0): LineEntry => ({
  kind,
  amountMinor,
  quantity,
})
const item = (more: Partial<MoneyItem>): MoneyItem => ({
  id: 'i',
  name: 'Item',
  category: 'decor',
  targetMinor: 0,
  chosenMinor: undefined,
  lines: [],
  ...more,
})

describe('one line', () => {
  // Common practice: money counts as back when it arrives and shows as due till then.
  test('three mirrors at 45.00 tried, one sent back: 135.00 paid, 45.00 due back; 90.00 once refunded', () => {
    const bought = [
      entry('order', 13_500, 3),
      entry('payment', 13_500),
      entry('delivery', 0, 3),
      entry('return', 4500, 1),
    ]
    expect(lineState(bought)).toMatchObject({
      netPaidMinor: 13_500,
      dueBackMinor: 4500,
      outstandingMinor: 0,
      liveQuantity: 2,
    })
    expect(lineState([...bought, entry('refund', 4500)])).toMatchObject({
      netPaidMinor: 9000,
      dueBackMinor: 0,
      dueMinor: 9000,
    })
  })
  test('an unpaid return owes nothing either way', () => {
    expect(
      lineState([entry('order', 10_000, 1), entry('delivery', 0, 1), entry('return', 10_000, 1)]),
    ).toMatchObject({ outstandingMinor: 0, dueBackMinor: 0, dueMinor: 0 })
  })
  test('a deposit is paid, the balance stays ordered', () => {
    const [check] = published<{ events: { type: string; amount: number }[] }, { paid: number[] }>(
      'money.accrual.01',
    )
    const order = check!.input.events.find((e) => e.type === 'order')!
    const payments = check!.input.events.filter((e) => e.type === 'payment')
    const first = lineState([entry('order', order.amount, 1), entry('payment', payments[0]!.amount)])
    expect([first.netPaidMinor, first.outstandingMinor]).toEqual([
      check!.expected.paid[0],
      order.amount - check!.expected.paid[0]!,
    ])
    expect(
      lineState([entry('order', order.amount, 1), ...payments.map((p) => entry('payment', p.amount))])
        .netPaidMinor,
    ).toBe(check!.expected.paid[2])
  })
  test('a restocking charge is credit that is not given', () => {
    const [check] = published<
      { net_cents: number; taxPercent: number },
      { refund_cents: number; restocking_cents: number }
    >('money.restock.01')
    const gross = check!.expected.refund_cents + check!.expected.restocking_cents
    const state = lineState([
      entry('order', gross, 1),
      entry('payment', gross),
      entry('delivery', 0, 1),
      entry('return', check!.expected.refund_cents, 1),
    ])
    expect([state.dueBackMinor, state.dueMinor]).toEqual([
      check!.expected.refund_cents,
      check!.expected.restocking_cents,
    ])
  })
  test.each([
    ['paid more than ordered', [entry('order', 100, 1), entry('payment', 101)], /more would be paid/],
    [
      'delivered more than ordered',
      [entry('order', 100, 1), entry('delivery', 0, 2)],
      /more would be delivered/,
    ],
    ['sent back before it came', [entry('order', 100, 1), entry('return', 100, 1)], /more would go back/],
    ['refunded without payment', [entry('order', 100, 1), entry('refund', 1)], /more would be refunded/],
    [
      'credited beyond the price',
      [entry('order', 100, 1), entry('delivery', 0, 1), entry('return', 101, 1)],
      /more would be credited/,
    ],
    [
      'order taken back under a payment',
      [entry('order', 100, 1), entry('payment', 100), entry('order', -100, -1)],
      /more would be paid/,
    ],
    ['nothing wrong', [entry('order', 100, 1), entry('payment', 100), entry('delivery', 0, 1)], undefined],
  ] as const)('%s', (_what, entries, why) => {
    const breach = lineBreach(lineState(entries))
    if (why) expect(breach).toMatch(why)
    else expect(breach).toBeUndefined()
  })
  test('entries and their reversals leave nothing, in any order', () => {
    const some = fc.array(
      fc.record({
        kind: fc.constantFrom(...ENTRY_KINDS),
        amountMinor: fc.nat(1e6),
        taxMinor: fc.nat(1e5),
        quantity: fc.nat(9),
      }),
    )
    fc.assert(
      fc.property(some, fc.infiniteStream(fc.nat()), (entries, order) => {
        const both = [
          ...entries,
          ...entries.map((e) => ({
            kind: e.kind,
            amountMinor: -e.amountMinor,
            taxMinor: -e.taxMinor,
            quantity: -e.quantity,
          })),
        ]
        const shuffled = both
          .map((e) => ({ e, at: order.next().value as number }))
          .sort((x, y) => x.at - y.at)
          .map((x) => x.e)
        const values = Object.values(lineState(shuffled)).flatMap((v: number | object): unknown[] =>
          typeof v === 'number' ? [v] : Object.values(v),
        )
        for (const value of values) expect(value === 0).toBe(true)
      }),
    )
  })
})

describe('the budget', () => {
  test('what is left with a contingency, as published', () => {
    const [check] = published<
      { budget_cents: number; contingencyPercent: number; committed_cents: number; toGo_cents: number },
      { contingency_cents: number; available_cents: number }
    >('money.cost-to-complete')
    const ordered = lineState([entry('order', check!.input.committed_cents, 1)])
    const got = budgetPosition(check!.input.budget_cents, check!.input.contingencyPercent * 10_000, [
      item({ lines: [ordered] }),
      item({ id: 'j', chosenMinor: check!.input.toGo_cents }),
    ])
    expect([got.reserveMinor, got.freeMinor]).toEqual([
      check!.expected.contingency_cents,
      check!.expected.available_cents,
    ])
  })
  test('a promised refund is not free money; one that arrived is', () => {
    const back = [
      entry('order', 26_000, 1),
      entry('payment', 26_000),
      entry('delivery', 0, 1),
      entry('return', 26_000, 1),
    ]
    const promised = budgetPosition(100_000, 0, [item({ targetMinor: 20_000, lines: [lineState(back)] })])
    expect(promised).toMatchObject({
      paidMinor: 26_000,
      freeMinor: 74_000,
      dueBackMinor: 26_000,
      forecastMinor: 20_000,
    })
    const arrived = budgetPosition(100_000, 0, [
      item({ targetMinor: 20_000, lines: [lineState([...back, entry('refund', 26_000)])] }),
    ])
    expect(arrived).toMatchObject({
      paidMinor: 0,
      freeMinor: 100_000,
      dueBackMinor: 0,
      forecastMinor: 20_000,
    })
  })
  test('the stretches are the tape, and the categories are the stretches', () => {
    const line = fc
      .record({ order: fc.nat(1e6), paid: fc.double({ min: 0, max: 1, noNaN: true }) })
      .map(({ order, paid }) =>
        lineState([entry('order', order, 1), entry('payment', Math.floor(order * paid))]),
      )
    const items = fc.array(
      fc.record({
        id: fc.uuid(),
        name: fc.constant('x'),
        category: fc.constantFrom('decor', 'light'),
        targetMinor: fc.nat(1e6),
        chosenMinor: fc.option(fc.nat(1e6), { nil: undefined }),
        lines: fc.array(line, { maxLength: 3 }),
      }),
      { maxLength: 8 },
    )
    fc.assert(
      fc.property(fc.nat(1e9), fc.nat(500_000), items, (agreed, reserve, list) => {
        const p = budgetPosition(agreed, reserve, list)
        const used = p.stretches.reduce((s, x) => s + x.amountMinor, 0)
        expect(p.paidMinor + p.orderedMinor + p.chosenMinor).toBe(used)
        expect(p.freeMinor + used + p.reserveMinor).toBe(agreed)
        for (const [of, key] of [
          [p.paidMinor, 'paidMinor'],
          [p.orderedMinor, 'orderedMinor'],
          [p.chosenMinor, 'chosenMinor'],
          [p.forecastMinor, 'forecastMinor'],
        ] as const)
          expect(p.categories.reduce((s, c) => s + c[key], 0)).toBe(of)
      }),
    )
  })
})

describe('ways back inside the budget', () => {
  const facts = (over: number, saves: readonly (readonly [string, number])[]) => ({
    ...LEDGER_EXAMPLES[overBudget.name]!.violates(),
    position: budgetPosition(100_000, 0, [item({ chosenMinor: 100_000 + over })]),
    cheaper: saves.map(([itemId, savesMinor], i) => ({
      itemId,
      itemName: itemId,
      optionId: `o${i}`,
      optionName: `option ${i}`,
      savesMinor,
    })),
  })
  test('one swap when one is enough, the smallest sacrifice first', () => {
    const [found] = overBudget.check(
      facts(5000, [
        ['rug', 9000],
        ['lamp', 6000],
        ['sofa', 4000],
      ]),
    )
    expect(found!.fixes.map((m) => m.changes.map((c) => 'id' in c && c.id))).toEqual([['lamp'], ['rug']])
  })
  test('several of different items when none alone is enough', () => {
    const [found] = overBudget.check(
      facts(10_000, [
        ['rug', 9000],
        ['rug', 8000],
        ['lamp', 3000],
      ]),
    )
    expect(found!.fixes.map((m) => m.changes.map((c) => 'id' in c && c.id))).toEqual([['rug', 'lamp']])
  })
  test('none when all together are not', () => {
    expect(overBudget.check(facts(10_000, [['rug', 900]]))[0]!.fixes).toEqual([])
  })
})

describe('what papers of a line speak of', () => {
  const e = (kind: LineEntry['kind'], amountMinor: number, taxMinor = 0): LineEntry => ({
    kind,
    amountMinor,
    taxMinor,
    quantity: 0,
  })
  const ordered = [e('order', 12_100, 2_100), e('payment', 12_100)]
  test.each<[string, LineEntry[], readonly [number, number], readonly [number, number]]>([
    ['ordered and paid', ordered, [12_100, 2_100], [0, 0]],
    ['carriage charged after', [...ordered, e('charge', 1_210, 210)], [13_310, 2_310], [0, 0]],
    [
      'cancelled before it came: it is neither invoiced nor credited',
      [...ordered, e('cancel', 12_100, 2_100), e('refund', 12_100)],
      [0, 0],
      [0, 0],
    ],
    [
      'sent back: it was invoiced, and a credit note is to come',
      [...ordered, e('return', 12_100, 2_100)],
      [12_100, 2_100],
      [12_100, 2_100],
    ],
    ['price lowered', [...ordered, e('adjustment', 2_420, 420)], [12_100, 2_100], [2_420, 420]],
    [
      'ordered and taken back',
      [...ordered, e('order', -12_100, -2_100), e('payment', -12_100)],
      [0, 0],
      [0, 0],
    ],
    [
      'a gift is invoiced to whoever gives it',
      [e('order', 12_100, 2_100), e('gift', 12_100)],
      [12_100, 2_100],
      [0, 0],
    ],
  ])('%s', (_what, entries, asked, credited) => {
    const state = lineState(entries)
    expect([state.asked.minor, state.asked.taxMinor]).toEqual(asked)
    expect([state.credited.minor, state.credited.taxMinor]).toEqual(credited)
    expect([state.dueMinor, state.taxMinor]).toEqual([asked[0] - credited[0], asked[1] - credited[1]])
  })
})
