import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import {
  jobWithItems,
  money,
  optionRow,
  orderOf,
  paymentOf,
  snapshotOf,
  startTestServer,
  supplierRow,
  type Member,
  type TestServer,
  addRow,
  setRow,
} from './testing/testServer.js'

let server: TestServer
let member: Member
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
afterAll(() => server.close())

const on = '2026-11-05'
const act = async (jobId: string, path: string, body: Record<string, unknown>, key = randomUUID()) => {
  const answer = await money(member, jobId, path, { note: '', ...body }, key)
  return {
    status: answer.status,
    ...(answer.body as { eventId?: string; errors?: { field: string; text: string }[] }),
  }
}
/** A job with one thing at 100.00 on order, and another option for it at a price of its own. */
async function oneOrdered(otherMinor: number, otherwise: Record<string, unknown> = {}) {
  const { jobId, items } = await jobWithItems(member, [10_000])
  const { itemId } = items[0]!
  const other = optionRow(itemId, { name: 'The other', priceMinor: otherMinor, ...otherwise })
  await addRow(member, jobId, 'options', other)
  const order = await money(member, jobId, 'orders', orderOf([itemId]))
  const lineId = (await snapshotOf(member, jobId)).lines[0]!.id
  const orderId = order.body.orderId!
  const swap = (more: Record<string, unknown> = {}, key = randomUUID()) =>
    act(
      jobId,
      'exchanges',
      { lineId, optionId: other.id, quantity: 1, amountMinor: null, exchangedOn: on, ...more },
      key,
    )
  return { jobId, itemId, orderId, lineId, otherId: other.id, swap }
}
const here = async (jobId: string, orderId: string, lineId: string) => {
  await act(jobId, 'payments', paymentOf(orderId, 10_000))
  await act(jobId, 'deliveries', { orderId, lineIds: [lineId], deliveredOn: on })
}
const state = async (jobId: string) => {
  const job = await snapshotOf(member, jobId)
  const derived = deriveJob(job, '2026-11-23')
  const [order] = derived.orders
  return { job, derived, order: order!, item: derived.items[0]! }
}

