import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import pg from 'pg'
import { deriveJob } from '@bonitas/core/job/derive'
import { sql } from 'drizzle-orm'
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
} from './testing/testServer.js'

let server: TestServer
let member: Member
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
afterAll(() => server.close())

const position = async (jobId: string) => deriveJob(await snapshotOf(member, jobId), '2026-11-23').position

describe('money', () => {
  test('from choice to refund, the budget says at every step where it stands', async () => {
    const { jobId, items } = await jobWithItems(member, [148_000, 59_000])
    const free = 10_000_000 - 1_000_000
    expect(await position(jobId)).toMatchObject({
      chosenMinor: 207_000,
      orderedMinor: 0,
      paidMinor: 0,
      freeMinor: free - 207_000,
    })

    const ordered = await money(member, jobId, 'orders', orderOf(items.map((i) => i.itemId)))
    expect(ordered.status).toBe(201)
    expect(await position(jobId)).toMatchObject({ chosenMinor: 0, orderedMinor: 207_000, paidMinor: 0 })

    await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 100_001))
    expect(await position(jobId)).toMatchObject({
      orderedMinor: 106_999,
      paidMinor: 100_001,
      freeMinor: free - 207_000,
    })
    await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 106_999))

    const lines = (await snapshotOf(member, jobId)).lines
    await money(member, jobId, 'deliveries', {
      orderId: ordered.body.orderId,
      lineIds: lines.map((l) => l.id),
      deliveredOn: '2026-11-05',
      note: '',
    })
    const sofa = lines.find((l) => l.amountMinor === 148_000)!
    await money(member, jobId, 'returns', {
      lineId: sofa.id,
      quantity: 1,
      creditMinor: 140_000,
      returnedOn: '2026-11-10',
      note: 'too pink',
    })
    expect(await position(jobId)).toMatchObject({
      paidMinor: 207_000,
      dueBackMinor: 140_000,
      freeMinor: free - 207_000,
    })
    const reopened = (await snapshotOf(member, jobId)).items.find((i) => i.id === sofa.itemId)!
    expect(reopened.chosenOptionId).toBeNull()

    await money(member, jobId, 'refunds', {
      lineId: sofa.id,
      amountMinor: 140_000,
      refundedOn: '2026-11-20',
      means: 'bank',
      note: '',
    })
    expect(await position(jobId)).toMatchObject({
      paidMinor: 67_000,
      dueBackMinor: 0,
      freeMinor: free - 67_000,
    })
  })

  test('an order keeps its price when the option changes afterwards', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const option = (await snapshotOf(member, jobId)).options[0]!
    const { version, ...fields } = option
    await setRow(member, jobId, 'options', { ...fields, priceMinor: 99_900 })
    expect(await position(jobId)).toMatchObject({ orderedMinor: 10_000 })
  })

  test.each([
    ['more than is owed', (o: string) => ['payments', paymentOf(o, 10_001)] as const, 409, 'amountMinor'],
    ['nothing', (o: string) => ['payments', paymentOf(o, 0)] as const, 400, 'amountMinor'],
    ['a negative amount', (o: string) => ['payments', paymentOf(o, -5)] as const, 400, 'amountMinor'],
    ['an absurd amount', (o: string) => ['payments', paymentOf(o, 1e300)] as const, 400, 'amountMinor'],
    [
      'letters for an amount',
      (o: string) => ['payments', { ...paymentOf(o, 5), amountMinor: 'lots' }] as const,
      400,
      'amountMinor',
    ],
    ['a half cent', (o: string) => ['payments', paymentOf(o, 0.5)] as const, 400, 'amountMinor'],
    [
      'a day that is not',
      (o: string) => ['payments', paymentOf(o, 5, { paidOn: '2026-02-30' })] as const,
      400,
      'paidOn',
    ],
    [
      'a year of long ago',
      (o: string) => ['payments', paymentOf(o, 5, { paidOn: '0001-01-01' })] as const,
      400,
      'paidOn',
    ],
    [
      'a note of 10 000 characters',
      (o: string) => ['payments', paymentOf(o, 5, { note: 'x'.repeat(10_000) })] as const,
      400,
      'note',
    ],
    [
      'means that are none',
      (o: string) => ['payments', paymentOf(o, 5, { means: 'promises' })] as const,
      400,
      'means',
    ],
    [
      'a field nobody knows',
      (o: string) => ['payments', { ...paymentOf(o, 5), admin: true }] as const,
      400,
      '',
    ],
    ['no items', () => ['orders', orderOf([])] as const, 400, 'itemIds'],
    ['an item that is not an id', () => ['orders', orderOf(['x'])] as const, 400, 'itemIds[0]'],
  ])('refuses %s, says which field, and writes nothing', async (_what, wish, status, field) => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const ordered = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const [path, body] = wish(ordered.body.orderId!)
    const answer = await money(member, jobId, path, body)
    expect(answer.status).toBe(status)
    expect(answer.headers.get('content-type')).toContain('application/problem+json')
    expect(answer.body.errors!.map((e) => e.field)).toContain(field)
    expect((await snapshotOf(member, jobId)).entries).toHaveLength(1)
  })

  test('an order that cannot be is refused: nothing chosen, ordered already, another supplier', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const other = await money(
      member,
      jobId,
      'orders',
      orderOf([items[0]!.itemId], { supplierId: randomUUID() }),
    )
    expect(other.status).toBe(404)
    expect((await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))).status).toBe(201)
    const again = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    expect([again.status, again.body.detail]).toEqual([409, expect.stringContaining('ordered already')])
    const item = (await snapshotOf(member, jobId)).items[0]!
    const { version, ...fields } = item
    const swapped = await setRow(member, jobId, 'items', { ...fields, chosenOptionId: null })
    expect(swapped.status).toBe(409)
  })
})

