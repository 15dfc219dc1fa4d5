import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { InputError } from '../errors/InputError.js'
import { published } from '../../testing/published.js'
import {
  chroma,
  deltaE00,
  hexToLab,
  hueDeg,
  hueDistance,
  hueTurn,
  labToHex,
  lrv,
  inScreenGamut,
  parseColor,
  type LabD65,
} from './lab.js'

const lab = ([l, a, b]: readonly number[]): LabD65 => ({ l: l!, a: a!, b: b! })
const anyLab = fc.record({
  l: fc.double({ min: 0, max: 100, noNaN: true }),
  a: fc.double({ min: -100, max: 100, noNaN: true }),
  b: fc.double({ min: -100, max: 100, noNaN: true }),
})

describe('CIEDE2000', () => {
  // Sharma, Wu & Dalal 2005, table 1.
  test.each(published<{ lab1: number[]; lab2: number[] }, { deltaE2000: number }>('color.ciede2000.'))(
    '$id $title',
    ({ input, expected }) => {
      expect(Math.abs(deltaE00(lab(input.lab1), lab(input.lab2)) - expected.deltaE2000)).toBeLessThanOrEqual(
        1e-4,
      )
    },
  )

  test('is symmetric, zero for equals and never negative', () => {
    fc.assert(
      fc.property(anyLab, anyLab, (one, two) => {
        const d = deltaE00(one, two)
        expect(d).toBeGreaterThanOrEqual(0)
        expect(d).toBeCloseTo(deltaE00(two, one), 9)
        expect(deltaE00(one, one)).toBe(0)
      }),
    )
  })

  test('refuses what is not a color', () => {
    expect(() => deltaE00({ l: NaN, a: 0, b: 0 }, { l: 0, a: 0, b: 0 })).toThrow(InputError)
  })
})

describe('sRGB and Lab, D65', () => {
  // CSS Color 4 named colors; Lab by two libraries.
  test.each(
    published<{ hex: string }, { labD65: number[] }>('color.css-lab').filter(
      (e) => e.id !== 'color.css-lab.all-others',
    ),
  )('$id $title', ({ input, expected }) => {
    const got = hexToLab(input.hex)
    expect(got.l).toBeCloseTo(expected.labD65[0]!, 1)
    expect(got.a).toBeCloseTo(expected.labD65[1]!, 1)
    expect(got.b).toBeCloseTo(expected.labD65[2]!, 1)
  })

  test('the rest of the named colors', () => {
    const [check] = published<{ hex: Record<string, string> }, { labD65: Record<string, number[]> }>(
      'color.css-lab.all-others',
    )
    const names = Object.entries(check!.expected.labD65)
    expect(names.length).toBeGreaterThan(100)
    for (const [name, [l, a, b]] of names) {
      const got = hexToLab(check!.input.hex[name]!)
      expect(Math.max(Math.abs(got.l - l!), Math.abs(got.a - a!), Math.abs(got.b - b!)), name).toBeLessThan(
        0.02,
      )
    }
  })

  test('a hex color survives the way to Lab and back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
        const hex = `#${n.toString(16).padStart(6, '0')}`
        expect(labToHex(hexToLab(hex))).toBe(hex)
      }),
    )
  })
})

test('light reflectance value is Y', () => {
  const [check] = published<{ hex: string[] }, { lrv: number[] }>('color.lrv.01')
  check!.input.hex.forEach((hex, i) =>
    expect(Math.abs(lrv(hexToLab(hex)) - check!.expected.lrv[i]!)).toBeLessThanOrEqual(0.03),
  )
})

test('hue turns by the shorter way', () => {
  const [check] = published<{ pairs: [number, number][] }, { difference: number[] }>('color.hue.01')
  check!.input.pairs.forEach(([one, two], i) =>
    expect(Math.abs(hueTurn(two, one))).toBeCloseTo(Math.abs(check!.expected.difference[i]!), 9),
  )
  expect(hueTurn(350, 10)).toBe(20)
  expect(hueTurn(10, 350)).toBe(-20)
})

test('ΔE76² is made of lightness, chroma and hue', () => {
  // CIE 15: ΔE² = ΔL² + ΔC² + ΔH²
  fc.assert(
    fc.property(anyLab, anyLab, (one, two) => {
      const whole = (one.l - two.l) ** 2 + (one.a - two.a) ** 2 + (one.b - two.b) ** 2
      const parts = (one.l - two.l) ** 2 + (chroma(one) - chroma(two)) ** 2 + hueDistance(one, two) ** 2
      expect(parts).toBeCloseTo(whole, 5)
      expect(hueDeg(one)).toBeLessThan(360)
    }),
  )
})

test.each([
  ['#8b4513', 37.468],
  ['8b4513', 37.468],
  ['37.5 26.4 41', 37.5],
  ['lab 37.5, 26.4, -41', 37.5],
  ['saddlebrown', 37.468],
  [' SaddleBrown ', 37.468],
  // CSS Color 4: three digits are each doubled.
  ['#fff', 100],
  ['000', 0],
])('a color is read from %s', (text, l) => expect(parseColor(text).l).toBeCloseTo(l, 2))

test('what a screen cannot show is told; what it can comes back', () => {
  // The primaries lie on the border of sRGB; the same hue at more chroma lies outside it.
  for (const hex of ['#ff0000', '#00ff00', '#0000ff', '#ffffff', '#000000', '#8a5536'])
    expect(inScreenGamut(hexToLab(hex)), hex).toBe(true)
  fc.assert(
    fc.property(anyLab, (lab) => {
      const shown = hexToLab(labToHex(lab))
      expect(inScreenGamut(shown)).toBe(true)
      // Inside, clipping moves nothing but what eight bits round off.
      if (inScreenGamut(lab)) expect(deltaE00(lab, shown)).toBeLessThan(1)
    }),
  )
  const { l, a, b } = hexToLab('#ff0000')
  expect(inScreenGamut({ l, a: a * 1.2, b: b * 1.2 })).toBe(false)
})

test.each(['', 'rouge', '#12', '#12345g', '120 0 0', '50 200 0', '1 2', 'x'.repeat(10_000)])(
  '"%s" is refused with a way to fix it',
  (text) => {
    expect(() => parseColor(text)).toThrow(/Write six|runs from/)
  },
)
