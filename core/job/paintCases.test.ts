import { describe, expect, test } from 'vitest'
import { exampleDoor, exampleJob } from '../examples/plan/example.js'
import { hexToLab } from '../kernel/color/lab.js'
import { ROWS } from '../model/registry.js'
import type { Opening } from '../model/rows/openings.js'
import type { Room } from '../model/rows/room.js'
import { deriveJob } from './derive.js'

const opening = (o: Partial<Opening> & Pick<Opening, 'id' | 'kind' | 'widthMm' | 'heightMm'>) => ({
  ...exampleDoor,
  hinge: 'none' as const,
  swing: 'none' as const,
  ...o,
})

/** A room as it is measured, its surfaces in one pale paint over what is there. */
function painted(
  room: { size: readonly [number, number]; heightMm: number; openings: ReturnType<typeof opening>[] },
  surfaces: readonly ('walls' | 'lower' | 'ceiling' | 'trim' | 'doors')[],
  over: string | null,
  more: { readonly trim?: Partial<Room>; readonly stays?: boolean } = {},
) {
  const pale = hexToLab('#eee8dc')
  const now = over === null ? undefined : hexToLab(over)
  const tins = [{ ml: 2500, priceMinor: 4600 }]
  const bare = exampleJob({ ...room, pieces: [] })
  const job = { ...bare, room: { ...bare.room, ...more.trim } }
  const { paint } = deriveJob(
    {
      ...job,
      finishes: [
        {
          ...ROWS.finishes.make({
            ...{ id: 'pale', name: 'Pale', role: more.stays ? 'stays' : 'main' },
            ...{ labL: pale.l, labA: pale.a, labB: pale.b },
            paintKit: { spreadM2PerL: 12, lossPpm: 0, tins },
          }),
          version: 1,
        },
      ],
      finishAssignments: surfaces.map((surface) => ({
        ...ROWS.finishAssignments.make({
          ...{ id: surface, surface, finishId: 'pale' },
          ...{ overL: now?.l ?? null, overA: now?.a ?? null, overB: now?.b ?? null },
        }),
        version: 1,
      })),
    },
    '2026-03-01',
  )
  return { lines: paint, areaM2: paint.flatMap((l) => l.steps).reduce((sum, s) => sum + s.areaM2, 0) }
}

describe('cases of paint', () => {
  const bedroom = {
    size: [4200, 3600],
    heightMm: 2500,
    openings: [
      opening({ id: 'door', kind: 'door', widthMm: 820, heightMm: 2040 }),
      opening({ id: 'window', kind: 'window', wallId: 'north', widthMm: 1500, heightMm: 1200, sillMm: 900 }),
    ],
  } as const
  test('C055: pale over mid blue, walls alone: 35.5 m², two coats, 5.9 liters, three tins at 138', () => {
    const { lines, areaM2 } = painted({ ...bedroom, openings: [...bedroom.openings] }, ['walls'], '#6f93b8')
    expect(areaM2).toBeCloseTo(35.53, 1)
    expect(lines).toHaveLength(1)
    expect(lines[0]!.steps[0]!.coats).toBe(2)
    expect(lines[0]!.liters).toBeCloseTo(5.92, 1)
    expect([lines[0]!.tins?.costMinor, lines[0]!.tins?.counts]).toEqual([13_800, [3]])
  })
  test('C056: the whole envelope in one color, the door painted and the glass not: 33.2 m², 5.5 liters; walls alone would be 4.0', () => {
    const small = {
      size: [3000, 2600] as const,
      heightMm: 2400,
      openings: [
        opening({ id: 'door', kind: 'door', widthMm: 820, heightMm: 2040 }),
        opening({
          id: 'window',
          kind: 'window',
          wallId: 'north',
          widthMm: 1200,
          heightMm: 1200,
          sillMm: 900,
        }),
      ],
    }
    const all = painted(small, ['walls', 'ceiling', 'doors'], null)
    expect(Math.abs(all.areaM2 - 33.2)).toBeLessThan(0.4)
    expect(Math.abs(all.lines[0]!.liters - 5.5)).toBeLessThan(0.2)
    expect(painted(small, ['walls'], null).lines[0]!.liters).toBeCloseTo(4, 1)
  })
  test.each([
    ['a taller room takes more', { heightMm: 2700 }],
    ['a room without its window takes more', { openings: [bedroom.openings[0]] }],
    ['a longer room takes more', { size: [4700, 3600] as const }],
  ])('%s, and never another count of coats', (_, other) => {
    const room = { ...bedroom, openings: [...bedroom.openings] }
    const [before, after] = [
      painted(room, ['walls'], '#6f93b8'),
      painted({ ...room, ...other }, ['walls'], '#6f93b8'),
    ]
    expect(after.areaM2).toBeGreaterThan(before.areaM2)
    expect(after.lines[0]!.steps[0]!.coats).toBe(before.lines[0]!.steps[0]!.coats)
  })

  describe('one face is counted once', () => {
    const room = { ...bedroom, openings: [...bedroom.openings] }
    const area = (...given: Parameters<typeof painted>) => painted(...given).areaM2
    // 15.6 m of wall less the door of 0.82 m, 120 mm high.
    const strip = (15.6 - 0.82) * 0.12
    test('the strip of wall behind a skirting is not painted; the skirting is', () => {
      const skirted = { trim: { skirtingMm: 120 } }
      expect(area(room, ['walls'], null, skirted)).toBeCloseTo(area(room, ['walls'], null) - strip, 6)
      const framesM2 = (0.82 + 2 * 2.04 + 2 * (1.5 + 1.2)) * 0.09
      expect(area(room, ['trim'], null, skirted)).toBeCloseTo(strip + framesM2, 6)
    })
    test('with a lower wall the strip is of the lower one, the cornice of the upper one', () => {
      const trim = { skirtingMm: 120, corniceMm: 80, lowerWallMm: 1000 }
      const plain = { lowerWallMm: 1000 }
      expect(area(room, ['lower'], null, { trim })).toBeCloseTo(
        area(room, ['lower'], null, { trim: plain }) - strip,
        6,
      )
      expect(area(room, ['walls'], null, { trim })).toBeCloseTo(
        area(room, ['walls'], null, { trim: plain }) - 15.6 * 0.08,
        6,
      )
    })
    test('a window to the floor takes its part of the strip once', () => {
      const glazed = {
        ...room,
        openings: [
          bedroom.openings[0],
          opening({ id: 'w', kind: 'window', wallId: 'north', widthMm: 1500, heightMm: 2200, sillMm: 0 }),
        ],
      }
      expect(area(glazed, ['walls'], null, { trim: { skirtingMm: 120 } })).toBeCloseTo(
        area(glazed, ['walls'], null) - (15.6 - 0.82 - 1.5) * 0.12,
        6,
      )
    })
    test('what stays takes no paint', () => {
      expect(painted(room, ['walls', 'ceiling', 'trim', 'doors'], null, { stays: true }).lines).toEqual([])
    })
  })
})
