import { describe, expect, test } from 'vitest'
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
