import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { currencyDigits, MAX_MINOR, minorToDecimal } from './currency.js'
import { moneyColumnText, moneyFiguresText, moneyText } from './moneyText.js'
import { parseMoney } from './parseMoney.js'
import { mulDivRound, parsePercent, percentText, shareOf, taxInside, taxOn } from './rate.js'
import { splitByWeight } from './splitByWeight.js'

const ppm = (percent: number) => Math.round(percent * 10_000)
const anyMinor = fc.integer({ min: -MAX_MINOR, max: MAX_MINOR })

describe('splitting a sum', () => {
  test.each(
    published<{ total_cents: number; weights: number[] }, { parts_cents: number[] }>('money.allocate'),
  )('$id $title', ({ input, expected }) => {
    expect(splitByWeight(input.total_cents, input.weights)).toEqual(expected.parts_cents)
  })
  test('staged payments 30 / 40 / 30', () => {
    const [check] = published<{ total_cents: number; stages: number[] }, { parts_cents: number[] }>(
      'money.deposit.02',
    )
    expect(splitByWeight(check!.input.total_cents, check!.input.stages)).toEqual(check!.expected.parts_cents)
  })
  test('freight shared by value', () => {
    const [check] = published<
      { lines_cents: number[]; freight_cents: number },
      { freightShare_cents: number[] }
    >('money.freight.01')
    expect(splitByWeight(check!.input.freight_cents, check!.input.lines_cents)).toEqual(
      check!.expected.freightShare_cents,
    )
  })
  test('no cent is lost or made, and no part is off by more than one', () => {
    fc.assert(
      fc.property(
        anyMinor,
        fc.array(fc.nat(1_000_000), { minLength: 1, maxLength: 30 }),
        (total, weights) => {
          const parts = splitByWeight(total, weights)
          expect(parts.reduce((a, b) => a + b, 0)).toBe(total)
          const sum = weights.reduce((a, b) => a + b, 0)
          if (sum > 0)
            parts.forEach((p, i) =>
              expect(Math.abs(p - (total * weights[i]!) / sum)).toBeLessThanOrEqual(1.0001),
            )
        },
      ),
    )
  })
  test('a payment never gives a line more than it owes', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(1_000_000), { minLength: 1, maxLength: 12 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (owed, part) => {
          const total = Math.floor(owed.reduce((a, b) => a + b, 0) * part)
          if (owed.some((o) => o > 0))
            splitByWeight(total, owed).forEach((p, i) => expect(p).toBeLessThanOrEqual(owed[i]!))
        },
      ),
    )
  })
  test('nothing to split among is refused', () => {
    expect(() => splitByWeight(100, [])).toThrow(/at least one/)
    expect(() => splitByWeight(100, [1, -1])).toThrow(/zero or more/)
  })
})

describe('tax', () => {
  test.each(
    published<{ gross_cents: number; ratePercent: number }, { net_cents: number; vat_cents: number }>(
      'money.vat.from-gross',
    ),
  )('$id $title', ({ input, expected }) => {
    const tax = taxInside(input.gross_cents, ppm(input.ratePercent))
    expect([input.gross_cents - tax, tax]).toEqual([expected.net_cents, expected.vat_cents])
  })
  test.each(
    published<{ net_cents: number; ratePercent: number }, { vat_cents: number }>('money.vat.from-net'),
  )('$id $title', ({ input, expected }) => {
    expect(taxOn(input.net_cents, ppm(input.ratePercent))).toBe(expected.vat_cents)
  })
  test('tax added and tax inside undo each other to the cent', () => {
    fc.assert(
      fc.property(fc.nat(MAX_MINOR), fc.nat(600_000), (net, rate) => {
        const gross = net + taxOn(net, rate)
        expect(Math.abs(gross - taxInside(gross, rate) - net)).toBeLessThanOrEqual(1)
      }),
    )
  })
})

test('chain discounts multiply', () => {
  const [check] = published<{ list_cents: number; chainPercent: number[] }, { net_cents: number }>(
    'money.discount.chain',
  )
  const net = check!.input.chainPercent.reduce(
    (left, percent) => left - shareOf(left, ppm(percent)),
    check!.input.list_cents,
  )
  expect(net).toBe(check!.expected.net_cents)
})

test('a deposit rounds half up and the balance is the rest', () => {
  const [check] = published<
    { total_cents: number; depositPercent: number },
    { deposit_cents: number; balance_cents: number }
  >('money.deposit.01')
  const deposit = shareOf(check!.input.total_cents, ppm(check!.input.depositPercent))
  expect([deposit, check!.input.total_cents - deposit]).toEqual([
    check!.expected.deposit_cents,
    check!.expected.balance_cents,
  ])
})

test('rounding agrees with exact rationals', () => {
  fc.assert(
    fc.property(anyMinor, fc.nat(2_000_000), fc.integer({ min: 1, max: 2_000_000 }), (a, b, c) => {
      fc.pre(Math.abs((a / c) * b) < Number.MAX_SAFE_INTEGER / 2)
      // |2·result·c − 2·a·b| ≤ c says that the result is the nearest whole number.
      const off = 2n * BigInt(mulDivRound(a, b, c)) * BigInt(c) - 2n * BigInt(a) * BigInt(b)
      expect(off <= BigInt(c) && -off <= BigInt(c)).toBe(true)
    }),
  )
  expect([mulDivRound(5, 1, 2), mulDivRound(-5, 1, 2), mulDivRound(0, 1, 2)]).toEqual([3, -3, 0])
})

