import { BRIEF_EXAMPLES } from '../../examples/brief/index.js'
import { ROWS } from '../../model/registry.js'
import { describe, expect, test } from 'vitest'
import { hexToLab } from '../../kernel/color/lab.js'
import { briefFactsOf } from '../../job/briefFactsOf.js'
import { emptyJob, itemWith, pieceWith } from '../../examples/emptyJob.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { applyFix } from '../../testing/applyFix.js'
import { published } from '../../testing/published.js'
import { wallsOf } from '../../examples/rooms.js'
import { roomAreas } from '../measure/roomAreas.js'
import { stripsFor } from './adhesiveStrips.js'
import { coverage, offer, type Thing } from './coverage.js'
import { kindOfName } from './kindOfName.js'
import { feeMinor } from './fee.js'
import { proposedHanging } from './household.js'
import { levelPrices } from './levels.js'
import { paintBack, puttingBack } from './puttingBack.js'
import { BRIEF_RULES } from './rules/index.js'
import { SCHOOLS, TOPICS } from '../../model/vocabulary/schools.js'
import type { Person } from '../../model/rows/people.js'
import type { Use } from '../../model/rows/uses.js'
import { parseSize } from './spokenSize.js'
import { standpoints } from './standpoints.js'
import { example } from '../../examples/brief/example.js'
import { lostL, wonL } from './storage.js'
import { storageLost } from './rules/storageLost.js'
import { clippedLoad } from './rules/clippedLoad.js'
import { idlePieces } from './rules/idlePieces.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import { IMPERIAL, METRIC } from '../../testing/habits.js'

const DAY = '2026-11-23'
const findings = (job: JobSnapshot, rule?: string) => {
  const facts = briefFactsOf(job, DAY, roomAreas(job))
  return BRIEF_RULES.flatMap((r) => r.check(facts)).filter((f) => !rule || f.rule === `brief.${rule}`)
}
const use = (id: string, kind: Use['kind'], persons = 1): Use & { version: number } => ({
  id,
  name: id,
  kind,
  persons,
  time: 'any time',
  position: 0,
  version: 1,
})
const thing = (id: string, pieceKind: Thing['pieceKind'], more: Partial<Thing> = {}): Thing => ({
  id,
  kind: 'piece',
  name: id,
  pieceKind,
  count: 1,
  widthMm: 1000,
  depthMm: 500,
  heightMm: 800,
  openDepthMm: null,
  serves: [],
  ...more,
})

