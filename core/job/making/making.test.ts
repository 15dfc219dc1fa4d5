import { describe, expect, test } from 'vitest'
import fc from 'fast-check'
import { exampleDoor, exampleJob, type ExamplePiece } from '../../examples/plan/example.js'
import { hexToLab } from '../../kernel/color/lab.js'
import { ROWS } from '../../model/registry.js'
import type { Finish } from '../../model/rows/finishes.js'
import type { FinishAssignment } from '../../model/rows/finishAssignments.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { FIXINGS, LEAVES_A_MARK } from '../../model/vocabulary/fixing.js'
import type { ConsumableKind, Task } from '../../model/vocabulary/making.js'
import type { Takeoff } from '../../model/rows/takeoffs.js'
import { deriveJob } from '../derive.js'
import { measureOf } from '../measureOf.js'
import { takeoffsOf } from '../takeoffsOf.js'
import { makingOf } from './makingOf.js'
import { markingOf } from './markingOf.js'

const window = {
  ...exampleDoor,
  ...{ id: 'window', kind: 'window' as const, name: 'Window', wallId: 'north' },
  ...{
    startMm: 1500,
    widthMm: 1500,
    heightMm: 1200,
    sillMm: 900,
    hinge: 'none' as const,
    swing: 'none' as const,
  },
}

interface Made {
  readonly finishes?: readonly (Partial<Finish> & { readonly id: string; readonly hex?: string })[]
  readonly on?: readonly (Partial<FinishAssignment> & {
    readonly surface: string
    readonly finishId: string
  })[]
  readonly pieces?: readonly ExamplePiece[]
  readonly takeoffs?: readonly (Partial<Takeoff> & Pick<Takeoff, 'id' | 'trade'>)[]
  readonly more?: Partial<JobSnapshot>
}

/** A room of 5 by 4 m, 2.5 m high, with a door of 800 × 2000 and a window of 1500 × 1200. */
function jobOf({ finishes = [], on = [], pieces = [], takeoffs = [], more = {} }: Made): JobSnapshot {
  const job = exampleJob({ openings: [exampleDoor, window], pieces })
  return {
    ...job,
    finishes: finishes.map(({ hex = '#eee8dc', ...f }) => {
      const { l, a, b } = hexToLab(hex)
      return { ...ROWS.finishes.make({ name: f.id, labL: l, labA: a, labB: b, ...f }), version: 1 }
    }),
    finishAssignments: on.map((a) => ({
      ...ROWS.finishAssignments.make({ id: a.surface, ...a }),
      version: 1,
    })),
    takeoffs: takeoffs.map((t) => ({ ...ROWS.takeoffs.make({ name: t.id, ...t }), version: 1 })),
    ...more,
  }
}

function made(job: JobSnapshot) {
  const making = makingOf(job, deriveJob(job, '2026-03-01'), takeoffsOf(job, measureOf(job)))
  return {
    ...making,
    work: Object.fromEntries(making.work.map((w) => [w.task, w.amount])) as Partial<Record<Task, number>>,
    minutesOf: Object.fromEntries(making.work.map((w) => [w.task, w.minutes])),
    goods: Object.fromEntries(making.consumables.map((c) => [c.kind, c.packs])) as Partial<
      Record<ConsumableKind, number>
    >,
  }
}
const m2 = (mm2 = 0) => Math.round(mm2 / 1e4) / 100
const m = (mm = 0) => Math.round(mm) / 1000

