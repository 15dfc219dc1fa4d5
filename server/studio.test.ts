import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { derivePlan } from '@bonitas/core/job/derivePlan'
import { dayIn } from '@bonitas/core/kernel/units/days'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { judgedJob } from '@bonitas/core/testing/judgedJob'
import { snapshotOf, startTestServer, type TestServer } from './testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

const US = {
  name: 'Studio',
  locale: 'en-US',
  currency: 'EUR',
  system: 'imperial',
  paper: 'LETTER',
  timeZone: 'America/New_York',
}
const HOME = {
  name: 'Studio',
  locale: 'en-IE',
  currency: 'EUR',
  system: 'metric',
  paper: 'A4',
  timeZone: 'UTC',
}
const demo = () => {
  const file = new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url)
  const job = JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>
  return { ...job, photos: [], pictures: [], sampledColors: [] }
}
/** Everything the rule book finds in a job, the plan among it. */
function findingsOf(job: JobSnapshot) {
  const judged = judgedJob(job, dayIn(job.studio.timeZone, new Date()))
  return [...judged.findings, ...derivePlan(job, judged).findings]
}

test('a studio changes how it writes, and is told what cannot be', async () => {
  const me = await server.member()
  expect(
    (await me.request('PUT', '/api/studio', { was: HOME, is: { ...US, name: 'Reed & Rush' } })).status,
  ).toBe(204)
  const { body } = await me.request<{ visitor: { studio: object } }>('GET', '/api/session')
  expect(body.visitor.studio).toMatchObject({ ...US, name: 'Reed & Rush' })
  const wrong = await me.request<{ errors: { field: string; text: string }[] }>('PUT', '/api/studio', {
    was: US,
    is: { ...US, locale: 'en-XX', currency: 'EURO', timeZone: 'Mars/Olympus' },
  })
  expect([wrong.status, wrong.body.errors.map((e) => e.field).sort()]).toEqual([
    400,
    ['is.currency', 'is.locale', 'is.timeZone'],
  ])
})

test('only the owner does, and no other studio is touched', async () => {
  const [me, other] = [await server.member(), await server.member()]
  const assistant = { name: 'Wim', email: `${randomUUID()}@studio.example`, password: 'a long enough one' }
  await me.request('POST', '/api/members', assistant)
  const session = await server.request('POST', '/api/session', {
    email: assistant.email,
    password: assistant.password,
  })
  const cookie = { Cookie: session.headers.get('set-cookie')!.split(';')[0]! }
  expect((await server.request('PUT', '/api/studio', { was: HOME, is: US }, cookie)).status).toBe(403)
  await me.request('PUT', '/api/studio', { was: HOME, is: US })
  const theirs = await other.request<{ visitor: { studio: object } }>('GET', '/api/session')
  expect(theirs.body.visitor.studio).toMatchObject({ locale: 'en-IE', system: 'metric', paper: 'A4' })
})

test('what was accepted in millimeters stays accepted in feet, and back; the currency stays with the first job', async () => {
  const me = await server.member()
  const { id } = (await me.request<{ id: string }>('POST', '/api/jobs/import', demo())).body
  const load = () => snapshotOf(me, id)
  const open = findingsOf(await load()).filter((f) => !f.accepted && / mm/.test(f.measured + f.wanted))
  expect(open.length).toBeGreaterThan(2)
  const changes = open.map((f) => {
    const acceptance = randomUUID()
    const add = { id: acceptance, finding: f.key, facts: f.facts, reason: 'meant so', by: 'Ada', on: null }
    return { collection: 'acceptances', id: acceptance, add }
  })
  const sent = await me.request(
    'POST',
    `/api/jobs/${id}/changes`,
    { changes },
    { 'Idempotency-Key': randomUUID() },
  )
  expect(sent.status, JSON.stringify(sent.body)).toBeLessThan(300)
  const accepted = async () =>
    findingsOf(await load())
      .filter((f) => f.accepted)
      .map((f) => f.key)
      .sort()
  const before = await accepted()
  expect(before).toEqual(expect.arrayContaining(open.map((f) => f.key)))

  expect((await me.request('PUT', '/api/studio', { was: HOME, is: US })).status).toBe(204)
  expect(await accepted()).toEqual(before)
  const inFeet = findingsOf(await load()).find((f) => f.key === open[0]!.key)
  expect(inFeet!.measured + inFeet!.wanted).not.toMatch(/ mm/)
  const hungary = { ...US, locale: 'hu-HU', system: 'metric' }
  await me.request('PUT', '/api/studio', { was: US, is: hungary })
  expect(await accepted()).toEqual(before)

  const dollars = await me.request<{ errors: { field: string }[] }>('PUT', '/api/studio', {
    was: hungary,
    is: { ...hungary, currency: 'USD' },
  })
  expect([dollars.status, dollars.body.errors[0]!.field]).toEqual([409, 'is.currency'])
})

test('of two who change the settings from the same page the second is asked to look again', async () => {
  const me = await server.member()
  const save = (is: object) => me.request('PUT', '/api/studio', { was: HOME, is })
  const both = await Promise.all([save(US), save({ ...HOME, name: 'Reed & Rush' })])
  expect(both.map((a) => a.status).sort()).toEqual([204, 412])
})

test('a currency that no country of the list has is kept', async () => {
  const me = await server.member()
  const dirhams = { ...HOME, currency: 'AED' }
  expect((await me.request('PUT', '/api/studio', { was: HOME, is: dirhams })).status).toBe(204)
})

test.each([
  ['Pacific/Auckland', '2026-03-01T11:30:00Z', '2026-03-02'],
  ['America/New_York', '2026-03-02T03:30:00Z', '2026-03-01'],
  ['UTC', '2026-03-01T23:59:59Z', '2026-03-01'],
])('in %s at %s it is the day %s', (zone, at, day) => expect(dayIn(zone, new Date(at))).toBe(day))
