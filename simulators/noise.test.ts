import { expect, test } from 'vitest'
import { laserReadings } from './noise.js'

test('reads with 1.5 mm of noise around the true length, and the same again from the same seed', () => {
  const read = laserReadings(7)
  const all = Array.from({ length: 4000 }, () => read(3920))
  const mean = all.reduce((sum, mm) => sum + mm, 0) / all.length
  const sigma = Math.sqrt(all.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / all.length)
  expect(mean).toBeCloseTo(3920, 0)
  expect(sigma).toBeGreaterThan(1.4)
  expect(sigma).toBeLessThan(1.6)
  const again = laserReadings(7)
  expect(all.slice(0, 20)).toEqual(Array.from({ length: 20 }, () => again(3920)))
})
