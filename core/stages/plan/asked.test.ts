import { describe, expect, test } from 'vitest'
import { emptyJob } from '../../examples/emptyJob.js'
import { ex, exampleJob, type ExamplePiece, type ExampleRoom } from '../../examples/plan/example.js'
import { afterFix } from '../../job/fixes/afterFix.js'
import { checkFixes, judged } from '../../job/fixes/checkFixes.js'
import { judgeWhole } from '../../job/fixes/judgeWhole.js'
import { ROWS } from '../../model/registry.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Person } from '../../model/rows/people.js'

const TODAY = '2026-03-01'
const PLACE: Partial<ExamplePiece> = { at: [2500, 2000] }
const WALL: Partial<ExamplePiece> = { hang: { hooks: 1 } }

const person = (more: Partial<Person>): Person & { id: string; version: number } => ({
  ...ROWS.people.blank(),
  position: 0,
  id: 'p',
  name: 'P',
  kind: 'adult',
  version: 1,
  ...more,
})
const ALONE = [person({ kind: 'adult' })]
const CHILD = [person({ kind: 'child', ageYears: 3 })]

/** A room with one more piece and whoever lives there. */
const room = (
  piece: ExamplePiece,
  more: ExampleRoom['more'] = {},
  beside: readonly ExamplePiece[] = [],
): JobSnapshot => exampleJob({ pieces: [piece, ...beside], openings: [], more })
const outdoors = { room: { ...emptyJob().room, heightMm: 2500, kind: 'outdoors' as const } }
const of = (job: JobSnapshot, rule: string) =>
  judgeWhole(job, TODAY, true).filter((f) => f.rule === `plan.${rule}`)

const candles = (more: Partial<ExamplePiece>) =>
  ex('object', 'Candles', {
    traits: ['button cells or magnets'],
    widthMm: 80,
    depthMm: 80,
    heightMm: 100,
    ...more,
  })
const glass = (more: Partial<ExamplePiece>) => ex('cabinet', 'Cabinet', { traits: ['clear glass'], ...more })
const lamp = (more: Partial<ExamplePiece>) => ex('lamp', 'Lantern', { lampType: 'LED, 2 700 K', ...more })

// One line a caution: a thing stood, the same hung or set out, and one that is rightly silent.
const TABLE: readonly {
  readonly rule: string
  readonly stood: JobSnapshot
  readonly hung?: JobSnapshot
  readonly setOut?: JobSnapshot
  readonly silent: JobSnapshot
}[] = [
  {
    rule: 'button-cells',
    stood: room(candles(PLACE), { people: CHILD }),
    hung: room(candles(WALL), { people: CHILD }),
    setOut: room(candles({}), { people: CHILD }),
    silent: room(candles(PLACE), { people: ALONE }),
  },
  {
    rule: 'glass',
    stood: room(glass(PLACE)),
    hung: room(glass({ ...WALL, weightG: 9_000 })),
    setOut: room(glass({})),
    silent: room(ex('picture', 'Print behind glass', { traits: ['clear glass'], weightG: 900, ...WALL })),
  },
  {
    rule: 'outdoor-power',
    stood: room(lamp({ ...PLACE, traits: ['corded', 'made for outdoors'] }), outdoors),
    hung: room(lamp({ ...WALL, weightG: 900, traits: ['corded', 'made for outdoors'] }), outdoors),
    setOut: room(lamp({}), outdoors),
    silent: room(lamp({ ...PLACE, traits: ['made for outdoors', 'cordless'] }), outdoors),
  },
  {
    rule: 'found-wood',
    stood: room(ex('bench', 'Bench', { ...PLACE, traits: ['pallet or found wood'] })),
    hung: room(ex('shelves', 'Board', { ...WALL, weightG: 4_000, traits: ['pallet or found wood'] })),
    silent: room(ex('bench', 'Bench', PLACE)),
  },
  {
    rule: 'floor-load',
    stood: room(ex('object', 'Fish tank', { ...PLACE, weightG: 320_000 })),
    setOut: room(ex('plant', 'Olive', { widthMm: 600, depthMm: 600 }), outdoors),
    silent: room(ex('piano', 'Upright piano', { ...PLACE, weightG: 230_000 })),
  },
]

describe.each(TABLE)('plan.$rule', ({ rule, stood, hung, setOut, silent }) => {
  test.each([
    ['stood', stood],
    ['hung', hung],
    ['set out or only chosen', setOut],
  ])('%s it is asked', (_, job) => {
    if (!job) return
    expect(of(job, rule)).not.toEqual([])
  })
  test('and is silent where nothing is to be asked', () => expect(of(silent, rule)).toEqual([]))
  test('an answer closes it, is offered, and says nowhere that a thing is safe', () => {
    let job = stood
    // A question may lead to the next; none comes back.
    for (let n = 0; n < 3 && of(job, rule).length > 0; n++) {
      const [open] = of(job, rule)
      const { offered } = checkFixes(judged(job, TODAY), open!)
      expect(offered.map((o) => o.fix.kind)).toContain('answer')
      expect([open!.because, open!.wanted].join(' ')).not.toMatch(/\bis safe\b/)
      job = afterFix(job, offered[0]!.fix.changes)!
    }
    expect(of(job, rule)).toEqual([])
  })
})

