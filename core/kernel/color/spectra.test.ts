import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { adapt, adaptingLuminance, degreeOfAdaptation, type AdaptationMethod } from './adaptation.js'
import { deltaE00, hexToLab } from './lab.js'
import { recoverReflectance, WHITE_D65 } from './reflectance.js'
import { allSeenUnder, seenUnder } from './seenUnder.js'
import {
  blackBody,
  cctOf,
  chromaticity,
  daylight,
  daylightChromaticity,
  illuminantA,
  led,
  LED_CCTS,
  mixLights,
  tristimulus,
  WAVELENGTHS_NM,
  type ObserverDeg,
  type Spectrum,
  type Xyz,
} from './spectra.js'
import { labOfXyz, xyzOfLab } from './xyz.js'

const lightNamed = (name: string): Spectrum | undefined =>
  name === 'A'
    ? illuminantA()
    : name === 'E'
      ? new Float64Array(81).fill(1)
      : name.startsWith('D')
        ? daylight(Number(name.slice(1)) * 100 * (1.4388 / 1.438))
        : undefined
const within = (got: readonly number[], wanted: readonly number[], tolerance: number) =>
  got.forEach((v, i) => expect(Math.abs(v - (wanted[i] ?? NaN))).toBeLessThanOrEqual(tolerance))

// CIE 15 and ASTM E308. F2 and F11 are left out: no room here is lit by fluorescent tubes.
describe('illuminants', () => {
  test.each(
    [
      ...published<{ illuminant: string; observer: string }, { xy: number[]; XYZ: number[] }>(
        'color.illuminant.',
      ),
      ...published<{ illuminant: string; observer: string }, { xy: number[]; XYZ: number[] }>(
        'color.illuminant10.',
      ),
    ].filter((e) => !e.input.illuminant.startsWith('F')),
  )('$id $title', ({ input, expected, tolerance }) => {
    const limits = tolerance as Record<string, number>
    const white = tristimulus(lightNamed(input.illuminant)!, undefined, Number(input.observer) as ObserverDeg)
    within(chromaticity(white), expected.xy, limits.xy!)
    within(white, expected.XYZ, limits.XYZ!)
  })

  test.each(published<{ cct: number }, { x: number; y: number }>('color.daylight.'))(
    '$id $title',
    ({ input, expected }) => {
      within(daylightChromaticity(input.cct), [expected.x, expected.y], 0.0002)
      // The spectrum built from the locus has the chromaticity of the locus.
      within(chromaticity(tristimulus(daylight(input.cct))), [expected.x, expected.y], 0.0004)
    },
  )
  test.each(published<{ cct: number }, { x: number; y: number }>('color.planckian.'))(
    '$id $title',
    ({ input, expected }) =>
      within(chromaticity(tristimulus(blackBody(input.cct))), [expected.x, expected.y], 0.0007),
  )
  test.each(published<{ x: number; y: number }, { cct: number }>('color.cct.').filter((e) => 'x' in e.input))(
    '$id $title',
    ({ input, expected }) =>
      expect(Math.abs(cctOf([input.x, input.y]) - expected.cct)).toBeLessThanOrEqual(0.5),
  )
  test('LED types have their nominal chromaticity (ANSI C78.377) and no negative power', () => {
    const [check] = published<{ nominalCct: number[] }, { xy: number[][] }>('color.cct.ansi')
    for (const cct of LED_CCTS) {
      const light = led(cct)
      within(
        chromaticity(tristimulus(light)),
        check!.expected.xy[check!.input.nominalCct.indexOf(cct)]!,
        0.0005,
      )
      expect(Math.min(...light)).toBeGreaterThanOrEqual(0)
    }
  })
  test('half of each light by luminance lies between the two', () => {
    const mixed = mixLights([
      { light: illuminantA(), share: 0.5 },
      { light: daylight(6504), share: 0.5 },
    ])
    const cct = cctOf(chromaticity(tristimulus(mixed)))
    expect(cct).toBeGreaterThan(2856)
    expect(cct).toBeLessThan(6504)
    within(tristimulus(mixLights([{ light: illuminantA(), share: 1 }])), tristimulus(illuminantA()), 1e-9)
  })
  test('daylight under 4000 K is refused', () => expect(() => daylight(3000)).toThrow(/4000 K to 25000 K/))
})

