import { afterAll, beforeAll, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import type { MatchedUpdate } from '@bonitas/core/stages/ledger/supplierUpdates'
import { startShops, type Shops } from './testing/shops.js'
import { catalogPlaces } from './source/catalogs.js'
import {
  itemRow,
  money,
  optionRow,
  orderOf,
  snapshotOf,
  startTestServer,
  supplierRow,
  type Member,
  type TestServer,
  addRow,
  setRow,
} from './testing/testServer.js'

// Orders in the book of a supplier that is not there: sent, acknowledged, late, in parts, refused, sent back.

let shops: Shops
let at = ''
let server: TestServer
let member: Member
beforeAll(async () => {
  shops = await startShops()
  at = shops.at
  server = await startTestServer({ suppliers: catalogPlaces(`lantern=${at}/lantern`) })
  member = await server.member()
}, 60_000)
afterAll(async () => {
  shops.close()
  await server.close()
})

const on = (day: string) => fetch(`${at}/day?day=${day}`, { method: 'POST' })
const mode = (how: string) => fetch(`${at}/lantern/mode?mode=${how}`, { method: 'POST' })
interface Answer {
  readonly asOf: string
  readonly updates: readonly MatchedUpdate[]
  readonly unnumbered: readonly string[]
  readonly detail?: string
}

/** An order of so many of one lamp, and of whatever else, at the supplier; the lamp is in stock that day. */
async function ordered(more: readonly { name: string; catalogKey: string; quantity: number }[] = []) {
  await on('2026-03-04')
  const page = await member.request<{ products: { key: string; stock: string; packSize: number }[] }>(
    'GET',
    '/api/catalogs/lantern/products?kind=lamp',
  )
  const lamp = page.body.products.find((p) => p.stock === 'in stock')!
  const { body } = await member.request<{ id: string }>('POST', '/api/jobs', {
    clientName: 'V',
    roomName: 'R',
    agreedMinor: 500_000,
  })
  const put = (collection: string, row: { id: string }, seen?: string) =>
    seen === undefined ? addRow(member, body.id, collection, row) : setRow(member, body.id, collection, row)
  const supplier = supplierRow({ name: `Lantern ${body.id}`, catalog: 'lantern' })
  await put('suppliers', supplier)
  const itemIds: string[] = []
  for (const wish of [{ name: 'Lamps', catalogKey: lamp.key, quantity: 5 }, ...more]) {
    const item = itemRow({ name: wish.name, quantity: wish.quantity })
    const option = optionRow(item.id, {
      supplierId: supplier.id,
      catalogKey: wish.catalogKey,
      priceMinor: 1000,
    })
    await put('items', item)
    await put('options', option)
    expect((await put('items', { ...item, chosenOptionId: option.id } as never, '"1"')).status).toBe(200)
    itemIds.push(item.id)
  }
  const made = await money(
    member,
    body.id,
    'orders',
    orderOf(itemIds, { supplierId: supplier.id, placedOn: '2026-03-04' }),
  )
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  const path = `/api/jobs/${body.id}/orders/${made.body.orderId!}`
  return {
    jobId: body.id,
    orderId: made.body.orderId!,
    lamp,
    path,
    send: () => member.request<Answer>('POST', `${path}/send`, {}),
    updates: async () => (await member.request<Answer>('GET', `${path}/updates`)).body,
  }
}

test('sent twice it is one order, written down once; it is acknowledged with its day, comes in two parts and is entered', async () => {
  const o = await ordered()
  const first = await o.send()
  expect(first.status).toBe(201)
  expect((await o.send()).body).toEqual(first.body)
  const job = await snapshotOf(member, o.jobId)
  expect(job.orderEvents.map((e) => e.kind)).toEqual(['sent'])
  const [said] = first.body.updates
  expect(said).toMatchObject({ kind: 'acknowledged', lineId: job.lines[0]!.id, quantity: 5, ask: [] })
  expect(said!.expectedOn! >= '2026-03-06').toBe(true)
  // Nothing is entered by what a supplier says.
  expect(job.entries).toHaveLength(1)

  await on('2026-06-01')
  const { updates, asOf } = await o.updates()
  expect(asOf).toBe('2026-06-01')
  const came = updates.filter((n) => n.kind === 'delivered')
  expect(came.map((n) => n.quantity)).toEqual([3, 2])
  expect(updates.filter((n) => n.kind === 'shipped')).toHaveLength(2)
  const enter = (n: MatchedUpdate, quantity = n.quantity) =>
    money(member, o.jobId, 'deliveries', {
      orderId: o.orderId,
      lineIds: [n.lineId],
      quantity,
      deliveredOn: n.on,
      updateId: n.id,
      note: n.says,
    })
  for (const n of came) {
    expect((await enter(n)).status).toBe(201)
    // Another page that has not heard of it yet enters it too, under a key of its own: it is there once.
    expect((await enter(n, 1)).status).toBe(409)
    const noted = { orderId: o.orderId, lineId: null, kind: 'shipped', on: n.on, expectedOn: null, note: '' }
    expect((await money(member, o.jobId, 'order-events', { ...noted, updateId: n.id })).status).toBe(409)
  }
  const entered = (await snapshotOf(member, o.jobId)).entries.filter((e) => e.kind === 'delivery')
  expect(entered.map((e) => [e.quantity, e.updateId])).toEqual(came.map((n) => [n.quantity, n.id]))
  // Taken back, it can be entered again.
  const [mistaken] = entered
  const reversed = { eventId: mistaken!.eventId, reversedOn: '2026-06-01', note: 'the wrong parcel' }
  expect((await money(member, o.jobId, 'reversals', reversed)).status).toBe(201)
  expect((await enter(came[0]!)).status).toBe(201)
  const derived = deriveJob(await snapshotOf(member, o.jobId), '2026-06-01')
  expect(derived.orders[0]?.completeOn).toBe(
    came
      .map((n) => n.on)
      .sort()
      .at(-1),
  )

  const back = await member.request<Answer>('POST', `${o.path}/send-back`, {
    lineId: job.lines[0]!.id,
    quantity: 1,
  })
  expect(back.status).toBe(201)
  await on('2026-06-07')
  expect((await o.updates()).updates.at(-1)).toMatchObject({
    kind: 'credited',
    quantity: 1,
    lineId: job.lines[0]!.id,
    on: '2026-06-06',
  })
})

test('what it does not know is refused, what has no number is said, and what two lines share a person must tell', async () => {
  await on('2026-03-04')
  const page = await member.request<{ products: { key: string; stock: string }[] }>(
    'GET',
    '/api/catalogs/lantern/products?kind=lamp',
  )
  const same = page.body.products.find((p) => p.stock === 'in stock')!.key
  const o = await ordered([
    { name: 'Lamps again', catalogKey: same, quantity: 1 },
    { name: 'Old number', catalogKey: 'LA-gone', quantity: 1 },
    { name: 'By word of mouth', catalogKey: '', quantity: 1 },
  ])
  const { body } = await o.send()
  expect(body.unnumbered).toEqual(['By word of mouth'])
  const job = await snapshotOf(member, o.jobId)
  expect(job.orderEvents[0]?.note).toBe('not told of: By word of mouth')
  const lineOf = (name: string) => job.lines.find((l) => l.itemName === name)!.id
  expect(body.updates.find((n) => n.kind === 'refused')).toMatchObject({
    lineId: lineOf('Old number'),
    says: 'no such number',
  })
  const shared = body.updates.filter((n) => n.kind === 'acknowledged')
  expect(shared).toHaveLength(2)
  for (const n of shared) {
    expect(n.lineId).toBeUndefined()
    expect(n.ask.map((l) => l.lineId).sort()).toEqual([lineOf('Lamps'), lineOf('Lamps again')].sort())
  }
})

test.each(['hanging', 'failing', 'garbage', 'half'])(
  '%s: a clear error, and nothing is written',
  async (how) => {
    const o = await ordered()
    await mode(how)
    try {
      const answer = await o.send()
      expect(answer.status).toBe(424)
      expect(answer.body.detail).toMatch(/^The supplier .*Nothing was changed here; ask again later\.$/)
      const job = await snapshotOf(member, o.jobId)
      expect([job.orderEvents.length, job.entries.length, job.orders.length]).toEqual([0, 1, 1])
    } finally {
      await mode('well')
    }
    // Sent again when it is back, it arrives once.
    expect((await o.send()).status).toBe(201)
    expect((await o.updates()).updates.filter((n) => n.kind === 'acknowledged')).toHaveLength(1)
  },
)

test('a supplier without a book is told by paper', async () => {
  const o = await ordered()
  const job = await snapshotOf(member, o.jobId)
  const supplier = job.suppliers.find((s) => s.id === job.orders[0]!.supplierId)!
  const { version, ...row } = supplier
  await setRow(member, o.jobId, 'suppliers', { ...row, catalog: '' })
  const answer = await o.send()
  expect([answer.status, answer.body.detail]).toEqual([
    409,
    'This supplier takes no orders this way. Send the PDF.',
  ])
})
