import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import {
  boxBounds,
  boxCorners,
  boxDepth,
  boxGap,
  boxOf,
  boxOverlap,
  clipConvex,
  freeAhead,
  fromBox,
  inBox,
  pointToBox,
  type Box,
} from './box.js'
import {
  longestRod,
  longestRound,
  passesHole,
  raisingHeight,
  spaceDiagonal,
  spareHole,
  spareRound,
  sweptArea,
} from './carry.js'
import { distanceToSegment, signedArea, type Point } from './polygon.js'

interface Turned {
  cx: number
  cy: number
  w: number
  h: number
  angle_deg: number
}
// The published rectangles are turned counterclockwise with y up; with y down that is clockwise.
const boxFrom = (r: Turned) => boxOf(r.cx, r.cy, r.w, r.h, r.angle_deg)

describe('turned rectangles', () => {
  test.each(
    published<{ a: Turned; b: Turned }, { overlapArea: number; overlaps: boolean; gap: number }>(
      'geometry.rectangles.0',
    ),
  )('$id $title', ({ input, expected }) => {
    const [a, b] = [boxFrom(input.a), boxFrom(input.b)]
    expect(boxOverlap(a, b)).toBeCloseTo(expected.overlapArea, 3)
    expect(boxDepth(a, b) > 0).toBe(expected.overlaps)
    expect(Math.abs(boxGap(a, b) - expected.gap)).toBeLessThan(0.0002)
  })
  test('corners and bounds', () => {
    const [check] = published<{ rect: Turned }, { corners: number[][]; boundingBox: number[] }>(
      'geometry.rectangles.corners',
    )
    const box = boxFrom(check!.input.rect)
    const { halfX, halfY } = boxBounds(box)
    expect(2 * halfX).toBeCloseTo(check!.expected.boundingBox[0]!, 4)
    expect(2 * halfY).toBeCloseTo(check!.expected.boundingBox[1]!, 4)
    boxCorners(box).forEach((p, i) => {
      expect(p.x).toBeCloseTo(check!.expected.corners[i]![0]!, 4)
      expect(p.y).toBeCloseTo(check!.expected.corners[i]![1]!, 4)
    })
  })
  test.each(
    published<{ point: number[]; a: number[]; b: number[] }, { distance: number }>('geometry.point-segment'),
  )('$id', ({ input, expected }) => {
    const at = ([x = 0, y = 0]: number[]) => ({ x, y })
    expect(distanceToSegment(at(input.point), at(input.a), at(input.b))).toBeCloseTo(expected.distance, 5)
  })

  const someBox = fc
    .record({
      x: fc.integer({ min: -3000, max: 3000 }),
      y: fc.integer({ min: -3000, max: 3000 }),
      w: fc.integer({ min: 1, max: 3000 }),
      d: fc.integer({ min: 1, max: 3000 }),
      t: fc.integer({ min: 0, max: 359 }),
    })
    .map((b) => boxOf(b.x, b.y, b.w, b.d, b.t))
  test('two boxes overlap exactly when their common part has an area, and are apart exactly when there is a gap', () => {
    fc.assert(
      fc.property(someBox, someBox, (a, b) => {
        const shared = clipConvex(boxCorners(a), boxCorners(b))
        const area = shared.length > 2 ? Math.abs(signedArea(shared)) : 0
        if (area > 1) expect(boxDepth(a, b)).toBeGreaterThan(0)
        if (boxDepth(a, b) > 1e-3) expect(area).toBeGreaterThan(0)
        expect(boxGap(a, b)).toBeCloseTo(boxGap(b, a), 6)
        if (boxGap(a, b) > 1e-6) expect(area).toBeLessThan(1e-3)
      }),
    )
  })
  test('a point goes into the axes of a box and back', () => {
    fc.assert(
      fc.property(
        someBox,
        fc.integer({ min: -5000, max: 5000 }),
        fc.integer({ min: -5000, max: 5000 }),
        (b, x, y) => {
          const back = fromBox(b, inBox(b, { x, y }))
          expect(back.x).toBeCloseTo(x, 6)
          expect(back.y).toBeCloseTo(y, 6)
          expect(pointToBox(b, { x: b.x, y: b.y })).toBe(0)
        },
      ),
    )
  })
  test('free ahead of a side is the distance a box can be pushed before it touches', () => {
    fc.assert(
      fc.property(
        someBox,
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 1, max: 4000 }),
        (b, turn, push) => {
          const from: Box = boxOf(b.x, b.y, b.halfW * 2, 10, turn)
          const ahead = { x: -from.uy, y: from.ux }
          const other = boxOf(b.x + ahead.x * (push + 5), b.y + ahead.y * (push + 5), 900, 700, turn + 30)
          const [origin, along]: [Point, Point] = [fromBox(from, { x: 0, y: 5 }), { x: from.ux, y: from.uy }]
          const free = freeAhead(boxCorners(other), origin, along, ahead, -from.halfW, from.halfW)
          if (!Number.isFinite(free) || free < 1) return
          const moved = (by: number) => ({ ...from, x: from.x + ahead.x * by, y: from.y + ahead.y * by })
          expect(boxDepth(moved(free - 0.5), other)).toBe(0)
          expect(boxDepth(moved(free + 0.5), other)).toBeGreaterThan(0)
        },
      ),
    )
  })
})

