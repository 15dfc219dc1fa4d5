import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { judgedJob } from '@bonitas/core/testing/judgedJob'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import { postingsOf } from '@bonitas/core/testing/postingsOf'
import { proveAll } from './ledger/proof.js'
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
  removeRow,
} from './testing/testServer.js'

// The life of a purchase beyond order, payment and return: parts, charges, lowered prices, gifts, credits, what is heard.

let server: TestServer
let member: Member
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
afterAll(() => server.close())

const on = '2026-11-05'
const derived = async (jobId: string, day = '2026-11-23') => judgedJob(await snapshotOf(member, jobId), day)
/** A job with one order of everything in it. */
async function ordered(prices: readonly number[], more: Record<string, unknown> = {}) {
  const { jobId, items } = await jobWithItems(member, prices)
  const answer = await money(
    member,
    jobId,
    'orders',
    orderOf(
      items.map((i) => i.itemId),
      more,
    ),
  )
  expect(answer.status).toBe(201)
  const { lines } = await snapshotOf(member, jobId)
  const lineOf = (price: number) => lines.find((l) => l.amountMinor === price)!.id
  return { jobId, items, orderId: answer.body.orderId!, lines, lineOf }
}
const act = async (jobId: string, path: string, body: Record<string, unknown>, status = 201) => {
  const answer = await money(member, jobId, path, { note: '', ...body })
  expect(answer.status, JSON.stringify(answer.body)).toBe(status)
  return answer.body as { eventId: string; detail?: string; errors?: { field: string; text: string }[] }
}
const fault = async (jobId: string, path: string, body: Record<string, unknown>, status = 409) =>
  (await act(jobId, path, body, status)).errors?.[0]
const faults = () =>
  server.db.asStudio(
    member.studioId,
    async (tx) => (await tx.execute(sql`select fault from bonitas_ledger_faults()`)).rows,
  )

test('every act of the ledger makes the mark of the job another, and is in what is sent', async () => {
  const { jobId, orderId, lines } = await ordered([10_000])
  const lineId = lines[0]!.id
  const tagOf = async () => (await member.request('GET', `/api/jobs/${jobId}?sparse`)).headers.get('etag')!
  const tags = [await tagOf()]
  // Long lists are kept as they were last written out: what comes in columns is the job as it is, before and after.
  const asIs = async () => {
    const sparse = (await member.request<SentJob>('GET', `/api/jobs/${jobId}?sparse`)).body
    expect(whole(sparse)).toEqual((await member.request('GET', `/api/jobs/${jobId}`)).body)
  }
  await asIs()
  for (const [path, body] of [
    ['payments', paymentOf(orderId, 10_000)],
    ['order-events', { orderId, lineId: null, kind: 'acknowledged', on, expectedOn: null }],
    ['deliveries', { orderId, lineIds: [lineId], deliveredOn: on }],
    ['returns', { lineId, quantity: 1, creditMinor: 10_000, returnedOn: on }],
    ['refunds', { lineId, amountMinor: 4_000, refundedOn: on, means: 'bank' }],
    ['refunds', { lineId, amountMinor: 6_000, refundedOn: on, means: 'store credit' }],
    ['account', { kind: 'client payment', amountMinor: 5, on, means: 'bank' }],
  ] as const) {
    await act(jobId, path, body)
    tags.push(await tagOf())
    await asIs()
  }
  await money(member, jobId, 'change-orders', {
    amountMinor: 100,
    agreedOn: on,
    agreedBy: 'Client',
    why: 'more',
  })
  tags.push(await tagOf())
  expect(new Set(tags).size).toBe(tags.length)
})

