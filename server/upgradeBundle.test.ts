import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { BUNDLE_VERSION } from './job/bundle.js'
import { upgradeBundle } from './job/upgradeBundle.js'

type Row = Record<string, unknown>
const today = () =>
  JSON.parse(
    readFileSync(new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url), 'utf8'),
  ) as Row & {
    entries: Row[]
    orders: Row[]
    photos: Row[]
    pieces: Row[]
    options: Row[]
    loans: Row[]
    orderEvents: Row[]
    items: Row[]
  }
const without = (rows: Row[], ...fields: string[]) =>
  rows.map((r) => Object.fromEntries(Object.entries(r).filter(([k]) => !fields.includes(k))))
/** What no file before versions 12, 13, 16, 17 and 18 has: what stands on and in the pieces of the demo, lines of the take-off, how work is reckoned,
 * who works when. */
const NOT_KNOWN = {
  ...{ shelves: [], shelfPlacements: [], pieceParts: [], takeoffs: [], takeoffParts: [] },
  ...{ efforts: [], consumables: [], crew: [], closures: [], quietHours: [], tasks: [] },
  ...{
    seasonalSets: [],
    registerEntries: [],
    finishRecords: [],
    careNotes: [],
    edits: [],
    pictureMarks: [],
    bookTexts: [],
  },
}
/** The file as the version before it was, without what came since. */
const NAMED_BEFORE: Readonly<Record<string, string>> = {
  floorPlacements: 'stands',
  wallPlacements: 'hangs',
  panelLayouts: 'setOuts',
  finishAssignments: 'placements',
  schemeOverrides: 'dressings',
  sampledColors: 'pulls',
  budgetShares: 'allotments',
  focalPoints: 'focuses',
  fabrications: 'makings',
  priceObservations: 'sightings',
  discounts: 'offers',
}
const asVersion7 = (): ReturnType<typeof today> => {
  const {
    shelves: _s,
    shelfPlacements: _p,
    pieceParts: _q,
    takeoffs: _t,
    takeoffParts: _u,
    efforts: _v,
    consumables: _w,
    crew: _x,
    closures: _y,
    quietHours: _z,
    tasks: _k,
    ...file
  } = today() as ReturnType<typeof today> & Record<keyof typeof NOT_KNOWN, unknown>
  return {
    ...(Object.fromEntries(
      Object.entries(file).map(([key, rows]) => [NAMED_BEFORE[key] ?? key, rows]),
    ) as typeof file),
    version: 7,
    pieces: without(file.pieces, 'itemId', 'ownSize').map((p): Row => ({ ...p, lentFrom: '' })),
    options: without(file.options, 'pieceId'),
    loans: without(file.loans, 'pieceId'),
    items: file.items.map(({ focalPointId, ...i }): Row => ({ ...i, focusId: focalPointId })),
    entries: without(file.entries, 'updateId').map(({ estimated, ...e }): Row => ({
      ...e,
      guessed: estimated,
    })),
    orderEvents: without(file.orderEvents, 'updateId'),
  }
}
const asVersion6 = () => {
  const { receipts: _r, claims: _c, loans: _l, ...file } = asVersion7()
  return {
    ...file,
    version: 6,
    entries: without(file.entries, 'guessed'),
    photos: without(file.photos, 'pages'),
  }
}
const asVersion5 = () => {
  const file = asVersion6() as unknown as Row & { entries: Row[]; orders: Row[] }
  const { vouchers: _v, proposals: _p, orderEvents: _o, ...rest } = file
  return {
    ...rest,
    version: 5,
    entries: without(file.entries, 'taxMinor', 'voucherId'),
    orders: without(file.orders, 'depositMinor', 'depositDueOn', 'balanceDueOn'),
  }
}

