import fc from 'fast-check'
import { expect, test } from 'vitest'
import { openingFaults, roomAreas } from './roomAreas.js'
import type { Opening, Room } from './schema.js'

const room = (lengthMm: number, widthMm: number, heightMm: number, more: Partial<Room> = {}): Room => ({
  id: 'r',
  lengthMm,
  widthMm,
  heightMm,
  skirtingMm: 100,
  lowerWallMm: null,
  ...more,
})
const opening = (more: Partial<Opening>): Opening => ({
  id: 'o',
  wall: 'north',
  kind: 'window',
  name: '',
  startMm: 0,
  widthMm: 1000,
  heightMm: 1000,
  sillMm: 900,
  ...more,
})

test('walls of 4.2 × 3.6 × 2.5 m less a door and a window are 35.5 m² (common practice, a worked room)', () => {
  const areas = roomAreas(room(4200, 3600, 2500), [
    opening({ kind: 'door', wall: 'south', widthMm: 820, heightMm: 2040, sillMm: 0 }),
    opening({ widthMm: 1500, heightMm: 1200 }),
  ])!
  expect(areas.wallsNetMm2 / 1e6).toBeCloseTo(35.527, 3)
  expect(areas.floorMm2 / 1e6).toBe(15.12)
  expect(areas.skirtingMm).toBe(2 * (4200 + 3600) - 820)
  expect(areas.doorsMm2).toBe(820 * 2040)
})

test('nothing is computed before the room is measured', () => {
  expect(roomAreas({ ...room(1, 1, 1), heightMm: null }, [])).toBeUndefined()
})

test('a door inside a glazed screen is counted once', () => {
  const screen = opening({ startMm: 500, widthMm: 2000, heightMm: 2100, sillMm: 0 })
  const door = opening({ id: 'd', kind: 'door', startMm: 900, widthMm: 800, heightMm: 2100, sillMm: 0 })
  expect(roomAreas(room(4000, 3000, 2500), [screen, door])!.walls[0]!.openingsMm2).toBe(2000 * 2100)
})

test('the lower wall ends at its line and openings are taken from the part they are in', () => {
  const areas = roomAreas(room(4000, 3000, 2500, { lowerWallMm: 900 }), [
    opening({ sillMm: 420, widthMm: 1000, heightMm: 1000 }),
  ])!
  const north = areas.walls[0]!
  expect(north.lowerMm2).toBe(4000 * 900 - 1000 * 480)
  expect(north.upperMm2).toBe(4000 * 1600 - 1000 * 520)
})

const someOpenings = fc.array(
  fc.record({
    wall: fc.constantFrom('north' as const, 'east' as const, 'south' as const, 'west' as const),
    startMm: fc.nat(6000),
    widthMm: fc.integer({ min: 100, max: 3000 }),
    heightMm: fc.integer({ min: 100, max: 3000 }),
    sillMm: fc.nat(2500),
  }),
  { maxLength: 6 },
)

test('openings agree with counting cells of a grid', () => {
  // An independent count: every 100 mm cell of the wall is open when any opening covers it.
  fc.assert(
    fc.property(
      someOpenings,
      fc.integer({ min: 10, max: 50 }),
      fc.integer({ min: 15, max: 30 }),
      (list, l, h) => {
        const grid = list.map((o) =>
          opening({
            ...o,
            startMm: o.startMm - (o.startMm % 100),
            widthMm: Math.max(100, o.widthMm - (o.widthMm % 100)),
            heightMm: Math.max(100, o.heightMm - (o.heightMm % 100)),
            sillMm: o.sillMm - (o.sillMm % 100),
          }),
        )
        const areas = roomAreas(room(l * 100, 3000, h * 100), grid)!
        let open = 0
        for (let x = 0; x < l; x++)
          for (let y = 0; y < h; y++)
            if (
              grid.some(
                (o) =>
                  o.wall === 'north' &&
                  o.startMm <= x * 100 &&
                  o.startMm + o.widthMm >= (x + 1) * 100 &&
                  o.sillMm <= y * 100 &&
                  o.sillMm + o.heightMm >= (y + 1) * 100,
              )
            )
              open++
        expect(areas.walls[0]!.openingsMm2).toBe(open * 10_000)
      },
    ),
  )
})

test('parts add up, and a room turned by a quarter keeps its areas', () => {
  const turn = { north: 'east', east: 'south', south: 'west', west: 'north' } as const
  fc.assert(
    fc.property(
      someOpenings,
      fc.integer({ min: 500, max: 8000 }),
      fc.integer({ min: 500, max: 8000 }),
      fc.nat(3000),
      (list, l, w, line) => {
        const openings = list.map((o) => opening(o))
        const lowerWallMm = line < 300 ? null : line
        const areas = roomAreas(room(l, w, 2600, { lowerWallMm }), openings)!
        for (const wall of areas.walls) {
          expect(wall.netMm2 + wall.openingsMm2).toBe(wall.grossMm2)
          expect(wall.upperMm2 + wall.lowerMm2).toBe(wall.netMm2)
          expect(wall.netMm2).toBeGreaterThanOrEqual(0)
        }
        const turned = roomAreas(
          room(w, l, 2600, { lowerWallMm }),
          openings.map((o) => ({ ...o, wall: turn[o.wall] })),
        )!
        expect(turned.wallsNetMm2).toBe(areas.wallsNetMm2)
        expect(turned.skirtingMm).toBe(areas.skirtingMm)
      },
    ),
  )
})

test('an opening past its wall is named with the field to mend', () => {
  expect(openingFaults(room(4000, 3000, 2500), opening({ startMm: 3500 }))).toMatchObject([
    { field: 'startMm', text: /4500 mm, past the 4000 mm of the north wall/ },
  ])
  expect(openingFaults(room(4000, 3000, 2500), opening({ sillMm: 2000 }))).toMatchObject([
    { field: 'heightMm' },
  ])
  expect(openingFaults(room(4000, 3000, 2500), opening({}))).toEqual([])
})