describe('the same request twice', () => {
  test('buys one sofa, one after the other', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const key = randomUUID()
    const first = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]), key)
    const second = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]), key)
    expect([second.status, second.body, second.headers.get('idempotent-replayed')]).toEqual([
      201,
      first.body,
      'true',
    ])
    expect((await snapshotOf(member, jobId)).orders).toHaveLength(1)
  })

  test('buys one sofa, all at once', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const key = randomUUID()
    const answers = await Promise.all(
      Array.from({ length: 8 }, () => money(member, jobId, 'orders', orderOf([items[0]!.itemId]), key)),
    )
    expect(new Set(answers.map((a) => a.status))).toEqual(new Set([201]))
    expect(new Set(answers.map((a) => a.body.eventId)).size).toBe(1)
    expect((await snapshotOf(member, jobId)).orders).toHaveLength(1)
  })

  test('with keys of their own, eight buyers of one sofa get one between them', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const answers = await Promise.all(
      Array.from({ length: 8 }, () => money(member, jobId, 'orders', orderOf([items[0]!.itemId]))),
    )
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409, 409, 409, 409, 409, 409, 409])
  })

  test('a key is for one act: another body under it is refused; a failed act frees it', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const ordered = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const key = randomUUID()
    expect(
      (await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 99_999), key)).status,
    ).toBe(409)
    expect((await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 100), key)).status).toBe(
      201,
    )
    expect((await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 200), key)).status).toBe(
      422,
    )
    for (const bad of ['', 'short', 'x'.repeat(201)])
      expect(
        (await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 200), bad)).status,
      ).toBe(400)
  })
})

describe('a mistake', () => {
  test('is taken back by an entry of its own, once, and not under later entries', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const ordered = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const paid = await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, 10_000))
    const reverse = (eventId: string) =>
      money(member, jobId, 'reversals', { eventId, reversedOn: '2026-11-09', note: 'wrong order' })
    const early = await reverse(ordered.body.eventId)
    expect([early.status, early.body.detail]).toEqual([
      409,
      expect.stringContaining('Take back the later entries first'),
    ])
    const back = await reverse(paid.body.eventId)
    expect(back.status).toBe(201)
    expect((await reverse(paid.body.eventId)).status).toBe(409)
    expect((await reverse(back.body.eventId)).status).toBe(409)
    expect((await reverse(ordered.body.eventId)).status).toBe(201)
    expect(await position(jobId)).toMatchObject({ paidMinor: 0, orderedMinor: 0, chosenMinor: 10_000 })
    expect((await snapshotOf(member, jobId)).entries).toHaveLength(4)
  })

  test('a return taken back closes the item again', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const ordered = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const line = (await snapshotOf(member, jobId)).lines[0]!
    await money(member, jobId, 'deliveries', {
      orderId: ordered.body.orderId,
      lineIds: [line.id],
      deliveredOn: '2026-11-05',
      note: '',
    })
    const back = await money(member, jobId, 'returns', {
      lineId: line.id,
      quantity: 1,
      creditMinor: 10_000,
      returnedOn: '2026-11-06',
      note: '',
    })
    await money(member, jobId, 'reversals', {
      eventId: back.body.eventId,
      reversedOn: '2026-11-07',
      note: 'kept after all',
    })
    expect((await snapshotOf(member, jobId)).items[0]!.chosenOptionId).toBe(items[0]!.optionId)
  })

  test('cannot be wiped out: the ledger refuses UPDATE, DELETE and TRUNCATE', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    for (const table of ['ledger_entry', 'order_line', 'purchase_order'])
      for (const act of [
        `update ${table} set job_id = job_id`,
        `delete from ${table}`,
        `truncate ${table} cascade`,
      ])
        await expect(
          server.db.asStudio(member.studioId, (tx) => tx.execute(sql.raw(act))),
        ).rejects.toMatchObject({ cause: { message: expect.stringContaining('append-only') } })
  })
})

