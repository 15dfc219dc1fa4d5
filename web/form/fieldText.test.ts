import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { addDays } from '@bonitas/core/kernel/units/days'
import { editText, limitsOf, readText, shownText, type Locale } from './fieldText.js'

const metric: Locale = { currency: 'EUR', locale: 'en-IE', system: 'metric', today: '2026-03-10' }
const imperial: Locale = { currency: 'USD', locale: 'en-US', system: 'imperial', today: '2026-03-10' }

describe('limits come from the schema', () => {
  test.each([
    ['room', 'heightMm', { label: 'Height', min: 1500, max: 12_000, nullable: true }],
    ['brief', 'reservePpm', { label: 'Reserve', min: 0, max: 500_000, nullable: false }],
    ['items', 'quantity', { label: 'Quantity', min: 1, max: 10_000, nullable: false }],
    ['uses', 'name', { label: 'Use', nullable: false, maxLength: 120 }],
  ] as const)('%s %s', (collection, field, limits) =>
    expect(limitsOf(collection, field)).toMatchObject(limits),
  )
})

describe('what a field shows, while at rest and while edited', () => {
  test.each([
    ['money', 940_000, metric, '€9,400', '9400.00'],
    ['length', 4860, metric, '4\u2009860', '4860'],
    ['length', 3771.9, imperial, `12' 4 1/2"`, `12' 4 1/2"`],
    ['percent', 85_000, metric, '8.5', '8.5'],
    ['text', 'Varga', metric, 'Varga', 'Varga'],
    ['whole', null, metric, '', ''],
    ['date', '2026-03-14', metric, '14/03/2026', '14/03/2026'],
    ['date', '2026-03-14', imperial, '03/14/2026', '03/14/2026'],
  ] as const)('%s %s', (kind, value, locale, shown, edited) => {
    expect([shownText(kind, value, locale), editText(kind, value, locale)]).toEqual([shown, edited])
  })
})

describe('what is typed', () => {
  const length = limitsOf('passages', 'lengthMm')
  test.each([
    ['length', '4.86 m', length, metric, 4860],
    ['length', "12' 4 1/2", length, imperial, 3771.9],
    ['length', ' ', length, metric, null],
    ['money', '1 480', limitsOf('items', 'targetMinor'), metric, 148_000],
    ['percent', '8,25', limitsOf('brief', 'taxPpm'), metric, 82_500],
    ['bearing', 'W', limitsOf('room', 'northDeg'), metric, 270],
    ['bearing', '270° W', limitsOf('room', 'northDeg'), metric, 270],
    ['bearing', 'nnw', limitsOf('room', 'northDeg'), metric, 337.5],
    ['turn', 'left 45', limitsOf('walls', 'turnDeg'), metric, -45],
    ['weight', '3.4', limitsOf('items', 'weightG'), metric, 3400],
    ['weight', '7.5', limitsOf('items', 'weightG'), imperial, 3402],
    ['weight', '850 g', limitsOf('items', 'weightG'), imperial, 850],
    ['whole', '12', limitsOf('items', 'quantity'), metric, 12],
    ['date', '14.3.', limitsOf('brief', 'installOn'), metric, '2026-03-14'],
    ['date', '3/9', limitsOf('brief', 'installOn'), imperial, '2027-03-09'],
    ['date', '', limitsOf('brief', 'installOn'), metric, null],
    ['text', '  Rug  ', limitsOf('items', 'name'), metric, 'Rug'],
  ] as const)('%s "%s"', (kind, text, limits, locale, value) =>
    expect(readText(kind, text, limits, locale)).toBe(value),
  )
  test.each([
    ['whole', '2.5', 'Quantity is not a whole number. Write a number from 1 to 10000.'],
    ['whole', '', 'Quantity is not a whole number. Write a number from 1 to 10000.'],
    ['real', 'x'.repeat(10_000), 'Quantity is not a number. Write a number from 1 to 10000.'],
  ] as const)('%s "%s" is refused in words', (kind, text, says) => {
    expect(() => readText(kind, text, limitsOf('items', 'quantity'), metric)).toThrow(says)
  })
})