// Reflectances given by formula, integrated by Argyll CMS 2.3.1 (spec2cie), an independent general color package.
const REFLECTANCES: readonly ((nm: number) => number)[] = [
  (nm) => 0.1 + (0.7 * (nm - 380)) / 400,
  (nm) => 0.15 + 0.6 * Math.exp(-(((nm - 550) / 50) ** 2)),
  (nm) => 0.8 - 0.6 * Math.exp(-(((nm - 500) / 60) ** 2)),
  (nm) => 0.08 + 0.75 / (1 + Math.exp(-(nm - 600) / 12)),
  () => 0.3,
]
const ARGYLL: Readonly<Record<string, readonly Xyz[]>> = {
  'A 2': [
    [52.4157, 43.6404, 8.66478],
    [41.9942, 51.2913, 7.64992],
    [78.253, 59.407, 15.2203],
    [50.2172, 28.5368, 2.86666],
    [32.9548, 30, 10.6772],
  ],
  'A 10': [
    [52.4304, 43.1654, 8.33382],
    [44.1889, 50.359, 7.11426],
    [78.1978, 58.4481, 15.7042],
    [48.4043, 28.1113, 2.81911],
    [33.3429, 30, 10.5618],
  ],
  'D65 2': [
    [40.5686, 40.9365, 25.2912],
    [37.161, 53.9546, 21.0832],
    [62.7255, 52.6198, 50.2934],
    [33.0691, 21.3228, 8.72818],
    [28.5141, 30, 32.6649],
  ],
  'D65 10': [
    [39.9072, 39.9443, 24.3347],
    [38.3468, 51.8072, 19.9169],
    [61.7974, 51.0818, 51.5285],
    [31.0967, 20.5169, 8.58834],
    [28.4433, 30, 32.1914],
  ],
  'D50 2': [
    [42.7636, 41.573, 19.4607],
    [38.0114, 53.607, 16.4158],
    [65.0501, 54.1397, 37.0945],
    [36.6024, 22.8772, 6.61892],
    [28.9273, 30, 24.7537],
  ],
  'D50 10': [
    [42.3374, 40.7357, 18.742],
    [39.5434, 51.8429, 15.4613],
    [64.383, 52.7166, 38.0706],
    [34.689, 22.1611, 6.51683],
    [29.0164, 30, 24.4244],
  ],
}

describe('known reflectances under A, D65 and D50, beside a second library', () => {
  test.each(Object.entries(ARGYLL))('illuminant and observer %s', (name, wanted) => {
    const [illuminant = '', deg = ''] = name.split(' ')
    const light = lightNamed(illuminant)!
    REFLECTANCES.forEach((r, i) => {
      const got = tristimulus(light, Float64Array.from(WAVELENGTHS_NM, r), Number(deg) as ObserverDeg)
      const white = tristimulus(light, undefined, Number(deg) as ObserverDeg)
      // The packages interpolate their tables differently; what the eye could see of it is far below 1.
      expect(deltaE00(labOfXyz(got, white), labOfXyz(wanted[i]!, white))).toBeLessThan(0.12)
      within(got, wanted[i]!, 0.1)
    })
  })
})

describe('adaptation', () => {
  // Bradford (ICC), CAT02 (CIE 159:2004), CAT16 (Li et al. 2017).
  test.each(
    published<
      {
        method: AdaptationMethod
        whiteFrom: number[]
        whiteTo: number[]
        degreeOfAdaptation: number
        xyz: number[]
      },
      { matrix: number[][]; xyz: number[] }
    >('color.adaptation.'),
  )('$id $title', ({ input, expected }) => {
    const to = (v: number[]) => v as unknown as Xyz
    const run = (v: Xyz) =>
      adapt(v, to(input.whiteFrom), to(input.whiteTo), input.degreeOfAdaptation, input.method)
    within(run(to(input.xyz)), expected.xyz, 2e-6)
    const columns = (
      [
        [1, 0, 0],
        [0, 1, 0],
        [0, 0, 1],
      ] as const
    ).map(run)
    expected.matrix.forEach((row, r) =>
      within(
        columns.map((c) => c[r]!),
        row,
        2e-6,
      ),
    )
  })
  test('an eye that does not adapt sees what is there, one that does sees white as white', () => {
    const white = tristimulus(illuminantA())
    within(adapt([30, 25, 18], white, WHITE_D65, 0), [30, 25, 18], 1e-9)
    within(adapt(white, white, WHITE_D65, 1), WHITE_D65, 1e-9)
  })
  test('adaptation grows with light and is never complete in a dim room', () => {
    expect(degreeOfAdaptation(adaptingLuminance(50))).toBeLessThan(degreeOfAdaptation(adaptingLuminance(500)))
    expect(degreeOfAdaptation(adaptingLuminance(50))).toBeLessThan(0.9)
    // CIECAM02 worked value: L_A = 318.31 cd/m² gives D = 0.9942 (CIE 159:2004, from memory).
    expect(degreeOfAdaptation(318.31)).toBeCloseTo(0.9942, 3)
  })
})

describe('reflectance recovered from color', () => {
  const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)
  test('has the color it was recovered from, between 0 and 1', () => {
    fc.assert(
      fc.property(hex, (color) => {
        const lab = hexToLab(color)
        const { spectrum, missedBy } = recoverReflectance(lab)
        expect(Math.min(...spectrum)).toBeGreaterThanOrEqual(0)
        expect(Math.max(...spectrum)).toBeLessThanOrEqual(1)
        expect(missedBy).toBeLessThan(0.05)
        expect(deltaE00(seenUnder(lab, { spectrum: daylight(6504), degree: 1 }), lab)).toBeLessThan(
          missedBy + 0.05,
        )
      }),
      { numRuns: 200 },
    )
  })
  test('under lamps, not fully adapted, a cool grey turns warmer', () => {
    const grey = hexToLab('#a4acb4')
    const lamp = { spectrum: led(2700), degree: degreeOfAdaptation(adaptingLuminance(150)) }
    expect(seenUnder(grey, lamp).b).toBeGreaterThan(grey.b + 3)
    expect(allSeenUnder([grey], lamp)).toEqual([seenUnder(grey, lamp)])
  })
  test('XYZ and Lab turn into each other', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: -80, max: 80, noNaN: true }),
        fc.double({ min: -80, max: 80, noNaN: true }),
        (l, a, b) => {
          const back = labOfXyz(xyzOfLab({ l, a, b }, WHITE_D65), WHITE_D65)
          within([back.l, back.a, back.b], [l, a, b], 1e-7)
        },
      ),
    )
  })
})
