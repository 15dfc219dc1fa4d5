import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import {
  distanceToSegment,
  perimeter,
  selfCrossing,
  signedArea,
  splitConvex,
  triangulate,
  unit,
  whereIs,
  type Point,
} from './polygon.js'

// The published outlines are told with y up and in meters; the plan has y down, so a counter-clockwise one there is
// positive here once it is turned over.
const outline = (points: [number, number][]): Point[] =>
  points.map(([x, y]) => ({ x: x * 1000, y: -y * 1000 }))

interface Expected {
  signedArea: number
  area: number
  perimeter: number
}

describe('published outlines', () => {
  test.each(
    published<{ points: [number, number][] }, Expected>('geometry.polygon.').filter(
      (e) => e.expected.perimeter,
    ),
  )('$id $title ($source)', ({ input, expected }) => {
    const corners = outline(input.points)
    expect(-signedArea(corners) / 1e6).toBeCloseTo(expected.signedArea, 5)
    expect(perimeter(corners) / 1e3).toBeCloseTo(expected.perimeter, 4)
    const triangles = triangulate(corners)
    expect(triangles.reduce((sum, t) => sum + Math.abs(signedArea(t)), 0) / 1e6).toBeCloseTo(expected.area, 5)
    expect(selfCrossing(corners)).toBeUndefined()
  })

  test.each(
    published<{ points: [number, number][] }, { crossing: [number, number] }>(
      'geometry.polygon.self-crossing',
    ),
  )('$id: a self-crossing outline is refused, with the place', ({ input, expected }) => {
    const found = selfCrossing(outline(input.points))!
    expect([found.at.x / 1e3, -found.at.y / 1e3]).toEqual(expected.crossing)
  })

  test.each(
    published<{ points: [number, number][]; polygon: [number, number][] }, { where: string[] }>(
      'geometry.point-in-polygon.',
    ),
  )('$id $title', ({ input, expected }) => {
    expect(outline(input.points).map((p) => whereIs(p, outline(input.polygon)))).toEqual(expected.where)
  })

  test.each(
    published<{ point: [number, number]; a: [number, number]; b: [number, number] }, { distance: number }>(
      'geometry.point-segment.',
    ),
  )('$id $title', ({ input, expected }) => {
    const [p, a, b] = outline([input.point, input.a, input.b])
    expect(distanceToSegment(p!, a!, b!) / 1e3).toBeCloseTo(expected.distance, 5)
  })
})

test('quarter turns are exact', () => {
  expect([0, 90, 180, 270, 360, -90].map(unit)).toEqual([
    { x: 1, y: 0 },
    { x: 0, y: 1 },
    { x: -1, y: 0 },
    { x: 0, y: -1 },
    { x: 1, y: 0 },
    { x: 0, y: -1 },
  ])
})

test('an edge parts a square into what lies on either side of it', () => {
  const square = [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 4 },
    { x: 0, y: 4 },
  ]
  const { on, off } = splitConvex(square, { normal: { x: 1, y: 0 }, offset: 1 })
  expect([signedArea(on), signedArea(off)]).toEqual([12, 4])
  expect(splitConvex(square, { normal: { x: 0, y: 0 }, offset: 0 })).toEqual({ on: square, off: [] })
  expect(splitConvex(square, { normal: { x: 1, y: 0 }, offset: 9 }).on).toEqual([])
})