describe('coverage', () => {
  const uses = [
    use('sleep', 'sleep'),
    use('sit', 'sit'),
    use('study', 'work or study'),
    use('store', 'store'),
    use('eat', 'eat'),
  ]
  const flat = [
    thing('sleeper', 'sofa bed', { widthMm: 1900, depthMm: 900, serves: ['sleep', 'sit'] }),
    thing('trunk', 'trunk', { heightMm: 430, serves: ['store'] }),
    thing('desk', 'desk', { widthMm: 1200, heightMm: 740, serves: ['study'] }),
    thing('chair', 'chair', { serves: ['study'] }),
    thing('chest', 'chest of drawers', { serves: ['store'] }),
  ]
  const uncovered = (things: Thing[]) =>
    coverage(uses, things, METRIC)
      .uses.filter((u) => u.state !== 'covered')
      .map((u) => u.use.id)

  test('C001: a low trunk beside a sofa is no place to eat; a table 740 high is', () => {
    expect(uncovered(flat)).toEqual(['eat'])
    expect(
      uncovered([
        ...flat,
        thing('table', 'table', { widthMm: 800, depthMm: 700, heightMm: 740, serves: ['eat'] }),
      ]),
    ).toEqual([])
    const covering = coverage(uses, flat, METRIC).uses.flatMap((u) =>
      u.cells.filter((c) => c.state === 'serves' && c.thing.id === 'sleeper'),
    )
    expect(flat.filter((t) => t.id === 'sleeper')).toHaveLength(1)
    expect(covering).toHaveLength(2)
  })
  test('a trunk that is ticked for eating all the same fails by its height', () => {
    const eat = coverage(
      uses,
      flat.map((t) => (t.id === 'trunk' ? { ...t, serves: ['eat'] } : t)),
      METRIC,
    ).uses[4]!
    expect(eat).toMatchObject({
      state: 'uncovered',
      says: 'trunk is 430 mm high; a place to eat wants 685 to 790 mm',
    })
    expect(eat.cells.find((c) => c.thing.id === 'trunk')!.state).toBe('fails')
  })
  test('three seats for four people are a part', () => {
    const [sit] = coverage(
      [use('sit', 'sit', 4)],
      [thing('settee', 'sofa', { widthMm: 1960, serves: ['sit'] })],
      METRIC,
    ).uses
    expect(sit).toMatchObject({ state: 'in part', says: '3 of 4 seats' })
    expect(sit!.hangsOn!.id).toBe('settee')
  })
  test('what could serve is offered, not assumed', () => {
    const [sit] = coverage([use('sit', 'sit')], [thing('armchair', 'armchair')], METRIC).uses
    expect(sit).toMatchObject({ state: 'uncovered', cells: [{ state: 'could' }] })
  })
  const inches = (n: number) => Math.round(n * 25.4)
  test.each(
    published<{ shape: string; length_in: number; width_in: number; place_in: number }, { seats: number }>(
      'room.seating.rect',
    ).filter((e) => e.input.place_in === 24),
  )('$id $title ($source)', ({ input, expected }) => {
    const table = thing('t', 'table', {
      widthMm: inches(input.length_in),
      depthMm: inches(input.width_in),
      heightMm: 740,
    })
    expect(offer(table, 'eating surface', METRIC)).toEqual({ places: expected.seats })
  })
  test.each([
    ['Reading chair, oak', 'armchair'],
    ['Upright piano', 'piano'],
    ['Table lamp', 'lamp'],
    ['Desk chair', 'chair'],
    ['Wall shelf for lamps', 'shelves'],
    ['Art above the piano', 'picture'],
    ['Coffee table', 'low table'],
    ['Two bookcases', 'shelves'],
    ['Chest of drawers', 'chest of drawers'],
    ['Sleeper sofa', 'sofa bed'],
    ['Floor lamp', 'lamp'],
    ['Sectional', 'sofa'],
    ['Left-hand chaise', 'sofa'],
    ['Pair of club chairs', 'armchair'],
    ['Club chair for the corner', 'armchair'],
    ['Bar stools', 'stool'],
    ['Two benches', 'bench'],
    ['Oak bookshelves', 'shelves'],
    ['Console table', 'side table'],
    ['Lamp table', 'side table'],
    ['Draperies', 'curtains'],
    ['TV stand', 'cabinet'],
    ['Lamp shade', 'lamp'],
    ['Roman shade', 'blind'],
    ['Gizmo', undefined],
  ] as const)('"%s" is %s', (name, kind) => expect(kindOfName(name)).toBe(kind))
})