describe('something else for what was ordered', () => {
  test.each([
    [
      'dearer: the difference is owed',
      13_000,
      { outstandingMinor: 3_000, dueBackMinor: 0, paidMinor: 10_000 },
    ],
    [
      'cheaper: the difference is due back',
      7_500,
      { outstandingMinor: 0, dueBackMinor: 2_500, paidMinor: 10_000 },
    ],
    ['at the same price: nothing moves', 10_000, { outstandingMinor: 0, dueBackMinor: 0, paidMinor: 10_000 }],
  ])('paid and here, %s', async (_what, otherMinor, money) => {
    const { jobId, orderId, lineId, otherId, swap } = await oneOrdered(otherMinor)
    await here(jobId, orderId, lineId)
    expect((await swap()).status).toBe(201)
    const { order, item } = await state(jobId)
    expect(order).toMatchObject({ amountMinor: otherMinor, ...money })
    const [old, now] = [
      order.lines.find((l) => l.line.id === lineId)!,
      order.lines.find((l) => l.line.id !== lineId)!,
    ]
    expect(old.state).toMatchObject({ liveQuantity: 0, hereQuantity: 0, dueMinor: 0 })
    expect(now.state).toMatchObject({ liveQuantity: 1, toComeQuantity: 1, dueMinor: otherMinor })
    expect([now.line.optionId, item.item.chosenOptionId, item.state]).toEqual([otherId, otherId, 'ordered'])
  })

  test('not here and not paid: a substitute takes its place and nothing is due', async () => {
    const { jobId, swap, lineId } = await oneOrdered(9_000)
    await swap({ note: 'the mill stopped the color' })
    const { order, job } = await state(jobId)
    expect(order).toMatchObject({ amountMinor: 9_000, outstandingMinor: 9_000, dueBackMinor: 0 })
    expect(job.entries.filter((e) => e.lineId === lineId).map((e) => e.kind)).toEqual(['order', 'cancel'])
    expect(job.entries.every((e) => e.kind !== 'payment')).toBe(true)
  })

  test('at a price of its own, and for the same thing again', async () => {
    const first = await oneOrdered(9_000)
    await first.swap({ amountMinor: 8_400 })
    expect((await state(first.jobId)).order.amountMinor).toBe(8_400)
    const again = await oneOrdered(9_000)
    await here(again.jobId, again.orderId, again.lineId)
    const [line] = (await snapshotOf(member, again.jobId)).lines
    await again.swap({ optionId: line!.optionId })
    expect((await state(again.jobId)).order).toMatchObject({
      amountMinor: 10_000,
      outstandingMinor: 0,
      dueBackMinor: 0,
    })
  })

  test('the same request again moves nothing, and two at once exchange once', async () => {
    const { jobId, orderId, lineId, swap } = await oneOrdered(7_500)
    await here(jobId, orderId, lineId)
    const key = randomUUID()
    const [one, two] = await Promise.all([swap({}, key), swap({}, key)])
    expect([one.status, two.status, one.eventId]).toEqual([201, 201, two.eventId])
    expect((await swap()).status).toBe(409)
    expect((await state(jobId)).job.lines).toHaveLength(2)
  })

  test('what cannot be is refused at its field, and nothing is half entered', async () => {
    const { jobId, swap } = await oneOrdered(7_500, { stock: 'sold out' })
    const refusal = async (more: Record<string, unknown>) => {
      const answer = await swap(more)
      return [answer.status, answer.errors?.[0]?.field]
    }
    expect(await refusal({})).toEqual([409, 'optionId'])
    expect(await refusal({ quantity: 2 })).toEqual([409, 'quantity'])
    expect(await refusal({ quantity: 0 })).toEqual([400, 'quantity'])
    expect((await refusal({ optionId: randomUUID() }))[0]).toBe(404)
    expect((await refusal({ lineId: randomUUID() }))[0]).toBe(404)
    const { job, order } = await state(jobId)
    expect([job.lines.length, job.entries.length, order.amountMinor]).toEqual([1, 1, 10_000])
  })

  test('another seller’s option is ordered there, not exchanged here', async () => {
    const one = await oneOrdered(7_500)
    const shop = { ...supplierRow(), name: `Elsewhere ${randomUUID()}` }
    await addRow(member, one.jobId, 'suppliers', shop)
    const elsewhere = optionRow(one.itemId, { supplierId: shop.id })
    await addRow(member, one.jobId, 'options', elsewhere)
    const refused = await one.swap({ optionId: elsewhere.id })
    expect([refused.status, refused.errors?.[0]?.field]).toEqual([409, 'optionId'])
  })

  test('partly here and partly to come: both go at their share, and the tax of both is what was in the line', async () => {
    const { jobId, items } = await jobWithItems(member, [3_333])
    const { itemId, optionId } = items[0]!
    const snapshot = await snapshotOf(member, jobId)
    await setRow(member, jobId, 'brief', { ...snapshot.brief, version: undefined, taxPpm: 210_000 })
    const item = snapshot.items[0]!
    await setRow(member, jobId, 'items', { ...item, version: undefined, quantity: 5 })
    const order = await money(member, jobId, 'orders', orderOf([itemId]))
    const orderId = order.body.orderId!
    const line = (await snapshotOf(member, jobId)).lines[0]!
    expect([line.quantity, line.taxMinor > 0]).toEqual([5, true])
    await act(jobId, 'deliveries', { orderId, lineIds: [line.id], quantity: 2, deliveredOn: on })
    const done = await act(jobId, 'exchanges', {
      lineId: line.id,
      optionId,
      quantity: 5,
      amountMinor: null,
      exchangedOn: on,
    })
    expect(done.status).toBe(201)
    const { order: after } = await state(jobId)
    const old = after.lines.find((l) => l.line.id === line.id)!
    expect(old.state).toMatchObject({
      dueMinor: 0,
      taxMinor: 0,
      returnedQuantity: 2,
      cancelledQuantity: 3,
      liveQuantity: 0,
    })
    expect(after.amountMinor).toBe(line.amountMinor)
  })

  test('an option of another item is none of this one’s', async () => {
    const one = await oneOrdered(7_500)
    const stranger = optionRow(randomUUID())
    expect((await one.swap({ optionId: stranger.id })).status).toBe(404)
  })

  test('what was paid for the one counts for the other by no purse, and the ledger still proves', async () => {
    const { jobId, orderId, lineId, swap } = await oneOrdered(13_000)
    await here(jobId, orderId, lineId)
    await swap()
    const found = await server.db.asStudio(member.studioId, async (tx) => ({
      faults: (await tx.execute(sql`select fault from bonitas_ledger_faults()`)).rows,
      exchange: (
        await tx.execute(
          sql`select sum(amount_minor)::int as sum, count(*)::int as n from posting where job_id = ${jobId} and account = 'exchange'`,
        )
      ).rows[0],
      bank: (
        await tx.execute(
          sql`select sum(amount_minor)::int as sum from posting where job_id = ${jobId} and account = 'bank'`,
        )
      ).rows[0],
    }))
    expect(found).toEqual({ faults: [], exchange: { sum: 0, n: 2 }, bank: { sum: -10_000 } })
  })

  test('its parts can be taken back, the last first', async () => {
    const { jobId, orderId, lineId, swap } = await oneOrdered(10_000)
    await here(jobId, orderId, lineId)
    await swap()
    const { job } = await state(jobId)
    const back = (eventId: string) =>
      act(jobId, 'reversals', { eventId, reversedOn: on, note: 'kept after all' })
    const events = [...new Set(job.entries.slice(-4).map((e) => e.eventId))].reverse()
    expect(events).toHaveLength(3)
    expect((await back(events[1]!)).status).toBe(409)
    for (const eventId of events) expect((await back(eventId)).status).toBe(201)
    expect((await state(jobId)).order).toMatchObject({
      amountMinor: 10_000,
      paidMinor: 10_000,
      outstandingMinor: 0,
      dueBackMinor: 0,
    })
  })
})
