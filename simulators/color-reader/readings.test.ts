import { expect, test } from 'vitest'
import { colorReadings } from './readings.js'

test('a thousand readings of one sample scatter by ΔE 0.3, and a seed repeats itself', () => {
  const read = colorReadings(7)
  const list = Array.from({ length: 1000 }, () => read('lamp brass'))
  const mean = [0, 1, 2].map((k) => list.reduce((sum, r) => sum + r[k]!, 0) / list.length)
  const off = list.map((r) => Math.hypot(...r.map((v, k) => v - mean[k]!)))
  expect(off.reduce((sum, d) => sum + d, 0) / off.length).toBeCloseTo(0.3, 1)
  expect(mean[0]).toBeCloseTo(58.5, 1)
  expect(colorReadings(3)('piano lid')).toEqual(colorReadings(3)('piano lid'))
})
