import { ROWS, COLLECTIONS, SCHEMAS, SINGLE, type Collection } from '@bonitas/core/model/registry'
import { randomUUID } from 'node:crypto'
import { get } from 'node:http'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { TOPICS } from '@bonitas/core/model/vocabulary/schools'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import { finishRow, itemRow, jobWithItems, optionRow, supplierRow, snapshotOf, startTestServer, type Member, type TestServer } from './testing/testServer.js'



let server: TestServer
let member: Member
let jobId: string
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
  jobId = (await jobWithItems(member, [])).jobId
})
afterAll(() => server.close())

const put = (collection: string, row: Record<string, unknown>, seen: string | undefined) =>
  member.request<{
    version?: number
    current?: { name?: string; version: number }
    errors?: { field: string; text: string }[]
    detail?: string
  }>(
    'PUT',
    `/api/jobs/${jobId}/${collection}/${String(row.id)}`,
    row,
    seen === undefined ? { 'If-None-Match': '*' } : { 'If-Match': seen },
  )

const ok: Record<Collection, () => Record<string, unknown>> = {
  brief: () => ({ ...ROWS.brief.blank(), id: jobId, clientId: '', roomName: 'Room', agreedMinor: 1 }),
  client: () => ({ id: '', name: 'Client' }),
  schools: () => ({ ...Object.fromEntries(TOPICS.map((t) => [t, null])), id: jobId }),
  people: () => ({
    id: randomUUID(),
    position: 0,
    name: 'Ilka',
    kind: 'adult',
    ageYears: null,
    standingEyeMm: 1480,
    seatedEyeMm: null,
    minds: [],
    note: '',
  }),
  uses: () => ({ id: randomUUID(), name: 'Read', kind: 'read', persons: 1, time: 'any time', position: 0 }),
  focuses: () => ({ id: randomUUID(), name: 'Alcove', position: 0 }),
  limits: () => ({
    id: randomUUID(),
    kind: 'must stay',
    what: 'Floor',
    surface: 'floor',
    pieceId: null,
    why: '',
  }),
  consents: () => ({
    id: randomUUID(),
    on: '2026-04-02',
    change: 'paint',
    surface: 'walls',
    colors: 'any color',
    finishId: null,
    itemId: null,
    photoId: null,
    words: '',
  }),
  allotments: () => ({ id: randomUUID(), category: 'decor', amountMinor: 100, mark: 'even', reason: null }),
  visits: () => ({ id: randomUUID(), on: '2026-12-01', what: 'Measure' }),
  works: () => ({ id: randomUUID(), what: 'Panel', wallId: null, readyOn: null, done: false }),
  photos: () => ({
    id: randomUUID(),
    kind: 'before',
    note: '',
    subject: '',
    position: 0,
    widthPx: 1,
    heightPx: 1,
    pages: 0,
  }),
  room: () => ({ ...ROWS.room.blank(), id: jobId, heightMm: 2500, skirtingMm: 100 }),
  walls: () => ({
    id: randomUUID(),
    position: 0,
    name: 'North',
    lengthMm: 4000,
    turnDeg: 90,
    face: 'smooth paint',
  }),
  ceilings: () => ({
    id: randomUUID(),
    wallId: randomUUID(),
    name: '',
    startHeightMm: 1200,
    endHeightMm: 2400,
    depthMm: 1500,
    whole: true,
  }),
  diagonals: () => ({ id: randomUUID(), fromWallId: randomUUID(), toWallId: randomUUID(), lengthMm: 5000 }),
  openings: () => ({
    id: randomUUID(),
    wallId: randomUUID(),
    kind: 'door',
    name: '',
    startMm: 0,
    widthMm: 800,
    heightMm: 2000,
    sillMm: 0,
    hinge: 'left',
    swing: 'in',
  }),
  fixtures: () => ({
    id: randomUUID(),
    wallId: randomUUID(),
    kind: 'socket',
    name: '',
    startMm: 0,
    widthMm: 80,
    heightMm: 80,
    bottomMm: 300,
    depthMm: 10,
  }),
  passages: () => ({
    id: randomUUID(),
    position: 0,
    kind: 'stair',
    name: '',
    widthMm: 900,
    heightMm: 2000,
    lengthMm: null,
  }),
  finishes: () => finishRow(),
  placements: () => ({
    id: randomUUID(),
    surface: 'floor',
    finishId: randomUUID(),
    substrate: 'sound paint',
    overL: null,
    overA: null,
    overB: null,
    hold: 'applied',
    schemeId: null,
    candidate: false,
  }),
  parts: () => ({
    id: randomUUID(),
    name: 'Panels',
    kind: 'panel fields',
    wallId: null,
    count: 6,
    widthMm: 600,
    heightMm: 900,
  }),
  schemes: () => ({
    id: randomUUID(),
    position: 0,
    name: 'Tarn',
    note: '',
    overId: null,
    retired: false,
    storedAt: '',
  }),
  dressings: () => ({
    id: randomUUID(),
    schemeId: randomUUID(),
    pieceId: randomUUID(),
    finishId: null,
    absent: false,
    costMinor: null,
  }),
  pulls: () => ({
    id: randomUUID(),
    position: 0,
    name: 'Rust',
    labL: 47,
    labA: 34,
    labB: 37,
    share: 0.2,
    photoId: null,
  }),
  pieces: () => ({
    ...ROWS.pieces.blank(),
    id: randomUUID(),
    name: 'Sofa',
    kind: 'sofa',
    widthMm: 1980,
    depthMm: 900,
    heightMm: 840,
  }),
  stands: () => ({
    id: randomUUID(),
    pieceId: randomUUID(),
    optionId: null,
    number: 1,
    xMm: 1000,
    yMm: 800,
    turnDeg: 0,
    raisedMm: 0,
    parked: false,
  }),
  hangs: () => ({
    id: randomUUID(),
    pieceId: randomUUID(),
    number: 1,
    wallId: randomUUID(),
    xMm: 1000,
    centerMm: 1540,
    dropMm: 60,
    hooks: 1,
    hookSpanMm: 0,
    fixing: 'picture hook',
    ratedG: null,
    into: 'masonry',
    group: '',
  }),
  frames: () => ({
    id: randomUUID(),
    pieceId: randomUUID(),
    sheetWidthMm: 203,
    sheetHeightMm: 254,
    overlapMm: 6,
    borderMm: 80,
    bottomBorderMm: 80,
    faceMm: 25,
    rebateMm: 6,
    filletMm: 0,
    profile: 'flat',
    coat: 'black',
    glazing: 'glass',
    glazingMm: 2,
    board: 'conservation board',
    moldingMinor: null,
    boardMinor: null,
    glazingMinor: null,
    workMinor: null,
  }),
  setOuts: () => ({
    id: randomUUID(),
    wallId: randomUUID(),
    kind: 'wainscot panels',
    name: '',
    startMm: 0,
    endMm: 3600,
    bottomMm: 140,
    heightMm: 700,
    count: 5,
    stileMm: 90,
    depthMm: 20,
    openingId: null,
  }),
  lights: () => ({
    id: randomUUID(),
    name: 'Floor lamp',
    pieceId: null,
    fixtureId: null,
    lumens: 806,
    beamDeg: 360,
    aim: 'all round',
    headMm: 1400,
  }),
  houseRules: () => ({ id: randomUUID(), need: 'rugBorder', mm: 200, why: '' }),
  items: () => itemRow(),
  options: () => optionRow(randomUUID()),
  makings: () => ({
    id: randomUUID(),
    optionId: randomUUID(),
    position: 0,
    name: 'Hook',
    kind: 'consumable',
    quantity: 8,
    unitMinor: 115,
    cutMm: null,
    cutCount: null,
    stockMm: null,
    kerfMm: null,
  }),
  sightings: () => ({
    id: randomUUID(),
    optionId: randomUUID(),
    on: '2026-03-01',
    priceMinor: 449,
    stock: 'in stock',
    where: '',
  }),
  suppliers: () => supplierRow(),
  offers: () => ({
    id: randomUUID(),
    supplierId: randomUUID(),
    name: 'Coupon',
    kind: 'percent off',
    ppm: 250_000,
    amountMinor: 0,
    minSpendMinor: 0,
    fromOn: null,
    untilOn: null,
    itemId: null,
    oneUse: true,
    usedOn: null,
    thirdParty: false,
  }),
  vouchers: () => ({
    id: randomUUID(),
    name: 'Card',
    kind: 'gift card',
    supplierId: null,
    amountMinor: 5_000,
    untilOn: null,
    note: '',
  }),
  proposals: () => ({
    id: randomUUID(),
    proposedOn: '2026-03-01',
    amountMinor: -5_000,
    why: 'No paper',
    items: '',
    state: 'proposed',
    answeredOn: null,
    answer: '',
  }),
  receipts: () => ({
    id: randomUUID(),
    kind: 'invoice',
    fromName: 'Mill',
    number: '7',
    on: '2026-03-01',
    orderId: null,
    totalMinor: 12_100,
    taxMinor: 2_100,
    note: '',
  }),
  claims: () => ({
    id: randomUUID(),
    lineId: randomUUID(),
    madeOn: '2026-03-01',
    asks: 'repair',
    amountMinor: null,
    answerByOn: null,
    answer: 'waiting',
    answeredOn: null,
    note: 'torn',
  }),
  loans: () => ({
    id: randomUUID(),
    name: 'Palm',
    owner: 'the neighbor',
    reason: 'for the photograph',
    takenOn: '2026-03-01',
    backOn: null,
    returnedOn: null,
    note: '',
  }),
  acceptances: () => ({ id: randomUUID(), finding: 'palette.x', facts: 'f', reason: 'meant' }),
}