describe('what paint takes beside paint', () => {
  const onWalls = { surface: 'walls', finishId: 'oat' } as const
  const walls = { finishes: [{ id: 'oat' }], on: [onWalls] }
  test('walls alone: floor covered, edges taped, washed down, two coats, each with its hours', () => {
    const { work, minutesOf, goods } = made(jobOf(walls))
    // 18 m of wall, 2.5 m high, less a door of 1.6 m² and a window of 1.8 m².
    expect(m2(work['wash and sand'])).toBe(41.6)
    expect(m2(work['paint with a roller'])).toBe(83.2)
    expect(m2(work['cover the floor'])).toBe(20)
    // Under the ceiling 18 m, along the floor 18 − 0.8, round the door 4.8 and the window 5.4.
    expect(m(work['tape edges'])).toBe(18 + 17.2 + 4.8 + 5.4)
    // 83.2 × 6 = 499.2, told to five.
    expect(minutesOf['paint with a roller']).toBe(500)
    // A tenth over: 45.4 × 1.1 = 49.9 m from a roll of 50; 20 × 1.1 m² from sheets of 20.
    expect(goods).toMatchObject({ 'masking tape': 1, 'cover for the floor': 2, 'abrasive sheets': 3 })
  })
  test('what is told adds up: places measured, then what goes over, minutes to five and their total', () => {
    const { consumables, work, minutes, minutesOf } = made(jobOf(walls))
    const sums = Object.fromEntries(consumables.map((c) => [c.kind, c.sum]))
    expect(sums['masking tape']).toMatch(/^45\.40\sm × 1\.1 = 49\.94\sm$/)
    expect(sums['cover for the floor']).toMatch(/^20\.0\sm² × 1\.1 = 22\.0\sm²$/)
    expect(sums['abrasive sheets']).toMatch(/^41\.6\sm² ÷ 3\.0\sm² = 14$/)
    expect(Object.keys(work).length).toBeGreaterThan(3)
    for (const told of Object.values(minutesOf)) expect(told % 5).toBe(0)
    expect(minutes).toBe(Object.values(minutesOf).reduce((sum, told) => sum + told, 0))
  })
  test('an envelope of one paint is taped along the floor alone', () => {
    const surfaces = ['walls', 'ceiling', 'trim', 'doors'] as const
    const job = jobOf({
      ...walls,
      on: surfaces.map((surface) => ({ surface, finishId: 'oat' })),
      more: { room: { ...exampleJob({}).room, heightMm: 2500, skirtingMm: 100 } },
    })
    expect(m(made(job).work['tape edges'])).toBe(17.2)
  })
  test('one wall in another color is taped in its two corners as well', () => {
    const job = jobOf({
      finishes: [{ id: 'oat' }, { id: 'clay', hex: '#a0522d' }],
      on: [...walls.on, { surface: 'wall:east', finishId: 'clay' }],
    })
    expect(m(made(job).work['tape edges'])).toBe(18 + 17.2 + 4.8 + 5.4 + 2 * 2.5)
  })
  test('what stays, and what is laid to come off again, asks for nothing', () => {
    const stays = jobOf({ finishes: [{ id: 'oat', role: 'stays' }], on: walls.on })
    expect(made(stays)).toMatchObject({ work: {}, goods: {}, minutes: 0 })
    const loose = jobOf({ ...walls, on: [{ ...onWalls, hold: 'removable' as const }] })
    expect(made(loose).work).toEqual({})
  })
  test('bare plaster is primed and not sanded; old paper comes off first', () => {
    const plaster = made(jobOf({ ...walls, on: [{ ...onWalls, substrate: 'new plaster' as const }] }))
    expect(m2(plaster.work.prime)).toBe(41.6)
    expect(plaster.work['wash and sand']).toBeUndefined()
    const papered = jobOf(walls)
    const job = { ...papered, walls: papered.walls.map((w) => ({ ...w, face: 'paper' as const })) }
    expect(m2(made(job).work['strip old paper'])).toBe(41.6)
  })
  test('where the lower wall alone is painted, its sockets come off and its old paper, no more', () => {
    const base = jobOf({ finishes: [{ id: 'oat' }], on: [{ surface: 'lower', finishId: 'oat' }] })
    const socket = ROWS.fixtures.make({
      ...{ id: 'a', wallId: 'east', kind: 'socket', startMm: 300, bottomMm: 300 },
      ...{ widthMm: 80, heightMm: 80, depthMm: 10 },
    })
    const { work } = made({
      ...base,
      room: { ...base.room, lowerWallMm: 1000 },
      walls: base.walls.map((w) => ({ ...w, face: 'paper' as const })),
      fixtures: [{ ...socket, version: 1 }],
    })
    expect(work['take plates off and put them back']).toBe(1)
    // 18 m, a meter high, less 0.8 of the door and 1.5 × 0.1 of the window.
    expect(m2(work['strip old paper'])).toBe(18 - 0.8 - 0.15)
  })
  test('sockets and switches only where the wall is made new, with the power off', () => {
    const fixture = (id: string, kind: 'socket' | 'switch' | 'radiator', wallId: string) => ({
      ...ROWS.fixtures.make({
        id,
        wallId,
        kind,
        startMm: 300,
        widthMm: 80,
        heightMm: 80,
        bottomMm: 300,
        depthMm: 10,
      }),
      version: 1,
    })
    const fixtures = [
      fixture('a', 'socket', 'east'),
      fixture('b', 'switch', 'west'),
      fixture('c', 'radiator', 'west'),
    ]
    const one = made(jobOf({ ...walls, on: [{ surface: 'wall:east', finishId: 'oat' }], more: { fixtures } }))
    expect(one.work['take plates off and put them back']).toBe(1)
    expect(one.cautions.join(' ')).toContain('power off')
    expect(made(jobOf({ more: { fixtures } })).work).toEqual({})
  })
  test('a floor that is laid anew is not covered first', () => {
    const job = jobOf({
      ...walls,
      takeoffs: [{ id: 'boards', trade: 'boards', goodsWidthMm: 190, goodsLengthMm: 1800 }],
    })
    expect(made(job).work['cover the floor']).toBeUndefined()
    expect(m2(made(job).work['lay boards'])).toBe(20)
  })
})

