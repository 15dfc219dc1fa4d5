import { randomUUID } from 'node:crypto'
import { get } from 'node:http'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { COLLECTIONS, rowDef, SINGLE, type Collection } from '@bonitas/core/model/registry'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import { filledRow } from '@bonitas/core/testing/filledRow'
import {
  addRow,
  finishRow,
  jobWithItems,
  optionRow,
  removeRow,
  sendChanges,
  setRow,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from './testing/testServer.js'

let server: TestServer
let member: Member
let jobId: string
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
  jobId = (await jobWithItems(member, [])).jobId
})
afterAll(() => server.close())

/** A good row of a collection, naming nothing: what it names need not be there for its fields to be looked at. */
function good(collection: Collection): Record<string, unknown> & { id: string } {
  const def = rowDef(collection)
  const row = filledRow(def.fields, randomUUID(), () => randomUUID())
  return { ...row, ...def.blank(), id: row.id }
}

const BAD = [
  '',
  'letters',
  -1,
  1e300,
  0.1234567,
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
      const fields = Object.keys(rowDef(collection).fields).filter((f) => f !== 'id')
      let refused = 0
      for (const field of fields)
        for (const bad of BAD) {
          const row = { ...good(collection), [field]: bad }
          const answer = SINGLE.has(collection)
            ? await sendChanges<Problemed>(member, jobId, [
                { collection, id: jobId, set: { [field]: bad }, was: { [field]: null } },
              ])
            : await sendChanges<Problemed>(member, jobId, [{ collection, id: row.id, add: row }])
          expect(
            [200, 400, 404, 409, 412],
            `${collection}.${field} = ${JSON.stringify(bad).slice(0, 40)} gave ${answer.status}`,
          ).toContain(answer.status)
          if (answer.status === 400) {
            refused++
            expect(answer.headers.get('content-type')).toContain('application/problem+json')
            const said = answer.body.errors!.find((e) => e.field.startsWith(field))
            expect(said, `${collection}.${field}: ${JSON.stringify(answer.body.errors)}`).toBeDefined()
            expect(said!.row).toMatchObject({ collection })
            // A sentence that says what to do, and not the library's own words.
            expect(said!.text).toMatch(/^[A-Z].*\.$/)
            expect(said!.text).not.toMatch(/this|cast|`/)
          }
          if (answer.status === 200 && !SINGLE.has(collection))
            await removeRow(member, jobId, collection, row.id, 1)
        }
      expect(refused).toBeGreaterThan(fields.length)
    },
  )

  test('bodies that are no groups at all', async () => {
    const path = `/api/jobs/${jobId}/changes`
    const id = randomUUID()
    const headers = { 'Idempotency-Key': randomUUID(), 'Content-Type': 'application/json' }
    const groups: readonly unknown[] = [
      {},
      { changes: [] },
      { changes: 'x' },
      { changes: [null] },
      { changes: [[]] },
      { changes: [{}] },
      { changes: [{ collection: 'nothing', id, add: {} }] },
      { changes: [{ collection: 'constructor', id, add: {} }] },
      { changes: [{ collection: 'uses', id: 'x', add: {} }] },
      { changes: [{ collection: 'uses', id, add: { id: randomUUID() } }] },
      { changes: [{ collection: 'uses', id, set: { version: 3 }, was: { version: 1 } }] },
      { changes: [{ collection: 'uses', id, set: { id }, was: { id } }] },
      { changes: [{ collection: 'uses', id, set: { 'name" = 1 --': 1 }, was: { 'name" = 1 --': 1 } }] },
      { changes: [{ collection: 'uses', id, set: { name: 'x' }, was: {} }] },
      { changes: [{ collection: 'uses', id, remove: true }] },
      { changes: [{ collection: 'brief', id: jobId, remove: true, seen: 1 }] },
    ]
    for (const body of [
      '',
      '[]',
      'null',
      '"x"',
      '{',
      '{"id":',
      '12',
      ...groups.map((g) => JSON.stringify(g)),
    ])
      expect((await member.request('POST', path, body, headers)).status, body).toBe(400)
    const noKey = await member.request('POST', path, {
      changes: [{ collection: 'uses', id, remove: true, seen: 1 }],
    })
    expect(noKey.status).toBe(400)
    expect((await sendChanges(member, 'not-a-job', [])).status).toBe(404)
    expect((await sendChanges(member, randomUUID(), [])).status).toBe(404)
    expect((await member.request('GET', `/api/jobs/%E0%A4%A`)).status).toBe(400)
  })

  test('a group with ten thousand bad fields is refused at once, with a hundred faults', async () => {
    const like = good('uses')
    const changes = Array.from({ length: 10_000 }, () => {
      const row = { ...like, id: randomUUID(), persons: -1 }
      return { collection: 'uses', id: row.id, add: row }
    })
    const { status, body } = await sendChanges<Problemed>(member, jobId, changes)
    expect([status, body.errors?.length]).toEqual([400, 100])
  })
})

type Problemed = { errors?: { field: string; text: string; row?: { collection: string } }[] }

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

  test('any write into any collection gives another mark, and so does taking out; made again it is another row', async () => {
    let written = 0
    for (const collection of COLLECTIONS.filter((c) => !SINGLE.has(c))) {
      const row = good(collection)
      const before = await tagOf()
      if ((await addRow(member, jobId, collection, row)).status !== 200) continue
      written++
      const added = await tagOf()
      const flipped = Object.entries(rowDef(collection).fields).find(
        ([, f]) => f.kind === 'text' && f.label !== 'Rate' && f.label !== 'Currency',
      )
      if (!flipped) continue
      const changed = await setRow<{ version: number }>(member, jobId, collection, {
        ...row,
        [flipped[0]]: 'Other words',
      })
      expect(changed.status, collection).toBe(200)
      const then = await tagOf()
      const gone = await removeRow(member, jobId, collection, row.id, changed.body.version)
      expect(new Set([before, added, then]).size, collection).toBe(3)
      if (gone.status !== 200) continue
      expect(await tagOf(), collection).toBe(before)
      expect((await addRow(member, jobId, collection, row)).status).toBe(200)
      expect([before, added, then], collection).not.toContain(await tagOf())
    }
    expect(written).toBeGreaterThan(20)
    for (const [collection, set] of [
      ['brief', { place: 'Harbor' }],
      ['room', { heightMm: 2_718 }],
      ['schools', { rug: 'bare floor kept whole' }],
    ] as const) {
      const before = await tagOf()
      const job = await snapshotOf(member, jobId)
      expect(
        (await setRow(member, jobId, collection, { ...job[collection], ...set })).status,
        collection,
      ).toBe(200)
      expect(await tagOf(), collection).not.toBe(before)
    }
  })
})

test('an option that was taken out and is made again with something else in it is sent as it is now', async () => {
  const { jobId: ofJob, items } = await jobWithItems(member, [1000])
  const sent = async (id: string) =>
    whole((await member.request<SentJob>('GET', `/api/jobs/${ofJob}?sparse`)).body).options.find(
      (o) => o.id === id,
    )
  const option = optionRow(items[0]!.itemId)
  await addRow(member, ofJob, 'options', { ...option, name: 'As it was' })
  expect(await sent(option.id)).toMatchObject({ name: 'As it was', version: 1 })
  await removeRow(member, ofJob, 'options', option.id, 1)
  expect(await sent(option.id)).toBeUndefined()
  await addRow(member, ofJob, 'options', { ...option, name: 'As it is' })
  expect(await sent(option.id)).toMatchObject({ name: 'As it is', version: 1 })
})

test('a finish that is worn cannot be removed by itself, and the answer names what still needs it', async () => {
  const finish = finishRow()
  await addRow(member, jobId, 'finishes', finish)
  const laid = () => ({
    ...good('finishAssignments'),
    surface: 'ceiling',
    finishId: finish.id,
    schemeId: null,
    candidate: false,
  })
  const first = laid()
  await addRow(member, jobId, 'finishAssignments', first)
  const gone = await removeRow(member, jobId, 'finishes', finish.id, 1)
  expect([gone.status, gone.body.detail]).toEqual([409, expect.stringContaining('the finish on ceiling')])
  expect(gone.body.current).toEqual([
    {
      collection: 'finishAssignments',
      id: first.id,
      name: 'the finish on ceiling',
      field: 'finishId',
      record: false,
    },
  ])
  const second = await addRow(member, jobId, 'finishAssignments', laid())
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
            estimated: false,
            updateId: '',
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
