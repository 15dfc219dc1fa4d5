import { describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import { judgedJob } from '@bonitas/core/testing/judgedJob'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { stageLines } from './job/stageLines.js'
import { DIAL_RADIUS, dialDistance, dialView } from './palette/dialView.js'
import { paletteRows } from './palette/paletteRows.js'
import { OPTION_KINDS } from '@bonitas/core/model/vocabulary/buying'
import { markShape } from './source/AxisMark.js'
import type { PlanLine } from './job/stageLines.js'
import { axisMarks, axisView } from './source/axisView.js'
import { landedSteps, reasonText, sizeText } from './source/optionText.js'
import { demoJob } from '@bonitas/core/testing/demoJob'
import { METRIC } from '@bonitas/core/testing/habits'

// The views of the stages over the demo's first job, without mounting anything.
const job = demoJob()
const derived = judgedJob(job, '2026-11-23')
const money = (minor: number) => `€${(minor / 100).toFixed(2)}`

test('each stage says in words and numbers what is open', () => {
  expect(
    stageLines(job, derived, derived.findings, '2026-11-23', { findings: [] }).map((s) => [
      s.number,
      s.name,
      s.line,
    ]),
  ).toEqual([
    [1, 'Brief', '5 uses, 2 to look at'],
    [2, 'Measure', '19.0 m² floor'],
    [3, 'Palette', '1 clash, 3 to look at'],
    [4, 'Plan', '12 pieces placed'],
    [5, 'Take-off', '11.2 L in 5 paints, 11 lines of trades'],
    [6, 'Source', '3 of 15 open'],
    [7, 'Ledger', '3 to look at'],
    [8, 'Install', '\u00a0'],
    [9, 'Handover', '2 to look at'],
  ])
  const planSays = (plan?: PlanLine) =>
    stageLines(job, derived, derived.findings, '2026-11-23', plan).find((s) => s.path === 'plan')?.line
  expect(planSays()).toBe('\u00a0')
  const all = ['stop', 'look', 'look', 'note'].map((severity) => ({ severity }))
  expect(planSays({ findings: all })).toBe('1 stop, 2 to look at')
  expect(planSays({ findings: all.slice(3) })).toBe('12 pieces placed')
  expect(planSays({ findings: all.slice(0, 1).map((f) => ({ ...f, accepted: {} })) })).toBe(
    '12 pieces placed',
  )
  const bare: JobSnapshot = {
    ...job,
    walls: [],
    openings: [],
    people: [],
    uses: [],
    finishes: [],
    finishAssignments: [],
    pieces: [],
    items: [],
    options: [],
    orders: [],
    lines: [],
    entries: [],
  }
  const empty = judgedJob(bare, '2026-11-23')
  expect(stageLines(bare, empty, empty.findings, '2026-11-23').map((s) => s.line)).toEqual([
    '0 uses · 31 Dec',
    'not measured yet',
    'no finishes yet',
    'needs the room',
    '11 lines of trades',
    'no items yet',
    '0 orders',
    '\u00a0',
    '45 things set out',
  ])
})

describe('the palette', () => {
  const rows = paletteRows(job, derived.palette, derived.surfaces)
  test('one row for each thing that wears a finish, the largest first; the shares are all that is seen', () => {
    const going = job.pieces.filter((p) => p.verdict === 'let go').length
    expect(going).toBe(2)
    expect(rows.length).toBe(derived.palette.finishAssignments.length + job.pieces.length - going)
    expect(rows[0]).toMatchObject({ where: 'Walls', kind: 'surface' })
    expect(rows.reduce((sum, r) => sum + r.share, 0)).toBeCloseTo(1, 9)
    expect(rows.map((r) => r.where)).toContain('Cushions × 4')
  })
  test('what has no finish is asked for at the end', () => {
    const open = paletteRows(
      job,
      {
        ...derived.palette,
        finishAssignments: derived.palette.finishAssignments.filter((p) => p.surface !== 'walls'),
      },
      derived.surfaces,
    )
    expect(open.find((r) => r.where === 'Walls')).toMatchObject({ finish: undefined, share: 0 })
  })
  test('on the dial red lies right, yellow up, and chroma outward', () => {
    const dots = dialView(derived.palette.finishes)
    const madder = dots.find((d) => d.name === 'Madder velvet')!
    const tarn = dots.find((d) => d.name === 'Tarn')!
    expect(madder.x > 0 && madder.y < 0 && tarn.x < 0 && tarn.y > 0).toBe(true)
    expect(Math.hypot(madder.x, madder.y)).toBeGreaterThan(Math.hypot(tarn.x, tarn.y))
    expect(dots.find((d) => d.name === 'Aged brass')!.benched).toBe(true)
    expect([dialDistance(0), dialDistance(60), dialDistance(500)]).toEqual([0, DIAL_RADIUS, DIAL_RADIUS])
  })
})

describe('source', () => {
  const item = (id: string) => derived.items.find((i) => i.item.id === id)!
  const axis = axisView(derived.items, 2)
  test.each([
    [0, '500'],
    [148_000, '1500'],
    [1_200_000, '15k'],
    [59_200_000, '600k'],
    [250_000_000, '2.5M'],
    [1_000_000_000, '10M'],
  ])('for %d in hundredths it ends at %s, with round figures that have room', (dearestMinor, end) => {
    const one = derived.items[0]!
    const long = axisView([{ ...one, item: { ...one.item, targetMinor: dearestMinor }, options: [] }], 2)
    expect(long.ticks.at(-1)!.text).toBe(end)
    expect(long.place(dearestMinor)).toBeLessThanOrEqual(100)
    const told = long.ticks.filter((tick) => tick.text !== '')
    expect(told.length).toBeGreaterThan(3)
    expect(told.length).toBeLessThan(13)
  })

  test('one scale for all: it begins at nothing, ends past the dearest and never falls', () => {
    expect(axis.place(0)).toBe(0)
    expect(axis.ticks.at(-1)).toEqual({ left: 100, text: '2500' })
    const places = [0, 1000, 7400, 59_000, 148_000, 217_500].map(axis.place)
    expect([...places].sort((x, y) => x - y)).toEqual(places)
    expect(axis.place(99_999_999)).toBe(100)
  })
  test('each tick has a line, where its number is', () => {
    const lefts = [...axis.lines.matchAll(/ ([\d.]+)% 7px/g)].map((m) => Number(m[1]))
    expect(lefts).toEqual(axis.ticks.map((t) => t.left))
  })
  test('every kind of option has a form of its own', () => {
    const forms = OPTION_KINDS.map(markShape)
    expect(new Set(forms).size).toBe(OPTION_KINDS.length)
    for (const d of forms) expect(d).toMatch(/^M /)
  })
  test('numbers of the scale do not run into each other', () => {
    const shown = axis.ticks.filter((t) => t.text !== '').map((t) => t.left)
    shown.slice(1).forEach((left, i) => expect(left - shown[i]!).toBeGreaterThanOrEqual(4.5))
  })
  test('a mark says its name, kind, price, and whether it fits', () => {
    const marks = axisMarks(item('settee'), axis, money)
    expect(marks.find((m) => m.optionId === 'settee-a')).toMatchObject({
      chosen: true,
      fits: true,
      text: 'Chalk boucle settee, new, €1480.00, chosen',
    })
    expect(marks.find((m) => m.optionId === 'settee-b')).toMatchObject({
      fits: false,
      text: 'Linen settee, long, new, €1935.00, cannot be taken: width 200 mm over',
    })
  })
  test('size, fit and the sum behind a price in words', () => {
    const settee = item('settee').options.find((o) => o.option.id === 'settee-b')!
    expect(sizeText(settee.option, METRIC)).toBe('2\u2009180 × 940 × 800')
    expect(settee.suits.against.map((r) => r.aspect)).toEqual(['size'])
    expect(reasonText(settee)).toMatch(/^Cannot be taken: width 200 mm over/)
    const curtains = item('curtains').chosen!
    expect(curtains.suits.reasons.map((r) => r.aspect)).not.toContain('size')
    expect(reasonText(curtains)).not.toMatch(/fits its place|Cannot be taken/)
    expect(landedSteps(curtains, 1, { ...METRIC, money })).toEqual([
      '1 × €800.00 = €800.00',
      'less 10 %: − €80.00',
      'tax inside: €124.96',
      'landed: €720.00',
    ])
    expect(landedSteps(item('cushions').chosen!, 4, { ...METRIC, money })[0]).toBe(
      '4 in packs of 2: 2 × €48.00 = €96.00',
    )
  })
  /** The curtains' option with other figures, as the first step and the last of its sum. */
  const sumOf = (
    more: Partial<JobSnapshot['options'][number]>,
    fabrications: JobSnapshot['fabrications'] = [],
  ) => {
    const id = item('curtains').chosen!.option.id
    const other = {
      ...job,
      fabrications,
      options: job.options.map((o) => (o.id === id ? { ...o, discountPpm: 0, ...more } : o)),
    }
    const o = deriveJob(other, '2026-11-23').items.find((i) => i.item.id === 'curtains')!.chosen!
    return landedSteps(o, 1, { ...METRIC, money })
  }
  test.each([
    [
      'another currency at its dated rate',
      { currency: 'USD', rate: '0.5', rateOn: '2026-11-01' },
      ['1 × $800 at 0.5 of 1 Nov 2026 = €400.00', 'landed: €400.00'],
    ],
    [
      'another currency without a rate',
      { currency: 'USD', rate: '' },
      ['1 × €800.00 = €800.00', 'in USD, and no rate is given: the figure is taken as it stands'],
    ],
    ['part of a set', { partOfId: 'settee-a' }, ['comes in its set: nothing of its own', 'landed: €0.00']],
    [
      'cleaning and fitting',
      { reworkMinor: 1000, fittingMinor: 500 },
      ['fitting: + €5.00', 'cleaning and rework: + €10.00', 'landed: €815.00'],
    ],
  ] as const)('the sum of %s', (_what, more, steps) =>
    expect(sumOf(more)).toEqual(expect.arrayContaining([...steps])),
  )
  test('the sum of what is made names its materials, and what is owned costs nothing', () => {
    const id = item('curtains').chosen!.option.id
    const line = (n: number, name: string, kind: 'material' | 'owned already', unitMinor: number) => ({
      id: `m${n}`,
      optionId: id,
      position: n,
      name,
      kind,
      quantity: 2,
      unitMinor,
      cutMm: null,
      cutCount: null,
      stockMm: null,
      kerfMm: null,
      version: 1,
    })
    expect(
      sumOf({ kind: 'made' }, [line(1, 'linen', 'material', 4000), line(2, 'thread', 'owned already', 900)]),
    ).toEqual(
      expect.arrayContaining([
        '2 × linen: €80.00',
        '2 × thread: owned already',
        'materials: €80.00',
        'landed: €80.00',
      ]),
    )
  })
})