describe('what comes off', () => {
  const gone = (more: Partial<ExamplePiece>): ExamplePiece => ({
    ...{ id: 'old', name: 'Old shelf', kind: 'shelves', there: true, verdict: 'let go', wallId: 'north' },
    ...{ widthMm: 800, depthMm: 250, heightMm: 400, ...more },
  })
  test('screwed: holes, filler, and its outline where the wall is not made new', () => {
    const { work, goods } = made(jobOf({ pieces: [gone({ fixing: 'screwed to the wall' })] }))
    // A shelf on the wall stands on no floor.
    expect(work).toEqual({ 'take fittings down': 1, 'fill holes': 4, 'touch in': 800 * 400 })
    expect(goods).toEqual({ filler: 1 })
  })
  test('where the wall is painted anew its outline is covered', () => {
    const job = jobOf({
      finishes: [{ id: 'oat' }],
      on: [{ surface: 'walls', finishId: 'oat' }],
      pieces: [gone({ fixing: 'screwed to the wall' })],
    })
    expect(made(job).work['touch in']).toBeUndefined()
    expect(made(job).work['fill holes']).toBe(4)
  })
  test('nails that are known are counted, not assumed', () => {
    const job = jobOf({
      pieces: [gone({ kind: 'picture', hang: { hooks: 2, fixing: 'picture hook', hookSpanMm: 400 } })],
    })
    expect(made(job).work['fill holes']).toBe(2)
    const strips = jobOf({
      pieces: [gone({ kind: 'picture', hang: { hooks: 2, fixing: 'adhesive strips' } })],
    })
    expect(made(strips).work['fill holes']).toBeUndefined()
  })
  test.each(FIXINGS)(
    '%s: a mark is made good where one is left, and the licensed trades are named',
    (fixing) => {
      const { work, cautions } = made(jobOf({ pieces: [gone({ fixing })] }))
      const licensed = fixing === 'wired in' || fixing === 'plumbed in'
      expect(cautions.some((c) => c.includes('licensed'))).toBe(licensed)
      const madeGood = ['fill holes', 'clear glue', 'touch in'].some((t) => (work[t as Task] ?? 0) > 0)
      if (fixing !== 'wired in') expect(madeGood).toBe(LEAVES_A_MARK.has(fixing))
    },
  )
  test('what stands free, and what stays, leaves nothing', () => {
    expect(made(jobOf({ pieces: [gone({ fixing: 'stands free', kind: 'cabinet' })] })).work).toEqual({})
    expect(made(jobOf({ pieces: [gone({ fixing: 'screwed to the wall', verdict: 'keep' })] })).work).toEqual(
      {},
    )
  })
  test('what was fixed to the ceiling shows there, until the ceiling is painted', () => {
    const pelmet = gone({ kind: 'other', fixing: 'screwed to the ceiling' })
    expect(made(jobOf({ pieces: [pelmet] })).work).toEqual({
      ...{ 'take fittings down': 1, 'fill holes': 4, 'touch in': 800 * 250 },
    })
    const painted = (surface: 'ceiling' | 'walls') =>
      made(jobOf({ finishes: [{ id: 'oat' }], on: [{ surface, finishId: 'oat' }], pieces: [pelmet] })).work
    expect(painted('ceiling')['touch in']).toBeUndefined()
    expect(painted('walls')['touch in']).toBe(800 * 250)
  })
  test('what was glued to the floor marks the floor and no wall', () => {
    const { work } = made(jobOf({ pieces: [gone({ kind: 'rug', fixing: 'glued down', heightMm: 10 })] }))
    expect(work).toEqual({
      ...{ 'take fittings down': 1, 'clear glue': 800 * 250, 'make good the floor': 800 * 250 },
    })
  })
  test('of three of which one is known to hang, the others are taken to be screwed', () => {
    const three = gone({
      count: 3,
      fixing: 'screwed to the wall',
      hang: { hooks: 2, fixing: 'screw and plug' },
    })
    expect(made(jobOf({ pieces: [three] })).work['fill holes']).toBe(2 + 2 * 4)
  })
  test('a bookcase bares the floor where the plan stands it, or where it is as high as one; a shelf put up does not', () => {
    const floor = (more: Partial<ExamplePiece>) =>
      made(jobOf({ pieces: [gone({ fixing: 'screwed to the wall', ...more })] })).work['make good the floor']
    expect(floor({ at: [2500, 200] })).toBe(800 * 250)
    expect(floor({ heightMm: 1900 })).toBe(800 * 250)
    expect(floor({ at: [2500, 200], raised: 1200 })).toBeUndefined()
  })
  test('what was built on the floor leaves it bare', () => {
    const { work } = made(jobOf({ pieces: [gone({ fixing: 'plumbed in', kind: 'sanitary', depthMm: 500 })] }))
    expect(work['make good the floor']).toBe(800 * 500)
  })
})