describe('sizes as they are spoken', () => {
  test.each([
    ['1980 900 840', 'sofa', 'metric', [1980, 900, 840]],
    [`6'6 x 35 1/2 x 33`, 'sofa', 'metric', [1981.2, 901.7, 838.2]],
    [`6'6 35 1/2 33`, 'sofa', 'imperial', [1981.2, 901.7, 838.2]],
    ['198 90 84', 'sofa', 'metric', [1980, 900, 840]],
    ['198 x 90 x 84 cm', 'sofa', 'metric', [1980, 900, 840]],
    ['1.98 0.9 0.84 m', 'sofa', 'metric', [1980, 900, 840]],
    ['78 x 35 x 33', 'sofa', 'imperial', [1981.2, 889, 838.2]],
    ['78 by 35 by 33 in', 'sofa', 'metric', [1981.2, 889, 838.2]],
    ['240 x 330', 'rug', 'metric', [2400, 3300, 10]],
    ['8 x 10 ft', 'rug', 'imperial', [2438.4, 3048, 10]],
    ['50 70 cm', 'picture', 'metric', [500, 30, 700]],
    ['76 82 105', 'armchair', 'metric', [760, 820, 1050]],
  ] as const)('"%s" of a %s', (text, kind, system, [widthMm, depthMm, heightMm]) =>
    expect(parseSize(text, kind, system === 'metric' ? METRIC : IMPERIAL)).toEqual({
      widthMm,
      depthMm,
      heightMm,
      question: undefined,
    }),
  )
  test.each([
    ['33 35 33', 'chair'],
    [`4' 2'6" 16"`, 'stool'],
    [`9'6" 7'2" 34"`, 'sofa'],
    [`5'10" 16 30`, 'side table'],
  ] as const)('"%s" of a %s, in inches and feet, is nothing to ask about', (text, kind) => {
    expect(parseSize(text, kind, IMPERIAL).question).toBeUndefined()
  })
  test('a slip of units is questioned with what it would mean', () => {
    expect(parseSize('72 35 33 mm', 'sofa', METRIC).question).toMatch(
      /unusual for a sofa\. Are these inches: 72 = 1\u2009829 mm\?/,
    )
    expect(parseSize('3200 900 840', 'armchair', METRIC).question).toMatch(
      /its width is mostly 500 to 1\u2009300 mm/,
    )
  })
  test.each([
    ['', /needs three numbers/],
    ['big', /needs three numbers/],
    ['1980 900', /needs three numbers/],
    ['1 2 3 4', /more than three/],
    ['0 0 0', /Size/],
    ['9'.repeat(100), /longer than a size/],
    ['1980 x 900 x 84000000', /Size/],
  ] as const)('"%s" is refused in words', (text, says) =>
    expect(() => parseSize(text, 'sofa', METRIC)).toThrow(says),
  )
})

describe('the hanging height', () => {
  const adult = (name: string, mm: number | null, kind: Person['kind'] = 'adult'): Person => ({
    id: name,
    position: 0,
    name,
    kind,
    ageYears: null,
    standingEyeMm: mm,
    seatedEyeMm: null,
    minds: [],
    note: '',
  })
  test('halfway between the two who look, children and pets left out', () => {
    expect(
      proposedHanging([adult('Ilka', 1480), adult('Bence', 1600), adult('Mimi', 1000, 'child')], METRIC),
    ).toEqual({
      mm: 1540,
      says: 'halfway between Ilka at 1\u2009480 and Bence at 1\u2009600',
    })
    expect(proposedHanging([adult('Ilka', 1480)], METRIC).mm).toBe(1480)
  })
  test.each(published<object, { cm: [number, number] }>('hanging.height.centre'))(
    '$id: with nobody known, the customary height ($source)',
    ({ expected }) => {
      const { mm } = proposedHanging([adult('Ilka', null)], METRIC)
      expect(mm).toBeGreaterThanOrEqual(expected.cm[0] * 10)
      expect(mm).toBeLessThanOrEqual(expected.cm[1] * 10)
    },
  )
})

describe('adhesive strips', () => {
  test('C098: 3.4 kg takes two pairs of 1.8, never 1.9; wood-chip paper and beds are refused at any number', () => {
    expect(stripsFor(3400, 'smooth paint', false, METRIC)).toMatchObject({ pairs: 2 })
    expect(stripsFor(3400, 'textured paint', false, METRIC)).toMatchObject({
      refused: expect.stringContaining('do not hold') as unknown,
    })
    expect(stripsFor(3400, 'paper', false, METRIC)).toHaveProperty('refused')
    expect(stripsFor(3400, 'smooth paint', true, METRIC)).toMatchObject({
      refused: 'never over a bed or a cot',
    })
    expect(stripsFor(1800, 'smooth paint', false, METRIC)).toMatchObject({ pairs: 1 })
    expect(stripsFor(1801, 'smooth paint', false, METRIC)).toMatchObject({ pairs: 2 })
    expect(stripsFor(22_000, 'smooth paint', false, METRIC)).toHaveProperty('refused')
    expect(stripsFor(null, 'smooth paint', false, METRIC)).toHaveProperty('refused')
  })
})

