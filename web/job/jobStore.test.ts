import { readFileSync } from 'node:fs'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { sentJob } from '@bonitas/core/testing/sentJob'
import { useJobStore } from './jobStore.js'

const JOB = '11111111-1111-4111-8111-111111111111'

/** The demo's first job with ids that the schemas accept. */
function demoJob(): JobSnapshot {
  const ids = new Map<string, string>()
  const uuid = (name: string) => {
    if (!ids.has(name))
      ids.set(name, name === 'job' ? JOB : `00000000-0000-4000-8000-${String(ids.size).padStart(12, '0')}`)
    return ids.get(name)!
  }
  const keys = /^(id|clientId|finishId|itemId|optionId|supplierId|chosenOptionId|orderId|lineId|eventId)$/
  const text = readFileSync(new URL('../../demo/jobs/1-music-and-reading-room.json', import.meta.url), 'utf8')
  const file = JSON.parse(text, (key, value: unknown) =>
    keys.test(key) && typeof value === 'string' ? uuid(value) : value,
  ) as JobSnapshot & Record<string, unknown>
  for (const list of Object.values(file))
    if (Array.isArray(list)) for (const row of list as { version?: number }[]) row.version = 1
  for (const one of [file.brief, file.client, file.room] as { version: number }[]) one.version = 1
  return {
    ...file,
    studio: { id: 's', name: 'Tern & Thole', currency: 'EUR', locale: 'en-IE', system: 'metric' },
  }
}

const sent: { method: string; path: string; body: unknown; headers: Record<string, string> }[] = []
let answer: (path: string, method: string, body: unknown) => Response

beforeEach(() => {
  setActivePinia(createPinia())
  sent.length = 0
  const kept = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => kept.set(k, v),
    removeItem: (k: string) => kept.delete(k),
  })
  let version = 1
  answer = (path, method, body) =>
    method === 'GET'
      ? Response.json(sentJob(demoJob()))
      : method === 'DELETE'
        ? new Response(null, { status: 204 })
        : Response.json({ ...(body as object), version: ++version })
  vi.stubGlobal(
    'fetch',
    (path: string, wish: { method?: string; body?: string; headers?: Record<string, string> } = {}) => {
      const method = wish.method ?? 'GET'
      const body: unknown = wish.body === undefined ? undefined : JSON.parse(wish.body)
      if (method !== 'GET') sent.push({ method, path, body, headers: wish.headers ?? {} })
      return Promise.resolve(answer(path, method, body))
    },
  )
})
afterEach(() => vi.unstubAllGlobals())

async function opened() {
  const store = useJobStore()
  await store.open(JOB)
  return store
}
const settled = () => new Promise((done) => setTimeout(done, 5))

