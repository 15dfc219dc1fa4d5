import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Finding } from '../../findings/finding.js'
import { ex, example, exampleJob, type ExampleRoom } from '../../examples/plan/example.js'
import { planOf } from '../../job/planFactsOf.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import type { Stored } from '../../model/snapshot.js'
import { applyFix } from '../../testing/applyFix.js'
import { PLAN_RULES } from './rules/index.js'
import { stretchesOf } from './walls/stretches.js'
import { standOffMm, widestFlatMm } from './walls/curve.js'
import { glazingFor } from './walls/framing.js'

// Situations on walls and what experienced decorators conclude (common practice, without a published source).

const found = (room: ExampleRoom, rule: string): Finding[] =>
  PLAN_RULES.flatMap((r) => r.check(example(room))).filter((f) => f.rule === `plan.${rule}`)
const fixture = (more: Partial<Fixture>): Stored<Fixture> => ({
  id: 'fixture',
  wallId: 'north',
  kind: 'built-in',
  name: 'Fireplace front',
  startMm: 1800,
  widthMm: 1400,
  heightMm: 2500,
  bottomMm: 0,
  depthMm: 300,
  radiusMm: null,
  version: 1,
  ...more,
})

describe('C045 a fireplace front that bulges out, radius 900', () => {
  const room = (widthMm: number, radiusMm: number | null = 900): ExampleRoom => ({
    pieces: [ex('picture', 'Picture', { widthMm, heightMm: 300, hang: {} })],
    more: { fixtures: [fixture({ radiusMm })] },
  })
  test('a flat picture of 600 stands 51 off it at each edge and is refused; up to 120 wide they pass', () => {
    expect(standOffMm(900, 600)).toBeCloseTo(51, -0.5)
    expect(standOffMm(900, 120)).toBeCloseTo(2, 1)
    expect(widestFlatMm(900)).toBeCloseTo(120, -0.5)
    const [finding] = found(room(600), 'curved-face')
    expect([finding?.severity, finding?.wanted]).toEqual([
      'stop',
      'pieces up to 120 mm wide, on small brackets',
    ])
    expect(found(room(120), 'curved-face')).toEqual([])
    // A small thing on the front is not in its way either.
    expect(found(room(120), 'hung-over')).toEqual([])
  })
  test('a shelf is as flat as a picture; wider than the curve nothing lies on it', () => {
    const shelf: ExampleRoom = {
      ...room(600),
      pieces: [ex('shelves', 'Shelf', { widthMm: 1000, depthMm: 200, heightMm: 40, hang: {} })],
    }
    expect(found(shelf, 'curved-face')).toHaveLength(1)
    expect(found(room(600, 250), 'curved-face')[0]?.measured).toBe('wider than the curve of 250 mm')
  })
  test('what hangs beside it is not judged by it, and a way out hangs it there', () => {
    const beside: ExampleRoom = {
      ...room(600),
      pieces: [ex('picture', 'Picture', { widthMm: 600, heightMm: 300, hang: { xMm: 700 } })],
    }
    expect(found(beside, 'curved-face')).toEqual([])
    const [finding] = found(room(600), 'curved-face')
    expect(finding!.fixes.length).toBeGreaterThan(0)
    for (const fix of finding!.fixes) {
      const after = planOf(applyFix(exampleJob(room(600)), fix))!
      expect(PLAN_RULES.flatMap((r) => r.check(after)).filter((f) => f.rule === 'plan.curved-face')).toEqual(
        [],
      )
    }
  })
})

