import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { someRoom, wallsOf } from '../../examples/rooms.js'
import { openingFaults, roomAreas, type RoomMeasures } from './roomAreas.js'
import type { Ceiling } from '../../model/rows/ceilings.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Room } from '../../model/rows/room.js'
import { METRIC } from '../../testing/habits.js'

const roomRow = (heightMm: number | null, more: Partial<Room> = {}): Room => ({
  id: 'r',
  heightMm,
  skirtingMm: 100,
  corniceMm: 0,
  lowerWallMm: null,
  northDeg: null,
  latitudeDeg: null,
  kind: null,
  ...more,
})
const box = (
  lengthMm: number,
  widthMm: number,
  heightMm: number | null,
  more: Partial<RoomMeasures> = {},
): RoomMeasures => ({
  room: roomRow(heightMm),
  walls: wallsOf([
    [lengthMm, 90],
    [widthMm, 90],
    [lengthMm, 90],
    [widthMm, 90],
  ]),
  ceilings: [],
  diagonals: [],
  openings: [],
  ...more,
})
const opening = (more: Partial<Opening>): Opening => ({
  id: 'o',
  wallId: 'w0',
  kind: 'window',
  name: '',
  startMm: 0,
  widthMm: 1000,
  heightMm: 1000,
  sillMm: 900,
  hinge: 'none',
  swing: 'none',
  carries: null,
  carriesG: null,
  ...more,
})

test('walls of 4.2 × 3.6 × 2.5 m less a door and a window are 35.5 m² (common practice, a worked room)', () => {
  const areas = roomAreas(
    box(4200, 3600, 2500, {
      openings: [
        opening({ kind: 'door', wallId: 'w2', widthMm: 820, heightMm: 2040, sillMm: 0 }),
        opening({ id: 'p', widthMm: 1500, heightMm: 1200 }),
      ],
    }),
  )!
  expect(areas.wallsNetMm2 / 1e6).toBeCloseTo(35.527, 3)
  expect(areas.wallsGrossMm2).toBe(2 * (4200 + 3600) * 2500)
  expect(areas.floorMm2 / 1e6).toBe(15.12)
  expect(areas.skirtingMm).toBe(2 * (4200 + 3600) - 820)
  expect(areas.doorsMm2).toBe(820 * 2040)
  expect(areas.volumeMm3).toBe(4200 * 3600 * 2500)
  expect(areas.diagonalsMm).toEqual([5532, 5532])
  expect(areas.certain).toBe(true)
})

test('C008: a bathroom of 10 × 5 ft is 4.65 m², and 686 mm are left beside bath, toilet zone and vanity', () => {
  const inch = 25.4
  const areas = roomAreas(box(Math.round(120 * inch), Math.round(60 * inch), 2400))!
  expect(Math.abs(areas.floorMm2 / 1e6 - 4.65)).toBeLessThan(0.02)
  expect(Math.abs(areas.walls[0]!.laidMm - (30 + 30 + 30 + 3) * inch - 686)).toBeLessThan(3)
})

test('nothing is computed before the room is measured', () => {
  expect(roomAreas(box(4000, 3000, null))).toBeUndefined()
  expect(roomAreas({ ...box(4000, 3000, 2500), walls: [] })).toBeUndefined()
  expect(
    roomAreas({
      ...box(4000, 3000, 2500),
      walls: wallsOf([
        [4000, 90],
        [3000, 90],
      ]),
    }),
  ).toBeUndefined()
})

test('a run that does not close has areas that are marked uncertain', () => {
  const areas = roomAreas({
    ...box(4000, 3000, 2500),
    walls: wallsOf([
      [4000, 90],
      [3000, 90],
      [3800, 90],
      [3000, 90],
    ]),
  })!
  expect(areas.certain).toBe(false)
  expect(areas.floorMm2 / 1e6).toBeCloseTo(11.7, 1)
})

test('a door inside a glazed screen is counted once', () => {
  const screen = opening({ startMm: 500, widthMm: 2000, heightMm: 2100, sillMm: 0 })
  const door = opening({ id: 'd', kind: 'door', startMm: 900, widthMm: 800, heightMm: 2100, sillMm: 0 })
  expect(roomAreas(box(4000, 3000, 2500, { openings: [screen, door] }))!.walls[0]!.openingsMm2).toBe(
    2000 * 2100,
  )
})

test('the lower wall ends at its line and openings are taken from the part they are in', () => {
  const north = roomAreas({
    ...box(4000, 3000, 2500, { openings: [opening({ sillMm: 420 })] }),
    room: roomRow(2500, { lowerWallMm: 900 }),
  })!.walls[0]!
  expect(north.lowerMm2).toBe(4000 * 900 - 1000 * 480)
  expect(north.upperMm2).toBe(4000 * 1600 - 1000 * 520)
})

