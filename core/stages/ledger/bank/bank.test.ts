import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { addDays } from '../../../kernel/units/days.js'
import { proposeMatches, type Entered, type Expected } from './proposeMatches.js'
import { readStatement, type BankLine } from './readStatement.js'

const read = (...rows: string[][]) => readStatement(rows, 'EUR')

describe('a statement', () => {
  test('the header is found below what a bank writes above it; a sign, or two columns', () => {
    const one = read(
      ['Account 12'],
      [],
      ['Date', 'Amount (EUR)', 'Payee', 'Reference'],
      ['2026-11-03', '-1,480.50', 'Mill Row', 'order 7'],
      ['2026-11-04', '260.00', 'Loom', ''],
    )
    expect(one.lines.map((l) => [l.on, l.amountMinor, l.name, l.row])).toEqual([
      ['2026-11-03', -148_050, 'Mill Row · order 7', 4],
      ['2026-11-04', 26_000, 'Loom', 5],
    ])
    const two = read(
      ['Booked', 'Details', 'Paid out', 'Paid in'],
      ['03/11/2026', 'Mill', '12,50', ''],
      ['04/11/2026', 'Loom', '', '7.00'],
    )
    expect(two.lines.map((l) => [l.on, l.amountMinor])).toEqual([
      ['2026-11-03', -1_250],
      ['2026-11-04', 700],
    ])
  })

  test.each([
    ['2026-11-03', '2026-11-03'],
    ['3.11.2026', '2026-11-03'],
    ['03/11/26', '2026-11-03'],
    ['2026/11/3', '2026-11-03'],
  ])('%s is read as %s', (raw, on) => expect(read(['Date', 'Amount'], [raw, '-1']).lines[0]?.on).toBe(on))

  test('one day past the twelfth says that the month comes first, for the whole file', () =>
    expect(
      read(['Date', 'Amount'], ['11/03/2026', '-1'], ['11/25/2026', '-2']).lines.map((l) => l.on),
    ).toEqual(['2026-11-03', '2026-11-25']))

  test.each([
    ['-12.50', -1_250],
    ['12,50-', -1_250],
    ['(12.50)', -1_250],
    ['+1.234,00', 123_400],
    ['€ -3', -300],
  ])('%s is %d', (raw, minor) => {
    const got = read(['Date', 'Amount'], ['2026-11-03', raw]).lines[0]?.amountMinor
    // A sign behind the mark of the currency is not a form banks write; it is left rather than guessed.
    expect(got).toBe(raw.startsWith('€') ? undefined : minor)
  })

  test('what is not read is told with its row and reason, and two alike are two', () => {
    const s = read(
      ['Date', 'Amount', 'Name'],
      ['soon', '-5', 'x'],
      ['2026-11-03', 'five', 'x'],
      ['2026-11-03', '-5', 'x'],
      ['2026-11-03', '-5', 'x'],
      ['', '', ''],
    )
    expect(s.left).toEqual([
      { row: 2, why: '“soon” is no date' },
      { row: 3, why: 'no amount' },
    ])
    expect(s.lines).toHaveLength(2)
    expect(new Set(s.lines.map((l) => l.key)).size).toBe(2)
    expect(read(['a', 'b'], ['1', '2']).trouble).toMatch(/No header/)
    expect(read(['Date', 'Amount']).trouble).toMatch(/no lines/)
  })

  test('whatever is in the file, nothing is thrown', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string(), { maxLength: 5 }), { maxLength: 8 }), (rows) => {
        readStatement([['Date', 'Amount', 'Name'], ...rows], 'EUR')
      }),
    )
  })
})

const line = (amountMinor: number, name = '', on = '2026-11-20'): BankLine => ({
  key: `${on} ${amountMinor} ${name}`,
  on,
  amountMinor,
  name,
  row: 2,
})
const order = (more: Partial<Expected> = {}): Expected => ({
  kind: 'payment',
  id: 'seven',
  name: 'Order 7, Hollin Row Seating',
  words: 'Hollin Row Seating settee',
  openMinor: 88_800,
  partsMinor: [59_200],
  days: ['2026-11-20'],
  ...more,
})

describe('matches', () => {
  const best = (l: BankLine, expected: readonly Expected[], entered: readonly Entered[] = []) =>
    proposeMatches([l], expected, entered)[0]!

  test('all that is open, with name and day, comes before the same amount elsewhere', () => {
    const other = order({ id: 'other', words: 'Lantern', days: ['2026-06-01'] })
    const { matches } = best(line(-88_800, 'HOLLIN ROW SEATING LTD'), [other, order()])
    expect(matches.map((m) => m.expected.id)).toEqual(['seven', 'other'])
    expect(matches[0]?.because).toEqual(['all that is open', 'named: hollin, row, seating', 'on the day'])
  })
  test('an agreed part is known by its amount; a sum that is neither needs name and day', () => {
    expect(best(line(-59_200), [order()]).matches[0]?.because).toContain('a part that was agreed')
    expect(best(line(-1_000, 'somebody', '2026-08-01'), [order()]).matches).toEqual([])
    expect(best(line(-1_000, 'Hollin Row'), [order()]).matches).toHaveLength(1)
  })
  test('never more than is open, and money that comes in pays nothing', () => {
    expect(best(line(-88_801, 'Hollin Row Seating'), [order()]).matches).toEqual([])
    expect(best(line(88_800, 'Hollin Row Seating'), [order()]).matches).toEqual([])
    expect(
      best(line(26_000, 'Hollin'), [order({ kind: 'refund', id: 'line', openMinor: 26_000 })]).matches[0]
        ?.expected.id,
    ).toBe('line')
  })
  test('what is in the ledger already is said, one entry for one line of the bank', () => {
    const e: Entered = {
      eventId: 'e',
      kind: 'payment',
      on: '2026-11-18',
      amountMinor: 500,
      what: 'Order 1',
    }
    const [first, second] = proposeMatches([line(-500), line(-500, 'again')], [], [e])
    expect([first?.entered?.eventId, second?.entered]).toEqual(['e', undefined])
    expect(best(line(-500, '', addDays(e.on, 6)), [], [e]).entered).toBeUndefined()
  })
})
