import { polygonArea } from 'd3'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { signedArea, triangulate } from '../../kernel/geometry/polygon.js'
import { published } from '../../testing/published.js'
import { someRoom, wallsOf } from '../../examples/rooms.js'
import { closeRun, closingToleranceMm, compassRule, cornerAngleDeg } from './closure.js'

interface Legs {
  legs: { length: number; bearing_deg: number }[]
}
interface Adjusted {
  misclosureX: number
  misclosureY: number
  linear: number
  ratioOneIn: number
  adjusted: [number, number][]
  adjustedArea: number
}

const steps = (legs: Legs['legs']) =>
  legs.map(({ length, bearing_deg }) => ({
    x: length * Math.sin((bearing_deg * Math.PI) / 180),
    y: length * Math.cos((bearing_deg * Math.PI) / 180),
  }))

describe('the compass rule', () => {
  test.each(published<Legs, Adjusted>('geometry.misclosure.').filter((e) => 'legs' in e.input))(
    '$id $title ($source)',
    ({ input, expected }) => {
      const raw = steps(input.legs)
      const gap = raw.reduce((sum, s) => ({ x: sum.x + s.x, y: sum.y + s.y }), { x: 0, y: 0 })
      expect(gap.x).toBeCloseTo(expected.misclosureX, 4)
      expect(gap.y).toBeCloseTo(expected.misclosureY, 4)
      expect(Math.hypot(gap.x, gap.y)).toBeCloseTo(expected.linear, 4)
      const run = input.legs.reduce((sum, l) => sum + l.length, 0)
      expect(run / Math.hypot(gap.x, gap.y)).toBeCloseTo(expected.ratioOneIn, 0)
      let at = { x: 0, y: 0 }
      const corners = compassRule(raw).map((s) => (at = { x: at.x + s.x, y: at.y + s.y }))
      corners.forEach((c, i) => {
        expect(c.x).toBeCloseTo(expected.adjusted[i]![0], 3)
        expect(c.y).toBeCloseTo(expected.adjusted[i]![1], 3)
      })
      expect(Math.abs(signedArea(corners))).toBeCloseTo(expected.adjustedArea, 2)
    },
  )

  // Ghilani & Wolf, Elementary Surveying, the five-sided traverse of the chapter on traverse computations: preliminary
  // azimuths and lengths in feet, balanced departures and latitudes by the compass rule. Written from memory; the
  // lengths, the misclosure of 0.02 and 0.08 ft and the perimeter of 2 466 ft agree with each other.
  test('the textbook traverse of five sides', () => {
    const dms = (d: number, m: number, s: number) => d + m / 60 + s / 3600
    const raw = steps([
      { length: 647.25, bearing_deg: dms(126, 55, 17) },
      { length: 203.03, bearing_deg: dms(178, 18, 58) },
      { length: 720.35, bearing_deg: dms(15, 31, 54) },
      { length: 610.24, bearing_deg: dms(284, 35, 20) },
      { length: 285.13, bearing_deg: dms(206, 9, 41) },
    ])
    const sum = raw.reduce((s, v) => ({ x: s.x + v.x, y: s.y + v.y }), { x: 0, y: 0 })
    expect(sum.x).toBeCloseTo(0.02, 1)
    expect(sum.y).toBeCloseTo(0.08, 1)
    const balanced = compassRule(raw)
    const told = [
      [517.444, -388.835],
      [5.962, -202.949],
      [192.882, 694.022],
      [-590.571, 153.689],
      [-125.718, -255.928],
    ]
    balanced.forEach((s, i) => {
      expect(Math.abs(s.x - told[i]![0]!)).toBeLessThan(0.01)
      expect(Math.abs(s.y - told[i]![1]!)).toBeLessThan(0.01)
    })
  })
})

test.each(
  published<{ wallA_mm: number; wallB_mm: number; diagonal_mm: number }, { angle_deg: number }>(
    'geometry.corner-angle.',
  ),
)('$id $title ($source)', ({ input, expected }) => {
  expect(cornerAngleDeg(input.wallA_mm, input.wallB_mm, input.diagonal_mm)).toBeCloseTo(expected.angle_deg, 3)
})

test('three lengths that form no triangle have no corner', () => {
  expect(cornerAngleDeg(1000, 1000, 2500)).toBeUndefined()
})

