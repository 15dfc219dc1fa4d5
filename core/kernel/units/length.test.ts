import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { roundMm, sumMm } from './mm.js'
import { addDays, daysBetween, dayText } from './days.js'
import { drawingText, inchesText, lengthText, measuredText, mmText, readLength } from './length.js'

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
    [`12' 4 1/2"`, 3771.9],
    [`12'4½"`, 3771.9],
    ['12 ft 4 in', 3759.2],
    ['12′ 4″', 3759.2],
    ['148 in', 3759.2],
    ["12'", 3657.6],
    ['4 yd', 3657.6],
    [`12'-4"`, 3759.2],
  ])('%s in a room is %d mm', (text, mm) => expect(readLength(text, ROOM)).toBe(mm))
  test.each([
    ['35 1/2', 901.7],
    [`6'6`, 1981.2],
    ['72', 1828.8],
    ['33', 838.2],
    ["6'", 1828.8],
    ['6', 1828.8],
  ])('%s in an imperial studio is %d mm', (text, mm) =>
    expect(readLength(text, { ...ROOM, system: 'imperial' })).toBe(mm),
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
  ])('"%s" is refused', (text, why) => expect(() => readLength(text, ROOM)).toThrow(why))
})

describe('printing a length', () => {
  test('nearest sixteenth as published', () => {
    const [check] = published<{ mm: number[] }, { text: string[] }>('geometry.units.fraction')
    expect(check!.input.mm.map(inchesText)).toEqual(check!.expected.text)
  })
  test.each([
    [3759, '3\u2009759 mm', `12' 4"`],
    [305, '305 mm', `1' 0"`],
    [304.8, '305 mm', `1' 0"`],
    [2438.4, '2\u2009438 mm', `8' 0"`],
    [25.4 / 64, '0 mm', '1/64"'],
    [100, '100 mm', '3 15/16"'],
    [13, '13 mm', '1/2"'],
    [0, '0 mm', '0"'],
  ])('%d mm reads %s and %s', (mm, metric, imperial) => {
    expect(lengthText(mm)).toBe(metric)
    expect(lengthText(mm, 'imperial')).toBe(imperial)
  })
  test('metric reads back exactly, imperial to the nearest sixteenth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30_000 }), (mm) => {
        expect(readLength(lengthText(mm))).toBe(mm)
        expect(readLength(mmText(mm))).toBe(mm)
        expect(Math.abs(readLength(lengthText(mm, 'imperial')) - mm)).toBeLessThanOrEqual(25.4 / 32 + 0.001)
      }),
    )
  })
  test('what is typed to the sixty-fourth is kept, printed and added up as typed', () => {
    const bottom = fc.constantFrom(1, 2, 4, 8, 16, 32, 64)
    const typed = fc.record({ feet: fc.nat(40), inches: fc.nat(11), top: fc.nat(63), bottom }).map((t) => ({
      ...t,
      top: t.top % t.bottom,
    }))
    fc.assert(
      fc.property(fc.array(typed, { minLength: 1, maxLength: 30 }), (lengths) => {
        const texts = lengths.map((t) => `${t.feet}' ${t.inches}${t.top > 0 ? ` ${t.top}/${t.bottom}` : ''}"`)
        const mm = texts.map((text) => readLength(text, { system: 'imperial', maxMm: 50_000 }))
        const of64 = lengths.map((t) => (t.feet * 12 + t.inches) * 64 + (t.top * 64) / t.bottom)
        // Read, printed and read again it is the same number, and the sum is the sum of what was typed.
        mm.forEach((one) => expect(readLength(lengthText(one, 'imperial'), { maxMm: 50_000 })).toBe(one))
        const sum = of64.reduce((a, b) => a + b, 0)
        expect(sumMm(mm)).toBe(roundMm((sum * 25.4) / 64))
        expect(lengthText(sumMm(mm), 'imperial')).toBe(lengthText((sum * 25.4) / 64, 'imperial'))
        expect(sumMm([...mm, ...mm.map((one) => -one)])).toBe(0)
      }),
      { numRuns: 2_000 },
    )
    expect(lengthText(sumMm([`14' 3"`, `11' 9"`].map((t) => readLength(t))), 'imperial')).toBe(`26' 0"`)
  })
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

describe('a length that was computed', () => {
  test.each([
    [914, 'metric', '914', '914 mm'],
    [2440.4, 'metric', '2\u2009440', '2\u2009440 mm'],
    [914.4, 'imperial', `3' 0"`, `3' 0"`],
    [450, 'imperial', `1' 5 11/16"`, `1' 5 11/16"`],
    [12, 'imperial', '1/2"', '1/2"'],
    [-310, 'imperial', `−1' 3/16"`, `−1' 3/16"`],
  ] as const)('%s mm, %s', (mm, system, drawn, measured) => {
    expect([drawingText(mm, system), measuredText(mm, system)]).toEqual([drawn, measured])
  })
  test('is never more than half a sixteenth of an inch off, and can be typed', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 20_000, noNaN: true }), (mm) => {
        const read = readLength(drawingText(mm, 'imperial'), { system: 'imperial', minMm: 0, maxMm: 30_000 })
        expect(Math.abs(read - mm)).toBeLessThanOrEqual(25.4 / 32 + 1e-6)
      }),
    ))
})
