import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import { rowsOfList } from '@bonitas/core/job/rowsOfList'
import { readTable } from '@bonitas/core/stages/source/table/readTable'
import { type Grid } from '@bonitas/core/stages/source/table/grid'
import { catalogPlaces } from './source/catalogs.js'
import { startShops, type Shops } from './testing/shops.js'
import {
  itemRow,
  money,
  optionRow,
  snapshotOf,
  startTestServer,
  supplierRow,
  type Member,
  type TestServer,
  addRow,
  setRow,
} from './testing/testServer.js'

const NAMES = ['hollin', 'lantern', 'loom'] as const
let shops: Shops
let at = ''
let server: TestServer
let member: Member

beforeAll(async () => {
  shops = await startShops()
  at = shops.at
  await fetch(`${at}/day?day=2026-03-04`, { method: 'POST' })
  server = await startTestServer({ suppliers: catalogPlaces(NAMES.map((n) => `${n}=${at}/${n}`).join(',')) })
  member = await server.member()
}, 60_000)
afterAll(async () => {
  shops.close()
  await server.close()
})

const mode = (name: string, how: string) => fetch(`${at}/${name}/mode?mode=${how}`, { method: 'POST' })
interface Page {
  readonly asOf: string
  readonly total: number
  readonly products: readonly {
    key: string
    name: string
    kind: string
    widthMm: number
    priceMinor: number
    stock: string
    lab: number[]
  }[]
  readonly unread: number
  readonly stale: { why: string; since: string } | null
  readonly detail?: string
}
const search = (name: string, query = '') =>
  member.request<Page>('GET', `/api/catalogs/${name}/products?${query}`)

async function newJob(): Promise<string> {
  const { body } = await member.request<{ id: string }>('POST', '/api/jobs', {
    clientName: 'Varga',
    roomName: 'Room',
    agreedMinor: 500_000,
  })
  return body.id
}
const put = (jobId: string, collection: string, row: { id: string }) => addRow(member, jobId, collection, row)

