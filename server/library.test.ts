import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { NEW_SAMPLE, type Deck } from '@bonitas/core/stages/palette/library/sample'
import {
  finishRow,
  jobWithItems,
  startTestServer,
  type Member,
  type TestServer,
  addRow,
} from './testing/testServer.js'

let server: TestServer
let owner: Member
let stranger: Member
beforeAll(async () => {
  server = await startTestServer()
  owner = await server.member()
  stranger = await server.member()
})
afterAll(() => server.close())

const deckOf = (name: string, count = 3): Deck => ({
  name,
  note: 'made up',
  samples: Array.from({ length: count }, (_, i) => ({
    ...NEW_SAMPLE,
    name: `${name} ${i}`,
    code: `C${i}`,
    lab: { l: (i * 7) % 100, a: (i % 21) - 10, b: (i % 31) - 15 },
    sheens: ['flat'],
    tins: [{ ml: 750, priceMinor: 2450 }],
    readings: [{ l: 50, a: 1, b: 2 }],
  })),
})
const keep = (deck: unknown, id = randomUUID(), member = owner) =>
  member.request<{ id?: string; detail?: string }>('PUT', `/api/library/${id}`, deck)

describe('the finish library', () => {
  test('a deck comes back as it was sent', async () => {
    const deck = deckOf('House paints')
    const { status, body } = await keep(deck)
    expect(status).toBe(201)
    expect((await owner.request('GET', `/api/library/${body.id!}`)).body).toEqual(deck)
    const list = await owner.request<{ decks: { name: string; samples: number }[] }>('GET', '/api/library')
    expect(list.body.decks).toMatchObject([{ name: 'House paints', samples: 3 }])
  })
  test('twenty thousand samples are taken over whole', async () => {
    const { body } = await keep(deckOf('Large', 20_000))
    const got = await owner.request<Deck>('GET', `/api/library/${body.id!}`)
    expect(got.body.samples).toHaveLength(20_000)
    expect(got.body.samples[19_999]!.name).toBe('Large 19999')
  })
  test('a second deck of one name is refused, and nothing of it is kept', async () => {
    const { status, body } = await keep(deckOf('House paints', 5))
    expect(status).toBe(409)
    expect(body.detail).toMatch(/named “House paints”/)
  })
  test.each([
    ['no name', { ...deckOf('x'), name: ' ' }, /Deck, name/],
    ['no samples', { ...deckOf('x'), samples: [] }, /no sample/],
    [
      'a color out of range',
      { ...deckOf('x'), samples: [{ ...NEW_SAMPLE, name: 'a', lab: { l: 400, a: 0, b: 0 } }] },
      /Sample 1 L\*/,
    ],
    [
      'an unknown material',
      {
        ...deckOf('x'),
        samples: [{ ...NEW_SAMPLE, name: 'a', material: 'cheese', lab: { l: 4, a: 0, b: 0 } }],
      },
      /material/,
    ],
    ['no deck at all', {}, /Deck, name/],
  ] as const)('%s is refused with the field and a way to fix it', async (_what, deck, says) => {
    const { status, body } = await keep(deck)
    expect(status).toBe(400)
    expect(body.detail).toMatch(says)
  })
  test('another studio sees and touches none of it', async () => {
    const { body } = await keep(deckOf('Mine'))
    expect((await stranger.request('GET', `/api/library/${body.id!}`)).status).toBe(404)
    expect((await stranger.request('DELETE', `/api/library/${body.id!}`)).status).toBe(404)
    expect((await stranger.request<{ decks: unknown[] }>('GET', '/api/library')).body.decks).toEqual([])
    expect((await keep(deckOf('Mine'), randomUUID(), stranger)).status).toBe(201)
    expect((await owner.request('DELETE', `/api/library/${body.id!}`)).status).toBe(204)
    expect((await owner.request('GET', `/api/library/${body.id!}`)).status).toBe(404)
  })
  test('a measured sample is added, and read again takes its own place', async () => {
    const send = (name: string, l: number) =>
      owner.request<{ deckId: string; position: number }>('POST', '/api/library/measured', {
        ...NEW_SAMPLE,
        name,
        material: 'textile',
        lab: { l, a: 0, b: 0 },
        readings: [{ l, a: 0, b: 0 }],
      })
    const first = await send('Linen', 80)
    await send('Brass', 60)
    expect((await send('Linen', 81)).body.position).toBe(first.body.position)
    const deck = await owner.request<Deck>('GET', `/api/library/${first.body.deckId}`)
    expect(deck.body.samples.map((s) => [s.name, s.lab.l])).toEqual([
      ['Linen', 81],
      ['Brass', 60],
    ])
  })
  test('ten at once all arrive', async () => {
    const sent = await Promise.all(
      Array.from({ length: 10 }, (_, i) =>
        owner.request<{ deckId: string }>('POST', '/api/library/measured', {
          ...NEW_SAMPLE,
          name: `At once ${i}`,
          material: 'paint',
          lab: { l: 50, a: 0, b: 0 },
        }),
      ),
    )
    expect(sent.every((s) => s.status === 201)).toBe(true)
    const deck = await owner.request<Deck>('GET', `/api/library/${sent[0]!.body.deckId}`)
    expect(deck.body.samples.filter((s) => s.name.startsWith('At once'))).toHaveLength(10)
  })
})

describe('the sample board', () => {
  test('is a PDF with the fonts in it, of one’s own job only', async () => {
    const { jobId } = await jobWithItems(owner, [1000])
    const finish = finishRow({ name: 'Oat & “milk” <1>' })
    await addRow(owner, jobId, 'finishes', finish)
    const get = (member: Member, path: string) =>
      fetch(`${server.base}${path}`, { headers: { ...member.headers } })
    const answer = await get(owner, `/api/jobs/${jobId}/board.pdf`)
    expect(answer.status).toBe(200)
    expect(answer.headers.get('content-type')).toContain('application/pdf')
    const bytes = Buffer.from(await answer.arrayBuffer())
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
    expect(bytes.includes('Archivo')).toBe(true)
    expect((await get(stranger, `/api/jobs/${jobId}/board.pdf`)).status).toBe(404)
    expect((await get(owner, '/api/jobs/nonsense/board.pdf')).status).toBe(404)
  })
})