describe('a purchase', () => {
  test('comes in parts: so many of a line, never more than is to come', async () => {
    const { jobId, orderId, lines } = await ordered([9_000])
    const lineIds = [lines[0]!.id]
    expect(await fault(jobId, 'deliveries', { orderId, lineIds, deliveredOn: on, quantity: 2 })).toEqual({
      field: 'quantity',
      text: expect.stringContaining('more than the 1 still to come') as string,
    })
    await act(jobId, 'deliveries', { orderId, lineIds, deliveredOn: on, quantity: 1 })
    expect((await derived(jobId)).orders[0]).toMatchObject({ completeOn: on })
  })

  test('is charged for and lowered: what is owed and due back follows, and so does the tax', async () => {
    const { jobId, orderId, lineOf } = await ordered([10_000])
    const lineId = lineOf(10_000)
    await act(jobId, 'payments', paymentOf(orderId, 10_000))
    await act(jobId, 'charges', { lineId, amountMinor: 1_500, chargedOn: on, note: 'carriage up the stairs' })
    expect((await derived(jobId)).orders[0]).toMatchObject({ outstandingMinor: 1_500, amountMinor: 11_500 })
    await act(jobId, 'adjustments', { lineId, amountMinor: 2_500, adjustedOn: on })
    expect((await derived(jobId)).orders[0]).toMatchObject({
      outstandingMinor: 0,
      dueBackMinor: 1_000,
      amountMinor: 9_000,
    })
    expect((await fault(jobId, 'adjustments', { lineId, amountMinor: 9_001, adjustedOn: on }))?.field).toBe(
      'amountMinor',
    )
    await act(jobId, 'charges', { lineId, amountMinor: 5, chargedOn: on, note: ' ' }, 400)
  })

  test('asks for a deposit that is no more than the order', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const ids = items.map((i) => i.itemId)
    expect(await fault(jobId, 'orders', orderOf(ids, { depositMinor: 10_001 }))).toMatchObject({
      field: 'depositMinor',
    })
    await act(jobId, 'orders', orderOf(ids, { depositMinor: 4_000, depositDueOn: '2026-11-03' }))
    const missing = (d: Awaited<ReturnType<typeof derived>>) =>
      d.findings.filter((f) => f.rule === 'ledger.deposit-missing')
    const now = await derived(jobId)
    expect(missing(now)).toHaveLength(1)
    await act(jobId, 'payments', paymentOf(now.orders[0]!.order.id, 4_000))
    expect(missing(await derived(jobId))).toEqual([])
  })

  test('is heard of: a delay moves the day, and what came is kept or is to go back', async () => {
    const { jobId, orderId, lines } = await ordered([5_000], { expectedOn: '2026-11-10' })
    const lineId = lines[0]!.id
    const say = (kind: string, more: Record<string, unknown> = {}) => ({
      orderId,
      lineId: null,
      kind,
      on,
      expectedOn: null,
      ...more,
    })
    expect(await fault(jobId, 'order-events', say('delayed'))).toMatchObject({ field: 'expectedOn' })
    await act(jobId, 'order-events', say('delayed', { expectedOn: '2026-12-01' }))
    expect((await derived(jobId)).orders[0]?.expectedOn).toBe('2026-12-01')
    expect(await fault(jobId, 'order-events', say('kept'))).toMatchObject({ field: 'lineId' })
    await act(jobId, 'order-events', say('kept', { lineId }), 409)
    await act(jobId, 'deliveries', { orderId, lineIds: [lineId], deliveredOn: on })
    await act(jobId, 'order-events', say('kept', { lineId }))
    const [line] = (await derived(jobId)).orders[0]!.lines
    expect(line).toMatchObject({ decision: 'kept' })
    // Nothing that was heard is changed or taken out.
    await expect(
      server.db.asStudio(member.studioId, (tx) => tx.execute(sql`delete from order_event`)),
    ).rejects.toThrow()
  })
})