describe('small repeated work', () => {
  test('120 things that are stuck on take six hours at three minutes each', () => {
    const { minutesOf } = made(
      jobOf({
        pieces: [
          {
            ...{ id: 'leaf', name: 'Leaf', kind: 'object', count: 120, fixing: 'adhesive strips' },
            ...{ widthMm: 60, depthMm: 1, heightMm: 60, weightG: 10, wallId: 'north' },
          },
        ],
      }),
    )
    expect(minutesOf['stick on']).toBe(360)
  })
  test('hooks are marked out and set one by one, each with what it takes', () => {
    const hang = { hooks: 2, hookSpanMm: 300, fixing: 'screw and plug' as const }
    const picture = (id: string, xMm: number): ExamplePiece => ({
      ...{ id, name: id, kind: 'picture', widthMm: 500, depthMm: 20, heightMm: 400, hang: { ...hang, xMm } },
    })
    const { work, goods } = made(jobOf({ pieces: [picture('a', 1000), picture('b', 2000)] }))
    expect(work).toEqual({ 'mark out': 4, 'drill and plug': 4 })
    expect(goods).toEqual({ 'screws and plugs': 1 })
  })
  test('what hangs already goes on hanging, unless its wall is made new', () => {
    const picture: ExamplePiece = {
      ...{ id: 'a', name: 'a', kind: 'picture', widthMm: 500, depthMm: 20, heightMm: 400, there: true },
      hang: { hooks: 1, fixing: 'picture hook' },
    }
    expect(made(jobOf({ pieces: [picture] })).work).toEqual({})
    const painted = jobOf({
      finishes: [{ id: 'oat' }],
      on: [{ surface: 'walls', finishId: 'oat' }],
      pieces: [picture],
    })
    expect(made(painted).work).toMatchObject({ 'take fittings down': 1, 'drive picture hooks': 1 })
  })
  test('a shelf that stays comes down before its wall is painted and goes back up; one that may not be moved stays where it is', () => {
    const shelf = (more: Partial<ExamplePiece>): ExamplePiece => ({
      ...{ id: 's', name: 'Shelf', kind: 'shelves', there: true, verdict: 'keep', wallId: 'north' },
      ...{ widthMm: 800, depthMm: 250, heightMm: 1800, fixing: 'screwed to the wall', ...more },
    })
    const walls = { finishes: [{ id: 'oat' }], on: [{ surface: 'walls', finishId: 'oat' } as const] }
    const work = (piece: ExamplePiece, room: Made = walls) => made(jobOf({ ...room, pieces: [piece] })).work
    expect(work(shelf({}))).toMatchObject({ 'take fittings down': 1, 'fix to the building': 1 })
    expect(made(jobOf({ ...walls, pieces: [shelf({})] })).cautions.join(' ')).toContain('anchor it again')
    for (const silent of [work(shelf({ stays: true })), work(shelf({ fixing: 'stands free' }))])
      expect([silent['take fittings down'], silent['fix to the building']]).toEqual([undefined, undefined])
    expect(work(shelf({}), {})).toEqual({})
  })
  test('a line of the schedule that is drawn nowhere yet counts as the piece it will be', () => {
    const item = {
      ...ROWS.items.make({ id: 'i', name: 'Tall shelf', category: 'furniture', targetMinor: 0 }),
      ...{ fixing: 'screwed to the wall' as const, pieceKind: 'shelves' as const, quantity: 2, version: 1 },
    }
    const drawn: ExamplePiece = {
      ...{ id: 'p', name: 'Tall shelf', kind: 'shelves', fixing: 'screwed to the wall', count: 2 },
      ...{ widthMm: 800, depthMm: 300, heightMm: 1900, itemId: 'i' },
    }
    const [line, piece] = [
      made(jobOf({ more: { items: [item] } })),
      made(jobOf({ more: { items: [item] }, pieces: [drawn] })),
    ]
    expect(line.work).toEqual({ 'fix to the building': 2 })
    expect(line.goods).toEqual({ 'screws and plugs': 1 })
    expect(piece).toMatchObject({ work: line.work, goods: line.goods })
  })
  test('curtains go on the rod that is there, a blind takes the place of the old one', () => {
    const line = (trade: 'curtains' | 'blinds', carries: 'rod' | 'fixed blind' | 'nothing') => {
      const base = jobOf({
        takeoffs: [{ id: 'cloth', trade, openingId: 'window', goodsWidthMm: 1400, trimMm: 100 }],
      })
      return made({ ...base, openings: base.openings.map((o) => ({ ...o, carries })) })
    }
    expect(line('curtains', 'rod').work['put up a rail or a blind']).toBeUndefined()
    expect(line('curtains', 'nothing').work['put up a rail or a blind']).toBe(1)
    expect(line('blinds', 'fixed blind').work).toMatchObject({ 'take fittings down': 1, 'fill holes': 4 })
    expect(line('curtains', 'nothing').goods.thread).toBe(1)
  })
})