const paint = (id: string, hex: string) => {
  const { l, a, b } = hexToLab(hex)
  return {
    ...ROWS.finishes.blank(),
    colors: [],
    readings: [],
    id,
    name: id,
    labL: l,
    labA: a,
    labB: b,
    version: 1,
  }
}
const laid = (surface: 'walls' | 'trim' | 'floor', finishId: string) => ({
  ...ROWS.finishAssignments.blank(),
  id: `on ${surface}`,
  surface,
  finishId,
  version: 1,
})
const rented = (more: Partial<JobSnapshot>): JobSnapshot => {
  const job = emptyJob()
  return emptyJob({ schools: { ...job.schools, tenure: 'rented' }, ...more })
}
const letter = (more: Partial<JobSnapshot['consents'][number]>): JobSnapshot['consents'][number] => ({
  id: 'letter',
  version: 1,
  on: '2026-04-02',
  change: 'paint',
  surface: '',
  colors: 'any color',
  finishId: null,
  itemId: null,
  photoId: null,
  words: '',
  ...more,
})

describe('a rented home', () => {
  const scheme = rented({
    finishes: [paint('Deep blue', '#24364f')],
    finishAssignments: [laid('walls', 'Deep blue')],
    items: [
      itemWith({ id: 'Pendant shade', originalAt: 'hall cupboard' }),
      itemWith({ id: 'Wall shelf', fixing: 'screwed to the wall' }),
    ],
  })
  test('C100: leave for white or grey is no leave for blue, and leave to paint is no leave to drill', () => {
    const job = {
      ...scheme,
      consents: [
        letter({ colors: 'white or grey', words: 'walls may be painted white or gray', surface: 'walls' }),
      ],
    }
    const found = findings(job, 'rented-change')
    expect(found.map((f) => f.about[0]!.name)).toEqual(['Deep blue on Walls', 'Wall shelf'])
    expect(found[0]!.measured).toMatch(/2 Apr.*white or grey, and Deep blue is neither/)
    expect(found[1]!.measured).toMatch(/it allows painting, not drilling/)
    // The swapped shade leaves no trace, and its original is listed.
    const back = puttingBack(job, briefFactsOf(job, DAY, undefined).changes, METRIC)
    expect(back.find((b) => b.what === 'Pendant shade')).toMatchObject({ originalAt: 'hall cupboard' })
    const white = { ...job, finishes: [paint('Deep blue', '#eceae6')] }
    expect(findings(white, 'rented-change').map((f) => f.about[0]!.name)).toEqual(['Wall shelf'])
  })
  test.each([
    [{}, 1],
    [{ surface: 'trim' }, 2],
    [{ surface: 'walls' }, 1],
    [{ colors: 'one finish', finishId: 'Deep blue' }, 1],
    [{ colors: 'one finish', finishId: 'Pale' }, 2],
    [{ change: 'cover' }, 2],
    [{ change: 'drill' }, 1],
    [{ change: 'drill', itemId: 'Pendant shade' }, 2],
  ] as const)('a letter of %j leaves %i open', (scope, open) =>
    expect(findings({ ...scheme, consents: [letter(scope)] }, 'rented-change')).toHaveLength(open),
  )

  const EVERY: JobSnapshot = rented({
    finishes: [
      paint('Deep blue', '#24364f'),
      { ...paint('Cork', '#a8835a'), material: 'tile' },
      { ...paint('Leaf paper', '#88a070'), material: 'wallpaper' },
    ],
    finishAssignments: [laid('walls', 'Leaf paper'), laid('trim', 'Deep blue'), laid('floor', 'Cork')],
    pieces: [
      pieceWith({ id: 'Curtains', kind: 'curtains', fixing: 'screwed to the wall' }),
      pieceWith({ id: 'Mirror', kind: 'mirror', fixing: 'screwed to the wall', weightG: 22_000 }),
      pieceWith({ id: 'Print', kind: 'picture', fixing: 'screwed to the wall', weightG: 3_400 }),
      pieceWith({ id: 'Pendant', kind: 'lamp', fixing: 'wired in' }),
      pieceWith({ id: 'Runner', kind: 'rug', fixing: 'glued down' }),
      pieceWith({ id: 'Old shelf', kind: 'shelves', fixing: 'screwed to the wall', there: true }),
    ],
    items: [
      itemWith({ id: 'Hanging chair', fixing: 'screwed to the ceiling' }),
      itemWith({ id: 'Basin tap', fixing: 'plumbed in' }),
      itemWith({ id: 'Bookcase', fixing: 'stands free' }),
    ],
  })
  test('everything that drills, paints or fixes is caught, each with a reversible way that makes it go away', () => {
    const found = findings(EVERY, 'rented-change')
    expect(found.map((f) => f.about[0]!.name)).toEqual([
      'Leaf paper on Walls',
      'Deep blue on Skirting',
      'Cork on Floor',
      'Curtains',
      'Mirror',
      'Print',
      'Pendant',
      'Runner',
      'Hanging chair',
      'Basin tap',
    ])
    for (const f of found) {
      expect(f.severity).toBe('stop')
      expect(f.fixes.length, f.title).toBeGreaterThan(0)
      for (const fix of f.fixes) {
        const after = findings(applyFix(EVERY, fix), 'rented-change')
        expect(
          after.map((x) => x.title),
          fix.label,
        ).not.toContain(f.title)
        expect(after).toHaveLength(found.length - 1)
      }
    }
  })
  test('owned, or not said, nothing of this is judged', () => {
    expect(findings({ ...EVERY, schools: { ...EVERY.schools, tenure: 'owned' } }, 'rented-change')).toEqual(
      [],
    )
    expect(
      findings({ ...EVERY, schools: { ...EVERY.schools, tenure: null } }, 'tenure-unknown'),
    ).toHaveLength(1)
  })
  test('C102: 33.2 m² of charcoal cost 3.3 L of primer and 5.5 L of white to give back, 100.70 in all', () => {
    const back = paintBack(33.2e6, 1200, 1100, 1)
    expect(back.primerL).toBeCloseTo(3.3, 1)
    expect(back.paintL).toBeCloseTo(5.5, 1)
    expect(Math.abs(back.costMinor - 10_070)).toBeLessThanOrEqual(200)
  })
  test('the list for putting back names every change, what sticks, and what was lent', () => {
    const job: JobSnapshot = {
      ...EVERY,
      brief: { ...EVERY.brief, backPrimerCubicMinor: 1_200_000, backPaintCubicMinor: 1_100_000 },
      pieces: [
        ...EVERY.pieces,
        pieceWith({ id: 'Poster', kind: 'picture', fixing: 'adhesive strips', weightG: 900 }),
        pieceWith({ id: 'Stool', kind: 'stool' }),
      ],
      loans: [
        {
          ...ROWS.loans.make({
            id: 'l',
            name: 'Stool',
            reason: 'from another room',
            pieceId: 'Stool',
            owner: 'the kitchen',
          }),
          version: 1,
        },
      ],
    }
    const back = puttingBack(job, briefFactsOf(job, DAY, undefined).changes, METRIC)
    expect(back).toHaveLength(12)
    expect(back.find((b) => b.what === 'Poster')!.how).toContain('slowly, straight down')
    expect(back.find((b) => b.what === 'Stool')!.how).toBe('goes back to the kitchen')
    expect(back.filter((b) => b.withoutConsent)).toHaveLength(10)
  })
  test('C116: a leaning mirror with a child of two is a stop; strips are no restraint, a strap asks for consent', () => {
    const mirror = pieceWith({
      id: 'Mirror',
      kind: 'mirror',
      widthMm: 700,
      heightMm: 1800,
      fixing: 'leans',
      weightG: 22_000,
    })
    const child = {
      id: 'c',
      version: 1,
      position: 0,
      name: 'Mimi',
      kind: 'child' as const,
      ageYears: 2,
      standingEyeMm: null,
      seatedEyeMm: null,
      minds: [],
      note: '',
    }
    const job = rented({ pieces: [mirror], people: [child] })
    expect(findings(job, 'tip-over-rented')[0]).toMatchObject({ severity: 'stop' })
    expect(
      findings({ ...job, pieces: [{ ...mirror, fixing: 'adhesive strips' }] }, 'tip-over-rented'),
    ).toHaveLength(1)
    expect(
      findings({ ...job, pieces: [{ ...mirror, fixing: 'adhesive strips' }] }, 'strips-overload'),
    ).toHaveLength(1)
    const strapped = { ...job, pieces: [{ ...mirror, fixing: 'screwed to the wall' as const }] }
    expect(findings(strapped, 'tip-over-rented')).toEqual([])
    expect(findings(strapped, 'rented-change')).toHaveLength(1)
    expect(findings({ ...strapped, consents: [letter({ change: 'drill' })] }, 'rented-change')).toEqual([])
  })
})