describe('money that is not the budget’s', () => {
  test('C073 what others pay for does not draw on the budget; a pledge fills its item and is not here', async () => {
    const { jobId, items } = await jobWithItems(member, [34_000, 5_450])
    const [frame, mat] = items.map((i) => i.itemId)
    await act(jobId, 'gifts', {
      itemId: frame,
      giver: 'A relative',
      valueMinor: 34_000,
      givenOn: on,
      arrived: false,
    })
    const order = await money(member, jobId, 'orders', orderOf([mat!]))
    await act(jobId, 'payments', paymentOf(order.body.orderId!, 5_450))
    let now = await derived(jobId)
    expect(now.position).toMatchObject({
      paidMinor: 5_450,
      orderedMinor: 0,
      chosenMinor: 0,
      forecastMinor: 5_450,
    })
    expect(now.items.find((i) => i.item.id === frame)).toMatchObject({ state: 'ordered' })
    await act(
      jobId,
      'gifts',
      { itemId: frame, giver: 'Another', valueMinor: 0, givenOn: on, arrived: true },
      409,
    )
    const given = now.orders.find((o) => o.order.supplierName === 'A relative')!
    await act(jobId, 'deliveries', {
      orderId: given.order.id,
      lineIds: [given.lines[0]!.line.id],
      deliveredOn: on,
    })
    now = await derived(jobId)
    expect(now.items.find((i) => i.item.id === frame)).toMatchObject({ state: 'delivered' })
    expect(now.position.paidMinor).toBe(5_450)
  })

  test('C080 a refund is shown as due until it arrives; as store credit it is no money back, and pays once', async () => {
    const { jobId, orderId, lineOf } = await ordered([13_500, 4_500])
    const lineId = lineOf(4_500)
    await act(jobId, 'payments', paymentOf(orderId, 18_000))
    await act(jobId, 'deliveries', { orderId, lineIds: [lineId], deliveredOn: '2026-11-03' })
    await act(jobId, 'returns', { lineId, quantity: 1, creditMinor: 4_500, returnedOn: '2026-11-12' })
    const free = (await derived(jobId)).position.freeMinor
    expect((await derived(jobId)).position).toMatchObject({ paidMinor: 18_000, dueBackMinor: 4_500 })
    const back = await act(jobId, 'refunds', {
      lineId,
      amountMinor: 4_500,
      refundedOn: '2026-11-20',
      means: 'store credit',
      creditUntilOn: '2026-12-01',
    })
    let now = await derived(jobId)
    expect(now.position).toMatchObject({
      paidMinor: 18_000,
      dueBackMinor: 0,
      creditMinor: 4_500,
      freeMinor: free,
    })
    expect(now.findings.filter((f) => f.rule === 'ledger.about-to-lapse')).toHaveLength(1)
    const { vouchers } = await snapshotOf(member, jobId)
    expect(vouchers).toEqual([
      expect.objectContaining({ kind: 'store credit', amountMinor: 4_500, untilOn: '2026-12-01' }),
    ])
    const { items } = await jobWithItems(member, [1])
    expect(items).toHaveLength(1)
    const voucherId = vouchers[0]!.id
    // It is worth what came back, no more.
    const { version: _v, ...row } = vouchers[0]!
    const more = await setRow<{ errors?: { field: string }[] }>(member, jobId, 'vouchers', {
      ...row,
      amountMinor: 9_000,
    })
    expect([more.status, more.body.errors?.[0]?.field]).toEqual([409, 'amountMinor'])
    const again = await ordered([6_000])
    // A credit belongs to its job.
    await act(
      again.jobId,
      'payments',
      { ...paymentOf(again.orderId, 100), means: 'store credit', voucherId },
      404,
    )
    // Spent, it cannot be taken back; taken back, it holds nothing.
    await act(jobId, 'reversals', { eventId: back.eventId, reversedOn: on, note: 'typed wrong' })
    expect((await snapshotOf(member, jobId)).vouchers[0]).toMatchObject({ amountMinor: 0 })
    now = await derived(jobId)
    expect(now.position).toMatchObject({ creditMinor: 0, dueBackMinor: 4_500, freeMinor: free })
  })

  test('a gift card pays at most what is left on it, by its own means, until its day', async () => {
    const { jobId, orderId } = await ordered([8_000])
    const voucher = {
      id: randomUUID(),
      name: 'Card',
      kind: 'gift card',
      supplierId: null,
      amountMinor: 5_000,
      untilOn: '2026-11-30',
      note: '',
    }
    await addRow(member, jobId, 'vouchers', voucher)
    const pay = (amountMinor: number, more: Record<string, unknown> = {}) => ({
      ...paymentOf(orderId, amountMinor),
      means: 'gift card',
      voucherId: voucher.id,
      ...more,
    })
    expect((await fault(jobId, 'payments', pay(5_001)))?.text).toContain('€50.00')
    expect((await fault(jobId, 'payments', pay(100, { means: 'bank' })))?.field).toBe('voucherId')
    expect((await fault(jobId, 'payments', pay(100, { paidOn: '2026-12-01' })))?.field).toBe('voucherId')
    await act(jobId, 'payments', pay(3_000))
    expect((await fault(jobId, 'payments', pay(2_001)))?.field).toBe('voucherId')
    await act(jobId, 'payments', pay(2_000))
    // It cannot be made to hold less than was paid with it, nor become something else.
    const put = (more: object) =>
      setRow<{ errors?: { field: string }[] }>(member, jobId, 'vouchers', { ...voucher, ...more })
    for (const [more, field] of [
      [{ amountMinor: 4_999 }, 'amountMinor'],
      [{ kind: 'store credit' }, 'kind'],
    ] as const) {
      const answer = await put(more)
      expect([answer.status, answer.body.errors?.[0]?.field]).toEqual([409, field])
    }
    expect((await put({ amountMinor: 5_001, name: 'Card, topped up' })).status).toBe(200)
    expect((await removeRow(member, jobId, 'vouchers', voucher.id, 2)).status).toBe(409)
    expect(await faults()).toEqual([])
    // Behind the program’s back, the proof says so.
    const set = (minor: number) =>
      server.db.asStudio(member.studioId, (tx) =>
        tx.execute(sql`update voucher set amount_minor = ${minor} where id = ${voucher.id}`),
      )
    await set(4_000)
    expect(await faults()).toEqual([{ fault: 'Card, topped up: more was paid with it than it holds' }])
    await set(5_001)
  })

  test('the client’s money and the fee are entries of the job as a whole, and survive sending and import', async () => {
    const { jobId } = await jobWithItems(member, [1_000])
    await act(jobId, 'account', { kind: 'client payment', amountMinor: 50_000, on, means: 'bank' })
    const fee = await act(jobId, 'account', { kind: 'fee', amountMinor: 20_000, on, means: 'bank' })
    await act(jobId, 'reversals', { eventId: fee.eventId, reversedOn: on, note: 'too early' })
    const job = await snapshotOf(member, jobId)
    expect(job.entries.map((e) => [e.kind, e.lineId, e.amountMinor])).toEqual([
      ['client payment', null, 50_000],
      ['fee', null, 20_000],
      ['fee', null, -20_000],
    ])
    const sparse = (await member.request<SentJob>('GET', `/api/jobs/${jobId}?sparse`)).body
    expect(whole(sparse)).toEqual(job)
    const file = (await member.request('GET', `/api/jobs/${jobId}/export`)).body
    const copy = (await member.request<{ id: string }>('POST', '/api/jobs/import', file)).body
    expect((await snapshotOf(member, copy.id)).entries.map((e) => e.amountMinor)).toEqual([
      50_000, 20_000, -20_000,
    ])
  })
})