describe('C093 a tile patch of 700 × 500', () => {
  const patch = fixture({
    kind: 'blemish',
    name: 'Tile patch',
    startMm: 2150,
    widthMm: 700,
    heightMm: 500,
    bottomMm: 1230,
    depthMm: 0,
  })
  const room = (widthMm: number, heightMm: number, more: readonly Stored<Fixture>[] = []): ExampleRoom => ({
    pieces: [ex('picture', 'Art', { widthMm, heightMm, hang: {} })],
    more: { fixtures: [patch, ...more] },
  })
  test('upright it leaves 50 on each side, laid across it covers; to cover it is no fault', () => {
    const [upright] = found(room(600, 800), 'blemish')
    expect(upright?.measured).toBe('50 mm left, 50 mm right')
    expect(found(room(800, 600), 'blemish')).toEqual([])
    expect(found(room(800, 600), 'hung-over')).toEqual([])
    const turn = upright?.fixes.find((f) => f.label === 'Turn Art by a quarter, over the middle of it')
    const after = planOf(applyFix(exampleJob(room(600, 800)), turn!))!
    expect(PLAN_RULES.flatMap((r) => r.check(after)).filter((f) => f.rule === 'plan.blemish')).toEqual([])
  })
  test('with nothing over it, it is a note with the size that hides it', () => {
    const bare: ExampleRoom = { more: { fixtures: [patch] } }
    expect(found(bare, 'blemish').map((f) => [f.severity, f.wanted])).toEqual([
      ['note', 'something at least 700 × 500 mm over it, or the eye led elsewhere'],
    ])
  })
  test('near the outlet of a dryer, heat and damp are asked after', () => {
    const outlet = fixture({
      id: 'outlet',
      kind: 'heat outlet',
      name: 'Dryer outlet',
      startMm: 2950,
      widthMm: 120,
      heightMm: 120,
      bottomMm: 1300,
      depthMm: 0,
    })
    expect(found(room(800, 600, [outlet]), 'heat-near').map((f) => f.severity)).toEqual(['look'])
    expect(found(room(800, 600), 'heat-near')).toEqual([])
  })
  test('a dryer that stands before the wall heats what hangs over it; a cupboard does not', () => {
    const over = (traits: readonly 'gets hot'[]): ExampleRoom => ({
      pieces: [
        ex('picture', 'Canvas', { widthMm: 600, heightMm: 500, hang: { centerMm: 1300 } }),
        ex('appliance', 'Machine', {
          widthMm: 600,
          depthMm: 600,
          heightMm: 850,
          at: [2500, 300],
          traits: [...traits],
        }),
      ],
    })
    expect(found(over(['gets hot']), 'heat-near')).toHaveLength(1)
    expect(found(over([]), 'heat-near')).toEqual([])
  })
})

describe('C126 the mat of a work that is to last', () => {
  const room = (
    board: 'plain paper board' | 'conservation board' | 'not known',
    valueMinor: number | null,
    loved = false,
  ): ExampleRoom => ({
    pieces: [ex('picture', 'Watercolor', { valueMinor, sentimental: loved, hang: {}, frame: { board } })],
  })
  const severity = (...args: Parameters<typeof room>) =>
    found(room(...args), 'paper-guard').map((f) => f.severity)
  test('paper is flagged for a valued work, the unknown is taken for acidic and asked, for a poster of 12 it is a note', () => {
    expect(severity('plain paper board', 90_000)).toEqual(['look'])
    expect(severity('not known', 90_000)).toEqual(['look'])
    expect(found(room('not known', 90_000), 'paper-guard')[0]?.title).toMatch(/^What is the mat of/)
    expect(severity('conservation board', 90_000)).toEqual([])
    expect(severity('plain paper board', 1_200)).toEqual(['note'])
  })
  test('what nobody valued is taken for worth keeping, and so is what is loved', () => {
    expect(severity('plain paper board', null)).toEqual(['look'])
    expect(severity('plain paper board', 1_200, true)).toEqual(['look'])
  })
})

describe('C128 a piece 1.2 m from a window', () => {
  const window = {
    id: 'window',
    wallId: 'west',
    kind: 'window',
    name: 'Window',
    startMm: 2000,
    widthMm: 1200,
    heightMm: 1200,
    sillMm: 900,
    hinge: 'none',
    swing: 'none',
    carries: null,
    carriesG: null,
    version: 1,
  } as const
  const GLASS = [
    'glass',
    'low-reflection glass',
    'UV-filtering glass',
    'UV-filtering low-reflection glass',
  ] as const
  const room = (glazing: (typeof GLASS)[number], glare = false, xMm = 900): ExampleRoom => ({
    openings: [window],
    pieces: [
      ex('picture', 'Drawing', { hang: { xMm }, frame: { board: 'conservation board', glazing, glare } }),
    ],
  })
  test('plain glass and glass that only mirrors less let it fade; a filter is what it asks for', () => {
    expect(GLASS.map((g) => found(room(g), 'paper-guard').length)).toEqual([1, 1, 0, 0])
    // Far from every window, and north not known, nothing is claimed.
    expect(GLASS.map((g) => found(room(g, false, 3500), 'paper-guard').length)).toEqual([0, 0, 0, 0])
  })
  test('with no glare seen the plainer filter comes first, where it is seen the one that mirrors less', () => {
    expect(found(room('glass'), 'paper-guard')[0]?.fixes[0]?.label).toBe('UV-filtering glass')
    expect(found(room('glass', true), 'paper-guard')[0]?.fixes[0]?.label).toBe(
      'UV-filtering low-reflection glass',
    )
    expect(glazingFor(true, false).slice(0, 1)).toEqual(['UV-filtering glass'])
    expect(glazingFor(false, true)).toEqual(['low-reflection glass', 'UV-filtering low-reflection glass'])
  })
})

