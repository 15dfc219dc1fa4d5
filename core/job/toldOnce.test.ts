import { describe, expect, test } from 'vitest'
import { installJob, MONDAY } from '../examples/install/example.js'
import { addDays } from '../kernel/units/days.js'
import { exampleJob, ex, type ExamplePiece } from '../examples/plan/example.js'
import { ROWS } from '../model/registry.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { judgeWhole } from './fixes/judgeWhole.js'

const rules = (job: JobSnapshot) => judgeWhole(job, '2026-03-01', true).map((f) => f.rule)

describe('what can tip in a rented room is told once, however far the room is entered', () => {
  const wardrobe = (more: Partial<ExamplePiece> = {}) =>
    ex('wardrobe', 'Wardrobe', { heightMm: 2000, fixing: 'stands free', ...more })
  const rented = (piece: ExamplePiece, more: (job: JobSnapshot) => JobSnapshot = (job) => job) =>
    more(exampleJob({ schools: { tenure: 'rented' }, pieces: [{ there: true, ...piece }] }))
  const STATES: readonly (readonly [string, JobSnapshot])[] = [
    ['placed', rented(wardrobe({ at: [2500, 300] }))],
    ['not placed', rented(wardrobe())],
    ['only parked', rented(wardrobe({ parkedAt: [2500, 300] }))],
    ['on a platform', rented(wardrobe({ at: [2500, 300], raised: 150 }))],
    [
      'placed, while the walls do not close',
      rented(wardrobe({ at: [2500, 300] }), (job) => ({ ...job, walls: job.walls.slice(0, 2) })),
    ],
    [
      'placed, while nobody knows the height of the room',
      rented(wardrobe({ at: [2500, 300] }), (job) => ({ ...job, room: { ...job.room, heightMm: null } })),
    ],
  ]
  test.each(STATES)('%s', (_state, job) => {
    const told = rules(job).filter((r) => r === 'plan.tip-over' || r === 'brief.tip-over-rented')
    expect(told.length).toBeGreaterThan(0)
  })
  test('never twice where the plan is judged', () => {
    const [, job] = STATES[0] ?? ['', rented(wardrobe())]
    expect(rules(job).filter((r) => r.includes('tip-over'))).toEqual(['plan.tip-over'])
  })
})

describe('a flame is asked about where it burns, however that is entered', () => {
  const WINDOW = {
    id: 'window',
    wallId: 'north',
    kind: 'window',
    name: '',
    startMm: 2000,
    widthMm: 1200,
    heightMm: 1200,
    sillMm: 800,
    hinge: 'none',
    swing: 'none',
    carries: null,
    carriesG: null,
    version: 1,
  } as const
  const flames = (
    pieces: readonly ExamplePiece[],
    more: Partial<JobSnapshot> = {},
    openings: JobSnapshot['openings'] = [],
  ) => {
    const job = exampleJob({ pieces, openings, more })
    const grown = ROWS.people.make({ id: 'p', position: 0, name: 'P', kind: 'adult' })
    return judgeWhole({ ...job, people: [{ ...grown, version: 1 }] }, '2026-03-01', true).filter(
      (f) => f.rule === 'plan.flame',
    )
  }
  const candle = (more: Partial<ExamplePiece> = {}) =>
    ex('object', 'Candle', { widthMm: 80, depthMm: 80, heightMm: 150, traits: ['open flame'], ...more })
  const sofa = ex('sofa', 'Sofa', { widthMm: 2000, depthMm: 900, at: [2500, 450] })
  const on = (hostId: string) => [
    { ...ROWS.shelfPlacements.make({ id: 'on', position: 0, pieceId: 'Candle', hostId }), version: 1 },
  ]
  // The front of the sofa lies at 900.
  test.each([
    ['stands near the sofa', candle({ at: [2500, 1500] }), {}, 1],
    ['stands well away from it', candle({ at: [2500, 2200] }), {}, 0],
    ['is set down nowhere', candle(), {}, 1],
    ['hangs beside it', candle({ hang: { wallId: 'north', xMm: 1200, centerMm: 1400 } }), {}, 1],
    ['hangs at the far wall', candle({ hang: { wallId: 'south', xMm: 2500, centerMm: 1400 } }), {}, 0],
  ] as const)('%s', (_how, flame, more, times) => {
    expect(flames([sofa, flame], more)).toHaveLength(times)
  })
  test.each([
    [1700, 1],
    [3200, 0],
  ])('stands on a table whose middle is at %i', (y, times) => {
    const table = ex('low table', 'Table', { widthMm: 800, depthMm: 500, at: [2500, y] })
    expect(flames([sofa, table, candle()], { shelfPlacements: on('Table') })).toHaveLength(times)
  })
  test.each([
    [500, 1],
    [2000, 0],
  ])('%i from the wall whose window has curtains', (y, times) => {
    const curtains = ex('curtains', 'Curtains', { wallId: 'north' })
    expect(flames([curtains, candle({ at: [2600, y] })], {}, [WINDOW])).toHaveLength(times)
  })
})

describe('the last day to order is told once, on one day', () => {
  const lamp = (neededOn: string | null, installOn: string) =>
    installJob({
      brief: { installOn },
      crew: [{ name: 'One' }],
      pieces: [{ id: 'p', name: 'Floor lamp', kind: 'lamp', itemId: 'lamp' }],
      items: [{ id: 'lamp', name: 'Floor lamp', category: 'light', neededOn, chosenOptionId: 'o' }],
      options: [{ id: 'o', itemId: 'lamp', name: 'Stem lamp', priceMinor: 100, leadDays: 14 }],
    })
  const told = (job: JobSnapshot) =>
    judgeWhole(job, MONDAY, true)
      .filter((f) => f.rule === 'source.order-by' || f.rule === 'install.order-late')
      .map((f) => [f.rule, f.wanted.replace(/,.*/, '')])
  test('wanted by a person before the plan needs it: Source tells it, on that day', () => {
    const needed = addDays(MONDAY, 18)
    expect(told(lamp(needed, addDays(MONDAY, 60)))).toEqual([['source.order-by', 'ordered by 6 Mar 2026']])
  })
  test('wanted by nobody: the plan tells it, from the promised day', () => {
    // Two days of work at the end, 14 days before that.
    const [, wanted] = told(lamp(null, addDays(MONDAY, 18)))[0] ?? []
    expect(told(lamp(null, addDays(MONDAY, 18)))).toHaveLength(1)
    expect(wanted).toMatch(/^ordered by [45] Mar/)
    // Nothing presses where the promised day is far away, however soon the plan could be over.
    expect(told(lamp(null, addDays(MONDAY, 60)))).toEqual([])
  })
  test('promised to nobody and wanted by nobody: no last day', () => {
    const job = lamp(null, addDays(MONDAY, 18))
    expect(told({ ...job, brief: { ...job.brief, installOn: null } })).toEqual([])
  })
})
