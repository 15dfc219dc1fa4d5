import { ROWS } from '../../model/registry.js'
import { describe, expect, test } from 'vitest'
import { fitFrameOf } from '../../job/fitFrameOf.js'
import { emptyJob, itemWith, optionWith } from '../../examples/emptyJob.js'

import { companionsOf } from './companions.js'
import { optionFit, type FitFrame } from './fit.js'
import { METRIC } from '../../testing/habits.js'

const frame: FitFrame = {
  says: METRIC,
  today: '2026-03-02',
  weights: ROWS.brief.blank().weights,
  rented: false,
  children: false,
  demandsOf: (item) => item.demands.map((demand) => ({ demand })),
  way: undefined,
  color: undefined,
}
const says = (option: Partial<Parameters<typeof optionWith>[0]>, item = {}, more: Partial<FitFrame> = {}) => {
  const fit = optionFit(optionWith({ id: 'o', itemId: 'i', ...option }), itemWith({ id: 'i', ...item }), {
    ...frame,
    ...more,
  })
  return { ...fit, by: Object.fromEntries(fit.reasons.map((r) => [r.aspect, r])) }
}

describe('each aspect with its reason', () => {
  test.each([
    ['too wide', { widthMm: 2000 }, { maxWidthMm: 1980 }, 'size', 'strikes out', 'width 20 mm over'],
    ['too small', { widthMm: 1700 }, { minWidthMm: 2400 }, 'size', 'strikes out', 'width 700 mm short'],
    ['not measured', {}, { maxWidthMm: 1980 }, 'size', 'not known', 'width not measured'],
    ['too late', { leadDays: 40 }, { neededOn: '2026-04-01' }, 'date', 'strikes out', '10 days too late'],
    ['just in time', { leadDays: 28 }, { neededOn: '2026-04-01' }, 'date', 'lowers', 'only 2 days to spare'],
    ['in time', { leadDays: 10 }, { neededOn: '2026-04-01' }, 'date', 'agrees', 'in 10 days'],
    [
      'sold out, seen long ago',
      { stock: 'sold out', stockOn: '2026-01-01' },
      {},
      'stock',
      'strikes out',
      'sold out (seen 60 days ago)',
    ],
    ['no longer held', { heldUntil: '2026-03-01' }, {}, 'stock', 'lowers', 'no longer held'],
    [
      'silk in a hall',
      { material: 'silk' },
      { demands: ['many feet'] },
      'wear',
      'strikes out',
      'silk does not stand many feet',
    ],
    [
      'jute that must be washed',
      { material: 'jute' },
      { demands: ['washing'] },
      'wear',
      'lowers',
      'plant fiber stands washing poorly (spot clean)',
    ],
    ['not liked', { liking: 2 }, {}, 'liking', 'lowers', 'liked 2 of 5'],
  ] as const)('%s', (_name, option, item, aspect, verdict, words) => {
    const { by, against } = says(option, item)
    expect(by[aspect]).toMatchObject({ verdict, says: words })
    expect(against.some((r) => r.aspect === aspect)).toBe(verdict === 'strikes out')
  })

  test('a rented home strikes out what drills, wires and pipes; children make cords and tall storage a caution', () => {
    const drilled = says({ traits: ['needs drilling'] }, {}, { rented: true })
    expect(drilled.against.map((r) => r.says)).toEqual([
      "rented: drilling needs the landlord's written consent",
    ])
    expect(says({ traits: ['needs drilling'] }).against).toEqual([])
    expect(says({ traits: ['tips unless anchored', 'corded'] }, {}, { children: true }).reasons).toHaveLength(
      2,
    )
  })
  test('a strike-out cannot be outvoted by weights', () => {
    const none = Object.fromEntries(
      Object.keys(ROWS.brief.blank().weights).map((k) => [k, 0]),
    ) as FitFrame['weights']
    expect(says({ widthMm: 2000 }, { maxWidthMm: 1980 }, { weights: none }).against).toHaveLength(1)
  })
  test('weights move the quality and nothing else', () => {
    const option = { liking: 5, leadDays: 28 }
    const item = { neededOn: '2026-04-01' }
    const liked = says(option, item, { weights: { ...ROWS.brief.blank().weights, liking: 10, date: 0 } })
    const dated = says(option, item, { weights: { ...ROWS.brief.blank().weights, liking: 0, date: 10 } })
    expect(liked.quality).toBe(100)
    expect(dated.quality).toBe(40)
    expect(liked.reasons).toEqual(dated.reasons)
  })
})

test('the way in: by a door as it stands, with its legs off, not at all; cloth and poles pass', () => {
  const job = emptyJob({
    passages: [
      {
        id: 'p',
        position: 0,
        kind: 'room door',
        name: 'Room door',
        widthMm: 760,
        heightMm: 2030,
        lengthMm: null,
        version: 1,
      } as never,
    ],
  })
  const { way } = fitFrameOf(job, { finishes: [] } as never, '2026-03-02')
  const sofa = { widthMm: 1960, depthMm: 900, heightMm: 840 }
  const at = (option: object, item = {}) => says(option, item, { way }).by['way in']
  expect(at(sofa)).toMatchObject({ verdict: 'strikes out', says: 'does not pass Room door: 80 mm too much' })
  expect(at({ ...sofa, legsMm: 150 })).toMatchObject({
    verdict: 'agrees',
    says: 'passes Room door with its legs off',
  })
  expect(at({ ...sofa, heightMm: 700 })).toMatchObject({ verdict: 'agrees' })
  expect(at({ widthMm: 2400, depthMm: 3300, heightMm: 900 }, { category: 'textiles' })).toBeUndefined()
  expect(at({ widthMm: 2900, depthMm: 40, heightMm: 40 })).toBeUndefined()
})

test.each([
  ['picture', [], ['frame']],
  ['picture', ['comes with its frame'], []],
  ['lamp', [], ['bulb']],
  ['rug', ['comes with underlay'], []],
  ['sofa bed', [], ['place for the low table']],
  ['sanitary', ['open below'], ['cover for what shows behind']],
  ['sanitary', ['wall-mounted tap'], ['pipework in the wall']],
  ['shelves', ['tips unless anchored'], ['wall anchor']],
  [null, ['needs wiring'], ['electrician']],
] as const)('a %s with %j calls for %j', (kind, traits, wanted) =>
  expect(companionsOf(kind, traits).map((c) => c.what)).toEqual(wanted),
)