describe('the job on the bench', () => {
  test('a change is seen at once in what is derived, and sent with the version seen', async () => {
    const store = await opened()
    const before = store.derived!.areas!.wallsNetMm2
    store.change('room', store.snapshot!.room.id, { heightMm: 3000 })
    expect(store.derived!.areas!.wallsNetMm2).toBeGreaterThan(before)
    await settled()
    expect(sent).toMatchObject([{ method: 'PUT', headers: { 'If-Match': '"1"' }, body: { heightMm: 3000 } }])
    expect(store.waiting).toBe(0)
  })

  test('undo and redo go back and forth over every kind of edit', async () => {
    const store = await opened()
    const names = () => store.snapshot!.uses.map((u) => u.name)
    const first = names()
    const id = store.add('uses', { name: 'Nap', position: 9, kind: 'sleep', persons: 1, time: 'any time' })
    store.change('uses', id, { name: 'Nap after lunch' })
    store.remove('uses', store.snapshot!.uses[0]!.id)
    const last = names()
    for (let i = 0; i < 3; i++) store.undo()
    expect(names().sort()).toEqual([...first].sort())
    for (let i = 0; i < 3; i++) store.redo()
    expect(names().sort()).toEqual([...last].sort())
    await settled()
    expect(store.waiting).toBe(0)
    expect(sent.filter((s) => s.method === 'DELETE').length).toBe(3)
  })

  test('a new edit after undo closes the way forward', async () => {
    const store = await opened()
    store.change('brief', JOB, { place: 'Attic' })
    store.undo()
    store.change('brief', JOB, { place: 'Cellar' })
    store.redo()
    expect(store.snapshot!.brief.place).toBe('Cellar')
  })

  test('a change that changes nothing is neither sent nor undone', async () => {
    const store = await opened()
    store.change('brief', JOB, { place: store.snapshot!.brief.place })
    await settled()
    expect([sent.length, store.undoStack.length]).toEqual([0, 0])
  })

  test('what the server refuses is put back and said', async () => {
    const store = await opened()
    answer = () =>
      Response.json({ title: 'Cannot be done', detail: 'Something still uses it.' }, { status: 409 })
    const finishes = store.snapshot!.finishes.length
    store.remove('finishes', store.snapshot!.finishes[0]!.id)
    expect(store.snapshot!.finishes.length).toBe(finishes - 1)
    await settled()
    expect(store.snapshot!.finishes.length).toBe(finishes)
    expect(store.refusal).toBe('Something still uses it.')
    expect(store.undoStack.length).toBe(0)
  })

  test('the end of the session is said, and the edit waits', async () => {
    const store = await opened()
    answer = () => Response.json({ title: 'Not signed in', detail: 'Sign in.' }, { status: 401 })
    store.change('brief', JOB, { place: 'Attic' })
    await settled()
    expect([store.signedOut, store.waiting, store.snapshot!.brief.place]).toEqual([true, 1, 'Attic'])
  })

  test('a mend is one step, and makes its finding go away', async () => {
    const store = await opened()
    await vi.waitUntil(() => store.findings)
    const stands = () => store.findings!.some((f) => f.key === clash.key)
    const clash = store.findings!.find((f) => f.rule === 'palette.undertone-clash')!
    store.applyMend(clash.mends[0]!)
    await vi.waitFor(() => expect(stands()).toBe(false))
    store.undo()
    await vi.waitFor(() => expect(stands()).toBe(true))
  })

  test('an accepted finding is struck, and open again when the acceptance is removed', async () => {
    const store = await opened()
    await vi.waitUntil(() => store.findings)
    const clash = store.findings!.find((f) => f.rule === 'palette.undertone-clash')!
    const accepted = () => store.findings!.find((f) => f.key === clash.key)!.accepted?.reason
    store.accept(clash, 'meant')
    await vi.waitFor(() => expect(accepted()).toBe('meant'))
    store.undo()
    await vi.waitFor(() => expect(accepted()).toBeUndefined())
  })

  test('a money act waits for the edits before it, carries its key, and reads the job anew', async () => {
    const store = await opened()
    store.change('brief', JOB, { place: 'Attic' })
    await store.act('payments', { amountMinor: 5 }, 'key-of-this-act')
    expect(sent.map((s) => s.method)).toEqual(['PUT', 'POST'])
    expect(sent[1]).toMatchObject({
      path: `/api/jobs/${JOB}/payments`,
      headers: { 'Idempotency-Key': 'key-of-this-act' },
    })
  })

  test('a paper taken out can be brought back; with a photo it goes for good, and undo does not pretend', async () => {
    const store = await opened()
    const photo = { kind: 'paper' as const, note: '', position: 0, widthPx: 9, heightPx: 9, pages: 0 }
    const [bare, pictured] = store.snapshot!.receipts
    store.take('photos', {
      ...photo,
      id: crypto.randomUUID(),
      subject: `receipt:${pictured!.id}`,
      version: 1,
    })
    store.remove('receipts', bare!.id)
    store.undo()
    expect(store.snapshot!.receipts.map((r) => r.id)).toContain(bare!.id)
    const before = store.undoStack.length
    store.remove('receipts', pictured!.id)
    expect(store.undoStack.length).toBe(before)
    expect(store.snapshot!.photos.filter((p) => p.subject === `receipt:${pictured!.id}`)).toEqual([])
    expect(store.snapshot!.receipts.map((r) => r.id)).not.toContain(pictured!.id)
  })

  test('faults are those of the schema, by field', async () => {
    const store = await opened()
    expect(store.faultsOf('uses', { id: JOB, name: '', position: -1 })).toMatchObject({
      name: /is empty/,
      position: /at least 0/,
    })
    expect(
      store.faultsOf('uses', {
        id: JOB,
        name: 'Read',
        position: 0,
        kind: 'read',
        persons: 1,
        time: 'any time',
        version: 3,
      }),
    ).toEqual({})
  })
})