const BAD = [
  '',
  'letters',
  -1,
  1e300,
  0.5,
  'x'.repeat(10_000),
  null,
  true,
  [],
  {},
  '\u0000',
  '2026-13-45',
  Number.MAX_SAFE_INTEGER,
]

describe('every field of every row', () => {
  test.each(COLLECTIONS)(
    '%s: whatever is sent, the answer is a row or a problem that names the field, never a failure',
    async (collection) => {
      const fields = Object.keys(SCHEMAS[collection]().fields).filter((f) => f !== 'id')
      let refused = 0
      for (const field of fields)
        for (const bad of BAD) {
          const row = {
            ...ok[collection](),
            id: SINGLE.has(collection) ? ok[collection]().id || jobId : randomUUID(),
            [field]: bad,
          }
          const answer = await put(collection, row, SINGLE.has(collection) ? '"1"' : undefined)
          expect(
            [200, 400, 404, 409, 412],
            `${collection}.${field} = ${JSON.stringify(bad).slice(0, 40)} gave ${answer.status}`,
          ).toContain(answer.status)
          if (answer.status === 400) {
            refused++
            expect(answer.headers.get('content-type')).toContain('application/problem+json')
            const said = answer.body.errors!.find((e) => e.field.startsWith(field) || e.field === 'clientId')
            expect(said, `${collection}.${field}: ${JSON.stringify(answer.body.errors)}`).toBeDefined()
            // A sentence that says what to do, and not the library's own words.
            expect(said!.text).toMatch(/^[A-Z].*\.$/)
            expect(said!.text).not.toMatch(/this|cast|`/)
          }
          if (answer.status === 200 && !SINGLE.has(collection))
            await member.request(
              'DELETE',
              `/api/jobs/${jobId}/${collection}/${row.id as string}`,
              undefined,
              { 'If-Match': '"1"' },
            )
        }
      expect(refused).toBeGreaterThan(fields.length)
    },
  )

  test('bodies that are no rows at all', async () => {
    const path = `/api/jobs/${jobId}/uses/${randomUUID()}`
    const headers = { 'If-None-Match': '*', 'Content-Type': 'application/json' }
    for (const body of ['', '[]', 'null', '"x"', '{', '{"id":', '12'])
      expect((await member.request('PUT', path, body, headers)).status, body).toBe(400)
    expect((await member.request('PUT', path, `{"name":"${'x'.repeat(2_000_000)}"}`, headers)).status).toBe(
      413,
    )
    expect(
      (await member.request('PUT', `/api/jobs/${jobId}/nothing/${randomUUID()}`, {}, headers)).status,
    ).toBe(404)
    expect(
      (await member.request('PUT', `/api/jobs/not-a-job/uses/${randomUUID()}`, {}, headers)).status,
    ).toBe(404)
    expect((await member.request('GET', `/api/jobs/%E0%A4%A`)).status).toBe(400)
  })
})

describe('the mark of a job', () => {
  const tagOf = async () => (await member.request('GET', `/api/jobs/${jobId}?sparse`)).headers.get('etag')!
  test('a browser that has the job as it is gets nothing again; whole and sparse are two things', async () => {
    const tag = await tagOf()
    // By hand, as a browser's cache asks: fetch adds that it wants no cache.
    const again = (seen: string, query = '?sparse') =>
      new Promise<{ status: number; tag: string | undefined; text: string }>((resolve, reject) => {
        get(
          `${server.base}/api/jobs/${jobId}${query}`,
          { headers: { ...member.headers, 'If-None-Match': seen } },
          (answer) => {
            const parts: Buffer[] = []
            answer.on('data', (part: Buffer) => parts.push(part))
            answer.on('end', () =>
              resolve({
                status: answer.statusCode ?? 0,
                tag: answer.headers.etag,
                text: Buffer.concat(parts).toString(),
              }),
            )
          },
        ).on('error', reject)
      })
    expect(await again(tag)).toEqual({ status: 304, tag, text: '' })
    expect((await again('"other"')).status).toBe(200)
    expect((await again(tag, '')).status).toBe(200)
    expect(await tagOf()).toBe(tag)
    const stranger = await server.member()
    expect(
      (await stranger.request('GET', `/api/jobs/${jobId}?sparse`, undefined, { 'If-None-Match': tag }))
        .status,
    ).toBe(404)
  })

  test('is another after whatever is added, changed or taken out, and after as much is taken out as is added', async () => {
    let written = 0
    for (const collection of COLLECTIONS.filter((c) => !SINGLE.has(c))) {
      const row = ok[collection]()
      const before = await tagOf()
      if ((await put(collection, row, undefined)).status !== 200) continue
      written++
      const added = await tagOf()
      const version = (await put(collection, row, '"1"')).body.version
      const changed = await tagOf()
      const gone = await member.request(
        'DELETE',
        `/api/jobs/${jobId}/${collection}/${String(row.id)}`,
        undefined,
        { 'If-Match': `"${version ?? 0}"` },
      )
      const after = await tagOf()
      expect(new Set([before, added, changed]).size, collection).toBe(3)
      if (gone.status !== 204) continue
      expect(after, collection).toBe(before)
      // Made again, as undoing does, it is at its first version once more: it is another row all the same.
      if ((await put(collection, row, undefined)).status !== 200) continue
      expect([before, added, changed], collection).not.toContain(await tagOf())
    }
    expect(written).toBeGreaterThan(20)
    const one = ok.uses()
    await put('uses', one, undefined)
    const with1 = await tagOf()
    await member.request('DELETE', `/api/jobs/${jobId}/uses/${String(one.id)}`, undefined, {
      'If-Match': '"1"',
    })
    await put('uses', ok.uses(), undefined)
    expect(await tagOf()).not.toBe(with1)
    for (const collection of ['brief', 'room', 'schools'] as const) {
      const before = await tagOf()
      const job = await snapshotOf(member, jobId)
      const { version, ...row } = job[collection] as unknown as Record<string, unknown> & { version: number }
      expect((await put(collection, row, `"${version}"`)).status, collection).toBe(200)
      expect(await tagOf(), collection).not.toBe(before)
    }
  })
})

test('an option that was taken out and is made again with something else in it is sent as it is now', async () => {
  const { jobId: ofJob, items } = await jobWithItems(member, [1000])
  const at = (id: string) => `/api/jobs/${ofJob}/options/${id}`
  const sent = async (id: string) =>
    whole((await member.request<SentJob>('GET', `/api/jobs/${ofJob}?sparse`)).body).options.find(
      (o) => o.id === id,
    )
  const option = optionRow(items[0]!.itemId)
  await member.request('PUT', at(option.id), { ...option, name: 'As it was' }, { 'If-None-Match': '*' })
  expect(await sent(option.id)).toMatchObject({ name: 'As it was', version: 1 })
  await member.request('DELETE', at(option.id), undefined, { 'If-Match': '"1"' })
  expect(await sent(option.id)).toBeUndefined()
  await member.request('PUT', at(option.id), { ...option, name: 'As it is' }, { 'If-None-Match': '*' })
  expect(await sent(option.id)).toMatchObject({ name: 'As it is', version: 1 })
})

describe('two writers', () => {
  test('the second, who saw an old version, gets 412 and the newer state; nothing is overwritten', async () => {
    const use = ok.uses()
    await put('uses', use, undefined)
    expect((await put('uses', { ...use, name: 'First' }, '"1"')).body.version).toBe(2)
    const late = await put('uses', { ...use, name: 'Second' }, '"1"')
    expect([late.status, late.body.current]).toMatchObject([412, { name: 'First', version: 2 }])
    expect((await snapshotOf(member, jobId)).uses.find((u) => u.id === use.id)!.name).toBe('First')
    const gone = await member.request('DELETE', `/api/jobs/${jobId}/uses/${String(use.id)}`, undefined, {
      'If-Match': '"1"',
    })
    expect(gone.status).toBe(412)
  })
  test('of many at once exactly one wins', async () => {
    const use = ok.uses()
    await put('uses', use, undefined)
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) => put('uses', { ...use, name: `Writer ${i}` }, '"1"')),
    )
    expect(answers.map((a) => a.status).sort()).toEqual([200, 412, 412, 412, 412, 412])
  })
  test('the same new row sent twice is made once', async () => {
    const use = ok.uses()
    const answers = await Promise.all([put('uses', use, undefined), put('uses', use, undefined)])
    expect(answers.map((a) => a.status).sort()).toEqual([200, 412])
  })
  test('a write that says no version is refused', async () => {
    const use = ok.uses()
    for (const headers of [{}, { 'If-Match': '*' }, { 'If-Match': 'W/"1"' }, { 'If-Match': '"x"' }] as Record<
      string,
      string
    >[])
      expect(
        (await member.request('PUT', `/api/jobs/${jobId}/uses/${String(use.id)}`, use, headers)).status,
      ).toBe(428)
  })
})

test('a finish that is worn cannot be removed, and the answer says why', async () => {
  const finish = finishRow()
  await put('finishes', finish, undefined)
  await put('placements', { ...ok.placements(), surface: 'ceiling', finishId: finish.id }, undefined)
  const gone = await member.request<{ detail: string }>(
    'DELETE',
    `/api/jobs/${jobId}/finishes/${finish.id}`,
    undefined,
    { 'If-Match': '"1"' },
  )
  expect([gone.status, gone.body.detail]).toEqual([409, expect.stringContaining('still uses it')])
  const second = await put(
    'placements',
    { ...ok.placements(), surface: 'ceiling', finishId: finish.id },
    undefined,
  )
  expect([second.status, second.body.detail]).toEqual([409, expect.stringContaining('has a finish already')])
})

describe('in and out as a file', () => {
  test('a job comes back whole', async () => {
    const other = await jobWithItems(member, [12_300])
    const file = (await member.request('GET', `/api/jobs/${other.jobId}/export`)).body
    const made = await member.request<{ id: string }>('POST', '/api/jobs/import', file)
    expect(made.status).toBe(201)
    const again = (await member.request('GET', `/api/jobs/${made.body.id}/export`)).body
    // Ids are fresh; with each replaced by the order of its first appearance the two files must be the same text.
    const plain = (value: unknown) => {
      const seen = new Map<string, string>()
      return JSON.stringify(value).replace(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, (id) => {
        if (!seen.has(id)) seen.set(id, `id${seen.size}`)
        return seen.get(id)!
      })
    }
    expect(plain(again)).toBe(plain(file))
  })
  test.each([
    ['another program', { format: 'something' }, /not a job of this program/],
    ['a later version', { version: 99 }, /version 99/],
    ['another currency', { currency: 'USD' }, /kept in USD/],
    ['rows that are none', { items: [7] }, /not an object/],
    ['a field that is wrong', { uses: [{ id: 'a', name: '', position: 0 }] }, /uses\[0\]\.name/],
    ['an option of no item', { options: [optionRow('nothing')] }, /does not exist/],
    [
      'a ledger that does not add up',
      {
        orders: [],
        lines: [],
        entries: [
          {
            eventId: 'e',
            kind: 'payment',
            lineId: 'l',
            amountMinor: 5,
            quantity: 0,
            on: '2026-11-01',
            means: null,
            voucherId: null,
            guessed: false,
            taxMinor: 0,
            note: '',
            reverses: null,
          },
        ],
      },
      /does not exist|add up/,
    ],
  ])('%s is refused and nothing is written', async (_what, change, why) => {
    const file = (await member.request('GET', `/api/jobs/${jobId}/export`)).body
    const before = (await member.request<unknown[]>('GET', '/api/jobs')).body.length
    const answer = await member.request<{ detail: string }>('POST', '/api/jobs/import', {
      ...file,
      ...change,
    })
    expect([400, 409]).toContain(answer.status)
    expect(answer.body.detail).toMatch(why)
    expect((await member.request<unknown[]>('GET', '/api/jobs')).body.length).toBe(before)
  })
})