describe('suppliers over HTTP', () => {
  test('three catalogs of at least 1 500 products together, searched by kind, size and price', async () => {
    let all = 0
    for (const name of NAMES) all += (await search(name)).body.total
    expect(all).toBeGreaterThanOrEqual(1500)
    const { body } = await search('hollin', 'kind=sofa&maxWidthMm=1980&q=linen')
    expect(body.products.length).toBeGreaterThan(0)
    for (const p of body.products) {
      expect(p.kind).toBe('sofa')
      expect(p.widthMm).toBeLessThanOrEqual(1980)
      expect(p.lab).toHaveLength(3)
    }
    expect([body.asOf, body.unread, body.stale]).toEqual(['2026-03-04', 0, null])
  })
  test('prices fall on the weekday of the supplier’s habit', async () => {
    const price = async (day: string, key: string) => {
      await fetch(`${at}/day?day=${day}`, { method: 'POST' })
      return (
        await member.request<{ priceMinor: number; wasMinor?: number }>(
          'GET',
          `/api/catalogs/hollin/products/${key}`,
        )
      ).body
    }
    const { body } = await search('hollin')
    const wednesday = await Promise.all(body.products.map(async (p) => price('2026-03-04', p.key)))
    const thursday = await Promise.all(body.products.map(async (p) => price('2026-03-05', p.key)))
    await fetch(`${at}/day?day=2026-03-04`, { method: 'POST' })
    const down = thursday.filter((t, i) => t.priceMinor < wednesday[i]!.priceMinor)
    expect(down.length).toBeGreaterThan(3)
    expect(down.length).toBeLessThan(body.products.length)
    for (const d of down) expect(d.wasMinor).toBeGreaterThan(d.priceMinor)
  })
  test.each([
    ['hanging', 'did not answer in time'],
    ['failing', 'answered with error 503'],
    ['garbage', 'answered with something that cannot be read'],
    ['half', 'broke off in the middle of its answer'],
  ])(
    '%s: what it said last is shown with its day; what was never asked is a clear error',
    async (how, why) => {
      const before = (await search('lantern', 'kind=lamp')).body
      await mode('lantern', how)
      const [after, never] = [await search('lantern', 'kind=lamp'), await search('lantern', `q=${how}`)]
      await mode('lantern', 'well')
      expect(after.status).toBe(200)
      expect(after.body.products).toEqual(before.products)
      expect(after.body.stale?.why).toBe(why)
      expect(Date.parse(after.body.stale?.since ?? '')).toBeGreaterThan(Date.now() - 60_000)
      expect(never.status).toBe(424)
      expect(never.body.detail).toContain(why)
    },
  )
  test('pictures come encoded anew as PNG, and what is no picture is not passed on', async () => {
    const key = (await search('loom')).body.products[0]!.key
    const good = await fetch(`${server.base}/api/catalogs/loom/products/${key}/picture`, {
      headers: member.headers,
    })
    expect(good.headers.get('content-type')).toBe('image/png')
    expect(
      Buffer.from(await good.arrayBuffer())
        .subarray(1, 4)
        .toString(),
    ).toBe('PNG')
    expect(
      (await fetch(`${server.base}/api/catalogs/loom/products/NO-1/picture`, { headers: member.headers }))
        .status,
    ).toBe(404)
  })
  test('a catalog nobody connected, and a quote', async () => {
    expect((await search('nobody')).status).toBe(404)
    const key = (await search('loom', 'kind=rug')).body.products.find((p) => p.stock !== 'sold out')!.key
    const quote = await member.request<{ goodsMinor: number; deliveryMinor: number; restockPpm: number }>(
      'POST',
      '/api/catalogs/loom/quotes',
      { lines: [{ key, quantity: 1 }] },
    )
    expect(quote.status).toBe(200)
    expect(quote.body.goodsMinor).toBeGreaterThan(0)
    expect(quote.body.restockPpm).toBe(100_000)
    expect(
      (await member.request('POST', '/api/catalogs/loom/quotes', { lines: [{ key, quantity: 0 }] })).status,
    ).toBe(400)
  })
})

