import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import {
  finishWith,
  shelfFacts,
  shelfJob,
  type Host,
  type Shown,
} from '../../../examples/handover/example.js'
import { emptyJob } from '../../../examples/emptyJob.js'
import { afterFix } from '../../../job/fixes/afterFix.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { HANDOVER_RULES } from '../rules/index.js'
import { setOut } from '../setOut.js'
import type { Level, SetDown } from '../stylingFacts.js'
import { weightOn } from '../rules/places.js'
import { compose, type Composition } from './compose.js'

const schools = { ...emptyJob().schools, shelves: 'open and composed' as const }
const finishes = [
  finishWith({ id: 'Iron', material: 'metal', labL: 25 }),
  finishWith({ id: 'Chalk', material: 'stone', labL: 92 }),
  finishWith({ id: 'Oak', material: 'timber', labL: 60 }),
  finishWith({ id: 'Clear', material: 'glass', labL: 80 }),
]

/** Units and things of any sizes, put anywhere, whether they go there or not. */
const anyShelves = fc
  .record({
    units: fc.array(
      fc.record({
        levels: fc.integer({ min: 1, max: 6 }),
        across: fc.integer({ min: 1, max: 3 }),
        high: fc.integer({ min: 180, max: 420 }),
        wide: fc.integer({ min: 250, max: 1000 }),
        bearsG: fc.option(fc.integer({ min: 2_000, max: 30_000 }), { nil: null }),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    things: fc.array(
      fc.record({
        size: fc.tuple(
          fc.integer({ min: 20, max: 400 }),
          fc.integer({ min: 20, max: 280 }),
          fc.integer({ min: 20, max: 500 }),
        ),
        count: fc.integer({ min: 1, max: 4 }),
        kind: fc.constantFrom('object', 'books', 'plant', 'trunk'),
        finishId: fc.constantFrom(null, 'Iron', 'Chalk', 'Oak', 'Clear'),
        weightG: fc.option(fc.integer({ min: 50, max: 6_000 }), { nil: null }),
        sentimental: fc.boolean(),
        unit: fc.nat(),
        level: fc.nat(),
      }),
      { minLength: 1, maxLength: 24 },
    ),
    seed: fc.nat(),
  })
  .map(({ units, things, seed }) => {
    const hosts = units.map((u, i): Host => ({
      id: `Unit ${i}`,
      size: [u.wide * u.across + 40, 300, u.levels * (u.high + 20) + 20],
      shelves: [
        { levels: u.levels, across: u.across, clearHeightMm: u.high, clearWidthMm: u.wide, bearsG: u.bearsG },
      ],
    }))
    const shown = things.map(({ unit, level, ...t }, i): Shown => {
      const host = units[unit % units.length]!
      return {
        ...t,
        id: `Thing ${i}`,
        on: `Unit ${unit % units.length}`,
        level: 1 + (level % host.levels),
      }
    })
    return { job: shelfJob(hosts, shown, { finishes, schools }), seed }
  })

const composed = (job: JobSnapshot, seed = 1, rounds = 3000): Composition[] => {
  const facts = shelfFacts(job)
  return compose({ facts, unitIds: facts.units.map((u) => u.id), loose: [], seed, rounds, runs: 3 })
}

/** Legal as the rules and the drawing see it. */
function faults(job: JobSnapshot): string[] {
  return shelfFacts(job).units.flatMap((u) =>
    u.levels
      .filter((l) => l.number > 0)
      .flatMap((l) => [
        ...setOut(l)
          .filter((b) => b.over)
          .map((b) => `${b.thing.name} stands out`),
        ...(weightOn(l) > (l.bearsG ?? Infinity) ? [`${u.name} ${l.number} bears too much`] : []),
      ]),
  )
}

const onShelf = (job: JobSnapshot, unit: string, level: number) =>
  job.shelfPlacements.filter((s) => s.hostId === unit && s.level === level)

/** By the strict measure of the composer: not a millimeter out over the front edge. */
const goesUnder = (l: Level, t: SetDown) =>
  l.things.every((o) => o.deepMm <= l.clearDepthMm) && t.deepMm <= l.clearDepthMm

describe('any shelves', () => {
  test('what is proposed is legal, takes nothing loved away, and has fewer faults than now', () => {
    fc.assert(
      fc.property(anyShelves, ({ job, seed }) => {
        for (const c of composed(job, seed)) {
          const after = afterFix(job, c.changes)!
          expect(faults(after)).toEqual([])
          expect(c.cost).toBeLessThan(c.before)
          const there = new Set(after.shelfPlacements.map((s) => s.pieceId))
          const gone = job.shelfPlacements.filter((s) => !there.has(s.pieceId))
          expect(gone.map((s) => s.pieceId).sort()).toEqual([...c.offView].sort())
          // What is loved goes off view only from where it cannot stand.
          for (const u of shelfFacts(job).units)
            for (const l of u.levels)
              if (
                l.things.length > 0 &&
                faults({ ...job, shelfPlacements: onShelf(job, u.id, l.number) }).length === 0
              )
                for (const t of l.things) if (t.loved && goesUnder(l, t)) expect(there).toContain(t.pieceId)
        }
      }),
      { numRuns: 60 },
    )
  })
  test('the same seed proposes the same, and the order in which rows were entered changes nothing of the faults', () => {
    fc.assert(
      fc.property(anyShelves, ({ job, seed }) => {
        expect(composed(job, seed)).toEqual(composed(job, seed))
        const turned = {
          ...job,
          shelfPlacements: [...job.shelfPlacements].reverse(),
          pieces: [...job.pieces].reverse(),
        }
        const [one, other] = [composed(job, seed)[0], composed(turned, seed)[0]]
        if (one && other) expect(other.before).toBeCloseTo(one.before, 6)
      }),
      { numRuns: 15 },
    )
  })
})

describe('a shelf unit half composed', () => {
  const glass = { finishId: 'Clear' } as const
  const job = shelfJob(
    [
      {
        id: 'Bookcase',
        size: [900, 300, 1900],
        shelves: [{ levels: 5, clearHeightMm: 330, clearWidthMm: 860 }],
      },
    ],
    [
      { id: 'Domes', size: [200, 200, 260], ...glass, on: 'Bookcase', level: 2 },
      { id: 'Bud vases', size: [180, 160, 240], ...glass, on: 'Bookcase', level: 3 },
      { id: 'Tapers', size: [30, 30, 280], count: 2, on: 'Bookcase', level: 4 },
      { id: 'Thin clock', size: [90, 60, 260], on: 'Bookcase', level: 4 },
      { id: 'Slim vase', size: [80, 80, 270], on: 'Bookcase', level: 4 },
      { id: 'Iron box', size: [320, 220, 200], finishId: 'Iron', on: 'Bookcase', level: 5 },
      { id: 'Iron bell', size: [240, 200, 260], finishId: 'Iron', on: 'Bookcase', level: 5 },
      { id: 'Novels', kind: 'books', count: 9, size: [25, 130, 200], on: 'Bookcase', level: 1 },
      {
        id: 'Wide bowl',
        size: [260, 260, 90],
        finishId: 'Chalk',
        on: 'Bookcase',
        level: 1,
        sentimental: true,
      },
    ],
    { finishes, schools },
  )
  const said = (j: JobSnapshot) => HANDOVER_RULES.flatMap((r) => r.check(shelfFacts(j))).map((f) => f.rule)
  test('by the rule book: what was said before is said no more, and nothing else is', () => {
    expect(said(job)).toEqual(
      expect.arrayContaining(['handover.one-scale', 'handover.alike-stacked', 'handover.heavy-neighbors']),
    )
    const found = composed(job, 7, 12_000)
    expect(found.length).toBeGreaterThan(0)
    for (const c of found) expect(said(afterFix(job, c.changes)!)).toEqual([])
  })
})
