import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Point } from '../../../kernel/geometry/polygon.js'
import { published } from '../../../testing/published.js'
import { DOOR_CLEAR_MM, layCarpet, LEAST_STRIP_MM } from './carpet.js'
import { turned, type FloorDoor } from './floorPlan.js'

const rect = (w: number, h: number): Point[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
]
/** A room with its lower right corner cut out. */
const ell = (w: number, h: number, cutW: number, cutH: number): Point[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h - cutH },
  { x: w - cutW, y: h - cutH },
  { x: w - cutW, y: h },
  { x: 0, y: h },
]
/** A door in the left wall, its threshold down the sheet. */
const leftDoor = (atMm: number, wideMm = 800): FloorDoor => ({
  name: 'Door',
  from: { x: 0, y: atMm },
  to: { x: 0, y: atMm + wideMm },
})

describe('whole widths of a roll, published', () => {
  interface Way {
    readonly drops: number
    readonly rollLength: number
    readonly seams: number
  }
  test.each(
    published<Record<string, number>, { runAlongSide1: Way; runAlongSide2: Way; best: string }>(
      'takeoff.carpet.0',
    ),
  )('$id $title', ({ input, expected }) => {
    const unit = 'side1_ft' in input ? 304.8 : 1000
    const [one, two, roll, trim] = ['side1', 'side2', 'rollWidth', 'trim'].map(
      (name) => unit * (input[`${name}_ft`] ?? input[`${name}_m`] ?? 0),
    ) as [number, number, number, number]
    const lay = (isTurned: boolean) => layCarpet(turned(rect(one, two), [], isTurned).outline, [], roll, trim)
    const [along1, along2] = [lay(false), lay(true)]
    for (const [got, way] of [
      [along1, expected.runAlongSide1],
      [along2, expected.runAlongSide2],
    ] as const) {
      expect([got.drops, got.seams]).toEqual([way.drops, way.seams])
      expect(got.rollLengthMm / unit).toBeCloseTo(way.rollLength, 4)
    }
    expect(along1.rollLengthMm <= along2.rollLengthMm ? 'side1' : 'side2').toBe(expected.best)
  })
})

describe('where the seams lie', () => {
  const floors = fc.record({
    w: fc.integer({ min: 2500, max: 8000 }),
    h: fc.integer({ min: 2500, max: 8000 }),
    roll: fc.constantFrom(3660, 4000, 4570, 5000),
    cut: fc.double({ min: 0, max: 0.6, noNaN: true }),
    door: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  const roomOf = ({ w, h, cut, door }: { w: number; h: number; cut: number; door: number }) => ({
    outline: cut < 0.1 ? rect(w, h) : ell(w, h, w * cut, h * cut),
    doors: [leftDoor(door * (h - 800))],
  })
  test('a seam that would run into the door is moved beside it', () => {
    // Two widths of 4 m over 6 m: with the first whole the seam lies at 4 m, in the middle of the door.
    const plan = layCarpet(rect(5000, 6000), [leftDoor(3600)], 4000, 150)
    expect(plan.seams).toBe(1)
    expect(plan.inDoors).toEqual([])
    expect(plan.clearMm).toBeGreaterThanOrEqual(1000)
    expect(plan.rollLengthMm).toBe(2 * 5150)
  })
  test('a seam right before a door that lies along it is moved off, too', () => {
    const before: FloorDoor = { name: 'Hall', from: { x: 2000, y: 6000 }, to: { x: 2900, y: 6000 } }
    const plan = layCarpet(rect(5000, 6000), [before], 5900, 150)
    expect(plan.clearMm).toBeGreaterThanOrEqual(DOOR_CLEAR_MM)
    expect(Math.min(...plan.strips.map((s) => s.toMm - s.fromMm))).toBeGreaterThanOrEqual(LEAST_STRIP_MM)
  })
  test('where no place is free it says which door is met', () => {
    const all: FloorDoor = { name: 'Folding doors', from: { x: 0, y: 500 }, to: { x: 0, y: 5500 } }
    expect(layCarpet(rect(5000, 6000), [all], 4000, 150).inDoors).toEqual(['Folding doors'])
  })
  test('a short arm takes a short strip', () => {
    // 6 × 6 m less a corner of 3 × 2: 4 m over the whole length, 2 m over the half.
    expect(layCarpet(ell(6000, 6000, 3000, 2000), [], 4000, 100).rollLengthMm).toBe(6000 + 3000 + 2 * 100)
  })
  test('seams are laid into the corners of the floor, to the millimeter, where the strips beyond them are shorter', () => {
    // Three widths of 4 m over 8 016: only with a seam within 10 mm are both arms of 3 m cut from short strips.
    const cross = [
      [0, 0],
      [3000, 0],
      [3000, 2013],
      [6000, 2013],
      [6000, 6003],
      [3000, 6003],
      [3000, 8016],
      [0, 8016],
    ].map(([x = 0, y = 0]) => ({ x, y }))
    const plan = layCarpet(cross, [], 4000, 100)
    expect(plan.strips.map((s) => s.lengthMm)).toEqual([3000, 6000, 3000])
  })
  test('the strips cover the floor side by side, none is wider than the roll, and no way of cutting is longer than the box round it', () => {
    fc.assert(
      fc.property(floors, (f) => {
        const { outline, doors } = roomOf(f)
        const plan = layCarpet(outline, doors, f.roll, 100)
        expect(plan.strips[0]?.fromMm).toBe(0)
        expect(plan.strips.at(-1)?.toMm).toBe(f.h)
        plan.strips.forEach((s, i) => {
          expect(s.toMm - s.fromMm).toBeLessThanOrEqual(f.roll + 1e-6)
          expect(s.fromMm).toBe(plan.strips[i - 1]?.toMm ?? 0)
        })
        const covered = plan.strips.reduce((sum, s) => sum + s.lengthMm * (s.toMm - s.fromMm), 0)
        expect(covered).toBeGreaterThanOrEqual(plan.areaMm2 - 1)
        expect(plan.rollLengthMm).toBeLessThanOrEqual(Math.ceil(f.h / f.roll - 1e-9) * (f.w + 100) + 1e-6)
      }),
    )
  })
  test('the floor in a mirror, upside down or walked the other way is laid alike', () => {
    fc.assert(
      fc.property(floors, (f) => {
        const { outline, doors } = roomOf(f)
        const plan = layCarpet(outline, doors, f.roll, 100)
        const turns: ((p: Point) => Point)[] = [
          ({ x, y }) => ({ x: f.w - x, y }),
          ({ x, y }) => ({ x, y: f.h - y }),
          ({ x, y }) => ({ x: x + 1234, y: y - 321 }),
        ]
        for (const turn of turns) {
          const other = layCarpet(
            outline.map(turn).reverse(),
            doors.map((d) => ({ ...d, from: turn(d.to), to: turn(d.from) })),
            f.roll,
            100,
          )
          expect(other.seams).toBe(plan.seams)
          expect(other.inDoors).toEqual(plan.inDoors)
          expect(other.rollLengthMm).toBeCloseTo(plan.rollLengthMm, 3)
          const clear = (mm: number | undefined) => Math.min(1000, mm ?? 1000)
          expect(clear(other.clearMm)).toBeCloseTo(clear(plan.clearMm), 3)
        }
      }),
    )
  })
})