describe('ceilings', () => {
  const slope = (more: Partial<Ceiling> = {}): Ceiling => ({
    id: 'c',
    wallId: 'w0',
    name: '',
    startHeightMm: 1200,
    endHeightMm: 2400,
    depthMm: 1500,
    whole: true,
    ...more,
  })
  const attic = (ceilings: Ceiling[], more: Partial<RoomMeasures> = {}) =>
    roomAreas(box(4000, 3000, 2400, { ceilings, ...more }))!

  test('a roof slope: knee wall, two gables with a slanted line, sloped ceiling longer than the floor under it', () => {
    const areas = attic([slope()])
    const [knee, gable, back, other] = areas.walls
    expect(knee!.grossMm2).toBe(4000 * 1200)
    expect(back!.grossMm2).toBe(4000 * 2400)
    const gableMm2 = 1500 * 1800 + 1500 * 2400
    expect([gable!.grossMm2, other!.grossMm2]).toEqual([gableMm2, gableMm2])
    expect(gable!.profile).toHaveLength(2)
    expect(areas.ceilingMm2).toBe(Math.round(4000 * Math.hypot(1500, 1200) + 4000 * 1500))
    expect(areas.volumeMm3).toBe(4000 * gableMm2)
    // A cornice does not run up a slope: both long walls and the level half of each gable.
    expect(areas.corniceMm).toBe(4000 + 4000 + 1500 + 1500)
  })
  test('slopes from both sides meet at a ridge', () => {
    const areas = attic([
      slope({ endHeightMm: 3000, depthMm: 2250 }),
      slope({ id: 'd', wallId: 'w2', endHeightMm: 3000, depthMm: 2250 }),
    ])
    // 0.8 mm up for each mm in: at 1 500 from either side 2 400, the height of the room. A ridge there, and no flat.
    expect(areas.walls[1]!.grossMm2).toBe(3000 * 1800)
    expect(areas.ceilingMm2).toBe(Math.round(2 * 4000 * Math.hypot(1500, 1200)))
  })
  test('a lower part over an alcove, only in front of its wall', () => {
    const run = wallsOf([
      [1500, -90],
      [400, 90],
      [1000, 90],
      [400, -90],
      [1500, 90],
      [3000, 90],
      [4000, 90],
      [3000, 90],
    ])
    const areas = roomAreas({
      ...box(1, 1, 2400),
      walls: run,
      ceilings: [slope({ wallId: 'w2', startHeightMm: 2000, endHeightMm: 2000, depthMm: 400, whole: false })],
    })!
    expect(areas.floorMm2).toBe(4000 * 3000 + 400 * 1000)
    expect(areas.volumeMm3).toBe(4000 * 3000 * 2400 + 400 * 1000 * 2000)
    expect(areas.walls[2]!.grossMm2).toBe(1000 * 2000)
    expect(areas.walls[1]!.grossMm2).toBe(400 * 2000)
    expect(areas.walls[0]!.grossMm2).toBe(1500 * 2400)
  })
  test('an opening under a slope is cut off at it', () => {
    const areas = attic([slope()], {
      openings: [opening({ wallId: 'w1', startMm: 0, widthMm: 1500, sillMm: 0, heightMm: 2400 })],
    })
    expect(areas.walls[1]!.openingsMm2).toBe(1500 * 1800)
  })
  test('a part higher than the ceiling changes nothing', () => {
    expect(attic([slope({ startHeightMm: 3000, endHeightMm: 3000 })])).toEqual(attic([]))
  })
  test('walked the other way about, a room keeps walls, ceiling and volume', () => {
    fc.assert(
      fc.property(
        someRoom,
        fc.integer({ min: 300, max: 2000 }),
        fc.integer({ min: 800, max: 2400 }),
        ({ walls }, depthMm, start) => {
          const measures: RoomMeasures = {
            ...box(1, 1, 2600),
            walls,
            ceilings: [slope({ depthMm, startHeightMm: start, endHeightMm: 2600 })],
            openings: [opening({ startMm: 200, widthMm: 300 })],
          }
          const one = roomAreas(measures)!
          const mirrored = roomAreas({
            ...measures,
            walls: walls.map((w) => ({ ...w, turnDeg: -w.turnDeg })),
            openings: [opening({ startMm: walls[0]!.lengthMm - 500, widthMm: 300 })],
          })!
          expect(Math.abs(mirrored.wallsNetMm2 - one.wallsNetMm2)).toBeLessThan(400)
          expect(Math.abs(mirrored.ceilingMm2 - one.ceilingMm2)).toBeLessThan(400)
          expect(Math.abs(mirrored.volumeMm3 - one.volumeMm3) / one.volumeMm3).toBeLessThan(1e-6)
          // Counted another way: the volume as the mean height over a grid of points would have it lies within a part.
          expect(one.volumeMm3).toBeLessThanOrEqual(one.floorMm2 * 2600 + 1)
          expect(one.ceilingMm2).toBeGreaterThanOrEqual(one.floorMm2 - 1)
        },
      ),
      { numRuns: 200 },
    )
  })
  test('volume agrees with a grid of points counted one by one', () => {
    const areas = attic([
      slope(),
      slope({ id: 'd', wallId: 'w1', startHeightMm: 1800, endHeightMm: 2400, depthMm: 900 }),
    ])
    let sum = 0
    for (let x = 5; x < 4000; x += 10)
      for (let y = 5; y < 3000; y += 10) {
        const a = y < 1500 ? 1200 + (1200 * y) / 1500 : 2400
        const b = 4000 - x < 900 ? 1800 + (600 * (4000 - x)) / 900 : 2400
        sum += 100 * Math.min(a, b)
      }
    expect(Math.abs(areas.volumeMm3 - sum) / sum).toBeLessThan(1e-4)
  })
})

