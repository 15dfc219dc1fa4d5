import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { addDays, daysBetween, dayText } from './days.js'
import {
  volumeText,
  areaText,
  lengthText,
  mmText,
  parseLength,
  readLength,
  sixteenthsText,
} from './length.js'

const ROOM = { minMm: 500, maxMm: 30_000, label: 'Length' }

describe('reading a length', () => {
  test('feet and inches as published', () => {
    const [check] = published<{ text: string[] }, { mm: number[] }>('geometry.units.parse')
    check!.input.text.forEach((text, i) => expect(readLength(text)).toBeCloseTo(check!.expected.mm[i]!, 3))
  })
  test('the units as defined', () => {
    const [check] = published<{ values: { v: number; unit: string }[] }, { mm: number[] }>(
      'geometry.units.length',
    )
    check!.input.values.forEach(({ v, unit }, i) =>
      expect(readLength(`${v} ${unit}`)).toBeCloseTo(check!.expected.mm[i]!, 6),
    )
  })
  test.each([
    ['3.76 m', 3760],
    ['3,76m', 3760],
    ['376', 3760],
    ['3.76', 3760],
    ['3760 mm', 3760],
    ['3760', 3760],
    ['3 760', 3760],
    ['376 cm', 3760],
    [`12' 4 1/2"`, 3772],
    [`12'4½"`, 3772],
    ['12 ft 4 in', 3759],
    ['12′ 4″', 3759],
    ['148 in', 3759],
    ["12'", 3658],
    ['4 yd', 3658],
    [`12'-4"`, 3759],
  ])('%s in a room is %i mm', (text, mm) => expect(parseLength(text, ROOM)).toBe(mm))
  test.each([
    ['35 1/2', 902],
    [`6'6`, 1981],
    ['72', 1829],
    ['33', 838],
    ["6'", 1829],
    ['6', 1829],
  ])('%s in an imperial studio is %i mm', (text, mm) =>
    expect(parseLength(text, { ...ROOM, system: 'imperial' })).toBe(mm),
  )

  test.each([
    ['', /Length is empty/],
    ['abc', /not a length/],
    ['-3', /negative/],
    ['3..4', /not a length/],
    ['1e5', /not a length/],
    ['5 km', /not a length/],
    ['40 m', /between 500 mm and 30\u2009000 mm/],
    ['1/0 in', /not a length/],
    ['9'.repeat(10_000), /not a length/],
    ['12 13', /not a length/],
  ])('"%s" is refused', (text, why) => expect(() => parseLength(text, ROOM)).toThrow(why))
})

describe('printing a length', () => {
  test('nearest sixteenth as published', () => {
    const [check] = published<{ mm: number[] }, { text: string[] }>('geometry.units.fraction')
    expect(check!.input.mm.map(sixteenthsText)).toEqual(check!.expected.text)
  })
  test.each([
    [3759, '3\u2009759 mm', `12' 4"`],
    [305, '305 mm', `1'`],
    [13, '13 mm', '1/2"'],
    [0, '0 mm', '0"'],
  ])('%i mm reads %s and %s', (mm, metric, imperial) => {
    expect(lengthText(mm)).toBe(metric)
    expect(lengthText(mm, 'imperial')).toBe(imperial)
  })
  test('metric reads back exactly, imperial to the nearest sixteenth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30_000 }), (mm) => {
        expect(parseLength(lengthText(mm))).toBe(mm)
        expect(parseLength(mmText(mm))).toBe(mm)
        expect(Math.abs(readLength(lengthText(mm, 'imperial')) - mm)).toBeLessThanOrEqual(25.4 / 32 + 0.001)
      }),
    )
  })
  test('volumes', () =>
    expect([volumeText(51_819_264_000), volumeText(28_316_846_592, 'imperial')]).toEqual([
      '51.8 m³',
      '1000 cu ft',
    ]))
  test('areas', () =>
    expect([areaText(47_800_000), areaText(92_903_040, 'imperial')]).toEqual(['47.8 m²', '1000 sq ft']))
})

test('days pass months, years and summer time', () => {
  expect([addDays('2026-12-30', 3), addDays('2028-02-28', 1), addDays('2026-03-28', 2)]).toEqual([
    '2027-01-02',
    '2028-02-29',
    '2026-03-30',
  ])
  expect(daysBetween('2026-11-23', '2026-12-31')).toBe(38)
  expect([dayText('2026-11-27', '2026-11-23'), dayText('2027-01-09', '2026-11-23')]).toEqual([
    '27 Nov',
    '9 Jan 2027',
  ])
  fc.assert(
    fc.property(fc.integer({ min: -4000, max: 4000 }), (n) => {
      expect(daysBetween('2026-11-23', addDays('2026-11-23', n))).toBe(n)
    }),
  )
})
