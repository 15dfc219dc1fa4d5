import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { boxOf } from '../../kernel/geometry/box.js'
import { ex, example } from '../../examples/plan/example.js'
import { freeRectangles, largestRound, placesFor } from './freeFloor.js'
import { insideRoom } from './insideRoom.js'
import { chosenRug, rugAdvice } from './rug.js'

const AXIS = boxOf(0, 0, 1, 1, 0)
const outline = (points: readonly (readonly [number, number])[]) => ({
  corners: points.map(([x, y]) => ({ x, y })),
})
/** A rectangle with a closet taken out of its upper right corner. */
const withCloset = (w: number, d: number, cw: number, cd: number) =>
  outline([
    [0, 0],
    [w - cw, 0],
    [w - cw, cd],
    [w, cd],
    [w, d],
    [0, d],
  ])
const sides = (b: { halfW: number; halfD: number }) => [Math.round(2 * b.halfW), Math.round(2 * b.halfD)]

describe('C007 a foyer with a closet in its corner', () => {
  const floor = withCloset(2400, 1800, 700, 900)
  const free = freeRectangles(floor, AXIS)
  test('two rectangles are free, and the box round the floor is neither', () => {
    expect(free.map(sides)).toEqual([
      [1700, 1800],
      [2400, 900],
    ])
  })
  test('of three stock rugs only the smallest lies, either way round', () => {
    const lies = (a: number, b: number) =>
      [
        [a, b],
        [b, a],
      ].some(([w = 0, d = 0]) => placesFor(free, w, d, { x: 1200, y: 900 }, 0).length > 0)
    expect([lies(1524, 2134), lies(1219, 1829), lies(914, 1524)]).toEqual([false, false, true])
  })
  test('a round one is freer than the rectangle', () => {
    const round = largestRound(floor)!
    expect(round.diameterMm).toBeGreaterThan(1650)
    expect(round.diameterMm).toBeLessThanOrEqual(1800)
  })
})

describe('free rectangles of any floor with a closet', () => {
  const rooms = fc.record({
    w: fc.integer({ min: 2000, max: 7000 }),
    d: fc.integer({ min: 2000, max: 7000 }),
    cw: fc.integer({ min: 200, max: 1500 }),
    cd: fc.integer({ min: 200, max: 1500 }),
  })
  test('are the two that arithmetic gives, and whatever is laid in one lies flat', () => {
    fc.assert(
      fc.property(rooms, fc.double({ min: 0, max: 1, noNaN: true }), ({ w, d, cw, cd }, part) => {
        const floor = withCloset(w, d, cw, cd)
        const free = freeRectangles(floor, AXIS)
        expect(free.map(sides).sort()).toEqual(
          [
            [w - cw, d],
            [w, d - cd],
          ].sort(),
        )
        for (const r of free) {
          const [rw, rd] = [2 * r.halfW * (0.3 + 0.7 * part), 2 * r.halfD * (0.3 + 0.7 * part)]
          for (const place of placesFor(free, rw, rd, { x: w / 2, y: d / 2 }, 100))
            expect(insideRoom({ ...place, halfW: place.halfW - 1, halfD: place.halfD - 1 }, floor)).toBe(true)
        }
      }),
    )
  })
  test('a wall that runs through a rug is seen, though none of its corners lies in it', () => {
    // A thin screen wall stands 3 m into the room; a rug of 2 m by 1 m would lie across it.
    const floor = outline([
      [0, 0],
      [2450, 0],
      [2450, 3000],
      [2550, 3000],
      [2550, 0],
      [5000, 0],
      [5000, 4000],
      [0, 4000],
    ])
    expect(insideRoom(boxOf(2500, 1500, 2000, 1000, 0), floor)).toBe(false)
    expect(insideRoom(boxOf(2500, 3520, 2000, 900, 0), floor)).toBe(true)
    // Along it is not through it.
    expect(insideRoom(boxOf(1450, 1500, 2000, 1000, 0), floor)).toBe(true)
  })
})

test('a rug is laid where it lies although a closet is in the way of the middle', () => {
  const job = example({
    size: [4600, 4000],
    openings: [],
    pieces: [ex('sofa', 'Sofa', { at: [1500, 3500], turn: 180, widthMm: 1900, depthMm: 900 })],
  })
  const room = { ...job.room, ...withCloset(4600, 4000, 1500, 1800) }
  const all = rugAdvice({
    seats: job.seats,
    room,
    borderMm: 200,
    sizes: [{ name: 'large', shortMm: 2300, longMm: 3000 }],
  })
  expect(all.length).toBeGreaterThan(0)
  expect(all.every((a) => a.liesFlat)).toBe(true)
})

describe('C033 both sizes put every front leg on', () => {
  const facts = example({
    size: [4200, 5000],
    openings: [],
    pieces: [
      ex('sofa', 'Sofa', { at: [2100, 650], widthMm: 2000, depthMm: 900 }),
      ex('armchair', 'Chair', { at: [2100, 3900], turn: 180, widthMm: 800, depthMm: 800 }),
    ],
  })
  const sizes = [
    { name: '8 × 10 ft', shortMm: 2438, longMm: 3048 },
    { name: '9 × 12 ft', shortMm: 2743, longMm: 3658 },
  ]
  const all = rugAdvice({ seats: facts.seats, room: facts.room, borderMm: 200, sizes })
  const serves = all.filter((a) => a.verdict === 'front legs' || a.verdict === 'all legs')
  test('both qualify; the school of the largest takes the larger, that of the smallest the smaller', () => {
    expect(new Set(serves.map((a) => a.size.name))).toEqual(new Set(['8 × 10 ft', '9 × 12 ft']))
    expect(chosenRug(all, 'largest that leaves the border', 200)?.size.name).toBe('9 × 12 ft')
    expect(chosenRug(all, 'smallest that puts front legs on', 200)?.size.name).toBe('8 × 10 ft')
    const large = serves.find((a) => a.size.name === '9 × 12 ft' && 2 * a.box.halfW < 3000)!
    expect(large.bordersMm[1]).toBeCloseTo(729, -1)
  })
})