const someOpenings = fc.array(
  fc.record({
    wallId: fc.constantFrom('w0', 'w1', 'w2', 'w3'),
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
        const round = (mm: number) => mm - (mm % 100)
        const grid = list.map((o) =>
          opening({
            ...o,
            startMm: round(o.startMm),
            widthMm: Math.max(100, round(o.widthMm)),
            heightMm: Math.max(100, round(o.heightMm)),
            sillMm: round(o.sillMm),
          }),
        )
        const areas = roomAreas(box(l * 100, 3000, h * 100, { openings: grid }))!
        let open = 0
        for (let x = 0; x < l; x++)
          for (let y = 0; y < h; y++)
            if (
              grid.some(
                (o) =>
                  o.wallId === 'w0' &&
                  o.startMm <= x * 100 &&
                  o.startMm + o.widthMm! >= (x + 1) * 100 &&
                  o.sillMm! <= y * 100 &&
                  o.sillMm! + o.heightMm! >= (y + 1) * 100,
              )
            )
              open++
        expect(areas.walls[0]!.openingsMm2).toBe(open * 10_000)
      },
    ),
  )
})

test('parts add up, whatever stands in the walls', () => {
  fc.assert(
    fc.property(
      someOpenings,
      fc.integer({ min: 500, max: 8000 }),
      fc.integer({ min: 500, max: 8000 }),
      fc.nat(3000),
      (list, l, w, line) => {
        const lowerWallMm = line < 300 ? null : line
        const areas = roomAreas({
          ...box(l, w, 2600, { openings: list.map((o) => opening(o)) }),
          room: roomRow(2600, { lowerWallMm }),
        })!
        for (const wall of areas.walls) {
          expect(Math.abs(wall.netMm2 + wall.openingsMm2 - wall.grossMm2)).toBeLessThanOrEqual(1)
          expect(wall.upperMm2 + wall.lowerMm2).toBe(wall.netMm2)
          expect(wall.netMm2).toBeGreaterThanOrEqual(0)
          expect(wall.upperMm2).toBeGreaterThanOrEqual(-1)
        }
      },
    ),
  )
})

describe('an opening that does not fit is named with the field to fix', () => {
  const wall = { name: 'the north wall', lengthMm: 4000 }
  test.each([
    ['past the end', opening({ startMm: 3500 }), 'startMm', /4500 mm, past the 4000 mm of the north wall/],
    ['past the ceiling', opening({ sillMm: 2000 }), 'heightMm', /3000 mm, past the 2500 mm/],
  ] as const)('%s', (_name, o, field, text) =>
    expect(openingFaults(wall, 2500, o, METRIC)).toMatchObject([{ field, text: text }]),
  )
  test('under a slope the ceiling there counts', () => {
    const profile = [{ fromMm: 0, toMm: 4000, startHeightMm: 1200, endHeightMm: 2400 }]
    expect(
      openingFaults({ ...wall, profile }, 2500, opening({ startMm: 0, sillMm: 900 }), METRIC),
    ).toMatchObject([{ field: 'heightMm' }])
  })
  test('one that fits is let be, one without its wall is not', () => {
    expect(openingFaults(wall, 2500, opening({}), METRIC)).toEqual([])
    expect(openingFaults(undefined, 2500, opening({}), METRIC)).toMatchObject([{ field: 'wallId' }])
  })
})

test('walls face where the compass says, whichever way they were walked', () => {
  const measures = { ...box(4000, 3000, 2500), room: roomRow(2500, { northDeg: 10 }) }
  expect(roomAreas(measures)!.walls.map((w) => w.facesDeg)).toEqual([10, 100, 190, 280])
  const left = { ...measures, walls: measures.walls.map((w) => ({ ...w, turnDeg: -90 })) }
  expect(roomAreas(left)!.walls.map((w) => w.facesDeg)).toEqual([10, 280, 190, 100])
})