describe('a job file of an earlier version', () => {
  test('that is of this one stays as it is', () => expect(upgradeBundle(today())).toEqual(today()))

  test('7 knows things by their name alone: where one of each has it, they are tied, and nothing else changes', () => {
    expect(upgradeBundle(asVersion7())).toEqual({ ...today(), ...NOT_KNOWN })
  })

  test('7 ties nothing where two could be meant, keeps what differs, and lists what was lent', () => {
    const piece = (id: string, name: string, more: Row = {}): Row => ({
      ...without([today().pieces[0]!], 'itemId', 'ownSize')[0],
      id,
      name,
      there: false,
      weightG: null,
      lentFrom: '',
      ...more,
    })
    const item = (id: string, name: string, more: Row = {}): Row => ({
      ...today().items[0],
      id,
      name,
      category: 'furniture',
      chosenOptionId: null,
      ...more,
    })
    const up = upgradeBundle({
      version: 7,
      pieces: [
        piece('lamp', 'Lamp'),
        piece('chair', ' settee '),
        piece('chair 2', 'Chair'),
        piece('chair 3', 'chair'),
        piece('stool', 'Stool', { there: true, lentFrom: 'the kitchen' }),
        piece('trunk', 'Trunk', { there: true, lentFrom: 'an aunt' }),
      ],
      items: [
        item('i1', 'LAMP', { category: 'services' }),
        item('i2', 'Settee', { chosenOptionId: 'o', weightG: 41_000 }),
        item('i3', 'Chair'),
      ],
      options: [
        { id: 'o', itemId: 'i2', kind: 'new', name: 'Stool', widthMm: 17, depthMm: null, heightMm: null },
        { id: 'p', itemId: 'i2', kind: 'owned', name: 'trunk' },
      ],
      loans: [
        { id: 'l', name: 'trunk', owner: '', reason: 'to try', takenOn: '2026-01-01', returnedOn: null },
      ],
      entries: [
        { kind: 'delivery', note: 'in two parcels [acme-12]', reverses: null },
        { kind: 'payment', note: 'see [acme-12]', reverses: null },
      ],
      acceptances: [
        { finding: 'palette.shouts|piece:p' },
        { finding: 'ledger.guessed' },
        { finding: 'ledger.guessed-other|order:o' },
      ],
      orderEvents: [
        { kind: 'shipped', note: '[s.1]' },
        { kind: 'kept', note: 'as is [sic]' },
      ],
    }) as Record<string, Row[]>
    expect(up.pieces!.map((p) => [p.id, p.itemId, p.ownSize, p.weightG])).toEqual([
      ['lamp', null, false, null],
      ['chair', 'i2', true, 41_000],
      ['chair 2', null, false, null],
      ['chair 3', null, false, null],
      ['stool', null, true, null],
      ['trunk', null, true, null],
    ])
    expect(up.pieces!.some((p) => 'lentFrom' in p)).toBe(false)
    expect(up.options!.map((o) => o.pieceId)).toEqual([null, 'trunk'])
    expect(up.loans!.map((l) => [l.name, l.pieceId, l.owner, l.takenOn])).toEqual([
      ['trunk', 'trunk', 'an aunt', '2026-01-01'],
      ['Stool', 'stool', 'the kitchen', null],
    ])
    expect(up.acceptances!.map((a) => a.finding)).toEqual([
      'palette.dominates|piece:p',
      'ledger.estimated',
      'ledger.guessed-other|order:o',
    ])
    expect(up.entries!.map((e) => [e.note, e.updateId])).toEqual([
      ['in two parcels', 'acme-12'],
      ['see [acme-12]', ''],
    ])
    expect(up.orderEvents!.map((e) => [e.note, e.updateId])).toEqual([
      ['', 's.1'],
      ['as is [sic]', ''],
    ])
  })

  test('6 knows no papers, claims, loans or guesses: it has none', () => {
    const { receipts: _r, claims: _c, loans: _l, ...now } = today()
    expect(upgradeBundle(asVersion6())).toEqual({
      ...now,
      ...NOT_KNOWN,
      receipts: [],
      claims: [],
      loans: [],
    })
  })

  test('5 knows no tax in an entry: each gets its share of the line’s, and nothing else changes', () => {
    const now = today()
    const up = upgradeBundle(asVersion5()) as typeof now
    expect(up.entries.map((e) => [e.kind, e.amountMinor, e.taxMinor])).toEqual(
      now.entries.map((e) => [e.kind, e.amountMinor, e.taxMinor]),
    )
    expect(up).toMatchObject({
      version: BUNDLE_VERSION,
      vouchers: [],
      proposals: [],
      orderEvents: [],
      receipts: [],
    })
    expect(up.orders.every((o) => o.depositMinor === 0 && o.balanceDueOn === null)).toBe(true)
  })

  test('a reversal of version 5 takes the money back the way it went', () => {
    const line = { id: 'l', amountMinor: 0, taxMinor: 0 }
    const entries = [
      {
        eventId: 'paid',
        kind: 'payment',
        lineId: 'l',
        amountMinor: 500,
        quantity: 0,
        means: 'cash',
        reverses: null,
      },
      {
        eventId: 'back',
        kind: 'payment',
        lineId: 'l',
        amountMinor: -500,
        quantity: 0,
        means: null,
        reverses: 'paid',
      },
    ]
    const up = upgradeBundle({ version: 5, lines: [line], entries, orders: [] }) as { entries: Row[] }
    expect(up.entries.map((e) => [e.means, e.taxMinor, e.voucherId, e.estimated])).toEqual([
      ['cash', 0, null, false],
      ['cash', 0, null, false],
    ])
  })

  test.each([7, 8])('%i calls the constraints of the brief its limits: they are the same rows', (version) => {
    const { constraints, ...now } = today()
    expect(constraints).not.toEqual([])
    const up = upgradeBundle({ ...now, limits: constraints, version }) as ReturnType<typeof today>
    expect(up.constraints).toEqual(constraints)
    expect(up).not.toHaveProperty('limits')
  })

  test('9 prices paint by the liter: the same prices by the cubic meter', () => {
    const { brief, ...now } = today()
    const {
      backPrimerCubicMinor: _primer,
      backPaintCubicMinor: _paint,
      ...others
    } = brief as Record<string, unknown>
    const up = upgradeBundle({
      ...now,
      brief: { ...others, backPrimerMinor: 1200, backPaintMinor: 1150 },
      version: 9,
    }) as ReturnType<typeof today>
    expect(up.brief).toEqual({ ...others, backPrimerCubicMinor: 1_200_000, backPaintCubicMinor: 1_150_000 })
  })

  test.each([1, 2, 3, 4, 5, 6, 7, 8, 9])('%i comes up to this one, damaged or not', (version) => {
    for (const damage of [
      {},
      { entries: 'none' },
      { lines: null, entries: [{}] },
      { photos: 7, items: {} },
      { room: null },
    ])
      expect(upgradeBundle({ version, ...damage })).toMatchObject({ version: BUNDLE_VERSION })
  })
})