describe('what the household and the place decide', () => {
  const night = (heightMm: number) => lamp({ ...PLACE, heightMm, traits: ['cordless'] })
  test('a little lamp without a cord is asked after with a small child, a floor lamp is not', () => {
    expect(of(room(night(220), { people: CHILD }), 'button-cells').map((f) => f.title)).toEqual([
      'What does Lantern run on?',
    ])
    // Nobody said how it is fed: a tiny one is asked after, and a cord ends it.
    const tiny = (traits: ExamplePiece['traits']) =>
      of(room(lamp({ ...PLACE, heightMm: 150, traits: traits ?? [] }), { people: CHILD }), 'button-cells')
        .length
    expect([tiny([]), tiny(['corded'])]).toEqual([1, 0])
    expect(of(room(night(1_500), { people: CHILD }), 'button-cells')).toEqual([])
    expect(of(room(night(220), { people: ALONE }), 'button-cells')).toEqual([])
  })
  test('an edge of glass is named where it is at a child’s head', () => {
    const table = (heightMm: number) =>
      of(
        room(ex('low table', 'Table', { ...PLACE, heightMm, traits: ['clear glass'] }), { people: CHILD }),
        'glass',
      )[0]?.measured
    expect([table(420), table(1_100)]).toEqual(['not known, its edge 420 mm high', 'not known'])
  })
  test('glass is known by what is worn, and no answer writes it down', () => {
    const pane = {
      ...ROWS.finishes.blank(),
      ...{ id: 'pane', name: 'Pane', labL: 80, labA: 0, labB: 0, colors: [], readings: [], version: 1 },
      material: 'glass' as const,
    }
    const job = room(ex('low table', 'Table', { ...PLACE, finishId: 'pane' }), { finishes: [pane] })
    const [open] = of(job, 'glass')
    const after = afterFix(job, open!.fixes[0]!.changes)!
    expect(after.pieces[0]!.traits).toEqual(['tempered or laminated glass'])
    expect(of(after, 'glass')).toEqual([])
  })
  test('what is written down as the material is known', () => {
    const made = (kind: 'low table' | 'bench', material: string) =>
      room(ex(kind, 'Thing', { ...PLACE, material }))
    expect(of(made('low table', 'Smoked glass'), 'glass')).toHaveLength(1)
    expect(of(made('bench', 'pallet wood'), 'found-wood')).toHaveLength(1)
    expect(of(made('low table', 'fiberglass'), 'glass')).toEqual([])
  })
  test('planters nobody weighed are one question, whatever their number', () => {
    const pots = ['Olive', 'Fig', 'Lemon'].map((name) => ex('plant', name, { widthMm: 600, depthMm: 600 }))
    const job = exampleJob({ pieces: pots, openings: [], more: outdoors })
    const found = of(job, 'floor-load')
    expect(found).toHaveLength(1)
    expect(of(afterFix(job, found[0]!.fixes[0]!.changes)!, 'floor-load')).toEqual([])
  })
})

describe('small things at a changing place', () => {
  const USE = {
    ...{ id: 'change', name: 'Change', kind: 'change a small child', persons: 1, time: 'any time' },
    ...{ position: 0, version: 1 },
  } as JobSnapshot['uses'][number]
  const place = ex('cabinet', 'Cabinet', {
    at: [2500, 250],
    widthMm: 900,
    depthMm: 500,
    heightMm: 900,
    serves: ['change'],
  })
  const pot = (more: Partial<ExamplePiece>) =>
    ex('object', 'Cream', { widthMm: 80, depthMm: 80, heightMm: 120, ...more })
  const asked = (more: Partial<ExamplePiece>) =>
    of(room(place, { uses: [USE] }, [pot(more)]), 'changing-reach')
  test('within reach it is told, out of reach or behind a lock it is not; nor is a large thing', () => {
    expect(asked({ at: [3200, 400] })).toHaveLength(1)
    expect(asked({ at: [3200, 400], traits: ['behind a lock or latch'] })).toEqual([])
    expect(asked({ at: [3200, 3500] })).toEqual([])
    expect(asked({ at: [3400, 400], widthMm: 400, depthMm: 400, heightMm: 400 })).toEqual([])
  })
  test('what stands on something is never pushed off it', () => {
    const moves = (raised: number) =>
      asked({ at: [3200, 400], raised })[0]!.fixes.filter((f) =>
        f.changes.some((c) => c.collection === 'floorPlacements'),
      )
    expect(moves(0)).not.toEqual([])
    expect(moves(900)).toEqual([])
  })
})

describe('cords at sockets', () => {
  const socket = (startMm: number) =>
    ({
      ...{ id: `s${startMm}`, wallId: 'north', kind: 'socket', name: 'Socket', startMm, widthMm: 80 },
      ...{ heightMm: 80, bottomMm: 300, depthMm: 10, radiusMm: null, version: 1 },
    }) as JobSnapshot['fixtures'][number]
  const corded = (xs: readonly number[]) =>
    xs.map((x, i) =>
      ex('appliance', `Machine ${i}`, { traits: ['corded'], widthMm: 200, depthMm: 200, at: [x, 300] }),
    )
  const found = (xs: readonly number[], sockets: readonly number[]) =>
    of(
      exampleJob({ pieces: corded(xs), openings: [], more: { fixtures: sockets.map(socket) } }),
      'one-socket',
    )
  test('three crowd one socket; a second in reach of one of them is enough', () => {
    expect(found([300, 700, 1100], [600]).map((f) => f.title)).toEqual(['3 cords at 1 socket'])
    expect(found([300, 700, 1100], [600, 1200])).toEqual([])
    expect(found([300, 700, 1100], [600, 4700])).toHaveLength(1)
    expect(found([300, 700, 1100], [])).toEqual([])
  })
})