describe('a change of the budget', () => {
  const proposal = (more: object = {}) => ({
    id: randomUUID(),
    proposedOn: '2026-11-01',
    amountMinor: 18_000,
    why: 'felt lining',
    items: '',
    state: 'proposed',
    answeredOn: null,
    answer: '',
    ...more,
  })
  const agreed = { agreedOn: '2026-11-20', agreedBy: 'Client', why: 'felt lining' }
  async function proposed() {
    const { jobId } = await ordered([1_000])
    const row = proposal()
    const put = (body: object, seen?: string) =>
      seen === undefined
        ? addRow<{ errors?: { field: string }[]; version: number }>(member, jobId, 'proposals', body)
        : setRow<{ errors?: { field: string }[]; version: number }>(member, jobId, 'proposals', body)
    expect((await put(row)).status).toBe(200)
    const order = (more: object = {}) =>
      money(member, jobId, 'change-orders', { amountMinor: 18_000, proposalId: row.id, ...agreed, ...more })
    return { jobId, row, put, order }
  }

  test('is agreed to once, with its change order, and stands from then on', async () => {
    const p = await proposed()
    const before = (await derived(p.jobId)).position.agreedMinor
    // Two members agree to it at the same time: one of them does.
    const both = await Promise.all([p.order(), p.order()])
    expect(both.map((a) => a.status).sort()).toEqual([201, 409])
    const job = await snapshotOf(member, p.jobId)
    expect(job.proposals).toEqual([expect.objectContaining({ state: 'agreed', answeredOn: '2026-11-20' })])
    expect((await derived(p.jobId)).position.agreedMinor).toBe(before + 18_000)
    expect((await p.put({ ...p.row, why: 'something else' }, '"2"')).status).toBe(409)
    expect((await removeRow(member, p.jobId, 'proposals', p.row.id, 2)).status).toBe(409)
  })
  test('is not agreed by an edit, nor at another amount, nor when it was refused', async () => {
    const p = await proposed()
    const edit = await p.put({ ...p.row, state: 'agreed' }, '"1"')
    expect([edit.status, edit.body.errors?.[0]?.field]).toEqual([409, 'state'])
    const other = await p.order({ amountMinor: 20_000 })
    expect([other.status, other.body.errors?.[0]?.field]).toEqual([409, 'amountMinor'])
    expect((await p.put({ ...p.row, state: 'refused' }, '"1"')).status).toBe(200)
    expect((await p.order()).status).toBe(409)
    expect((await p.order({ proposalId: randomUUID() })).status).toBe(404)
    expect((await snapshotOf(member, p.jobId)).changeOrders).toEqual([])
  })
})