// The international foot is 0.3048 m (NIST SP 811, B.6): 4.25 a square foot is 45.75 a square meter.
test('a price by the meter is said and read by the foot where feet are measured in', () => {
  const us: Locale = { locale: 'en-US', currency: 'USD', system: 'imperial', today: '2026-03-10' }
  const limits = { label: 'Board', min: 0, max: 1e9, nullable: true, maxLength: undefined }
  expect(readText('price by area', '4.25', limits, us)).toBe(4_575)
  expect(shownText('price by area', 4_575, us)).toBe('$4.25')
  expect(readText('price by length', '3', limits, us)).toBe(984)
  expect(shownText('price by length', 984, us)).toBe('$3')
  expect(shownText('price by length', 984, { ...us, system: 'metric' })).toBe('$9.84')
  expect(readText('price by area', '', limits, us)).toBeNull()
  // A gallon is 3.785 liters; the price of a gallon comes back to the cent.
  expect(readText('price by volume', '45', limits, us)).toBe(1_188_774)
  expect(shownText('price by volume', 1_188_774, us)).toBe('$45')
  expect(readText('price by volume', '11.89', limits, { ...us, system: 'metric' })).toBe(1_189_000)
})

// Both while at rest and while edited: a person may copy the one and retype the other.
describe.each([
  ['en-IE', 'EUR', 'metric'],
  ['en-US', 'USD', 'imperial'],
  ['de-DE', 'EUR', 'metric'],
  ['hu-HU', 'HUF', 'metric'],
  ['sv-SE', 'SEK', 'metric'],
  ['en-IN', 'INR', 'imperial'],
] as const)('what a field shows in %s with %s reads back', (locale, currency, system) => {
  const studio: Locale = { locale, currency, system, today: '2026-03-10' }
  const limits = { label: 'Field', min: -1_000_000, max: 1e12, nullable: false, maxLength: undefined }
  test.each([
    ['money', fc.nat(1e9)],
    ['price by length', fc.nat(1e8)],
    ['price by area', fc.nat(1e8)],
    ['price by volume', fc.nat(1e6).map((n) => n * 1000)],
    ['percent', fc.integer({ min: 0, max: 1_000_000 })],
    ['whole', fc.integer({ min: -10_000, max: 1_000_000 })],
    ['real', fc.integer({ min: -10_000_000, max: 10_000_000 }).map((n) => n / 1000)],
    ['length', fc.integer({ min: 0, max: 64 * 12 * 60 }).map((n) => Math.round((n / 64) * 25.4 * 1e6) / 1e6)],
    ['weight', fc.integer({ min: 1, max: 100_000 }).map((n) => n * 10)],
    ['date', fc.integer({ min: 0, max: 3_000 }).map((n) => addDays('2026-01-01', n))],
  ] as const)('%s', (kind, values: fc.Arbitrary<string | number>) =>
    fc.assert(
      fc.property(values, (value) => {
        const within = kind === 'length' || kind === 'weight' ? { ...limits, min: 0, max: 2e6 } : limits
        const read = (text: string) => readText(kind, text, within, studio)
        const edited = read(editText(kind, value, studio))
        // Pounds are shown to the tenth; everything else is kept as it was.
        if (kind === 'weight' && system === 'imperial')
          expect(Math.abs(Number(edited) - Number(value))).toBeLessThanOrEqual(23)
        // So are prices to the cent of a foot.
        else if (kind.startsWith('price') && system === 'imperial')
          // Half a cent of a gallon is 132 of a cubic meter.
          expect(Math.abs(Number(edited) - Number(value))).toBeLessThanOrEqual(
            kind === 'price by volume' ? 133 : 6,
          )
        else expect(edited).toBe(value)
        expect(shownText(kind, edited, studio)).toBe(shownText(kind, value, studio))
        if (kind !== 'length' || system === 'imperial')
          expect(read(shownText(kind, value, studio))).toEqual(edited)
      }),
    ),
  )
})