describe('an order', () => {
  async function chosenFrom(catalog: string, key: string, more: object = {}) {
    const jobId = await newJob()
    const supplier = supplierRow({ catalog, ...more })
    await put(jobId, 'suppliers', supplier)
    const item = itemRow({ name: 'Rug' })
    await put(jobId, 'items', item)
    const option = optionRow(item.id, { supplierId: supplier.id, catalogKey: key, priceMinor: 50_000 })
    await put(jobId, 'options', option)
    await setRow(member, jobId, 'items', { ...item, chosenOptionId: option.id })
    return { jobId, supplier, item, option }
  }
  const wish = (supplierId: string, itemId: string) => ({
    itemIds: [itemId],
    supplierId,
    placedOn: '2026-03-04',
    expectedOn: null,
    note: '',
  })

  test('sold out between choosing and ordering: refused by name, and the ledger stays true', async () => {
    const key = (await search('loom', 'kind=rug')).body.products.find((p) => p.stock !== 'sold out')!.key
    const { jobId, supplier, item } = await chosenFrom('loom', key)
    await fetch(`${at}/loom/sell-out/${key}`, { method: 'POST' })
    const refused = await money(member, jobId, 'orders', wish(supplier.id, item.id))
    expect(refused.status).toBe(409)
    expect(refused.body.detail).toContain('sold out since it was chosen')
    const job = await snapshotOf(member, jobId)
    expect([job.orders.length, job.entries.length]).toEqual([0, 0])
  })
  test('a supplier that hangs keeps nobody from noting what was ordered; the same order again is answered the same', async () => {
    const key = (await search('loom', 'kind=throw')).body.products.find((p) => p.stock !== 'sold out')!.key
    const { jobId, supplier, item } = await chosenFrom('loom', key)
    await mode('loom', 'hanging')
    const act = randomUUID()
    const placed = await money(member, jobId, 'orders', wish(supplier.id, item.id), act)
    await mode('loom', 'well')
    await fetch(`${at}/loom/sell-out/${key}`, { method: 'POST' })
    const again = await money(member, jobId, 'orders', wish(supplier.id, item.id), act)
    expect([placed.status, again.status]).toEqual([201, 201])
    expect(again.body.orderId).toBe(placed.body.orderId)
    expect((await snapshotOf(member, jobId)).orders).toHaveLength(1)
  })
  test('is written down at what the screen showed: coupon and delivery of the order, to the cent, and the coupon is then used', async () => {
    const { jobId, supplier, item } = await chosenFrom('', '', {
      deliveryBands: [
        { fromMinor: 0, feeMinor: 4900 },
        { fromMinor: 90_000, feeMinor: 0 },
      ],
    })
    const offer = {
      id: randomUUID(),
      supplierId: supplier.id,
      name: 'Letter',
      kind: 'percent off',
      ppm: 125_000,
      amountMinor: 0,
      minSpendMinor: 10_000,
      fromOn: null,
      untilOn: null,
      itemId: null,
      oneUse: true,
      usedOn: null,
      thirdParty: false,
    }
    expect((await put(jobId, 'discounts', offer)).status).toBe(200)
    const shown = deriveJob(await snapshotOf(member, jobId), '2026-03-04')
    // 500.00 less 12.5 % is 437.50, and 49.00 of delivery.
    expect(shown.items[0]?.chosenMinor).toBe(48_650)
    expect((await money(member, jobId, 'orders', wish(supplier.id, item.id))).status).toBe(201)
    const job = await snapshotOf(member, jobId)
    expect(job.lines.map((l) => l.amountMinor)).toEqual([48_650])
    expect(job.discounts[0]?.usedOn).toBe('2026-03-04')
    const list = await member.request<{ id: string; orderedMinor: number }[]>('GET', '/api/jobs')
    expect(list.body.find((j) => j.id === jobId)?.orderedMinor).toBe(48_650)
  })
  test('the list of jobs and the tape compute chosen money alike: coupons, lists of materials, stand-ins', async () => {
    const { jobId, supplier, option } = await chosenFrom('', '', {
      deliveryBands: [{ fromMinor: 0, feeMinor: 4900 }],
    })
    await put(jobId, 'fabrications', {
      id: randomUUID(),
      optionId: option.id,
      position: 0,
      name: 'Board',
      kind: 'material',
      quantity: 3,
      unitMinor: 1150,
      cutMm: null,
      cutCount: null,
      stockMm: null,
      kerfMm: null,
    } as never)
    const side = itemRow({ name: 'Side table', targetMinor: 14_000 })
    await put(jobId, 'items', side)
    const stool = optionRow(side.id, { kind: 'placeholder', priceMinor: 1800, supplierId: supplier.id })
    await put(jobId, 'options', stool)
    await setRow(member, jobId, 'items', { ...side, chosenOptionId: stool.id })
    const { position } = deriveJob(await snapshotOf(member, jobId), '2026-03-04')
    expect([position.chosenMinor, position.allowanceMinor]).toEqual([3450 + 1800 + 4900, 14_000])
    const list = await member.request<{ id: string; chosenMinor: number; freeMinor: number }[]>(
      'GET',
      '/api/jobs',
    )
    expect(list.body.find((j) => j.id === jobId)).toMatchObject({
      chosenMinor: position.chosenMinor,
      freeMinor: position.freeMinor,
    })
  })
  test('what is marked sold out is not ordered', async () => {
    const { jobId, supplier, item, option } = await chosenFrom('', '')
    await setRow(member, jobId, 'options', { ...option, stock: 'sold out' })
    expect((await money(member, jobId, 'orders', wish(supplier.id, item.id))).status).toBe(409)
  })
})

