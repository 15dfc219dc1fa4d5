import { Helper } from 'dxf'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { distance, signedArea, type Point } from '@bonitas/core/kernel/geometry/polygon'
import { measureFacts } from '@bonitas/core/stages/measure/measureFacts'
import { arcAngles, planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { readRoom, wallsFromOutline, writeRoom, type RoomFile } from '@bonitas/core/stages/measure/roomFile'
import { someRoom, wallsOf } from '@bonitas/core/examples/rooms'
import type { Wall } from '@bonitas/core/model/rows/walls'
import { readDxf, writeDxf, writeSvg } from './planFiles.js'
import { METRIC } from '@bonitas/core/testing/habits'

const wallsIn = (text: string) => {
  const { corners, mmPerUnit } = readDxf(text)
  return wallsFromOutline(corners, mmPerUnit)
}

const ID = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const fileOf = (walls: readonly Wall[], more: Partial<RoomFile> = {}): RoomFile => ({
  room: {
    id: ID(1),
    heightMm: 2500,
    skirtingMm: 100,
    corniceMm: 0,
    lowerWallMm: null,
    northDeg: 10,
    latitudeDeg: 48,
    kind: null,
  },
  walls: walls.map((w, i) => ({ ...w, id: ID(10 + i) })),
  ceilings: [],
  diagonals: [],
  openings: [],
  fixtures: [],
  ...more,
})
const door = (swing: 'in' | 'out', hinge: 'left' | 'right') => ({
  id: ID(5),
  wallId: ID(10),
  kind: 'door' as const,
  name: 'Door',
  startMm: 200,
  widthMm: 800,
  heightMm: 2000,
  sillMm: 0,
  hinge,
  swing,
  carries: null,
  carriesG: null,
})
const drawn = (file: RoomFile) => planDrawing(measureFacts(file, [], METRIC))!

/** The outline as another library reads it from the file. */
const outlineElsewhere = (text: string): Point[] => {
  const { parsed } = new Helper(text)
  return parsed.entities.find((e) => e.type === 'LWPOLYLINE' && e.layer === 'FLOOR')!.vertices!
}

describe('DXF', () => {
  test('reads back in another library with the same outline to the millimeter', () => {
    fc.assert(
      fc.property(someRoom, ({ walls }) => {
        const file = fileOf(walls)
        const { closure } = measureFacts(file, [], METRIC)
        const text = writeDxf(drawn(file))
        const theirs = outlineElsewhere(text)
        expect(theirs).toHaveLength(closure.corners.length)
        theirs.forEach((p, i) =>
          expect(distance({ x: p.x, y: -p.y }, closure.corners[i]!)).toBeLessThan(0.001),
        )
        // And in our own reader, back to the same walls.
        const again = wallsIn(text)
        again.forEach((w, i) => expect(w.lengthMm).toBeCloseTo(closure.corrections[i]!.correctedMm, 2))
        expect(again).toHaveLength(closure.corrections.length)
      }),
      { numRuns: 60 },
    )
  })
  test('a drawing in meters, walked the other way about, or with its first corner told twice, gives the same room', () => {
    const square: [number, number][] = [
      [0, 0],
      [4, 0],
      [4, 3],
      [0, 3],
    ]
    const dxf = (points: [number, number][], unit: number, shut: boolean) =>
      [
        '0',
        'SECTION',
        '2',
        'HEADER',
        '9',
        '$INSUNITS',
        '70',
        String(unit),
        '0',
        'ENDSEC',
        '0',
        'SECTION',
        '2',
        'ENTITIES',
        '0',
        'LWPOLYLINE',
        '8',
        '0',
        '90',
        String(points.length),
        '70',
        shut ? '1' : '0',
        ...points.flatMap(([x, y]) => ['10', String(x), '20', String(y)]),
        '0',
        'ENDSEC',
        '0',
        'EOF',
      ].join('\n')
    const lengths = (text: string) => wallsIn(text).map((w) => [w.lengthMm, w.turnDeg])
    for (const text of [
      dxf(square, 6, true),
      dxf([...square].reverse(), 6, true),
      dxf([...square, [0, 0]], 6, false),
    ])
      expect(
        lengths(text)
          .map(([mm, turn]) => [mm, turn])
          .sort(),
      ).toEqual([
        [3000, 90],
        [3000, 90],
        [4000, 90],
        [4000, 90],
      ])
    expect(() => readDxf(dxf(square, 3, true))).toThrow(/unit that is not read/)
    expect(() => readDxf(dxf(square, 6, false))).toThrow(/no closed outline/)
  })
  test.each([
    ['', /not a DXF|no closed/],
    ['hello', /not a DXF|no closed/],
    ['0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF', /no closed outline/],
  ])('%j is refused in words', (text, why) => expect(() => readDxf(text)).toThrow(why))
})

describe('a room file', () => {
  const file = fileOf(
    wallsOf([
      [4000, 90],
      [3000, 90],
      [4000, 90],
      [3000, 90],
    ]),
    { openings: [door('in', 'left')] },
  )
  test('comes back as it was', () => {
    expect(readRoom(writeRoom(file))).toMatchObject(file as unknown as Record<string, unknown>)
  })
  const changed = (change: (f: Record<string, unknown>) => unknown) => {
    const copy = JSON.parse(writeRoom(file)) as Record<string, unknown>
    change(copy)
    return JSON.stringify(copy)
  }
  test.each([
    ['cut short', writeRoom(file).slice(0, 300), /cut short/],
    ['another program’s', '{"format":"else"}', /not a room of this program/],
    ['an older one', changed((f) => (f.version = 0)), /version 0; this program reads version 1/],
    ['no list of walls', changed((f) => (f.walls = 7)), /walls is not a list/],
    [
      'a length in letters',
      changed((f) => ((f.walls as { lengthMm: unknown }[])[2]!.lengthMm = 'long')),
      /walls\[2\]\.lengthMm: Length must be a number/,
    ],
    [
      'a field nobody knows',
      changed((f) => ((f.room as Record<string, unknown>).color = 'red')),
      /damaged at room/,
    ],
    [
      'an opening in no wall',
      changed((f) => ((f.openings as { wallId: string }[])[0]!.wallId = ID(99))),
      /a wall that it does not hold/,
    ],
    ['two walls alike', changed((f) => ((f.walls as { id: string }[])[1]!.id = ID(10))), /two walls alike/],
    ['null', 'null', /not a room/],
  ])('%s: a clear error', (_what, text, why) => expect(() => readRoom(text)).toThrow(why))
})

describe('the drawing', () => {
  test('is nothing before the first wall, and draws an open run', () => {
    expect(planDrawing(measureFacts(fileOf([]), [], METRIC))).toBeUndefined()
    expect(drawn(fileOf(wallsOf([[4000, 90]]))).marks.length).toBeGreaterThan(3)
  })
  test('a door leaf ends in the room when it swings in, outside when it swings out, on the side of its hinge', () => {
    for (const swing of ['in', 'out'] as const)
      for (const hinge of ['left', 'right'] as const) {
        const marks = drawn(
          fileOf(
            wallsOf([
              [4000, 90],
              [3000, 90],
              [4000, 90],
              [3000, 90],
            ]),
            { openings: [door(swing, hinge)] },
          ),
        ).marks
        const leaf = marks.find((m) => m.kind === 'line' && m.layer === 'DOOR')! as { from: Point; to: Point }
        expect(Math.sign(leaf.to.y)).toBe(swing === 'in' ? 1 : -1)
        expect(leaf.from.x).toBe(hinge === 'left' ? 200 : 1000)
        expect(distance(leaf.from, leaf.to)).toBe(800)
        const arc = marks.find((m) => m.kind === 'arc')!
        const { center, startDeg, endDeg } = arcAngles(arc)
        expect(distance(center, leaf.from)).toBeLessThan(1e-6)
        expect((endDeg - startDeg + 360) % 360).toBeCloseTo(90, 6)
      }
  })
  test('the wall outside is a wall thickness larger all round, bays and breasts too', () => {
    fc.assert(
      fc.property(someRoom, ({ walls }) => {
        const outlines = drawn(fileOf(walls)).marks.filter((m) => m.kind === 'outline' && m.layer === 'WALL')
        const [inner, outer] = outlines.map((m) => signedArea(m.kind === 'outline' ? m.points : []))
        expect(outer!).toBeGreaterThan(inner!)
      }),
      { numRuns: 100 },
    )
  })
  test('an SVG of its own, with text that cannot break out', () => {
    const svg = writeSvg(
      drawn(
        fileOf(
          wallsOf([
            [4000, 90],
            [3000, 90],
            [4000, 90],
            [3000, 90],
          ]),
        ),
      ),
      '<Room & more>',
    )
    expect(svg).toContain('<title>&#60;Room &#38; more&#62;</title>')
    expect(svg).toMatch(/viewBox="-?\d/)
    expect(svg).toContain('4\u2009000')
  })
})
