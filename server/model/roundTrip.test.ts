import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { REFERENCES } from '@bonitas/core/model/references'
import { COLLECTIONS, isCollection, RECORD_NAMES, rowDef, SINGLE } from '@bonitas/core/model/registry'
import { filledRow } from '@bonitas/core/testing/filledRow'
import {
  jobWithItems,
  money,
  orderOf,
  paymentOf,
  sendChanges,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from '../testing/testServer.js'

// Every collection with every reference filled, made from the descriptions alone, goes out as a file and in again on
// another installation, and comes back equal.

let here: TestServer
let there: TestServer
let me: Member
beforeAll(async () => {
  ;[here, there] = await Promise.all([startTestServer(), startTestServer()])
  me = await here.member()
})
afterAll(async () => {
  await here.close()
  await there.close()
})

const UUID = /[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g

/** The file as text with each id told by where it first appears: two files that differ in nothing else are the same text. */
function told(file: Record<string, unknown>): string {
  const seen = new Map<string, string>()
  // Pictures are encoded anew at every trip; that they are there is what counts.
  const { pictures, ...rest } = file as { pictures: { photoId: string }[] }
  return JSON.stringify({ ...rest, pictures: pictures.map((p) => p.photoId) }).replace(UUID, (id) => {
    if (!seen.has(id)) seen.set(id, `id${seen.size}`)
    return seen.get(id)!
  })
}

test('a job with a row in every collection and every reference named, to another installation and equal', async () => {
  const { jobId, items } = await jobWithItems(me, [10_000])
  // Money first: orders, lines, events and entries are acts, not rows.
  const order = await money(me, jobId, 'orders', orderOf([items[0]!.itemId]))
  const orderId = order.body.orderId!
  await money(me, jobId, 'payments', paymentOf(orderId, 4_000))
  const { lines } = await snapshotOf(me, jobId)
  await money(me, jobId, 'order-events', {
    orderId,
    lineId: lines[0]!.id,
    kind: 'kept',
    on: '2026-11-03',
    expectedOn: null,
    note: 'as ordered',
  })
  await money(me, jobId, 'change-orders', {
    amountMinor: 500,
    agreedOn: '2026-11-04',
    agreedBy: 'Client',
    why: 'felt',
  })

  // One row of each collection, and of those that were there already the one that is.
  const start = (await snapshotOf(me, jobId)) as unknown as Record<string, { id: string } | { id: string }[]>
  const ids = new Map<string, string>(
    COLLECTIONS.map((c) => [c, SINGLE.has(c) ? (start[c] as { id: string }).id : randomUUID()]),
  )
  ids.set('orders', orderId)
  ids.set('lines', lines[0]!.id)
  const idOf = (collection: string) => ids.get(collection) ?? randomUUID()
  const photo = await fetch(
    `${here.base}/api/jobs/${jobId}/pictures/${idOf('photos')}?kind=before&subject=`,
    {
      method: 'PUT',
      headers: { ...me.headers, 'Content-Type': 'image/png' },
      body: new Uint8Array(
        await sharp({ create: { width: 40, height: 30, channels: 3, background: '#888888' } })
          .png()
          .toBuffer(),
      ),
    },
  )
  expect(photo.status).toBe(200)
  const made = COLLECTIONS.filter((c) => !SINGLE.has(c) && c !== 'photos').map((collection) => {
    const row = filledRow(rowDef(collection).fields, idOf(collection), idOf)
    // Agreed to, a proposal would need its change order.
    if (collection === 'proposals') row.state = 'refused'
    return { collection, id: row.id, add: row }
  })
  // In any order, as the keys are looked at when all is written.
  const added = await sendChanges<{ detail?: string }>(me, jobId, made.reverse())
  expect(added.status, JSON.stringify(added.body)).toBe(200)
  const job = (await snapshotOf(me, jobId)) as unknown as Record<string, Record<string, unknown>[]>
  const set = await sendChanges<{ detail?: string }>(me, jobId, [
    { collection: 'brief', id: jobId, set: { schemeId: idOf('schemes') }, was: { schemeId: null } },
    {
      collection: 'photos',
      id: idOf('photos'),
      set: { subject: `wall:${idOf('walls')}`, note: 'the west wall' },
      was: { subject: '', note: '' },
    },
  ])
  expect(set.status, JSON.stringify(set.body)).toBe(200)

  // Nothing is left empty: every collection has a row, and every reference of a row names one.
  for (const c of COLLECTIONS.filter((x) => !SINGLE.has(x))) expect(job[c]!.length, c).toBeGreaterThan(0)
  for (const r of REFERENCES.filter(
    (x) => isCollection(x.from) && !SINGLE.has(x.from) && x.from !== 'photos',
  ))
    expect(
      job[r.from]!.some((row) => row[r.field] !== null && row[r.field] !== ''),
      `${r.from}.${r.field}`,
    ).toBe(true)

  const file = (await me.request('GET', `/api/jobs/${jobId}/export`)).body
  const other = await there.member()
  const imported = await other.request<{ id: string; detail?: string }>('POST', '/api/jobs/import', file)
  expect(imported.status, JSON.stringify(imported.body)).toBe(201)
  const again = (await other.request('GET', `/api/jobs/${imported.body.id}/export`)).body
  for (const name of [...COLLECTIONS, ...RECORD_NAMES]) {
    // Rows of one sort order by their ids where nothing else tells them apart; here there is one of each kind or two.
    const count = (f: Record<string, unknown>) => (Array.isArray(f[name]) ? (f[name] as unknown[]).length : 1)
    expect(count(again), name).toBe(count(file))
  }
  const comparable = (f: Record<string, unknown>) =>
    Object.fromEntries(
      Object.entries(f).map(([name, rows]) => [
        name,
        Array.isArray(rows) && rows.length > 1
          ? [...(rows as Record<string, unknown>[])].sort((a, b) => plain(a).localeCompare(plain(b)))
          : rows,
      ]),
    )
  const plain = (row: Record<string, unknown>) => JSON.stringify(row).replace(UUID, '')
  expect(told(comparable(again))).toBe(told(comparable(file)))
})