test('the short way for small numbers is the long way, ties and signs among it', () => {
  const whole = fc.oneof(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -95_000_000, max: 95_000_000 }))
  fc.assert(
    fc.property(
      whole,
      whole,
      whole.filter((c) => c !== 0),
      (a, b, c) => {
        const [product, divisor] = [BigInt(a) * BigInt(b), BigInt(c)]
        const [n, d] = [product < 0n ? -product : product, divisor < 0n ? -divisor : divisor]
        const nearest = Number((2n * n + d) / (2n * d))
        expect(mulDivRound(a, b, c)).toBe(product < 0n !== divisor < 0n ? 0 - nearest : nearest)
      },
    ),
    { numRuns: 2_000 },
  )
  expect(() => mulDivRound(0.5, 1, 2)).toThrow()
  expect(() => mulDivRound(1, 1, 0)).toThrow()
})

describe('currencies', () => {
  test.each(published<{ currencies: string[] }, { minorUnits: number[] }>('money.iso4217.0'))(
    '$id $title',
    ({ input, expected }) => {
      expect(input.currencies.map(currencyDigits)).toEqual(expected.minorUnits)
    },
  )
  test.each(published<{ currency: string; minor: number }, { decimal: string }>('money.iso4217.format'))(
    '$id $title',
    ({ input, expected }) => {
      expect(minorToDecimal(input.minor, input.currency)).toBe(expected.decimal)
    },
  )
  test.each([
    [940_000, 'EUR', '€9,400', '€9,400.00'],
    [123_450, 'EUR', '€1,234.50', '€1,234.50'],
    [-5, 'EUR', '-€0.05', '-€0.05'],
    [1480, 'JPY', '¥1,480', '¥1,480'],
  ])('%i %s reads %s, in a column %s', (minor, currency, short, column) => {
    expect(moneyText(minor, currency)).toBe(short)
    expect(moneyColumnText(minor, currency)).toBe(column)
  })
})

describe('reading an amount', () => {
  test.each([
    ['1480', 148_000],
    ['1 480', 148_000],
    ['€1,480.50', 148_050],
    ['1.480,50', 148_050],
    ['1.480', 148_000],
    ['1,480', 148_000],
    ['1480,5', 148_050],
    ['0', 0],
    ['1,234,567', 123_456_700],
    ["1'480.-", 148_000],
    ['1480 EUR', 148_000],
    ['99.99', 9999],
    ['0.05', 5],
    ['12.345.678,90', 1_234_567_890],
  ])('%s is %i cents', (text, minor) => expect(parseMoney(text, 'EUR')).toBe(minor))

  test.each([
    ['1.480', 'KWD', 1480],
    ['1480', 'JPY', 1480],
    ['1,480', 'JPY', 1480],
    ['₹12,34,567.50', 'INR', 123_456_750],
    ['1 480 Ft', 'HUF', 148_000],
    ['1.480,50 kr.', 'DKK', 148_050],
    ['kr. 1.480,50', 'DKK', 148_050],
    ['R$ 1.480,50', 'BRL', 148_050],
    ['1 480,50 zł', 'PLN', 148_050],
  ])('%s %s is %i minor units', (text, currency, minor) => expect(parseMoney(text, currency)).toBe(minor))

  test.each([
    ['', /is empty/],
    ['abc', /not an amount/],
    ['-5', /negative/],
    ['1,23,4', /not an amount/],
    ['12,34,567', /not an amount/],
    ['12k', /not an amount/],
    ['0.005', /more than 2 decimals/],
    ['9'.repeat(20), /too large/],
    ['1'.repeat(10_000), /not an amount|too large/],
    ['1.2.3', /not an amount/],
    ['1e9', /not an amount/],
    ['∞', /not an amount/],
  ])('"%s" is refused', (text, why) => expect(() => parseMoney(text, 'EUR', 'Target price')).toThrow(why))

  test('the message begins with the field and ends with a way out', () => {
    expect(() => parseMoney('many', 'EUR', 'Target price')).toThrow(
      'Target price is not an amount. Write an amount such as 1480.50.',
    )
  })

  test('what is printed reads back', () => {
    fc.assert(
      fc.property(fc.nat(MAX_MINOR), fc.constantFrom('EUR', 'GBP', 'JPY', 'KWD'), (minor, currency) => {
        expect(parseMoney(minorToDecimal(minor, currency), currency)).toBe(minor)
        expect(parseMoney(moneyColumnText(minor, currency), currency)).toBe(minor)
      }),
    )
  })
})

test.each([
  ['21', 210_000],
  ['8.25 %', 82_500],
  ['9,975', 99_750],
  ['0', 0],
])('%s is %i ppm', (text, value) => {
  expect(parsePercent(text)).toBe(value)
})
test.each(['', 'x', '-3', '101', '1.23456', '9'.repeat(10_000)])('percentage "%s" is refused', (text) =>
  expect(() => parsePercent(text)).toThrow(/Write/),
)
test('a percentage printed reads back', () => {
  fc.assert(
    fc.property(fc.nat(1_000_000), (p) => {
      expect(parsePercent(percentText(p))).toBe(p)
    }),
  )
})

describe('figures of a column whose head names the currency', () => {
  test.each([
    [123_456, 'EUR', 'en-IE', false, '1,234.56'],
    [-120_000, 'EUR', 'en-IE', true, '-1,200'],
    [120_000_000, 'HUF', 'hu-HU', true, '1\u00a0200\u00a0000'],
    [123_456, 'USD', 'de-DE', false, '1.234,56'],
    [1_500, 'JPY', 'en-IE', false, '1,500'],
  ])('%i of %s in %s', (minor, currency, locale, whole, text) => {
    expect(moneyFiguresText(minor, currency, locale, whole)).toBe(text)
  })
})
