import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { wallsOf } from '../../examples/rooms.js'
import { layRun, turnToleranceDeg } from './wallRun.js'

const RECTANGLE = [
  [4_000, 90],
  [3_000, 90],
  [4_000, 90],
  [3_000, 90],
] as const

describe('walls laid one after another', () => {
  test('a rectangle closes', () => {
    const run = layRun(wallsOf(RECTANGLE))
    expect(run).toMatchObject({ turnDeg: 360, sense: 'right', stillToTurnDeg: 0, lengthMm: 14_000 })
    expect(run.gapMm).toBeCloseTo(0, 6)
    expect(run.legs.map((l) => l.headingDeg)).toEqual([0, 90, 180, 270])
  })
  test('walked the other way it is the same room, turned left', () => {
    const run = layRun(wallsOf(RECTANGLE.map(([mm, deg]) => [mm, -deg] as const)))
    expect(run).toMatchObject({ turnDeg: -360, sense: 'left', stillToTurnDeg: 0 })
    expect(run.gapMm).toBeCloseTo(0, 6)
  })
  test('a wall read short leaves a gap of what is missing, and points back to the beginning', () => {
    const run = layRun(
      wallsOf([
        [4_000, 90],
        [3_000, 90],
        [3_950, 90],
        [3_000, 90],
      ]),
    )
    expect(run.gapMm).toBeCloseTo(50, 6)
    expect(run.gap.x).toBeCloseTo(-50, 6)
    expect(run.gap.y).toBeCloseTo(0, 6)
  })
  test('half of a room says how far it still has to turn', () =>
    expect(layRun(wallsOf(RECTANGLE.slice(0, 2)))).toMatchObject({ stillToTurnDeg: 180, sense: 'right' }))
  test('corners that are read a little off are balanced, alike', () => {
    const run = layRun(
      wallsOf([
        [4_000, 90.4],
        [3_000, 89.9],
        [4_000, 90.3],
        [3_000, 90],
      ]),
    )
    expect(run.stillToTurnDeg).toBe(0)
    expect(run.legs.at(-1)!.headingDeg).toBeCloseTo(90.4 + 89.9 + 90.3 - 0.45, 6)
  })
  test('corners that are read far off are not', () =>
    expect(
      layRun(
        wallsOf([
          [4_000, 92],
          [3_000, 90],
          [4_000, 90],
          [3_000, 90],
        ]),
      ).stillToTurnDeg,
    ).toBe(2))
  test('no wall at all is a run of nothing', () =>
    expect(layRun([])).toMatchObject({ legs: [], lengthMm: 0, gapMm: 0, stillToTurnDeg: 360 }))
  test.each([
    [1, 0.5],
    [4, 1],
    [9, 1.5],
    [16, 2],
  ])('%d corners may miss %d degrees together', (walls, deg) => expect(turnToleranceDeg(walls)).toBe(deg))
})

test('every convex room that is walked from corner to corner closes, whichever corner is the first', () => {
  const angles = fc.uniqueArray(fc.integer({ min: 0, max: 359 }), { minLength: 3, maxLength: 9 })
  fc.assert(
    fc.property(angles, fc.integer({ min: 1_000, max: 6_000 }), fc.nat(8), (on, radius, first) => {
      const corners = [...on]
        .sort((a, b) => a - b)
        .map((deg) => ({
          x: radius * Math.cos((deg * Math.PI) / 180),
          y: radius * Math.sin((deg * Math.PI) / 180),
        }))
      const at = (n: number) => corners[(n + first) % corners.length]!
      const sides = corners.map((_c, n) => ({ dx: at(n + 1).x - at(n).x, dy: at(n + 1).y - at(n).y }))
      const heading = (n: number) => {
        const s = sides[n % sides.length]!
        return (Math.atan2(s.dy, s.dx) * 180) / Math.PI
      }
      const run = layRun(
        wallsOf(
          sides.map((s, n) => [Math.hypot(s.dx, s.dy), (heading(n + 1) - heading(n) + 720) % 360] as const),
        ),
      )
      expect(run.stillToTurnDeg).toBe(0)
      expect(run.gapMm).toBeLessThan(1e-6 * radius)
    }),
  )
})