describe('double entry', () => {
  test('every entry has the postings that the core works out, and they come to nothing', async () => {
    const { rows } = await server.db.asStudio(member.studioId, (tx) =>
      tx.execute<{
        kind: never
        amount: string
        tax: string
        means: string | null
        posted: { account: string; amountMinor: number }[]
      }>(sql`
        select e.kind, e.amount_minor as amount, e.tax_minor as tax, e.means,
          (select coalesce(json_agg(json_build_object('account', account, 'amountMinor', amount_minor)), '[]')
           from posting p where p.job_id = e.job_id and p.seq = e.seq) as posted from ledger_entry e`),
    )
    expect(rows.length).toBeGreaterThan(20)
    expect(new Set(rows.map((r) => r.kind)).size).toBeGreaterThan(8)
    for (const r of rows) {
      const byName = (list: { account: string; amountMinor: number }[]) =>
        [...list].sort((x, y) => (x.account < y.account ? -1 : 1))
      const wanted = postingsOf({
        kind: r.kind,
        amountMinor: Number(r.amount),
        taxMinor: Number(r.tax),
        means: r.means,
      })
      expect(byName(r.posted), r.kind).toEqual(byName(wanted))
      expect(r.posted.reduce((s, p) => s + p.amountMinor, 0)).toBe(0)
    }
  })

  test('no posting is written by itself, changed or taken out', async () => {
    const tried = (text: string) => server.db.asStudio(member.studioId, (tx) => tx.execute(sql.raw(text)))
    await expect(
      tried(
        `insert into posting select studio_id, job_id, seq, 'made up', null, 5 from ledger_entry limit 1`,
      ),
    ).rejects.toThrow()
    await expect(tried('update posting set amount_minor = 0')).rejects.toThrow()
    await expect(tried('delete from posting')).rejects.toThrow()
  })

  test('the proof finds what was tampered with behind the triggers, and the nightly check writes it down', async () => {
    expect(await faults()).toEqual([])
    expect(await proveAll(server.db)).toBeGreaterThan(0)
    expect(await proveAll(server.db)).toBe(0)
    const { jobId, lines } = await ordered([7_000])
    await server.db.asStudio(member.studioId, async (tx) => {
      await tx.execute(sql`alter table posting disable trigger append_only`)
      await tx.execute(
        sql`update posting set amount_minor = amount_minor + 1 where account = 'owed' and line_id = ${lines[0]!.id}`,
      )
      await tx.execute(sql`alter table posting enable trigger append_only`)
    })
    const proof = await member.request<{ faults: string[] }>('POST', `/api/jobs/${jobId}/ledger-proof`, {})
    expect(proof.body.faults).toHaveLength(2)
    expect(proof.body.faults.join(' ')).toMatch(
      /come to 1, not to nothing.*owed 7000 by its entries, 6999 by its postings/s,
    )
    const stranger = await server.member()
    expect((await stranger.request('POST', `/api/jobs/${jobId}/ledger-proof`, {})).status).toBe(404)
  })
})
