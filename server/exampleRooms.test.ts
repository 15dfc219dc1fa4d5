import { readdirSync, readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { FINISHED } from '@bonitas/core/examples/finished/index'
import type { ExampleRoom } from '@bonitas/core/job/exampleRoom'
import { judgeWhole } from '@bonitas/core/job/fixes/judgeWhole'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { exampleRoomFiles } from './testing/exampleRoomFiles.js'
import { foundStudio, openSession } from './session/sessions.js'
import { PASSWORD, startTestServer, type Member, type TestServer } from './testing/testServer.js'

const FOLDER = new URL('../demo/rooms/', import.meta.url)
const TODAY = '2026-03-01'
let server: TestServer
let me: Member
let rooms: readonly ExampleRoom[]
beforeAll(async () => {
  server = await startTestServer({ exampleRooms: FOLDER.pathname })
  me = await server.member()
  rooms = (await me.request<readonly ExampleRoom[]>('GET', '/api/example-rooms')).body
})
afterAll(() => server.close())

const rules = (job: JobSnapshot) =>
  judgeWhole(job, TODAY, true)
    .map((f) => `${f.rule} ${f.severity}`)
    .sort()

test('the files are what the rooms are built from', () => {
  const files = exampleRoomFiles()
  expect(readdirSync(FOLDER).sort()).toEqual([...files.keys()].sort())
  for (const [name, text] of files) expect(readFileSync(new URL(name, FOLDER), 'utf8'), name).toBe(text)
})

describe('a copy of a room that is done', () => {
  test.each(FINISHED.map((job) => [job.brief.roomName, job] as const))(
    '%s is judged as the room it was taken from',
    async (name, job) => {
      const key = rooms.find((r) => r.name === name)!.key
      const made = await me.request<{ id: string }>('POST', `/api/example-rooms/${key}`, {})
      expect(made.status).toBe(201)
      const copy = (await me.request<JobSnapshot>('GET', `/api/jobs/${made.body.id}`)).body
      expect(rules(copy)).toEqual(rules(job))
      expect(copy.brief.agreedMinor).toBe(job.brief.agreedMinor)
    },
  )
  test('every kind of room that wants an eye of its own is among them', () => {
    const kinds = new Set(rooms.map((r) => r.kind))
    for (const kind of ["child's room", 'study', 'wet room', 'service room', 'outdoors', 'one-room flat'])
      expect(kinds, kind).toContain(kind)
  })
  test('a studio that counts in yen gets as many yen', async () => {
    const owner = await foundStudio(server.db, {
      name: 'Far studio',
      currency: 'JPY',
      locale: 'ja-JP',
      system: 'metric',
      paper: 'A4',
      timeZone: 'Asia/Tokyo',
      memberName: 'Owner',
      email: 'far@studio.example',
      password: PASSWORD,
    })
    const token = await openSession(server.db, owner.studioId, owner.memberId)
    const cookie = { Cookie: `bonitas_session=${token}` }
    const made = await server.request('POST', '/api/example-rooms/balcony', {}, cookie)
    const copy = await server.request('GET', `/api/jobs/${String(made.body.id)}`, undefined, cookie)
    expect((copy.body as unknown as JobSnapshot).brief.agreedMinor).toBe(600)
  })
  test('one that there is not is not found, and strangers see none', async () => {
    expect((await me.request('POST', '/api/example-rooms/..%2Fstudio', {})).status).toBe(404)
    expect((await server.request('GET', '/api/example-rooms')).status).toBe(401)
  })
})