describe('a list taken in', () => {
  const grid: Grid = [
    ['Number', 'Item', 'Product', 'W cm', 'D cm', 'H cm', 'Price'],
    ...Array.from({ length: 5000 }, (_, i) => [
      `N-${i}`,
      `Item ${i % 40}`,
      `Thing ${i}`,
      60 + (i % 90),
      40,
      70,
      `€ ${1 + (i % 9)} ${String(100 + (i % 800))},50`,
    ]),
  ]
  test('five thousand options at once, each with its figures; the same sending again writes nothing twice', async () => {
    const jobId = await newJob()
    const read = readTable(grid, { currency: 'EUR', system: 'metric' })
    const rows = rowsOfList(read.taken, {
      job: await snapshotOf(member, jobId),
      supplierId: null,
      itemId: null,
      rates: {},
      today: '2026-03-04',
      newId: randomUUID,
    })
    const key = randomUUID()
    const first = await money(member, jobId, 'list-import', { items: rows.items, options: rows.options }, key)
    const again = await money(member, jobId, 'list-import', { items: rows.items, options: rows.options }, key)
    expect([first.status, again.status]).toEqual([201, 201])
    const job = await snapshotOf(member, jobId)
    // Sent without what rows mostly hold, and made whole again, it is the same job.
    const sparse = (await member.request<SentJob>('GET', `/api/jobs/${jobId}?sparse`)).body
    expect(JSON.stringify(sparse).length).toBeLessThan(JSON.stringify(job).length / 2)
    expect(whole(sparse)).toEqual(job)
    expect([job.items.length, job.options.length]).toEqual([40, 5000])
    const some = job.options.find((o) => o.catalogKey === 'N-17')
    expect(some).toMatchObject({ name: 'Thing 17', widthMm: 770, priceMinor: 911_750 })
  })
  test('one bad row, and nothing of the list is there', async () => {
    const jobId = await newJob()
    const item = itemRow()
    const options = [optionRow(item.id), optionRow(item.id, { priceMinor: -1 }), optionRow(item.id)]
    const refused = await money(member, jobId, 'list-import', { items: [item], options })
    expect(refused.status).toBe(400)
    expect(refused.body.errors?.[0]?.field).toContain('options[1].priceMinor')
    const orphan = await money(member, jobId, 'list-import', {
      items: [item],
      options: [optionRow(randomUUID())],
    })
    expect(orphan.status).toBeGreaterThanOrEqual(400)
    expect(orphan.status).toBeLessThan(500)
    const job = await snapshotOf(member, jobId)
    expect([job.items.length, job.options.length]).toEqual([0, 0])
  })
  test('no studio writes into another’s job, nor sees what its suppliers said', async () => {
    const jobId = await newJob()
    const other = await server.member()
    expect((await money(other, jobId, 'list-import', { items: [itemRow()], options: [] })).status).toBe(404)
    const asked = '/api/catalogs/hollin/products?q=chest&maxPriceMinor=90000'
    expect((await member.request<Page>('GET', asked)).body.stale).toBeNull()
    await mode('hollin', 'failing')
    try {
      expect((await member.request<Page>('GET', asked)).body.stale).not.toBeNull()
      expect((await other.request<Page>('GET', asked)).status).toBe(424)
    } finally {
      await mode('hollin', 'well')
    }
  })
})

test('the schedule on paper, for the studio and for the client', async () => {
  const jobId = await newJob()
  const item = itemRow({ name: 'Settee' })
  await put(jobId, 'items', item)
  for (const reader of ['', '?for=client']) {
    const res = await fetch(`${server.base}/api/jobs/${jobId}/schedule.pdf${reader}`, {
      headers: member.headers,
    })
    expect(res.headers.get('content-type')).toBe('application/pdf')
    expect(
      Buffer.from(await res.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
  }
})
