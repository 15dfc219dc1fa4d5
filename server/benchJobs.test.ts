import { readFileSync } from 'node:fs'
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { carpetTiles, hallOf150, HUNDRED_ORDERS } from '../scripts/crowdedJob.mjs'
import {
  jobWithItems,
  sendChanges,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from './testing/testServer.js'

let server: TestServer
let me: Member
beforeAll(async () => {
  server = await startTestServer()
  me = await server.member()
})
afterAll(() => server.close())

const demo = () => {
  const file = JSON.parse(
    readFileSync(new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown>
  return { ...file, photos: [], pictures: [] }
}

test('the hall of 150 that the bench drags in is a job that can be imported', async () => {
  const made = await me.request<{ id: string }>('POST', '/api/jobs/import', hallOf150(demo()))
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  const job = await snapshotOf(me, made.body.id)
  expect([job.pieces.length, job.floorPlacements.length]).toEqual([150, 150])
})

test('the entries of the long ledger can be laid into a job, and are read as what they are', async () => {
  const { jobId } = await jobWithItems(me, [])
  const [itemId, optionId] = [randomUUID(), randomUUID()]
  const made = await sendChanges(me, jobId, carpetTiles(demo(), itemId, optionId))
  expect(made.status, JSON.stringify(made.body)).toBe(200)
  const db = new pg.Client({ connectionString: server.url })
  await db.connect()
  await db.query("select set_config('bonitas.studio', $1, false)", [me.studioId])
  await db.query(HUNDRED_ORDERS, [me.studioId, jobId, itemId, optionId, me.memberId, 2])
  await db.end()
  const job = await snapshotOf(me, jobId)
  expect([job.orders.length, job.lines.length, job.entries.length]).toEqual([100, 100, 300])
})