describe('a room', () => {
  test('nothing, one wall, two walls: nothing to close', () => {
    expect(closeRun([]).state).toBe('empty')
    expect(closeRun(wallsOf([[4000, 90]])).state).toBe('open')
    expect(
      closeRun(
        wallsOf([
          [4000, 90],
          [3000, 90],
          [4000, 90],
        ]),
      ).run.stillToTurnDeg,
    ).toBe(90)
  })
  test('a small error is spread, each wall by its length, and the corrections say so', () => {
    const closure = closeRun(
      wallsOf([
        [4000, 90],
        [3000, 90],
        [3990, 90],
        [3000, 90],
      ]),
    )
    expect(closure).toMatchObject({ state: 'closed', toleranceMm: 35 })
    expect(closure.run.gap.x).toBe(-10)
    expect(closure.run.gap.y).toBeCloseTo(0, 9)
    // 10 mm over 13 990: the two long walls take 10 × 4000/13990 and 10 × 3990/13990 along their length.
    const [north, east, south, west] = closure.corrections
    expect(north!.correctedMm).toBeCloseTo(4000 - (10 * 4000) / 13_990, 2)
    expect(south!.correctedMm).toBeCloseTo(3990 + (10 * 3990) / 13_990, 2)
    expect(east!.correctedMm).toBeCloseTo(3000, 1)
    expect(east!.turnedDeg + west!.turnedDeg).toBeCloseTo(0, 9)
  })
  test('beyond tolerance it is a gap', () => {
    expect(
      closeRun(
        wallsOf([
          [4000, 90],
          [3000, 90],
          [3900, 90],
          [3000, 90],
        ]),
      ).state,
    ).toBe('gap')
    expect(closingToleranceMm(2000)).toBe(15)
    expect(closingToleranceMm(20_000)).toBe(50)
  })
  test('corners read to a fraction of a degree are balanced first', () => {
    const closure = closeRun(
      wallsOf([
        [4000, 90.2],
        [3000, 89.9],
        [4000, 90.1],
        [3000, 90.1],
      ]),
    )
    expect(closure.state).toBe('closed')
    expect(closure.run.stillToTurnDeg).toBe(0)
    expect(closure.run.gapMm).toBeLessThan(15)
  })
  test('an outline that cuts through itself is not a room', () => {
    // A chimney breast entered deeper than the room.
    const bow = wallsOf([
      [4000, 90],
      [3000, 90],
      [1500, 90],
      [3500, -90],
      [1000, -90],
      [3500, 90],
      [1500, 90],
      [3000, 90],
    ])
    expect(closeRun(bow)).toMatchObject({ state: 'crossed', crossed: [0, 3] })
  })
  test('a diagonal across a corner tells the corner', () => {
    const [check] = closeRun(
      wallsOf([
        [4200, 90],
        [3600, 90],
        [4200, 90],
        [3600, 90],
      ]),
      [{ id: 'd', fromWallId: 'w0', toWallId: 'w2', lengthMm: 5532 }],
    ).diagonals
    expect(check).toMatchObject({ agrees: true, corner: { wallId: 'w0', turnDeg: 90 } })
    expect(check!.computedMm).toBeCloseTo(5531.727, 3)
  })
})

describe('1,000 random rooms', () => {
  const run = { numRuns: 1000 }
  test('close, and their area is that of the sides they are made of, of their triangles and of another library', () => {
    fc.assert(
      fc.property(someRoom, ({ walls, areaMm2 }) => {
        const closure = closeRun(walls)
        expect(closure.state).toBe('closed')
        expect(closure.run.sense).toBe('right')
        const area = signedArea(closure.corners)
        expect(area).toBeGreaterThan(0)
        // A rounded cant moves two corners by half a millimeter at most: well under a square decimeter in all.
        expect(Math.abs(area - areaMm2)).toBeLessThan(20_000)
        const triangles = triangulate(closure.corners).reduce((sum, t) => sum + Math.abs(signedArea(t)), 0)
        expect(Math.abs(triangles - area)).toBeLessThan(1)
        expect(Math.abs(Math.abs(polygonArea(closure.corners.map((p) => [p.x, p.y]))) - area)).toBeLessThan(1)
      }),
      run,
    )
  })
  test('begun at another wall, or walked the other way about, they keep their area', () => {
    fc.assert(
      fc.property(someRoom, fc.nat(30), ({ walls }, start) => {
        const area = Math.abs(signedArea(closeRun(walls).corners))
        const k = start % walls.length
        const turned = [...walls.slice(k), ...walls.slice(0, k)]
        expect(Math.abs(Math.abs(signedArea(closeRun(turned).corners)) - area)).toBeLessThan(1)
        const mirrored = walls.map((w) => ({ ...w, turnDeg: -w.turnDeg }))
        const left = closeRun(mirrored)
        expect(left.run.sense).toBe('left')
        expect(Math.abs(signedArea(left.corners) + area)).toBeLessThan(1)
      }),
      run,
    )
  })
})
