import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { finishWith, shelfFacts, shelfJob, type Shown } from '../../examples/handover/example.js'
import { afterFix } from '../../job/fixes/afterFix.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { hasRoom, moveTo, takenOff } from './rules/places.js'
import { exchange, moveAlong, moveUp } from './shelfMoves.js'
import { leftRight, lookOf, setOut } from './setOut.js'
import type { Level, Unit } from './stylingFacts.js'

const unitOf = (job: JobSnapshot): Unit => shelfFacts(job).units[0]!
const levelOf = (job: JobSnapshot, n: number): Level => unitOf(job).levels.find((l) => l.number === n)!
const WIDE = 800

const job = (things: readonly Omit<Shown, 'on'>[], shelf: object = { levels: 3, clearWidthMm: WIDE }) =>
  shelfJob(
    [{ id: 'Unit', size: [840, 300, 1100], shelves: [shelf] }],
    things.map((t) => ({ on: 'Unit', ...t })),
    { finishes: [finishWith({ id: 'Black', labL: 0 }), finishWith({ id: 'White', labL: 100 })] },
  )

const anyThings = fc.array(
  fc.record({
    size: fc.tuple(fc.integer({ min: 20, max: 150 }), fc.constant(100), fc.integer({ min: 20, max: 300 })),
    level: fc.integer({ min: 1, max: 3 }),
    finishId: fc.constantFrom(null, 'Black', 'White'),
  }),
  { minLength: 1, maxLength: 12 },
)
const jobOf = (things: readonly object[]) =>
  job(things.map((t, i) => ({ id: `Thing ${i}`, ...t }) as Omit<Shown, 'on'>))

describe('where things stand', () => {
  test('set out evenly while nobody said otherwise; piles lie on one another; what is on top is carried', () => {
    const shelf = levelOf(
      job([
        { id: 'Books', kind: 'books', count: 3, size: [30, 160, 200], level: 1, place: { lies: true } },
        { id: 'Bell', size: [100, 80, 60], level: 1, place: { onId: 'Books there' } },
        { id: 'Vase', size: [100, 100, 250], level: 1 },
      ]),
      1,
    )
    expect(
      setOut(shelf).map((b) => [b.thing.name, Math.round(b.xMm), b.yMm, b.wideMm, b.highMm, b.over]),
    ).toEqual([
      ['Books', 167, 0, 200, 90, false],
      ['Bell', 217, 90, 100, 60, false],
      ['Vase', 533, 0, 100, 250, false],
    ])
  })
  test('what has its place keeps it, and the others share what is left', () => {
    const shelf = levelOf(
      job([
        { id: 'Box', size: [200, 200, 200], level: 1, place: { xMm: 600 } },
        { id: 'Vase', size: [100, 100, 250], level: 1 },
      ]),
      1,
    )
    expect(setOut(shelf).map((b) => [b.thing.name, b.xMm])).toEqual([
      ['Box', 600],
      ['Vase', 250],
    ])
  })
  test.each([
    ['too high', { size: [100, 100, 321] as const }, true],
    ['just high enough', { size: [100, 100, 320] as const }, false],
    ['out at the side', { size: [100, 100, 100] as const, place: { xMm: 701 } }, true],
    ['at the very edge', { size: [100, 100, 100] as const, place: { xMm: 700 } }, false],
  ])('%s', (_says, thing, over) =>
    expect(setOut(levelOf(job([{ id: 'Thing', level: 1, ...thing }]), 1))[0]?.over).toBe(over),
  )
  test('a row of twelve over two compartments stands in both, as twelve rows of one do', () => {
    const shelves = { levels: 1, across: 2, clearWidthMm: 400 }
    const cup = { size: [60, 60, 90] as const, level: 1 }
    const one = setOut(levelOf(job([{ ...cup, id: 'Cups', count: 12 }], shelves), 1))
    const many = setOut(
      levelOf(
        job(
          Array.from({ length: 12 }, (_x, i) => ({ ...cup, id: `Cup ${i}` })),
          shelves,
        ),
        1,
      ),
    )
    expect(one.map((b) => b.thing.count)).toEqual([6, 6])
    expect([...one, ...many].some((b) => b.over)).toBe(false)
    const [a, b] = [one, many].map((bodies) => leftRight(bodies, 800))
    expect(a?.left).toBeCloseTo(b?.left ?? 0, 9)
  })
  test('things that name each other stand on the shelf', () => {
    const shelf = levelOf(
      job([
        { id: 'A', size: [100, 100, 100], level: 1, place: { onId: 'B there' } },
        { id: 'B', size: [100, 100, 100], level: 1, place: { onId: 'A there' } },
      ]),
      1,
    )
    expect(setOut(shelf).map((b) => b.yMm)).toEqual([0, 0])
  })
})

describe('weight of look', () => {
  test('black weighs three times what white does, and twice as large twice as much', () => {
    const look = (lightness: number, wide: number) =>
      lookOf({ groupWideMm: wide, groupHighMm: 100, lightness })
    expect(look(0, 100)).toBe(1.5)
    expect(look(0, 100)).toBeCloseTo(3 * look(100, 100), 9)
    expect(look(40, 200)).toBeCloseTo(2 * look(40, 100), 9)
  })
  test('a shelf in a mirror weighs the other way', () => {
    fc.assert(
      fc.property(anyThings, (things) => {
        const now = jobOf(things)
        const mirrored = {
          ...now,
          shelfPlacements: now.shelfPlacements.map((s) => ({ ...s, position: 100 - s.position })),
        }
        for (const n of [1, 2, 3]) {
          const [a, b] = [now, mirrored].map((j) => leftRight(setOut(levelOf(j, n)), WIDE))
          expect(a?.left ?? 0).toBeCloseTo(b?.right ?? 0, 9)
        }
      }),
    )
  })
})

