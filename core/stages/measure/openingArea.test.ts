import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { ProfilePart } from './ceilingHeight.js'
import { wallTakenMm2 } from './openingArea.js'

const box = (startMm: number, widthMm: number, sillMm: number, heightMm: number) => ({
  startMm,
  widthMm,
  sillMm,
  heightMm,
})
const level = (wallMm: number, heightMm: number): ProfilePart[] => [
  { fromMm: 0, toMm: wallMm, startHeightMm: heightMm, endHeightMm: heightMm },
]
const DOOR = box(500, 900, 0, 2_000)

describe('what openings take out of a wall of 4 m by 2.5 m', () => {
  test.each<[string, ReturnType<typeof box>[], number]>([
    ['nothing', [], 0],
    ['a door', [DOOR], 900 * 2_000],
    ['a window', [box(2_000, 1_200, 900, 1_400)], 1_200 * 1_400],
    ['both', [DOOR, box(2_000, 1_200, 900, 1_400)], 900 * 2_000 + 1_200 * 1_400],
    ['a door in a glazed screen counts once', [box(0, 3_000, 0, 2_400), DOOR], 3_000 * 2_400],
    ['a fanlight over the door', [DOOR, box(500, 900, 2_000, 400)], 900 * 2_400],
    ['two that overlap by a half', [box(0, 1_000, 0, 1_000), box(500, 1_000, 0, 1_000)], 1_500 * 1_000],
    ['what reaches past the end of the wall is cut off there', [box(3_500, 1_000, 0, 2_000)], 500 * 2_000],
    ['what reaches past the ceiling is cut off there', [box(0, 1_000, 2_000, 1_000)], 1_000 * 500],
    ['what begins past the end takes nothing', [box(4_000, 1_000, 0, 2_000)], 0],
  ])('%s', (_what, openings, mm2) =>
    expect(wallTakenMm2(openings, 4_000, level(4_000, 2_500), 0, 2_500)).toBeCloseTo(mm2, 3),
  )
})

test('between two heights, as under a rail: only what lies there', () => {
  const taken = (low: number, high: number) => wallTakenMm2([DOOR], 4_000, level(4_000, 2_500), low, high)
  expect(taken(0, 900)).toBeCloseTo(900 * 900, 3)
  expect(taken(900, 2_500)).toBeCloseTo(900 * 1_100, 3)
  expect(taken(2_000, 2_500)).toBe(0)
})

test('under a slope the corner that rises above the ceiling line is not taken', () => {
  // The ceiling climbs from 1 m to 3 m over 4 m; a window of 1 m by 1 m at 1.5 m lies half under the line at 1 to 2 m.
  const slope = [{ fromMm: 0, toMm: 4_000, startHeightMm: 1_000, endHeightMm: 3_000 }]
  expect(wallTakenMm2([box(1_000, 1_000, 1_500, 1_000)], 4_000, slope, 0, 3_000)).toBeCloseTo(250_000, 3)
})

test('it is the union: as a fine raster counts it, and never more than each opening for itself', () => {
  const some = fc.record({
    startMm: fc.nat(3_900),
    widthMm: fc.integer({ min: 50, max: 2_000 }),
    sillMm: fc.nat(2_000),
    heightMm: fc.integer({ min: 50, max: 2_400 }),
  })
  const heights = fc.tuple(fc.integer({ min: 1_800, max: 3_000 }), fc.integer({ min: 1_800, max: 3_000 }))
  fc.assert(
    fc.property(fc.array(some, { maxLength: 5 }), heights, (openings, [a, b]) => {
      const profile = [{ fromMm: 0, toMm: 4_000, startHeightMm: a, endHeightMm: b }]
      const taken = wallTakenMm2(openings, 4_000, profile, 0, 3_000)
      const each = openings.reduce((sum, o) => sum + wallTakenMm2([o], 4_000, profile, 0, 3_000), 0)
      expect(taken).toBeLessThanOrEqual(each + 1e-3)
      const step = 20
      let counted = 0
      for (let x = step / 2; x < 4_000; x += step)
        for (let y = step / 2; y < 3_000; y += step)
          if (
            y < a + ((b - a) * x) / 4_000 &&
            openings.some(
              (o) => x > o.startMm && x < o.startMm + o.widthMm && y > o.sillMm && y < o.sillMm + o.heightMm,
            )
          )
            counted += step * step
      // A raster is off by at most a cell along every edge.
      expect(Math.abs(taken - counted)).toBeLessThan(openings.length * 9_000 * step + 1)
    }),
    { numRuns: 40 },
  )
})
