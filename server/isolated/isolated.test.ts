import { deflateSync } from 'node:zlib'
import { gzipSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { startTestServer, type Member, type TestServer, jobWithItems } from '../testing/testServer.js'
import { runIsolated } from './runIsolated.js'

let server: TestServer
let me: Member
let jobId: string
beforeAll(async () => {
  server = await startTestServer()
  me = await server.member()
  jobId = (await jobWithItems(me, [])).jobId
})
afterAll(() => server.close())

const sendPaper = (bytes: Buffer) =>
  fetch(`${server.base}/api/jobs/${jobId}/pictures/${crypto.randomUUID()}?kind=paper`, {
    method: 'PUT',
    headers: { ...me.headers, 'Content-Type': 'application/pdf' },
    body: new Uint8Array(bytes),
  })

/** While something is read, the others are answered: asked again and again until it is done. */
async function answersBeside<T>(work: Promise<T>): Promise<{ readonly done: T; readonly answered: number }> {
  let answered = 0
  let over = false
  const done = work.finally(() => (over = true))
  const going = () => !over
  while (going()) {
    expect((await server.request('GET', '/api/health')).status).toBe(200)
    answered++
  }
  return { done: await done, answered }
}

describe('files made to hurt', () => {
  test('a PDF of four megabytes of object streams gets its error, and nobody waits for it', async () => {
    const bomb = Buffer.from(`%PDF-1.7\n${'1 0 obj<</Type/ObjStm>>\n'.repeat(170_000)}`)
    const { done, answered } = await answersBeside(sendPaper(bomb))
    expect(done.status).toBe(400)
    expect(answered).toBeGreaterThan(0)
  })
  test('a name written in numbers hides no stream that unpacks to more than is taken', async () => {
    const packed = deflateSync(Buffer.alloc(64 * 1024 * 1024))
    const head = `%PDF-1.7\n1 0 obj<</Type/ObjStm/Filter/F#6cateDecode/N 1/First 4/Length ${packed.length}>>stream\n`
    const answer = await sendPaper(
      Buffer.concat([Buffer.from(head), packed, Buffer.from('\nendstream endobj')]),
    )
    expect(answer.status).toBe(400)
  })
  test('a job file is unpacked and parsed for members only, and while it is read the others are answered', async () => {
    const rows = Array.from({ length: 40_000 }, (_, i) => ({ id: `u${i}`, name: '', position: -1 }))
    const file = JSON.stringify({ format: 'bonitas job', version: 9, currency: 'EUR', uses: rows })
    const packed = gzipSync(Buffer.from(file))
    const send = (headers: Record<string, string>) =>
      fetch(`${server.base}/api/jobs/import`, {
        method: 'POST',
        headers: {
          Origin: server.base,
          'Content-Type': 'application/json',
          'Content-Encoding': 'gzip',
          ...headers,
        },
        body: new Uint8Array(packed),
      })
    expect((await send({})).status).toBe(401)
    const { done, answered } = await answersBeside(send({ ...me.headers }))
    expect([done.status, answered > 0]).toEqual([400, true])
  })
  test.each([
    ['empty', ''],
    ['cut off', '{'],
    ['nothing', 'null'],
    ['a list cut off', '[[[['],
    ['brackets without end', '['.repeat(200_000)],
    ['a job without rows', '{"format":"bonitas job","version":7}'],
  ])('a job file that is %s is told so', async (_kind, text) => {
    const answer = await me.request<{ title: string }>('POST', '/api/jobs/import', text)
    expect(answer.status).toBe(400)
  })
  test('what takes longer than its limit is ended, and the next is read all the same', async () => {
    const rows = Array.from({ length: 20_000 }, (_, i) => ({ id: `u${i}`, name: 'x', position: 0 }))
    const text = Buffer.from(
      JSON.stringify({ format: 'bonitas job', version: 9, currency: 'EUR', uses: rows }),
    )
    const limits = { ms: 5, heapMb: 512, growMb: 2_000, tooMuch: 'Too long.' }
    const both = await Promise.allSettled(
      [1, 2, 3].map(() => runIsolated('jobFile', { text, currency: 'EUR' }, limits)),
    )
    expect(both.map((b) => b.status)).toEqual(['rejected', 'rejected', 'rejected'])
    const notSent = [1, 2, 3].map(() => runIsolated('jobFile', () => 'no thread takes this', limits))
    expect((await Promise.allSettled(notSent)).map((b) => b.status)).toEqual(both.map((b) => b.status))
    const answer = await me.request<{ detail: string }>('POST', '/api/jobs/import', '{}')
    expect([answer.status, answer.body.detail]).toEqual([
      400,
      expect.stringContaining('not a job of this program'),
    ])
  })
})
