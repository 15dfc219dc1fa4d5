import { ROWS } from '@bonitas/core/model/registry'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { fileURLToPath } from 'node:url'
import { randomUUID } from 'node:crypto'
import pg from 'pg'

import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Did } from '@bonitas/core/model/undo'
import { createApp, type AppOptions } from '../app.js'
import { Database } from '../database/database.js'
import { migrate } from '../database/migrate.js'
import { JobWords } from '../live/jobWords.js'
import { foundStudio, openSession } from '../session/sessions.js'

export const MIGRATIONS = fileURLToPath(new URL('../database/migrations', import.meta.url))

/** The database that `npm test` made for these tests; never the demo's. */
export function testDatabaseUrl(): string {
  const url = process.env.BONITAS_TEST_DATABASE_URL
  if (!url) throw new Error('BONITAS_TEST_DATABASE_URL is missing: run the tests with npm test')
  return url
}

/** A fresh database without a table, beside the one given. */
export async function emptyDatabase(): Promise<string> {
  const url = new URL(testDatabaseUrl())
  const name = `t${randomUUID().replaceAll('-', '')}`
  const admin = new pg.Client({ connectionString: url.href })
  await admin.connect()
  await admin.query(`create database ${name}`)
  await admin.end()
  url.pathname = `/${name}`
  return url.href
}

/** A fresh, empty, migrated one. */
export async function freshDatabase(): Promise<string> {
  const url = await emptyDatabase()
  await migrate(url, MIGRATIONS)
  return url
}

export interface Answer<T = Record<string, unknown>> {
  readonly status: number
  readonly body: T
  readonly headers: Headers
}

export interface Member {
  readonly studioId: string
  readonly memberId: string
  readonly email: string
  /** Headers of a request of one's own. */
  readonly headers: Readonly<Record<string, string>>
  request<T = Record<string, unknown>>(
    method: string,
    path: string,
    body?: unknown,
    headers?: Record<string, string>,
  ): Promise<Answer<T>>
}

export interface TestServer {
  readonly db: Database
  readonly url: string
  readonly base: string
  /** A new studio with its owner, signed in. */
  member(): Promise<Member>
  request(method: string, path: string, body?: unknown, headers?: Record<string, string>): Promise<Answer>
  close(): Promise<void>
}

export const PASSWORD = 'correct horse battery'

export async function startTestServer(more: Partial<AppOptions> = {}): Promise<TestServer> {
  const url = await freshDatabase()
  const db = new Database(url)
  const words = new JobWords(url)
  const server: Server = createServer(createApp({ db, words, ...more }))
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  const call = async (
    method: string,
    path: string,
    body: unknown,
    headers: Record<string, string>,
  ): Promise<Answer<never>> => {
    const response = await fetch(base + path, {
      method,
      headers: {
        Origin: base,
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...headers,
      },
      ...(body === undefined
        ? {}
        : {
            body:
              typeof body === 'string' || body instanceof Uint8Array ? (body as never) : JSON.stringify(body),
          }),
    })
    const text = await response.text()
    return {
      status: response.status,
      body: (text && response.headers.get('content-type')?.includes('json')
        ? JSON.parse(text)
        : undefined) as never,
      headers: response.headers,
    }
  }
  return {
    db,
    url,
    base,
    request: (method, path, body, headers = {}) => call(method, path, body, headers),
    async member() {
      const email = `${randomUUID()}@studio.example`
      const { studioId, memberId } = await foundStudio(db, {
        name: 'Studio',
        currency: 'EUR',
        locale: 'en-IE',
        system: 'metric',
        paper: 'A4',
        timeZone: 'UTC',
        memberName: 'Member',
        email,
        password: PASSWORD,
      })
      const token = await openSession(db, studioId, memberId)
      return {
        studioId,
        memberId,
        email,
        headers: { Origin: base, Cookie: `bonitas_session=${token}` },
        request: (method, path, body, headers = {}) =>
          call(method, path, body, { Cookie: `bonitas_session=${token}`, ...headers }),
      }
    },
    async close() {
      server.closeAllConnections()
      await new Promise((done) => server.close(done))
      await words.close()
      await db.close()
    },
  }
}

/** A job with one item per price, each with one chosen option, made through the API. */
export async function jobWithItems(member: Member, prices: readonly number[]) {
  const made = await member.request<{ id: string }>('POST', '/api/jobs', {
    clientName: 'Client',
    roomName: 'Room',
    agreedMinor: 10_000_000,
  })
  const jobId = made.body.id
  const put = async (collection: string, row: { id: string }) => {
    const answer = await addRow(member, jobId, collection, row)
    if (answer.status !== 200) throw new Error(JSON.stringify(answer.body))
  }
  const items: { itemId: string; optionId: string }[] = []
  for (const [position, priceMinor] of prices.entries()) {
    const item = itemRow({ position, targetMinor: priceMinor })
    const option = optionRow(item.id, { priceMinor })
    await put('items', item)
    await put('options', option)
    await setRow(member, jobId, 'items', { ...item, chosenOptionId: option.id })
    items.push({ itemId: item.id, optionId: option.id })
  }
  return { jobId, items }
}