describe('the frame of the job', () => {
  test('C003: a sentimental piece is neither proposed to go nor asked what it is for', () => {
    const job = emptyJob({
      uses: [use('Read', 'read')],
      pieces: [pieceWith({ id: 'Sideboard', kind: 'cabinet', there: true, sentimental: true })],
    })
    expect(findings(job, 'idle-pieces')).toEqual([])
    const everyFix = findings(job).flatMap((f) => f.fixes.map((m) => m.label))
    expect(everyFix.filter((l) => l.includes('Sideboard'))).toEqual([])
  })
  test('C005: of three promised places one has nothing planned', () => {
    const focalPoints = ['window wall', 'alcove', 'stair foot'].map((name, position) => ({
      id: name,
      name,
      position,
      version: 1,
    }))
    const items = [...Array(9).keys()]
      .map((i) => itemWith({ id: `w${i}`, focalPointId: 'window wall' }))
      .concat([...Array(5).keys()].map((i) => itemWith({ id: `s${i}`, focalPointId: 'stair foot' })))
    expect(
      findings(emptyJob({ focalPoints, items }), 'focal-point-empty').map((f) => f.about[0]!.name),
    ).toEqual(['alcove'])
    expect(items.filter((i) => i.focalPointId === null)).toHaveLength(0)
  })
  test('the fee, four ways', () => {
    const fee = { feeKind: 'none', feeMinor: 5000, feePpm: 125_000, feeHours: 12 } as const
    expect(feeMinor(fee, 100_000)).toBe(0)
    expect(feeMinor({ ...fee, feeKind: 'fixed' }, 100_000)).toBe(5000)
    expect(feeMinor({ ...fee, feeKind: 'hourly' }, 100_000)).toBe(60_000)
    expect(feeMinor({ ...fee, feeKind: 'percent of cost' }, 100_003)).toBe(12_500)
  })
  test('two levels: what belongs to both counts in both', () => {
    const [decorate, build] = levelPrices([
      { name: 'Paint', level: null, amountMinor: 20_000, leadDays: 7 },
      { name: 'Panels', level: 'decorate only', amountMinor: 30_000, leadDays: 15 },
      { name: 'Plaster', level: 'with building work', amountMinor: 90_000, leadDays: 42 },
    ])
    expect([decorate!.amountMinor, decorate!.weeks, build!.amountMinor, build!.weeks]).toEqual([
      50_000, 3, 110_000, 6,
    ])
  })
  test('a picture of every wall and every corner; the return of a breast is seen in its neighbor', () => {
    const walls = wallsOf([
      [1400, 90],
      [350, -90],
      [900, -90],
      [350, 90],
      [1400, 90],
      [3000, 90],
      [3700, 90],
      [3000, 90],
    ]).map((w) => ({ ...w, name: w.id }))
    expect(standpoints(walls, []).map((s) => s.subject)).toEqual([
      ...['w0', 'w2', 'w4', 'w5', 'w6', 'w7'].map((w) => `wall:${w}`),
      ...['w0', 'w2', 'w4', 'w5', 'w6', 'w7'].map((w) => `corner:${w}`),
    ])
  })
  test('change orders move what may be spent', () => {
    const job = emptyJob({
      changeOrders: [
        { id: 'c', amountMinor: 60_000, agreedOn: DAY, agreedBy: 'Client', why: 'bay curtains' },
      ],
    })
    // 5,000.00 + 600.00, less a tenth in reserve.
    expect(briefFactsOf(job, DAY, undefined).toSpendMinor).toBe(504_000)
  })
  test('every school of every topic is explained', () => {
    for (const topic of TOPICS)
      for (const s of SCHOOLS[topic].schools) {
        expect(s.says.length).toBeGreaterThan(30)
        expect(s.says.length).toBeLessThan(190)
      }
  })
})

