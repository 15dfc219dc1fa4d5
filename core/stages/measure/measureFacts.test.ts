import { describe, expect, test } from 'vitest'
import { wallsOf } from '../../examples/rooms.js'
import { gapWords } from './explainGap.js'
import { measureFacts, misfits } from './measureFacts.js'
import { MEASURE_RULES } from './rules/index.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Passage } from '../../model/rows/passages.js'
import { wayInFacts } from './wayIn.js'
import { METRIC } from '../../testing/habits.js'

type Measures = Parameters<typeof measureFacts>[0]
const box = (more: Partial<Measures> = {}): Measures => ({
  room: {
    id: 'r',
    heightMm: 2500,
    skirtingMm: 100,
    corniceMm: 0,
    lowerWallMm: null,
    northDeg: null,
    latitudeDeg: null,
    kind: null,
  },
  walls: wallsOf([
    [4000, 90],
    [3000, 90],
    [4000, 90],
    [3000, 90],
  ]),
  ceilings: [],
  diagonals: [],
  openings: [],
  fixtures: [],
  ...more,
})
const opening = (more: Partial<Opening>): Opening => ({
  id: 'o',
  wallId: 'w0',
  kind: 'window',
  name: 'Bay window',
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
const fixture = (more: Partial<Fixture>): Fixture => ({
  id: 'f',
  wallId: 'w0',
  kind: 'radiator',
  name: 'Radiator',
  startMm: 0,
  widthMm: 1000,
  heightMm: 600,
  bottomMm: 100,
  depthMm: 100,
  radiusMm: null,
  ...more,
})
const passage = (more: Partial<Passage>): Passage => ({
  id: 'p',
  position: 0,
  kind: 'corridor',
  name: '',
  widthMm: 1000,
  heightMm: 2400,
  lengthMm: null,
  ...more,
})
const rules = (more: Partial<Measures>, passages: Passage[] = []) =>
  MEASURE_RULES.flatMap((r) => r.check(measureFacts(box(more), passages, METRIC))).map((f) => f.rule)

describe('what does not fit its wall', () => {
  test('openings and fixtures alike, each with the field to fix', () => {
    const facts = measureFacts(
      box({
        openings: [opening({ startMm: 3500 }), opening({ id: 'fits' })],
        fixtures: [fixture({ startMm: 3200 }), fixture({ id: 'fits' })],
      }),
      [],
      METRIC,
    )
    expect(misfits(facts).map((m) => [m.kind, m.id, m.field])).toEqual([
      ['openings', 'o', 'startMm'],
      ['fixtures', 'f', 'startMm'],
    ])
  })
  test('what names a wall that is gone says so', () => {
    const facts = measureFacts(
      box({ openings: [opening({ wallId: 'gone' })], fixtures: [fixture({ wallId: 'gone' })] }),
      [],
      METRIC,
    )
    expect(misfits(facts).map((m) => m.text)).toEqual([
      expect.stringContaining('wall is gone'),
      expect.stringContaining('wall is gone'),
    ])
    expect(facts.nameOf('gone')).toBe('a wall that is gone')
  })
  test.each([
    [1500, []],
    [3200, ['depthMm']],
    [-1, []],
  ] as const)('a ceiling point %i mm out from its wall', (depthMm, fields) => {
    for (const turnDeg of [90, -90]) {
      const walls = wallsOf([
        [4000, turnDeg],
        [3000, turnDeg],
        [4000, turnDeg],
        [3000, turnDeg],
      ])
      const point = fixture({
        kind: 'ceiling point',
        startMm: 2000,
        widthMm: 0,
        depthMm: Math.max(0, depthMm),
      })
      expect(
        misfits(measureFacts(box({ walls, fixtures: [point] }), [], METRIC)).map((m) => m.field),
      ).toEqual(fields)
    }
  })
  test('under a slope the window is too high though the room is not', () => {
    const ceilings = [
      { id: 'c', wallId: 'w0', name: '', startHeightMm: 1300, endHeightMm: 2500, depthMm: 1500, whole: true },
    ]
    const facts = measureFacts(box({ ceilings, openings: [opening({})] }), [], METRIC)
    expect(misfits(facts)).toMatchObject([{ field: 'heightMm' }])
  })
})

describe('which rules speak', () => {
  test('none of a room that is whole', () => expect(rules({})).toEqual([]))
  test('none before the first wall', () => expect(rules({ walls: [] })).toEqual([]))
  test('of an unfinished run, of one that does not close, of one that crosses', () => {
    expect(
      rules({
        walls: wallsOf([
          [4000, 90],
          [3000, 90],
          [4000, 90],
        ]),
      }),
    ).toEqual(['measure.run-open'])
    expect(
      rules({
        walls: wallsOf([
          [4000, 90],
          [3000, 90],
          [3500, 90],
          [3000, 90],
        ]),
      }),
    ).toEqual(['measure.not-closed'])
  })
  test('of windows while north is unknown, and of a lift without its depth', () => {
    expect(rules({ openings: [opening({})] })).toEqual(['measure.north-unknown'])
    expect(rules({}, [passage({ kind: 'lift car' })])).toEqual(['measure.way-in-incomplete'])
    expect(rules({}, [passage({ kind: 'lift car', lengthMm: 1400 }), passage({ id: 'q' })])).toEqual([])
  })
})

test('the way in is as wide as its narrowest and as high as its lowest place', () => {
  const facts = wayInFacts([
    passage({ id: 'door', widthMm: 760, heightMm: 2030 }),
    passage({ id: 'stair', kind: 'stair', widthMm: 890, heightMm: 1950 }),
  ])
  expect([facts.narrowest!.id, facts.lowest!.id]).toEqual(['door', 'stair'])
  expect(wayInFacts([])).toMatchObject({ narrowest: undefined, lowest: undefined, incomplete: [] })
})

test.each([
  [{ x: 0, y: 0 }, 'none'],
  [{ x: -100, y: 0 }, '100 mm to the left'],
  [{ x: 71, y: -71 }, '71 mm to the right, 71 mm up'],
] as const)('a gap of %j is told as %s', (gap, words) => expect(gapWords(gap, METRIC.length)).toBe(words))