test('C050 one weak ceiling light and four lamps: the place to store things stays dark', () => {
  const KINDS = ['sit', 'work or study', 'eat', 'sleep', 'store'] as const
  const uses = KINDS.map((kind, position) => ({
    id: kind,
    name: kind,
    kind,
    persons: 1,
    time: 'any time' as const,
    position,
    version: 1,
  }))
  // Each zone with its lamp so many millimeters away; nothing but the light of the ceiling near the last.
  const away = [600, 400, 1100, 900, 2900]
  const facts = example({
    size: [20_000, 4_000],
    openings: [],
    schools: { lamps: 'many small at eye level' },
    pieces: KINDS.flatMap((kind, i) => {
      const x = 1_000 + i * 4_000
      return [
        ex('other', kind, { at: [x, 2_000], widthMm: 400, depthMm: 400, serves: [kind] }),
        ...(i < 4
          ? [
              ex('lamp', `Lamp ${i}`, {
                at: [x + (away[i] ?? 0), 2_000],
                widthMm: 200,
                depthMm: 200,
                heightMm: 500,
              }),
            ]
          : [
              ex('lamp', 'Lamp far off', {
                at: [x + 2_900, 2_000],
                widthMm: 200,
                depthMm: 200,
                heightMm: 500,
              }),
              ex('lamp', 'Ceiling light', {
                at: [x + 900, 2_000],
                widthMm: 300,
                depthMm: 300,
                heightMm: 200,
                raised: 2_200,
              }),
            ]),
      ]
    }),
    more: { uses },
  })
  const dark = PLAN_RULES.flatMap((r) => r.check(facts)).filter((f) => f.rule === 'plan.use-lamp')
  expect(dark.map((f) => f.about.find((r) => r.kind === 'use')?.name)).toEqual(['store'])
})

describe('a place where a small child is changed', () => {
  const room = (more: Parameters<typeof ex>[2], serves: readonly string[] = ['change']): ExampleRoom => ({
    pieces: [
      ex('chest of drawers', 'Chest', {
        at: [2500, 250],
        widthMm: 900,
        depthMm: 450,
        heightMm: 900,
        serves: [...serves],
        traits: ['anchored to the building'],
      }),
      ex('object', 'Jar', { widthMm: 100, depthMm: 100, heightMm: 150, ...more }),
      ex('picture', 'Paper garland', { weightG: 100, widthMm: 400, heightMm: 200, hang: { hooks: 1 } }),
    ],
    more: {
      uses: [
        {
          id: 'change',
          name: 'Change Kit',
          kind: 'change a small child',
          persons: 1,
          time: 'any time',
          position: 0,
          version: 1,
        },
      ],
    },
  })
  test('nothing hangs over it, however light; over a chest it is no matter', () => {
    expect(found(room({}), 'over-bed').map((f) => [f.severity, f.title])).toEqual([
      ['stop', 'Paper garland hangs over chest'],
    ])
    expect(found(room({}, []), 'over-bed')).toEqual([])
  })
  test('cleaners and cords stand out of its reach', () => {
    const jar = (x: number) =>
      found(room({ at: [x, 1200], traits: ['decanted cleaner or powder'] }), 'over-bed').filter((f) =>
        f.title.startsWith('Jar'),
      ).length
    expect([jar(2500), jar(4600)]).toEqual([1, 0])
  })
})

describe('heights along a wall', () => {
  const wall = (lampMm: number): ExampleRoom => ({
    pieces: [
      ...[900, 4100].flatMap((x, n) => [
        ex('side table', `Table ${n}`, { at: [x, 250], widthMm: 450, depthMm: 400, heightMm: 600 }),
        ex('lamp', `Lamp ${n}`, { at: [x, 250], raised: 600, widthMm: 300, depthMm: 300, heightMm: lampMm }),
      ]),
      ex('mirror', 'Mirror', { widthMm: 900, heightMm: 900, hang: { centerMm: 1300 } }),
    ],
  })
  test('lamps on tables rival the mirror between them by their tops, the table included', () => {
    // The mirror ends at 1750; the tables are 600.
    expect(found(wall(1_000), 'height-profile').map((f) => f.title)).toEqual([
      'Lamp 0 and lamp 1 rival mirror',
    ])
    expect(found(wall(700), 'height-profile')).toEqual([])
  })
})

test('the stretches between openings lie within the run, in order, and none within an opening', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1000, max: 9000 }),
      fc.array(
        fc.record({
          startMm: fc.integer({ min: 0, max: 9000 }),
          widthMm: fc.integer({ min: 100, max: 2000 }),
        }),
        {
          maxLength: 4,
        },
      ),
      (endMm, openings) => {
        const found = stretchesOf({ startMm: 0, endMm }, openings)
        found.forEach((s, i) => {
          expect(s.endMm).toBeGreaterThan(s.startMm)
          expect(s.endMm).toBeLessThanOrEqual(endMm)
          expect(s.startMm).toBeGreaterThanOrEqual(found[i - 1]?.endMm ?? 0)
          for (const o of openings)
            expect(
              Math.min(s.endMm, o.startMm + o.widthMm) - Math.max(s.startMm, o.startMm),
            ).toBeLessThanOrEqual(0)
        })
      },
    ),
  )
})