test.each(BRIEF_RULES.map((r) => [r.name, r] as const))(
  '%s: each of its fixes makes the finding go away',
  (name, rule) => {
    const facts = BRIEF_EXAMPLES[name]!.violates()
    const [found] = rule.check(facts)
    for (const fix of found!.fixes) {
      const after = briefFactsOf(applyFix(facts.job, fix), facts.today, undefined)
      const same = rule
        .check(after)
        .filter((f) => JSON.stringify(f.about) === JSON.stringify(found!.about) && f.title === found!.title)
      expect(same, fix.label).toEqual([])
    }
  },
)

describe('C036: cabinets off, baskets on', () => {
  const shelf = (id: string, pieceId: string, more: object) => ({
    ...ROWS.shelves.make({ id, pieceId, clearHeightMm: 300, closed: true, ...more }),
    version: 1,
  })
  const room = (baskets: number) =>
    example({
      pieces: [
        pieceWith({
          id: 'Wall cabinets',
          kind: 'cabinet',
          there: true,
          verdict: 'let go',
          count: 3,
          widthMm: 600,
          depthMm: 300,
          heightMm: 720,
        }),
        pieceWith({
          id: 'Baskets',
          kind: 'trunk',
          count: baskets,
          widthMm: 400,
          depthMm: 300,
          heightMm: 300,
        }),
      ],
      shelves: [
        shelf('in cabinets', 'Wall cabinets', { clearHeightMm: 720, fullPercent: 65 }),
        shelf('in baskets', 'Baskets', {}),
      ],
    })
  test('what was stored finds its place, though there is less by name', () => {
    const { storage } = room(8)
    expect(lostL(storage)).toBeCloseTo(252.7, 1)
    expect(wonL(storage)).toBeCloseTo(288, 6)
    expect(wonL(storage) - storage.goes[0]!.closedL).toBeCloseTo(-100.8, 1)
    expect(storageLost.check(room(8))).toEqual([])
  })
  test('a basket fewer than it takes is told with what is missing', () => {
    expect(storageLost.check(room(7))[0]?.title).toBe('1 L of storage are missing afterwards')
  })
})