test('the budget of the screen is the budget of a sum in SQL', async () => {
  const { jobId, items } = await jobWithItems(member, [10_000, 20_001, 33_333])
  const ordered = await money(member, jobId, 'orders', orderOf(items.map((i) => i.itemId)))
  for (const amount of [1, 7, 12_345])
    await money(member, jobId, 'payments', paymentOf(ordered.body.orderId!, amount))
  const client = new pg.Client({ connectionString: server.url })
  await client.connect()
  await client.query("select set_config('bonitas.studio', $1, false)", [member.studioId])
  const { rows } = await client.query<{ paid: string; ordered: string }>(
    `select sum(amount_minor) filter (where kind = 'payment') as paid, sum(amount_minor) filter (where kind = 'order') as ordered from ledger_entry where job_id = $1`,
    [jobId],
  )
  await client.end()
  const p = await position(jobId)
  expect([p.paidMinor, p.orderedMinor + p.paidMinor]).toEqual([
    Number(rows[0]!.paid),
    Number(rows[0]!.ordered),
  ])
  const listed = (
    await member.request<{ id: string; paidMinor: number; freeMinor: number }[]>('GET', '/api/jobs')
  ).body.find((j) => j.id === jobId)!
  expect([listed.paidMinor, listed.freeMinor]).toEqual([p.paidMinor, p.freeMinor])
})

test('every field of every act: whatever is sent, an answer that names the field, never a failure, and nothing written', async () => {
  const { jobId, items } = await jobWithItems(member, [10_000])
  const ordered = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
  const before = await snapshotOf(member, jobId)
  const lineId = before.lines[0]!.id
  const orderId = ordered.body.orderId!
  const acts: Record<string, Record<string, unknown>> = {
    orders: orderOf([items[0]!.itemId]),
    payments: paymentOf(orderId, 100),
    deliveries: { orderId, lineIds: [lineId], deliveredOn: '2026-11-05', note: '' },
    returns: { lineId, quantity: 1, creditMinor: 100, returnedOn: '2026-11-05', note: '' },
    refunds: { lineId, amountMinor: 100, refundedOn: '2026-11-05', means: 'bank', note: '' },
    cancellations: { lineId, cancelledOn: '2026-11-05', note: '' },
    reversals: { eventId: ordered.body.eventId, reversedOn: '2026-11-05', note: 'wrong' },
  }
  const bad = ['letters', -1, 1e300, 0.5, 'x'.repeat(10_000), true, {}, '\u0000', '2026-13-45']
  let refused = 0
  for (const [path, fields] of Object.entries(acts))
    for (const field of Object.keys(fields))
      for (const value of bad) {
        // A note may be any short text.
        if (field === 'note' && (value === 'letters' || value === '2026-13-45')) continue
        const answer = await money(member, jobId, path, { ...fields, [field]: value })
        expect(
          [answer.status, answer.body.errors?.[0]?.field],
          `${path}.${field} = ${JSON.stringify(value).slice(0, 30)}`,
        ).toEqual([400, expect.stringMatching(new RegExp(`^${field}`))])
        expect(answer.body.errors![0]!.text).toMatch(/^[A-Z].*\.$/)
        refused++
      }
  expect(refused).toBeGreaterThan(200)
  expect((await snapshotOf(member, jobId)).entries).toEqual(before.entries)
})