/** Sends a group of changes under a key of its own, or the one given. */
export const sendChanges = <T = { did: Did[] }>(
  member: Member,
  jobId: string,
  changes: unknown,
  key: string = randomUUID(),
) => member.request<T>('POST', `/api/jobs/${jobId}/changes`, { changes }, { 'Idempotency-Key': key })

type RowAnswer<T> = Answer<
  T & { detail?: string; errors?: { field: string; text: string }[]; current?: unknown }
>

/** The one row of a group of one, or the problem. */
async function oneRow<T>(sent: Promise<Answer<{ did?: Did[] }>>): Promise<RowAnswer<T>> {
  const answer = await sent
  return { ...answer, body: (answer.body.did ? (answer.body.did[0]?.after ?? {}) : answer.body) as never }
}

/** Makes one row, as a page does: a group of one change. */
export const addRow = <T = Record<string, unknown>>(
  member: Member,
  jobId: string,
  collection: string,
  row: object,
) => oneRow<T>(sendChanges(member, jobId, [{ collection, id: (row as { id: string }).id, add: row }]))

/** Changes a row to what is given, from what it is now: fields that are alike are not sent. */
export async function setRow<T = Record<string, unknown>>(
  member: Member,
  jobId: string,
  collection: string,
  row: object,
): Promise<RowAnswer<T>> {
  const { id, version: _v, ...fields } = row as { id: string; version?: unknown } & Record<string, unknown>
  const job = (await snapshotOf(member, jobId)) as unknown as Record<string, unknown>
  const rows = job[collection]
  const now = (Array.isArray(rows) ? rows.find((r: { id: string }) => r.id === id) : rows) as
    Record<string, unknown> | undefined
  const set = Object.fromEntries(
    Object.entries(fields).filter(
      ([f, v]) => v !== undefined && JSON.stringify(now?.[f]) !== JSON.stringify(v),
    ),
  )
  const was = Object.fromEntries(Object.keys(set).map((f) => [f, now?.[f] ?? null]))
  return oneRow<T>(
    sendChanges(member, jobId, [{ collection, id: (now?.id as string | undefined) ?? id, set, was }]),
  )
}

/** Takes a row out that was seen at this version. */
export const removeRow = <T = Record<string, unknown>>(
  member: Member,
  jobId: string,
  collection: string,
  id: string,
  seen: number,
) => oneRow<T>(sendChanges(member, jobId, [{ collection, id, remove: true, seen }]))

export const itemRow = (more: Record<string, unknown> = {}) => ({
  ...ROWS.items.blank(),
  id: randomUUID(),
  name: 'Item',
  category: 'decor',
  targetMinor: 0,
  ...more,
})

export const optionRow = (itemId: string, more: Record<string, unknown> = {}) => ({
  ...ROWS.options.blank(),
  id: randomUUID(),
  itemId,
  name: 'Option',
  priceMinor: 1000,
  ...more,
})

export const supplierRow = (more: Record<string, unknown> = {}) => ({
  ...ROWS.suppliers.blank(),
  id: randomUUID(),
  name: 'Supplier',
  ...more,
})

export const finishRow = (more: Record<string, unknown> = {}) => ({
  ...ROWS.finishes.blank(),
  id: randomUUID(),
  name: 'Finish',
  labL: 80,
  labA: 0,
  labB: 5,
  ...more,
})

export const snapshotOf = async (member: Member, jobId: string): Promise<JobSnapshot> =>
  (await member.request<JobSnapshot>('GET', `/api/jobs/${jobId}`)).body

/** Posts a money act under a key of its own, or the one given. */
export const money = (
  member: Member,
  jobId: string,
  path: string,
  body: unknown,
  key: string = randomUUID(),
) =>
  member.request<{
    eventId: string
    orderId?: string
    detail?: string
    errors?: { field: string; text: string }[]
  }>('POST', `/api/jobs/${jobId}/${path}`, body, { 'Idempotency-Key': key })

export const orderOf = (itemIds: readonly string[], more: Record<string, unknown> = {}) => ({
  supplierId: null,
  itemIds,
  placedOn: '2026-11-01',
  expectedOn: null,
  note: '',
  ...more,
})
export const paymentOf = (orderId: string, amountMinor: number, more: Record<string, unknown> = {}) => ({
  orderId,
  amountMinor,
  paidOn: '2026-11-02',
  means: 'bank',
  note: '',
  ...more,
})