describe('C002: nine things, and what each is for', () => {
  const loved = { sentimental: true }
  const thing = (id: string, kind: PieceKind, more: Partial<JobSnapshot['pieces'][number]> = {}) =>
    pieceWith({ id, kind, there: true, ...more })
  const job = {
    ...emptyJob(),
    uses: [use('Sit', 'sit'), use('Read', 'read'), use('Work', 'work or study'), use('Store', 'store')],
    pieces: [
      thing('Sofa', 'sofa', { serves: ['Sit'] }),
      thing('Reading lamp', 'lamp', { serves: ['Read'] }),
      thing('Desk', 'desk', { serves: ['Work'] }),
      thing('Family pictures', 'picture', { ...loved, count: 2 }),
      thing('Brass bowl', 'object', loved),
      thing('Spare tray', 'tray'),
      thing('Souvenir boxes', 'object', { count: 3 }),
      thing('Second vase', 'object'),
      thing('Basket', 'trunk', { serves: ['Store'] }),
    ],
  }
  test('what has neither a job nor love is asked after, the smallest too, and nothing else', () => {
    const [idle] = idlePieces.check(briefFactsOf(job, '2026-03-01', undefined))
    expect(idle?.about.map((r) => r.name)).toEqual(['Spare tray', 'Souvenir boxes', 'Second vase'])
    expect(idle?.fixes.map((f) => f.label)).toEqual([
      'Let Spare tray go',
      'Let Souvenir boxes go',
      'Let Second vase go',
    ])
  })
})