describe('carrying', () => {
  test.each(published<{ a: number; b: number }, { length: number }>('geometry.corridor.thin'))(
    '$id $title',
    ({ input, expected }) => {
      expect(Math.abs(longestRod(input.a, input.b) - expected.length)).toBeLessThan(0.0002)
      expect(longestRound(input.a, input.b, 0)).toBeCloseTo(expected.length, 3)
    },
  )
  test.each(published<{ a: number; b: number; width: number }, { length: number }>('geometry.corridor.rect'))(
    '$id $title',
    ({ input, expected }) => {
      expect(Math.abs(longestRound(input.a, input.b, input.width) - expected.length)).toBeLessThan(0.0005)
      expect(spareRound(input.a, input.b, expected.length - 0.01, input.width)).toBeGreaterThan(0)
      if (expected.length > Math.max(input.a, input.b))
        expect(spareRound(input.a, input.b, expected.length + 0.01, input.width)).toBeLessThan(0)
    },
  )
  test.each(
    published<
      { height: number; depth: number; ceiling: number },
      { diagonal: number; canTiltUp: boolean; spare: number }
    >('geometry.tilt.0'),
  )('$id $title', ({ input, expected }) => {
    const need = raisingHeight(input.height, input.depth)
    expect(need).toBeCloseTo(expected.diagonal, 2)
    expect(need <= input.ceiling).toBe(expected.canTiltUp)
    expect(input.ceiling - need).toBeCloseTo(expected.spare, 2)
  })
  test('tallest piece that can be tilted up', () => {
    const [check] = published<{ ceiling: number[]; depth: number[] }, { maxHeight: number[] }>(
      'geometry.tilt.max',
    )
    check!.input.ceiling.forEach((c, i) =>
      expect(raisingHeight(check!.expected.maxHeight[i]!, check!.input.depth[i]!)).toBeCloseTo(c, 2),
    )
  })
  test.each(
    published<{ length: number; width: number; height: number }, { diagonal: number }>('geometry.lift'),
  )('$id', ({ input, expected }) => {
    expect(spaceDiagonal(input.length, input.width, input.height)).toBeCloseTo(expected.diagonal, 2)
  })
  test.each(
    published<{ door: [number, number]; section: [number, number] }, { passes: boolean }>('geometry.doorway'),
  )('$id $title', ({ input, expected }) => {
    // The published check carries the section straight; no tilt saves these.
    expect(passesHole(...input.section, ...input.door)).toBe(expected.passes)
  })
  test('a tilted rectangle that passes is really inside its hole at some angle, and one that does not is at none', () => {
    const side = fc.integer({ min: 50, max: 3000 })
    fc.assert(
      fc.property(side, side, side, side, (p, q, a, b) => {
        const spare = spareHole(p, q, a, b)
        if (Math.abs(spare) < 0.5) return
        let fits = false
        for (let t = 0; t <= 900 && !fits; t++) {
          const r = (t / 900) * (Math.PI / 2)
          const [w, h] = [p * Math.cos(r) + q * Math.sin(r), p * Math.sin(r) + q * Math.cos(r)]
          fits = w <= a + 1e-9 && h <= b + 1e-9
        }
        // A thousandth of a turn can miss a fit of less than a few millimeters.
        if (spare > 6) expect(fits).toBe(true)
        if (fits) expect(spare).toBeGreaterThan(-0.5)
      }),
      { numRuns: 500 },
    )
  })
  test.each(published<{ leaf_mm: number; angle_deg: number }, { sweptArea_m2: number }>('room.door.swing'))(
    '$id',
    ({ input, expected }) => {
      expect(sweptArea(input.leaf_mm, input.angle_deg) / 1e6).toBeCloseTo(expected.sweptArea_m2, 4)
    },
  )
})
