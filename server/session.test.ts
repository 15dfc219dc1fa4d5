import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { loadDemo } from './demo/loadDemo.js'
import { request } from 'node:http'
import { fileURLToPath } from 'node:url'
import { judgedJob } from '@bonitas/core/testing/judgedJob'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { checkJournal, migrate } from './database/migrate.js'
import {
  MIGRATIONS,
  PASSWORD,
  startTestServer,
  testDatabaseUrl,
  type TestServer,
} from './testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

const signIn = (email: string, password: string, headers = {}) =>
  server.request('POST', '/api/session', { email, password }, headers)

describe('signing in', () => {
  test('opens a session that no script can read, and signing out ends it', async () => {
    const member = await server.member()
    const answer = await signIn(member.email.toUpperCase(), PASSWORD)
    const cookie = answer.headers.get('set-cookie')!
    expect(answer.status).toBe(204)
    expect(cookie).toMatch(/HttpOnly/)
    expect(cookie).toMatch(/SameSite=Lax/)
    const own = { Cookie: cookie.split(';')[0]! }
    expect((await server.request('GET', '/api/jobs', undefined, own)).status).toBe(200)
    await server.request('DELETE', '/api/session', undefined, own)
    expect((await server.request('GET', '/api/jobs', undefined, own)).status).toBe(401)
  })

  test('says the same to an unknown member and to a wrong password, and takes as long', async () => {
    const member = await server.member()
    const time = async (email: string) => {
      const started = performance.now()
      const answer = await signIn(email, 'not the password')
      return { ms: performance.now() - started, status: answer.status, body: answer.body }
    }
    await time('warm@up.example')
    const known = [await time(member.email), await time(member.email), await time(member.email)]
    const unknown = [await time('a@b.example'), await time('c@d.example'), await time('e@f.example')]
    expect(unknown[0]!.body).toEqual(known[0]!.body)
    expect([unknown[0]!.status, known[0]!.status]).toEqual([401, 401])
    // Both hash once; without the decoy the unknown member would be answered many times sooner.
    const middle = (list: { ms: number }[]) => list.map((x) => x.ms).sort((x, y) => x - y)[1]!
    expect(middle(unknown)).toBeGreaterThan(middle(known) / 3)
  })

  test('waits after repeated failures, though the password be right', async () => {
    const member = await server.member()
    for (let i = 0; i < 8; i++) expect((await signIn(member.email, 'wrong')).status).toBe(401)
    const blocked = await signIn(member.email, PASSWORD)
    expect([blocked.status, blocked.headers.get('retry-after')]).toEqual([429, '900'])
  })

  test.each([
    [{}, ['email', 'password']],
    [{ email: 1, password: {} }, ['email', 'password']],
    [{ email: 'x'.repeat(10_000), password: 'y' }, ['email']],
  ])('%j names its fields', async (body, fields) => {
    const answer = await server.request('POST', '/api/session', body)
    expect(answer.status).toBe(400)
    expect((answer.body.errors as { field: string }[]).map((e) => e.field)).toEqual(
      expect.arrayContaining(fields),
    )
  })

  test('an owner adds an assistant, who may not add others', async () => {
    const owner = await server.member()
    const email = `assistant-${owner.memberId}@studio.example`
    expect(
      (await owner.request('POST', '/api/members', { name: 'Assistant', email, password: PASSWORD })).status,
    ).toBe(201)
    const members = (await owner.request('GET', '/api/members')).body as unknown as { role: string }[]
    expect(members.map((m) => m.role)).toEqual(['owner', 'assistant'])
    expect(JSON.stringify(members)).not.toContain('argon2')
    expect(
      (await owner.request('POST', '/api/members', { name: 'Again', email, password: PASSWORD })).status,
    ).toBe(409)
    const cookie = (await signIn(email, PASSWORD)).headers.get('set-cookie')!.split(';')[0]!
    const refused = await server.request(
      'POST',
      '/api/members',
      { name: 'No', email: 'n@o.example', password: PASSWORD },
      { Cookie: cookie },
    )
    expect(refused.status).toBe(403)
  })
})