describe('C099: three windows of a tenant', () => {
  const window = (
    id: string,
    carries: 'rod' | 'fixed blind' | 'nothing' | null,
    carriesG: number | null = null,
  ) => ({
    ...ROWS.openings.make({
      id,
      wallId: id,
      kind: 'window',
      startMm: 500,
      widthMm: 1200,
      heightMm: 1200,
      sillMm: 900,
      hinge: 'none',
      swing: 'none',
      carries,
      carriesG,
    }),
    version: 1,
  })
  const at = (wallId: string, more: object = {}) =>
    pieceWith({ id: `Curtains ${wallId}`, kind: 'curtains', wallId, fixing: 'screwed to the wall', ...more })
  const job = (...pieces: JobSnapshot['pieces']) => ({
    ...emptyJob(),
    schools: { ...emptyJob().schools, tenure: 'rented' as const },
    openings: [window('one', 'rod'), window('two', 'fixed blind', 4_000), window('three', 'nothing')],
    pieces,
  })
  const ways = (wallId: string) =>
    briefFactsOf(job(at(wallId)), '2026-03-01', undefined).changes[0]!.ways.map((w) => w.label)
  test('curtains on the rod that is there, a rod clipped to the blind, and for the third no screw', () => {
    expect(ways('one')).toEqual(['Curtains one: on the rod that is there, the old ones kept'])
    expect(ways('two')).toEqual(['Curtains two: a rod that clips on to what is there; ask what that carries'])
    expect(ways('three')).toEqual(['Curtains three: a tension rod between the reveals, light cloth only'])
    for (const w of ['one', 'two', 'three']) expect(ways(w).join()).not.toMatch(/screw/)
  })
  test('the clip is held against what the rail may carry', () => {
    const load = (weightG: number | null) =>
      clippedLoad
        .check(briefFactsOf(job(at('two', { fixing: 'clipped on', weightG })), '2026-03-01', undefined))
        .map((f) => f.severity)
    expect([load(3_100), load(4_100), load(null)]).toEqual([[], ['stop'], ['look']])
  })
  test('what hangs on a rod that was always there is not asked after; a clamped rod takes light cloth', () => {
    const of = (more: object) =>
      clippedLoad.check(briefFactsOf(job(at('one', more)), '2026-03-01', undefined)).length
    expect(of({ fixing: 'on what is there', there: true, weightG: 9_000 })).toBe(0)
    expect(of({ fixing: 'tension rod', weightG: 2_000 })).toBe(0)
    expect(of({ fixing: 'tension rod', weightG: 2_100 })).toBe(1)
  })
})