describe('marked out from the floor', () => {
  const marked = (pieces: readonly ExamplePiece[]) => {
    const job = jobOf({ pieces })
    return markingOf(job, deriveJob(job, '2026-03-01'))
  }
  const plain = (text: string) => text.replaceAll(/[\u00a0\u202f\u2009]/g, ' ')
  test('hooks one by one from the left, each with its height; walls on which nothing hangs have no sheet', () => {
    const picture = (id: string, xMm: number, centerMm: number): ExamplePiece => ({
      ...{ id, name: id, kind: 'picture', widthMm: 500, depthMm: 20, heightMm: 400 },
      hang: { xMm, centerMm, dropMm: 50, hooks: 1, fixing: 'picture hook' },
    })
    const sheets = marked([picture('Right', 3000, 1500), picture('Left', 1000, 1600)])
    expect(sheets.map((s) => s.drawing.name)).toEqual(['North wall'])
    // The hook is half the height of the picture above its middle, less its drop.
    expect(sheets[0]?.points.map((p) => `${p.label}: ${plain(p.text)}`)).toEqual([
      '1: 1 000 from the left, 1 750 above the floor: Left, picture hook',
      '2: 3 000 from the left, 1 650 above the floor: Right, picture hook',
    ])
    expect(marked([])).toEqual([])
  })
  test('many that are stuck on are told as a grid, off the window, and are all drawn', () => {
    const [sheet] = marked([
      {
        ...{
          id: 'leaf',
          name: 'Leaf',
          kind: 'object',
          count: 40,
          fixing: 'adhesive strips',
          wallId: 'north',
        },
        ...{ widthMm: 80, depthMm: 1, heightMm: 80, weightG: 10 },
      },
    ])
    expect(sheet?.points).toEqual([])
    expect(plain(sheet?.grids.join() ?? '')).toMatch(
      /^Leaf, 40: \d+ columns \d+ apart, the first \d+ from the left; \d+ rows \d+ apart, the lowest \d+ above the floor(; \d+ places? of the grid stay empty, as drawn)?$/,
    )
    expect(sheet?.drawing.points).toHaveLength(40)
    // 2 500 high; the window is 1 500 to 3 000 from the left and 900 to 2 100 above the floor.
    for (const { xMm, yMm } of sheet?.drawing.points ?? [])
      expect(xMm > 1540 && xMm < 2960 && 2500 - yMm > 940 && 2500 - yMm < 2060).toBe(false)
  })
  test('they keep off what hangs there and off one another, and rugs lie', () => {
    const leaf = (id: string, more: Partial<ExamplePiece> = {}): ExamplePiece => ({
      ...{ id, name: id, kind: 'object', count: 30, fixing: 'adhesive strips', wallId: 'south' },
      ...{ widthMm: 80, depthMm: 1, heightMm: 80, weightG: 10, ...more },
    })
    const picture: ExamplePiece = {
      ...{ id: 'p', name: 'p', kind: 'picture', widthMm: 1400, depthMm: 20, heightMm: 1000 },
      hang: { wallId: 'south', xMm: 3000, centerMm: 1500 },
    }
    const [sheet] = marked([picture, leaf('a'), leaf('b'), leaf('r', { kind: 'rug', fixing: 'glued down' })])
    expect(sheet?.grids.map((g) => g.split(',')[0])).toEqual(['a', 'b'])
    const points = (sheet?.drawing.points ?? []).filter((p) => p.label === '')
    expect(points).toHaveLength(60)
    for (const [i, p] of points.entries()) {
      // 2 300 to 3 700 from the left, 1 000 to 2 000 above the floor.
      expect(p.xMm > 2260 && p.xMm < 3740 && 2500 - p.yMm > 960 && 2500 - p.yMm < 2040).toBe(false)
      for (const q of points.slice(0, i))
        expect(Math.max(Math.abs(p.xMm - q.xMm), Math.abs(p.yMm - q.yMm))).toBeGreaterThan(79.9)
    }
  })
})

