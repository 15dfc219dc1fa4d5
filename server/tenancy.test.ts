import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import pg from 'pg'
import { COLLECTIONS, SINGLE } from '@bonitas/core/model/registry'
import { sql } from 'drizzle-orm'
import { createApp } from './app.js'
import type { JobWords } from './live/jobWords.js'
import {
  jobWithItems,
  money,
  orderOf,
  paymentOf,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
  setRow,
  addRow,
} from './testing/testServer.js'

let server: TestServer
let owner: Member
let stranger: Member
let jobId: string

beforeAll(async () => {
  server = await startTestServer()
  owner = await server.member()
  stranger = await server.member()
  const job = await jobWithItems(owner, [10_000])
  jobId = job.jobId
  const ordered = await money(owner, jobId, 'orders', orderOf([job.items[0]!.itemId]))
  await money(owner, jobId, 'payments', paymentOf(ordered.body.orderId!, 5000))
})
afterAll(() => server.close())

interface Layer {
  route?: { path: string; methods: Record<string, boolean> }
  handle?: { stack?: Layer[] }
}

/** Every route of the API, read from the running application, so that a new one cannot be forgotten. */
function routes(): { method: string; path: string }[] {
  const found: { method: string; path: string }[] = []
  const walk = (stack: Layer[], prefix: string) => {
    for (const layer of stack) {
      if (layer.route)
        for (const method of Object.keys(layer.route.methods))
          found.push({ method: method.toUpperCase(), path: prefix + layer.route.path })
      // The ledger's router hangs below a job; Express keeps the prefix in a matcher, so it is told apart by its routes.
      else if (layer.handle?.stack)
        walk(
          layer.handle.stack,
          layer.handle.stack.some((l) =>
            [
              '/orders',
              '/pictures/:id',
              '/board.pdf',
              '/plan/tape-out.pdf',
              '/orders/:orderId/updates',
            ].includes(l.route?.path ?? ''),
          )
            ? '/jobs/:jobId'
            : prefix,
        )
    }
  }
  const app = createApp({
    db: server.db,
    words: { on: () => () => undefined } as unknown as JobWords,
  }) as unknown as { router: { stack: Layer[] } }
  walk(app.router.stack, '')
  return found
}

