import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { pieces } from '@bonitas/core/model/rows/pieces'
import {
  jobWithItems,
  sendChanges,
  snapshotOf,
  startTestServer,
  testDatabaseUrl,
  type Member,
  type TestServer,
} from './testing/testServer.js'

let server: TestServer
let me: Member
let jobId: string
let admin: pg.Client
beforeAll(async () => {
  server = await startTestServer()
  me = await server.member()
  jobId = (await jobWithItems(me, [])).jobId
  admin = new pg.Client({ connectionString: testDatabaseUrl() })
  await admin.connect()
})
afterAll(async () => {
  await admin.end()
  await server.close()
})

const piece = () =>
  pieces.make({ id: randomUUID(), name: 'Stool', kind: 'stool', widthMm: 400, depthMm: 400, heightMm: 450 })

test('when PostgreSQL goes away the program answers 503 with a time to try again, and comes back by itself', async () => {
  const name = new URL(server.url).pathname.slice(1)
  for (let round = 0; round < 5; round++) {
    // Requests in the middle of their work when every connection is cut, and after.
    const rows = Array.from({ length: 8 }, piece)
    const sent = rows.map((row) => sendChanges(me, jobId, [{ collection: 'pieces', id: row.id, add: row }]))
    await admin.query(`alter database ${name} with allow_connections false`)
    await admin.query(`select pg_terminate_backend(pid) from pg_stat_activity where datname = $1`, [name])
    const answers = await Promise.all(sent)
    for (const a of answers) expect([200, 503]).toContain(a.status)
    const away = await me.request<{ title: string }>('GET', `/api/jobs/${jobId}`)
    expect([away.status, away.body.title, away.headers.get('retry-after')]).toEqual([
      503,
      'Database away',
      '2',
    ])
    expect((await server.request('GET', '/api/health')).status).toBe(503)
    await admin.query(`alter database ${name} with allow_connections true`)
    await expect
      .poll(async () => (await server.request('GET', '/api/health')).status, { timeout: 20_000 })
      .toBe(200)
    const kept = new Set((await snapshotOf(me, jobId)).pieces.map((p) => p.id))
    // What was acknowledged is there; what was refused may be sent again and is then there once.
    rows.forEach((row, i) => answers[i]!.status === 200 && expect(kept.has(row.id)).toBe(true))
  }
})
