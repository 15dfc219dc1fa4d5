import { randomUUID } from 'node:crypto'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, expect, test } from 'vitest'
import pg from 'pg'
import { pieces } from '@bonitas/core/model/rows/pieces'
import { createApp } from '../app.js'
import { Database } from '../database/database.js'
import {
  jobWithItems,
  money,
  orderOf,
  sendChanges,
  startTestServer,
  type Member,
  type TestServer,
} from '../testing/testServer.js'
import { JobWords } from './jobWords.js'

let server: TestServer
let me: Member
let job: Awaited<ReturnType<typeof jobWithItems>>
beforeAll(async () => {
  server = await startTestServer()
  me = await server.member()
  job = await jobWithItems(me, [10_000])
})
afterAll(() => server.close())

/** Opens the line of a job and gathers what is said on it. */
async function listening(base: string, who: Member, jobId: string) {
  const abort = new AbortController()
  const response = await fetch(`${base}/api/jobs/${jobId}/live`, {
    headers: { ...who.headers, Origin: base },
    signal: abort.signal,
  })
  const heard: string[] = []
  const read = (async () => {
    const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader()
    for (;;) {
      const { done, value } = await reader.read()
      if (done) return
      for (const [, data] of value.matchAll(/^data: (.*)$/gm))
        heard.push((JSON.parse(data!) as { key: string }).key)
    }
  })().catch(() => undefined)
  return { response, heard, close: () => (abort.abort(), read) }
}

const piece = () =>
  pieces.make({ id: randomUUID(), name: 'Stool', kind: 'stool', widthMm: 400, depthMm: 400, heightMm: 450 })
const added = (key: string) => {
  const row = piece()
  return sendChanges(me, job.jobId, [{ collection: 'pieces', id: row.id, add: row }], key)
}

test('a page hears of groups and of acts of money, on this process and on another', async () => {
  const words = new JobWords(server.url)
  const db = new Database(server.url)
  const other = createServer(createApp({ db, words }))
  await new Promise<void>((done) => other.listen(0, '127.0.0.1', done))
  const otherBase = `http://127.0.0.1:${(other.address() as AddressInfo).port}`
  const here = await listening(server.base, me, job.jobId)
  const there = await listening(otherBase, me, job.jobId)
  expect(here.response.headers.get('content-type')).toMatch(/^text\/event-stream/)
  expect(here.response.headers.get('content-encoding')).toBeNull()
  // A new ear tells that something may have been missed; from then on each word is of something.
  const key = randomUUID()
  await added(key)
  await expect.poll(() => [here.heard.includes(key), there.heard.includes(key)]).toEqual([true, true])
  const before = [here.heard.length, there.heard.length]
  await money(me, job.jobId, 'orders', orderOf([job.items[0]!.itemId]))
  await expect
    .poll(() => [here.heard.length > before[0]!, there.heard.length > before[1]!])
    .toEqual([true, true])
  await here.close()
  await there.close()
  other.closeAllConnections()
  await new Promise((done) => other.close(done))
  await words.close()
  await db.close()
})

test('a job of others is not listened to, nor one that is not there', async () => {
  const stranger = await server.member()
  expect((await stranger.request('GET', `/api/jobs/${job.jobId}/live`)).status).toBe(404)
  expect((await me.request('GET', `/api/jobs/${randomUUID()}/live`)).status).toBe(404)
  expect((await server.request('GET', `/api/jobs/${job.jobId}/live`)).status).toBe(401)
})

test('a line that PostgreSQL drops comes back, and says that something may have been missed', async () => {
  const line = await listening(server.base, me, job.jobId)
  const before = line.heard.length
  const admin = new pg.Client({ connectionString: server.url })
  await admin.connect()
  await admin.query(
    `select pg_terminate_backend(pid) from pg_stat_activity where query = 'listen bonitas_job' and datname = current_database()`,
  )
  await admin.end()
  await expect.poll(() => line.heard.slice(before), { timeout: 20_000 }).toContain('')
  const key = randomUUID()
  await added(key)
  await expect.poll(() => line.heard.includes(key)).toBe(true)
  await line.close()
})