describe('a member of another studio', () => {
  test('the walk finds the routes of jobs and ledger', () => {
    const names = routes().map((r) => `${r.method} ${r.path}`)
    for (const name of [
      'GET /jobs/:jobId',
      'GET /jobs/:jobId/export',
      'POST /jobs/:jobId/changes',
      'GET /jobs/:jobId/live',
      'POST /jobs/:jobId/orders',
      'POST /jobs/:jobId/change-orders',
      'PUT /jobs/:jobId/pictures/:id',
      'GET /jobs/:jobId/pictures/:id',
      'GET /jobs/:jobId/plan/tape-out.pdf',
      'GET /jobs/:jobId/plan/hanging-sheet.pdf',
      'GET /jobs/:jobId/papers/:name.:format',
      'GET /jobs/:jobId/ledger.ics',
      'GET /jobs/:jobId/orders/:orderId.pdf',
      'GET /jobs/:jobId/orders/:orderId/updates',
      'POST /jobs/:jobId/reversals',
    ])
      expect(names).toContain(name)
  })

  test('gets 404 from every route that names a job', async () => {
    const job = await snapshotOf(owner, jobId)
    const bodies: Record<string, unknown> = {
      orders: orderOf([job.items[0]!.id]),
      payments: paymentOf(job.orders[0]!.id, 100),
      deliveries: {
        orderId: job.orders[0]!.id,
        lineIds: [job.lines[0]!.id],
        deliveredOn: '2026-11-03',
        note: '',
      },
      returns: {
        lineId: job.lines[0]!.id,
        quantity: 1,
        creditMinor: 100,
        returnedOn: '2026-11-03',
        note: '',
      },
      refunds: {
        lineId: job.lines[0]!.id,
        amountMinor: 100,
        refundedOn: '2026-11-03',
        means: 'bank',
        note: '',
      },
      cancellations: { lineId: job.lines[0]!.id, cancelledOn: '2026-11-03', note: '' },
      'change-orders': { amountMinor: 100, agreedOn: '2026-11-03', agreedBy: 'Client', why: 'why' },
      adjustments: { lineId: job.lines[0]!.id, amountMinor: 1, adjustedOn: '2026-11-03', note: '' },
      charges: { lineId: job.lines[0]!.id, amountMinor: 1, chargedOn: '2026-11-03', note: 'carriage' },
      gifts: {
        itemId: job.items[0]!.id,
        giver: 'Aunt',
        valueMinor: 1,
        givenOn: '2026-11-03',
        arrived: true,
        note: '',
      },
      account: { kind: 'fee', amountMinor: 1, on: '2026-11-03', means: 'bank', note: '' },
      'order-events': {
        orderId: job.orders[0]!.id,
        lineId: null,
        kind: 'sent',
        on: '2026-11-03',
        expectedOn: null,
        note: '',
      },
      'ledger-proof': {},
      send: {},
      'send-back': { lineId: job.lines[0]!.id, quantity: 1 },
      reversals: { eventId: job.entries[0]!.eventId, reversedOn: '2026-11-03', note: 'why' },
    }
    // Every row of the job, changed, taken out and made anew, and groups that are none.
    const groups = [
      {},
      ...COLLECTIONS.flatMap((collection) => {
        const rows = job[collection]
        const row = (Array.isArray(rows) ? rows[0] : rows) as
          ({ id: string; version: number } & object) | undefined
        if (!row) return []
        const { version, ...fields } = row
        const [field, value] = Object.entries(fields).find(([f]) => f !== 'id')!
        return [
          { changes: [{ collection, id: row.id, set: { [field]: value }, was: { [field]: value } }] },
          ...(SINGLE.has(collection)
            ? []
            : [
                { changes: [{ collection, id: row.id, remove: true, seen: version }] },
                { changes: [{ collection, id: row.id, add: fields }] },
              ]),
        ]
      }),
    ]
    let walked = 0
    for (const { method, path } of routes().filter((r) => r.path.includes(':jobId'))) {
      const id = job.items[0]!.id
      const address = `/api${path
        .replace(':jobId', jobId)
        .replace(':name.:format', 'budget.csv')
        .replace(':orderId', job.orders[0]!.id)
        .replace(':id', id)}${path.includes('pictures') ? '?kind=before' : ''}`
      const last = path.split('/').at(-1)!
      for (const body of method === 'GET' || method === 'DELETE'
        ? [undefined]
        : last === 'changes'
          ? groups
          : [bodies[last] ?? { id }]) {
        const answer = await stranger.request(method, address, body, { 'Idempotency-Key': randomUUID() })
        expect(answer.status, `${method} ${address}`).toBe(404)
        walked++
      }
    }
    expect(walked).toBeGreaterThan(30)
    expect(await snapshotOf(owner, jobId)).toEqual(job)
  })

  test('sees none of the others among the jobs', async () => {
    expect((await stranger.request('GET', '/api/jobs')).body).toEqual([])
  })

  test('cannot name a row of another studio from a row of its own', async () => {
    const job = await snapshotOf(owner, jobId)
    const own = await jobWithItems(stranger, [100])
    const before = await snapshotOf(stranger, own.jobId)
    const { version, ...item } = before.items[0]!
    for (const chosenOptionId of [job.options[0]!.id, randomUUID()]) {
      const answer = await setRow(stranger, own.jobId, 'items', { ...item, chosenOptionId })
      expect(answer.status).toBe(409)
    }
    const paid = await money(stranger, own.jobId, 'payments', paymentOf(job.orders[0]!.id, 100))
    expect(paid.status).toBe(404)
    expect(await snapshotOf(stranger, own.jobId)).toEqual(before)
  })

  test("may use an id that another studio uses: ids are one's own", async () => {
    const job = await snapshotOf(owner, jobId)
    const own = await jobWithItems(stranger, [])
    const { version: _v, ...item } = job.items[0]!
    const answer = await addRow(stranger, own.jobId, 'items', { ...item, chosenOptionId: null })
    expect(answer.status).toBe(200)
  })
})

describe('row level security', () => {
  test('a query that forgets its studio sees only its own rows, and one that says none sees nothing', async () => {
    const seen = (studioId: string) =>
      server.db.asStudio(
        studioId,
        async (tx) =>
          (await tx.execute<{ n: string }>(sql`select count(*) as n from ledger_entry`)).rows[0]!.n,
      )
    expect(Number(await seen(owner.studioId))).toBe(2)
    expect(Number(await seen(stranger.studioId))).toBe(0)
    const client = new pg.Client({ connectionString: server.url })
    await client.connect()
    for (const table of ['job', 'item', 'ledger_entry', 'member', 'session', 'studio'])
      expect((await client.query(`select * from ${table}`)).rows, table).toEqual([])
    await client.end()
  })

  test('covers every table that names a studio', async () => {
    const client = new pg.Client({ connectionString: server.url })
    await client.connect()
    const { rows } = await client.query<{ table_name: string }>(
      `select c.table_name from information_schema.columns c join pg_class k on k.relname = c.table_name and k.relkind = 'r'
       where c.table_schema = 'public' and (c.column_name = 'studio_id' or c.table_name = 'studio') and not (k.relrowsecurity and k.relforcerowsecurity)`,
    )
    await client.end()
    expect(rows).toEqual([])
  })
})
