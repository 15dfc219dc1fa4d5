import { describe, expect, test } from 'vitest'
import { hexToLab } from '../../kernel/color/lab.js'
import { seenUnder } from '../../kernel/color/seenUnder.js'
import { emptyJob, pieceWith } from '../../examples/emptyJob.js'
import { lampsOf, lightOf } from '../../job/lightOf.js'
import { lampSpectrum, roomLight, type LightConditions } from './roomLight.js'
import { cctOf, chromaticity, tristimulus } from '../../kernel/color/spectra.js'

const west: LightConditions = {
  sun: { altitudeDeg: 20, azimuthDeg: 265 },
  windows: [{ facesDeg: 270, areaMm2: 3e6 }],
  floorMm2: 18e6,
  sky: 'clear',
  lamps: [],
}
describe('light in a room', () => {
  test('a west window is blue in the morning and warm when the sun comes round', () => {
    const morning = roomLight({ ...west, sun: { altitudeDeg: 20, azimuthDeg: 95 } })
    const evening = roomLight(west)
    expect(morning.sunIn).toBe(false)
    expect(evening.sunIn).toBe(true)
    expect(morning.cct).toBeGreaterThan(7500)
    expect(evening.cct).toBeLessThan(5600)
    expect(evening.lux).toBeGreaterThan(morning.lux)
  })
  test('an overcast sky has one color wherever the window looks', () => {
    const of = (facesDeg: number) =>
      roomLight({ ...west, sky: 'overcast', windows: [{ facesDeg, areaMm2: 3e6 }] }).cct
    expect(of(0)).toBeCloseTo(of(200), 6)
    expect(of(0)).toBeGreaterThan(6000)
  })
  test('after dark only the lamps are left, and the eye adapts less', () => {
    const night = roomLight({ ...west, sun: { altitudeDeg: -20, azimuthDeg: 300 }, lamps: ['LED, 2 700 K'] })
    expect(night.lampPart).toBe(1)
    expect(night.cct).toBeGreaterThan(2600)
    expect(night.cct).toBeLessThan(2850)
    expect(night.degree).toBeLessThan(roomLight(west).degree)
    const dark = roomLight({ ...west, sun: { altitudeDeg: -20, azimuthDeg: 300 } })
    expect(dark.lux).toBe(0)
    expect(Number.isFinite(dark.cct)).toBe(true)
  })
  test.each([
    ['filament, 2 856 K', 2856],
    ['LED, 4 000 K', 3985],
  ] as const)('%s has its color temperature', (type, cct) => {
    // McCamy's cubic is good to some tens of kelvin here.
    expect(Math.abs(cctOf(chromaticity(tristimulus(lampSpectrum(type)))) - cct)).toBeLessThan(40)
  })
  test('a cool grey turns warmer from morning to lamp', () => {
    const grey = hexToLab('#a4acb4')
    const b = [
      roomLight({ ...west, sun: { altitudeDeg: 20, azimuthDeg: 95 } }),
      roomLight(west),
      roomLight({ ...west, sun: { altitudeDeg: -20, azimuthDeg: 300 }, lamps: ['LED, 2 700 K'] }),
    ].map((l) => seenUnder(grey, l).b)
    expect(b[0]!).toBeLessThan(b[1]!)
    expect(b[1]!).toBeLessThan(b[2]!)
  })
})

test('a job without a lamp, a place on earth or a window still has a light to look by', () => {
  const job = emptyJob({
    pieces: [
      pieceWith({ id: 'l', kind: 'lamp', lampType: 'LED, 3 000 K' }),
      pieceWith({ id: 'old', kind: 'lamp', lampType: 'filament, 2 856 K', verdict: 'let go' }),
    ],
  })
  expect(lampsOf(job)).toEqual(['LED, 3 000 K'])
  const light = lightOf(job, undefined, { hour: 20, dayOfYear: 80, sky: 'clear', lampsOn: true })
  expect(light.lux).toBe(150)
  expect(lightOf(emptyJob(), undefined, { hour: 20, dayOfYear: 80, sky: 'clear', lampsOn: false }).lux).toBe(
    0,
  )
})