describe('what must not matter', () => {
  const pieces: readonly ExamplePiece[] = [
    {
      ...{ id: 'shelf', name: 'Shelf', kind: 'shelves', there: true, verdict: 'let go', count: 3 },
      ...{ widthMm: 800, depthMm: 250, heightMm: 400, fixing: 'screwed to the wall', wallId: 'north' },
    },
    { id: 'lamp', name: 'Lamp', kind: 'lamp', widthMm: 300, depthMm: 300, heightMm: 600, count: 2 },
    { id: 'rug', name: 'Rug', kind: 'rug', widthMm: 2000, depthMm: 1500, heightMm: 10 },
  ]
  const room: Made = {
    finishes: [{ id: 'oat' }, { id: 'clay', hex: '#a0522d' }],
    on: [
      { surface: 'walls', finishId: 'oat' },
      { surface: 'wall:east', finishId: 'clay' },
      { surface: 'trim', finishId: 'clay' },
    ],
    pieces,
  }
  const figures = (job: JobSnapshot) => {
    const { work, goods, minutes } = made(job)
    return { work, goods, minutes: Math.round(minutes * 1e6) / 1e6 }
  }
  test('the order of rows, and a count split into rows', () => {
    const job = jobOf(room)
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...job.pieces], { minLength: 3 }),
        fc.shuffledSubarray([...job.finishAssignments], { minLength: 3 }),
        (shuffled, finishAssignments) => {
          expect(figures({ ...job, pieces: shuffled, finishAssignments })).toEqual(figures(job))
        },
      ),
      { numRuns: 30 },
    )
    const split = job.pieces.flatMap((p) =>
      Array.from({ length: p.count }, (_, i) => ({ ...p, id: `${p.id} ${i}`, count: 1 })),
    )
    expect(figures({ ...job, pieces: split })).toEqual(figures(job))
  })
  test('feet instead of meters: the same work and minutes', () => {
    const job = jobOf(room)
    const { work, minutes } = figures({
      ...job,
      studio: { ...job.studio, system: 'imperial', locale: 'en-US', currency: 'USD' },
    })
    expect({ work, minutes }).toEqual({ work: figures(job).work, minutes: figures(job).minutes })
  })
  test('a wall that was measured in two pieces', () => {
    const job = jobOf({ ...room, on: room.on!.filter((a) => a.surface !== 'wall:east') })
    const [north, ...others] = job.walls
    const halves = {
      ...job,
      walls: [
        { ...north!, lengthMm: 3200, turnDeg: 0 },
        { ...north!, id: 'north right', lengthMm: 1800, position: 0.5 },
        ...others,
      ].map((w, position) => ({ ...w, position })),
    }
    expect(figures(halves)).toEqual(figures(job))
  })
  test('two rows of one kind, begun by two people at once, are read alike in any order', () => {
    const job = jobOf(room)
    const effort = (id: string, minutes: number) => ({
      ...ROWS.efforts.make({ id, task: 'paint with a roller', minutes }),
      version: 1,
    })
    const [one, two] = [effort('a', 8), effort('b', 20)]
    expect(figures({ ...job, efforts: [two, one] })).toEqual(figures({ ...job, efforts: [one, two] }))
  })
  test('minutes and packs of the job go before the usual; what is left out counts nothing', () => {
    const job = jobOf(room)
    const effort = { ...ROWS.efforts.make({ id: 'e', task: 'paint with a roller', minutes: 12 }), version: 1 }
    const before = made(job).minutesOf['paint with a roller'] ?? 0
    expect(made({ ...job, efforts: [effort] }).minutesOf['paint with a roller']).toBeCloseTo(2 * before, 6)
    expect(made({ ...job, efforts: [{ ...effort, leftOut: true }] }).minutesOf['paint with a roller']).toBe(0)
    const tape = (more: object) => ({
      ...job,
      consumables: [{ ...ROWS.consumables.make({ id: 'c', kind: 'masking tape', ...more }), version: 1 }],
    })
    const packs = made(job).goods['masking tape'] ?? 0
    expect(made(tape({ sparePacks: 2 })).goods['masking tape']).toBe(packs + 2)
    expect(made(tape({ packHolds: 10_000, packMinor: 300 })).goodsMinor).toBe(
      300 * (made(tape({ packHolds: 10_000 })).goods['masking tape'] ?? 0),
    )
    expect(made(tape({ leftOut: true, packMinor: 300 })).goodsMinor).toBe(0)
  })
})