describe('moving by hand', () => {
  const after = (now: JobSnapshot, changes: Parameters<typeof afterFix>[1]) => afterFix(now, changes)!
  const places = (j: JobSnapshot) =>
    new Map(
      unitOf(j).levels.flatMap((l) =>
        setOut(l).map((b) => [b.thing.id, { level: l.number, x: b.xMm }] as const),
      ),
    )
  test('one thing moves along its shelf, and nothing else by more than a rounded millimeter', () => {
    fc.assert(
      fc.property(anyThings, fc.integer({ min: -300, max: 300 }), (things, by) => {
        const now = jobOf(things)
        const unit = unitOf(now)
        const thing = unit.levels.flatMap((l) => l.things)[0]!
        const [before, then] = [places(now), places(after(now, moveAlong(unit, thing, by)))]
        for (const [id, p] of before) {
          const q = then.get(id)!
          expect(q.level).toBe(p.level)
          if (id === thing.id)
            expect(
              Math.abs(q.x - Math.max(0, Math.min(WIDE - thing.groupWideMm, p.x + by))),
            ).toBeLessThanOrEqual(0.51)
          else expect(Math.abs(q.x - p.x)).toBeLessThanOrEqual(0.51)
        }
      }),
    )
  })
  test('up and down again it stands where it stood; at the end of the unit nothing happens', () => {
    fc.assert(
      fc.property(anyThings, (things) => {
        const now = jobOf(things)
        const unit = unitOf(now)
        const thing = unit.levels.flatMap((l) => l.things)[0]!
        const up = after(now, moveUp(unit, thing, 1))
        const again = unitOf(up)
        const moved = again.levels.flatMap((l) => l.things).find((t) => t.id === thing.id)!
        const [p, q] = [
          places(now).get(thing.id)!,
          places(after(up, moveUp(again, moved, -1))).get(thing.id)!,
        ]
        expect(q.level).toBe(p.level)
        // The top is wider than a shelf: rounded twice.
        expect(Math.abs(q.x - p.x)).toBeLessThanOrEqual(25)
        if (thing.lies) expect(up).toBeDefined()
      }),
    )
  })
  const stacked = job([
    { id: 'Books', kind: 'books', count: 3, size: [30, 160, 200], level: 1, place: { lies: true } },
    { id: 'Bell', size: [100, 80, 60], level: 1, place: { onId: 'Books there' } },
    { id: 'Vase', size: [100, 100, 250], level: 2 },
  ])
  const named = (j: JobSnapshot, name: string) =>
    unitOf(j)
      .levels.flatMap((l) => l.things)
      .find((t) => t.name === name)!
  test('what stands on top goes along: up a shelf, by a way out, and in an exchange', () => {
    const unit = unitOf(stacked)
    const books = named(stacked, 'Books')
    expect([books.carries, books.carriesMm]).toEqual([['Bell there'], 60])
    for (const [changes, level] of [
      [moveUp(unit, books, 1), 2],
      [moveTo(books, unit, levelOf(stacked, 3)).changes, 3],
      [exchange(unit, books, named(stacked, 'Vase')), 2],
    ] as const) {
      const [below, bell] = ['Books', 'Bell'].map((n) =>
        setOut(levelOf(after(stacked, changes), level)).find((b) => b.thing.name === n),
      )
      expect([below?.yMm, bell?.yMm]).toEqual([0, 90])
    }
  })
  test('a shelf too low for the two of them is no place for the one below', () => {
    const low = { ...levelOf(stacked, 3), clearHeightMm: 149 }
    expect(hasRoom(low, named(stacked, 'Books'))).toBe(false)
    expect(hasRoom({ ...low, clearHeightMm: 150 }, named(stacked, 'Books'))).toBe(true)
  })
  test('taken off view it is marked so, unless more of it stays on view; nothing is removed from the job', () => {
    const changes = takenOff(named(stacked, 'Vase'))
    const then = after(stacked, changes)
    expect(then.pieces.find((p) => p.id === 'Vase')?.traits).toEqual(['not to be on view'])
    expect(then.pieces).toHaveLength(stacked.pieces.length)
    expect(takenOff({ ...named(stacked, 'Vase'), setDown: 2 })).toHaveLength(1)
  })
  test('two change places, and back', () => {
    const now = job([
      { id: 'Box', size: [200, 200, 200], level: 1 },
      { id: 'Vase', size: [100, 100, 250], level: 2 },
      { id: 'Bowl', size: [150, 150, 80], level: 2 },
    ])
    const both = (j: JobSnapshot) => {
      const all = unitOf(j).levels.flatMap((l) => l.things)
      return [all.find((t) => t.name === 'Box')!, all.find((t) => t.name === 'Vase')!] as const
    }
    const then = after(now, exchange(unitOf(now), ...both(now)))
    expect([...places(then)].map(([id, p]) => [id, p.level])).toEqual(
      expect.arrayContaining([
        ['Box there', 2],
        ['Vase there', 1],
        ['Bowl there', 2],
      ]),
    )
    const back = places(after(then, exchange(unitOf(then), ...both(then))))
    for (const [id, p] of places(now)) expect(Math.abs(back.get(id)!.x - p.x)).toBeLessThanOrEqual(1)
  })
})
