import { oneThing } from '@bonitas/core/model/oneThing'
import { readFileSync } from 'node:fs'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { Change } from '@bonitas/core/model/changes'
import type { Did } from '@bonitas/core/model/undo'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { sentJob } from '@bonitas/core/testing/sentJob'
import { useJobStore } from './jobStore.js'
import { TERN } from '@bonitas/core/testing/habits'

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
    studio: TERN,
  }
}

/** A line to the server that a test speaks on. */
class Ear extends EventTarget {
  static last: Ear | undefined
  constructor(readonly url: string) {
    super()
    Ear.last = this
  }
  close = vi.fn()
  say = (key: string) => this.dispatchEvent(new MessageEvent('message', { data: JSON.stringify({ key }) }))
}

const sent: { method: string; path: string; body: unknown; headers: Record<string, string> }[] = []
let answer: (path: string, method: string, body: unknown) => Response

beforeEach(() => {
  setActivePinia(createPinia())
  sent.length = 0
  const storage = () => {
    const kept = new Map<string, string>()
    return {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => kept.set(k, v),
      removeItem: (k: string) => kept.delete(k),
      key: (n: number) => [...kept.keys()][n] ?? null,
      get length() {
        return kept.size
      },
    }
  }
  vi.stubGlobal('localStorage', storage())
  vi.stubGlobal('sessionStorage', storage())
  vi.stubGlobal('EventSource', Ear)
  const rows = new Map<string, Record<string, unknown>>()
  answer = (_path, method, body) => {
    if (method === 'GET') return Response.json(sentJob(demoJob()))
    const { changes } = (body ?? {}) as { changes?: Change[] }
    if (!changes) return Response.json({})
    // A server in a few lines: whatever is sent is done.
    const did = changes.map((c): Did => {
      const key = `${c.collection} ${c.id}`
      const shown =
        (demoJob()[c.collection as 'uses'] as unknown as Record<string, unknown>[] | undefined) ?? []
      const before =
        rows.get(key) ?? (Array.isArray(shown) ? shown.find((r) => r.id === c.id) : shown) ?? null
      if ('remove' in c)
        return { collection: c.collection, id: c.id, before: before ?? { id: c.id }, after: null }
      const after = { ...before, ...('add' in c ? c.add : c.set), version: Number(before?.version ?? 0) + 1 }
      rows.set(key, after)
      return { collection: c.collection, id: c.id, before: 'add' in c ? null : before, after }
    })
    return Response.json({ did })
  }
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
  store.stage = 'brief'
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
    expect(sent).toMatchObject([
      {
        method: 'POST',
        path: `/api/jobs/${JOB}/changes`,
        headers: { 'Idempotency-Key': expect.any(String) as string },
        body: { changes: [{ collection: 'room', set: { heightMm: 3000 }, was: { heightMm: 2720 } }] },
      },
    ])
    expect(store.waiting).toBe(0)
  })

  test('a page left open overnight turns to the day of the studio', async () => {
    const store = await opened()
    const zone = store.snapshot!.studio.timeZone
    vi.useFakeTimers({ toFake: ['Date'] })
    try {
      vi.setSystemTime(new Date('2027-03-14T12:00:00Z'))
      store.turnDay()
      expect(store.day).toBe('2027-03-14')
      vi.setSystemTime(new Date('2027-03-15T12:00:00Z'))
      expect(store.day).toBe('2027-03-14')
      store.turnDay()
      expect([store.day, zone.length > 0]).toEqual(['2027-03-15', true])
    } finally {
      vi.useRealTimers()
    }
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
    const removals = sent
      .flatMap((s) => (s.body as { changes: Change[] }).changes)
      .filter((c) => 'remove' in c)
    expect(removals.length).toBe(3)
  })

  test('what is about to be kept, a piece on its way, is kept first and then undone', async () => {
    const store = await opened()
    const before = store.snapshot!.brief.place
    const letGo = store.beforeUndo(() => store.change('brief', JOB, { place: 'Attic' }))
    store.undo()
    expect(store.snapshot!.brief.place).toBe(before)
    letGo()
    store.redo()
    expect(store.snapshot!.brief.place).toBe('Attic')
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
    expect([sent.length, store.lastStep]).toEqual([0, undefined])
  })

  test('what the server refuses is put back and said; the rest of the history stays', async () => {
    const store = await opened()
    store.change('brief', JOB, { place: 'Attic' })
    await settled()
    const works = answer
    answer = (path, method, body) =>
      method === 'GET'
        ? works(path, method, body)
        : Response.json(
            {
              title: 'Cannot be done',
              detail: 'Place is bad.',
              errors: [{ field: 'place', text: 'Place is bad.' }],
            },
            { status: 409 },
          )
    store.change('brief', JOB, { place: 'Cellar' })
    expect(store.snapshot!.brief.place).toBe('Cellar')
    await settled()
    expect([store.snapshot!.brief.place, store.refusal]).toEqual(['Attic', 'Place is bad.'])
    expect(store.lastStep).toMatchObject({ name: 'changed place of Music and reading room' })
  })

  test('what something still needs is asked about by name before anything is sent, and goes as one step', async () => {
    const store = await opened()
    const finish = store.snapshot!.finishAssignments[0]!.finishId
    const before = store.snapshot
    store.remove('finishes', finish)
    expect(store.snapshot).toBe(before)
    expect(store.blocked).toMatchObject({ name: store.snapshot!.finishes.find((f) => f.id === finish)!.name })
    expect(store.blocked!.inTheWay.map((w) => w.collection)).toContain('finishAssignments')
    expect(sent).toEqual([])
    store.settleBlocked(true)
    expect(store.snapshot!.finishes.some((f) => f.id === finish)).toBe(false)
    expect(store.snapshot!.finishAssignments.some((p) => p.finishId === finish)).toBe(false)
    await settled()
    expect(sent).toHaveLength(1)
    store.undo()
    expect(store.snapshot!.finishes.some((f) => f.id === finish)).toBe(true)
    expect(store.snapshot!.finishAssignments.some((p) => p.finishId === finish)).toBe(true)
  })

  test('what stands in the ledger is named, and is not offered along', async () => {
    const store = await opened()
    const { itemId } = store.snapshot!.lines[0]!
    store.remove('items', itemId)
    expect(store.blocked!.inTheWay.some((w) => w.record)).toBe(true)
    expect(store.blocked!.along).toBeUndefined()
    store.settleBlocked(true)
    await settled()
    // A store of a test before may still be sending its own.
    const ofIt = sent.filter((s) => JSON.stringify(s.body).includes(itemId))
    expect([ofIt, store.snapshot!.items.some((i) => i.id === itemId)]).toEqual([[], true])
  })

  test('undo acts on the stage in sight and says what it undid; money is reversed, not undone', async () => {
    const store = await opened()
    store.change('brief', JOB, { place: 'Attic' })
    store.stage = 'ledger'
    store.undo()
    expect([store.snapshot!.brief.place, store.said]).toEqual(['Attic', 'Nothing to undo on this page.'])
    await store.act('payments', { amountMinor: 5 }, 'key-of-this-act')
    store.undo()
    expect(store.said).toMatch(/money is not undone. Reverse it under Entries/)
    store.stage = 'brief'
    store.undo()
    expect(store.said).toBe('Undone: changed place of Music and reading room.')
  })

  test('history and what waits outlive a reload of the tab', async () => {
    const store = await opened()
    store.change('brief', JOB, { place: 'Attic' })
    await settled()
    const works = answer
    answer = (path, method, body) =>
      method === 'GET' ? works(path, method, body) : new Response('', { status: 502 })
    store.change('brief', JOB, { roomName: 'Study' })
    await settled()
    expect(store.gone).toBe(true)
    store.close()
    setActivePinia(createPinia())
    answer = works
    const again = await opened()
    expect(again.snapshot!.brief.roomName).toBe('Study')
    await settled()
    expect([again.waiting, sent.filter((s) => JSON.stringify(s.body).includes('Study')).length]).toEqual([
      0, 2,
    ])
    again.undo()
    expect(again.said).toMatch(/^Undone: changed room of/)
    again.undo()
    expect(again.said).toMatch(/^Undone: changed place of/)
  })

  test('another’s change appears, over it what is still on its way; word of our own is no news', async () => {
    const store = await opened()
    const works = answer
    let asked = 0
    answer = (_path, method) => {
      if (method !== 'GET') return new Response('', { status: 502 })
      asked++
      const job = demoJob()
      return Response.json(sentJob({ ...job, brief: { ...job.brief, place: 'Harbor', version: 2 } }))
    }
    const before = sent.length
    store.change('brief', JOB, { roomName: 'Study' })
    // How soon it goes depends on the machine.
    await vi.waitFor(() => expect(sent.length).toBeGreaterThan(before))
    const own = sent.at(-1)!.headers['Idempotency-Key']!
    expect(own).toBeTruthy()
    Ear.last!.say(own)
    await settled()
    expect(asked).toBe(0)
    Ear.last!.say('of another')
    await vi.waitFor(() =>
      expect(store.snapshot!.brief).toMatchObject({ place: 'Harbor', roomName: 'Study' }),
    )
    answer = works
    store.close()
    expect(Ear.last!.close).toHaveBeenCalled()
  })

  test('a job read before our change was written does not take it back', async () => {
    const store = await opened()
    const works = answer
    let late: (() => void) | undefined
    vi.stubGlobal('fetch', (path: string, wish: { method?: string; body?: string } = {}) => {
      const method = wish.method ?? 'GET'
      const body: unknown = wish.body === undefined ? undefined : JSON.parse(wish.body)
      if (method !== 'GET') return Promise.resolve(works(path, method, body))
      const job = demoJob()
      if (late) {
        const brief = { ...job.brief, place: 'Harbor', version: 2 }
        return Promise.resolve(Response.json(sentJob({ ...job, brief })))
      }
      return new Promise((done) => (late = () => done(Response.json(sentJob(job)))))
    })
    Ear.last!.say('of another')
    await settled()
    store.change('brief', JOB, { place: 'Harbor' })
    await settled()
    expect(store.waiting).toBe(0)
    late!()
    await settled()
    expect(store.snapshot!.brief.place).toBe('Harbor')
  })

  test('a job left for another while it opens is not shown, and what it still answers touches no other', async () => {
    const other = '22222222-2222-4222-8222-222222222222'
    const jobOf = (path: string) => {
      const job = demoJob()
      return path.includes(other)
        ? { ...job, brief: { ...job.brief, id: other, roomName: 'Attic' } }
        : { ...job, brief: { ...job.brief, roomName: 'Study' } }
    }
    const works = answer
    const open: (() => void)[] = []
    vi.stubGlobal('fetch', (path: string, wish: { method?: string; body?: string } = {}) => {
      const body: unknown = wish.body === undefined ? undefined : JSON.parse(wish.body)
      const said = wish.method === 'POST' ? works(path, 'POST', body) : Response.json(sentJob(jobOf(path)))
      return new Promise((done) => open.push(() => done(said)))
    })
    const store = useJobStore()
    const first = store.open(JOB)
    const second = store.open(other)
    open[1]!()
    await second
    open[0]!()
    await first
    expect(store.snapshot!.brief).toMatchObject({ id: other, roomName: 'Attic' })
    store.add('uses', { name: 'Nap', position: 9, kind: 'sleep', persons: 1, time: 'any time' })
    const back = store.open(JOB)
    await settled()
    open[3]!()
    await back
    const before = store.snapshot
    open[2]!()
    await settled()
    expect(store.snapshot).toBe(before)
    expect(store.snapshot!.brief.id).toBe(JOB)
    expect(localStorage.length).toBe(1)
  })

  test('a server that describes rows otherwise is not misread: the long form is asked for, and said', async () => {
    const works = answer
    answer = (path, method, body) =>
      path.endsWith('?sparse')
        ? Response.json({ ...sentJob(demoJob()), model: 'of another day' })
        : method === 'GET'
          ? Response.json(demoJob())
          : works(path, method, body)
    const store = await opened()
    expect(store.outdated).toBe(true)
    expect(store.snapshot!.items).toEqual(oneThing(demoJob()).items)
  })

  test('the end of the session is said, and the edit waits', async () => {
    const store = await opened()
    answer = () => Response.json({ title: 'Not signed in', detail: 'Sign in.' }, { status: 401 })
    store.change('brief', JOB, { place: 'Attic' })
    await settled()
    expect([store.signedOut, store.waiting, store.snapshot!.brief.place]).toEqual([true, 1, 'Attic'])
  })

  test('a fix is one step, and makes its finding go away', async () => {
    const store = await opened()
    await vi.waitUntil(() => store.findings, { timeout: 20_000 })
    const stillFound = () => store.findings!.some((f) => f.key === clash.key)
    const clash = store.findings!.find((f) => f.rule === 'palette.undertone-clash')!
    store.applyFix({ fix: clash.fixes[0]! })
    await vi.waitFor(() => expect(stillFound()).toBe(false))
    store.undo()
    await vi.waitFor(() => expect(stillFound()).toBe(true))
  })

  test('an accepted finding is struck, and open again when the acceptance is removed', async () => {
    const store = await opened()
    await vi.waitUntil(() => store.findings, { timeout: 20_000 })
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
    expect(sent.map((s) => s.path.split('/').at(-1))).toEqual(['changes', 'payments'])
    expect(sent[1]).toMatchObject({
      path: `/api/jobs/${JOB}/payments`,
      headers: { 'Idempotency-Key': 'key-of-this-act' },
    })
  })

  test('a paper taken out can be brought back, and its photo with it', async () => {
    const store = await opened()
    const [pictured] = store.snapshot!.receipts
    const photo = { kind: 'paper', note: '', position: 0, widthPx: 9, heightPx: 9, pages: 0, version: 1 }
    store.take('photos', { ...photo, id: crypto.randomUUID(), subject: `receipt:${pictured!.id}` })
    const of = () => [
      store.snapshot!.receipts.some((r) => r.id === pictured!.id),
      store.snapshot!.photos.some((p) => p.subject === `receipt:${pictured!.id}`),
    ]
    store.remove('receipts', pictured!.id)
    expect(of()).toEqual([false, false])
    store.undo()
    expect(of()).toEqual([true, true])
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
