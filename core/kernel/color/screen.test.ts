import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { adapt } from './adaptation.js'
import { inScreenGamut, labToHex } from './lab.js'
import { blackBody, chromaticity, mixLights, tristimulus, type Xyz } from './spectra.js'
import { labOfXyz, xyzOfLab } from './xyz.js'

// White of D65 and D50 for the 2 degree observer (CIE 15).
const D65: Xyz = [0.95047, 1, 1.08883]
const D50: Xyz = [0.96422, 1, 0.82521]

describe('what the screen shows', () => {
  test.each(published<{ linear: number[] }, { codes: number[] }>('color.srgb-transfer.02'))(
    '$title',
    ({ input, expected }) => {
      const codes = input.linear.map((v) => {
        const hex = labToHex(labOfXyz([D65[0] * v, v, D65[2] * v], D65))
        return Number.parseInt(hex.slice(3, 5), 16)
      })
      expect(codes).toEqual(expected.codes)
    },
  )
  test.each(
    published<{ labD50: [number, number, number] }, { inGamut: boolean; hex: string }>('color.lab-srgb'),
  )('$title', ({ input, expected }) => {
    const [l, a, b] = input.labD50
    const lab = labOfXyz(adapt(xyzOfLab({ l, a, b }, D50), D50, D65, 1, 'Bradford'), D65)
    expect(inScreenGamut(lab)).toBe(expected.inGamut)
    if (expected.inGamut) expect(labToHex(lab)).toBe(expected.hex)
  })
})

describe('light of a black body', () => {
  test.each(published<{ cct: number }, { x: number; y: number }>('color.planckian-spline'))(
    '$title',
    ({ input, expected }) => {
      // The spline is told to be good to about 0.0005; ours adds up Planck's law every ten nanometers.
      const [x, y] = chromaticity(tristimulus(blackBody(input.cct)))
      expect(Math.hypot(x - expected.x, y - expected.y)).toBeLessThan(0.001)
    },
  )
  test.each(published<{ sources_xyY: number[][] }, { x: number; y: number }>('lighting.mix'))(
    '$title',
    ({ expected }) => {
      // 2 700 K and 6 500 K, as much light of each.
      const [x, y] = chromaticity(
        tristimulus(mixLights([2700, 6500].map((k) => ({ light: blackBody(k), share: 0.5 })))),
      )
      expect(Math.hypot(x - expected.x, y - expected.y)).toBeLessThan(0.001)
    },
  )
})
