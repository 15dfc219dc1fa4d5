import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { parseMoney } from '../money/parseMoney.js'
import { addDays } from './days.js'
import { formatterOf, plainFormatter, type Formatter } from './formatter.js'
import { readLength, type UnitSystem } from './length.js'
import { readDay } from './readDay.js'
import { readWeight } from './weight.js'

const SYSTEMS: readonly UnitSystem[] = ['metric', 'imperial']
const COUNTRIES = [
  ['en-IE', 'EUR'],
  ['en-US', 'USD'],
  ['de-DE', 'EUR'],
  ['hu-HU', 'HUF'],
  ['fr-CH', 'CHF'],
] as const

const all = SYSTEMS.flatMap((system) =>
  COUNTRIES.map(
    ([locale, currency]) =>
      [`${system} ${locale} ${currency}`, formatterOf({ system, locale, currency })] as const,
  ),
)

describe.each(all)('%s: what is written can be typed', (_, says) => {
  test('lengths, to the millimeter or the sixteenth', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), (mm) => {
        const read = readLength(says.length(mm), { system: says.system, maxMm: 30_000 })
        expect(Math.abs(read - mm)).toBeLessThanOrEqual(says.system === 'metric' ? 0 : 25.4 / 32)
        // Written, read and written again it is the same.
        expect(says.length(read)).toBe(says.length(mm))
        expect(readLength(says.typed(read), { system: says.system, maxMm: 30_000 })).toBe(read)
      }),
    ))
  test('weights', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), (tens) => {
        const limits = { label: 'Weight', min: 0, max: 1_000_000 }
        const read = readWeight(says.weight(tens * 10), limits, says.system)
        expect(Math.abs(read - tens * 10)).toBeLessThanOrEqual(says.system === 'metric' ? 0 : 23)
        expect(says.weight(read)).toBe(says.weight(tens * 10))
      }),
    ))
  test('money', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100_000_000 }), (minor) => {
        expect(parseMoney(says.money(minor), says.currency)).toBe(minor)
        expect(parseMoney(says.moneyColumn(minor), says.currency)).toBe(minor)
      }),
    ))
  test('days', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3_000 }), (n) => {
        const day = addDays('2026-01-01', n)
        expect(readDay(says.day(day), says.locale, '2026-01-01', 'Day')).toBe(day)
      }),
    ))
})

describe('what is written', () => {
  const metric = plainFormatter('EUR')
  const feet = formatterOf({ system: 'imperial', locale: 'en-US', currency: 'USD' })
  const magyar = formatterOf({ system: 'metric', locale: 'hu-HU', currency: 'HUF' })
  // NIST Handbook 44, Appendix C: 1 ft = 304.8 mm, 1 sq ft = 92 903.04 mm², 1 lb = 453.592 37 g, 1 gal = 3.785 412 L.
  test.each<[string, (says: Formatter) => string, string, string]>([
    ['a length', (f) => f.length(762), '762 mm', `2' 6"`],
    ['a span', (f) => f.span(355.6, 457.2), '356 to 457 mm', `1' 2" to 1' 6"`],
    ['no sides', (f) => f.sides([]), '', ''],
    ['sides', (f) => f.sides([609.6, 304.8]), '610 × 305 mm', `2' 0" × 1' 0"`],
    ['several lengths', (f) => f.lengths([25.4, 50.8]), '25, 51 mm', `1", 2"`],
    ['a run of wall', (f) => f.run(3_657.6), '3.66 m', `12' 0"`],
    ['an area', (f) => f.area(9_290_304), '9.3 m²', '100 sq ft'],
    ['a small area', (f) => f.smallArea(64_516), '645 cm²', '100 sq in'],
    ['a volume', (f) => f.volume(28_316_846_592), '28.3 m³', '1,000 cu ft'],
    ['a weight', (f) => f.weight(4_535.9237), '4.54 kg', '10 lb'],
    ['liquid', (f) => f.liquid(7.570824), '7.6 L', '2.0 gal'],
    ['spreading', (f) => f.spread(12), '12 m²/L', '488.9 sq ft/gal'],
    ['light', (f) => f.light(1_499.6), '1,500 lx', '1,500 lx'],
    ['a share', (f) => f.percent(0.055), '5.5 %', '5.5 %'],
    ['nothing', (f) => f.number(-0.01, 1), '0.0', '0.0'],
    ['one', (f) => f.count(1, 'change'), '1 change', '1 change'],
    ['many', (f) => f.count(1_200, 'leaf', 'leaves'), '1,200 leaves', '1,200 leaves'],
    ['what is no day', (f) => f.day(''), '', ''],
    ['almost nothing', (f) => f.number(-0.0499, 1), '0.0', '0.0'],
    ['a little less than nothing', (f) => f.number(-0.06, 1), '-0.1', '-0.1'],
    ['a day of this year', (f) => f.day('2026-01-09', '2026-11-01'), '9 Jan', 'Jan 9'],
  ])('%s', (_, write, inMetric, inFeet) => {
    expect([write(metric), write(feet)]).toEqual([inMetric, inFeet])
  })
  test('decimals and days of another country', () => {
    expect([magyar.area(9_290_304), magyar.weight(4_540), magyar.day('2026-01-09', '2026-11-01')]).toEqual([
      '9,3 m²',
      '4,54 kg',
      'jan. 9.',
    ])
  })
  test('one studio has one formatter', () =>
    expect(plainFormatter('EUR')).toBe(formatterOf({ system: 'metric', locale: 'en-IE', currency: 'EUR' })))
})