describe('a page of another site', () => {
  test.each([{ Origin: 'https://elsewhere.example' }, { Origin: 'null' }, { Origin: '' }])(
    'cannot write: %j',
    async (headers) => {
      expect(
        (await server.request('POST', '/api/session', { email: 'a@b', password: 'c' }, headers)).status,
      ).toBe(403)
    },
  )
  test('cannot frame, script or sniff', async () => {
    const { headers } = await server.request('GET', '/api/session')
    expect(headers.get('content-security-policy')).toMatch(/default-src 'self'.*frame-ancestors 'none'/)
    expect(headers.get('x-content-type-options')).toBe('nosniff')
    expect(headers.get('x-powered-by')).toBeNull()
  })
})

describe('the demo studio', () => {
  const folder = fileURLToPath(new URL('../demo', import.meta.url))
  test('is not offered before it is loaded', async () => {
    expect((await server.request('GET', '/api/session')).body).toMatchObject({ demo: false })
    expect((await server.request('POST', '/api/session/demo')).status).toBe(404)
  })
  test('loads through the import, opens by its button on loopback only, and stands in the middle of its life', async () => {
    const own = await startTestServer()
    await loadDemo(own.db, folder, false)
    await loadDemo(own.db, folder, false)
    // A foreign name pointed at this address (fetch would not let a test set the Host).
    const foreign = await new Promise<number | undefined>((done, fail) => {
      const headers = { Host: 'bonitas.example', Origin: 'http://bonitas.example' }
      request(`${own.base}/api/session/demo`, { method: 'POST', headers }, (answer) =>
        done(answer.statusCode),
      )
        .on('error', fail)
        .end()
    })
    expect(foreign).toBe(404)
    const cookie = {
      Cookie: (await own.request('POST', '/api/session/demo')).headers.get('set-cookie')!.split(';')[0]!,
    }
    const jobs = (await own.request('GET', '/api/jobs', undefined, cookie)).body as unknown as {
      id: string
      roomName: string
    }[]
    expect(jobs).toHaveLength(5)
    const job = (
      await own.request(
        'GET',
        `/api/jobs/${jobs.find((j) => j.roomName.startsWith('Music'))!.id}`,
        undefined,
        cookie,
      )
    ).body as unknown as JobSnapshot
    const today = new Date().toISOString().slice(0, 10)
    const derived = judgedJob(job, today)
    expect(derived.findings.map((f) => f.rule).sort()).toEqual([
      'brief.before-pictures',
      'brief.idle-pieces',
      'handover.alike-stacked',
      'handover.does-the-same',
      'handover.lopsided',
      'handover.one-scale',
      'ledger.delivery-late',
      'ledger.return-before-install',
      'ledger.return-ending',
      'palette.foliage-follows',
      'palette.inspiration-unused',
      'palette.trim-contrast',
      'palette.undertone-clash',
      'source.order-by',
      'source.size-differs',
    ])
    const p = derived.position
    expect(p.paidMinor + p.orderedMinor + p.chosenMinor + p.freeMinor + p.reserveMinor).toBe(940_000)
    await loadDemo(own.db, folder, true)
    expect((await own.request('GET', '/api/jobs', undefined, cookie)).status).toBe(401)
    await own.close()
  })
})

describe('migrations', () => {
  const file = (tag: string, when: number, hash = tag) => ({ tag, when, hash })
  test('one that was edited after it ran is named', () => {
    expect(() => checkJournal([file('0000_a', 1, 'new')], [{ when: 1, hash: 'old' }])).toThrow(
      /0000_a was edited/,
    )
  })
  test('one dated too early is named', () => {
    expect(() => checkJournal([file('0000_a', 5), file('0001_b', 3)], [{ when: 5, hash: '0000_a' }])).toThrow(
      /0001_b is dated before/,
    )
  })
  test('new ones are let through', () => {
    expect(() =>
      checkJournal([file('0000_a', 1), file('0001_b', 2)], [{ when: 1, hash: '0000_a' }]),
    ).not.toThrow()
  })
  test('run twice, they do nothing the second time', async () => {
    await expect(migrate(server.url, MIGRATIONS)).resolves.toBeUndefined()
  })
  test('a superuser is refused: row level security would not bind it', async () => {
    const url = new URL(testDatabaseUrl())
    url.username = 'bonitas_admin'
    await expect(migrate(url.href, MIGRATIONS)).rejects.toThrow(/superuser/)
  })
})
