import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { useLibraryStore } from './libraryStore.js'

const asked: string[] = []
const hands: Hand[] = []
let gone = false

/** A searcher that answers when the test says so. */
class Hand extends EventTarget {
  sent: { ask?: number; samples?: unknown[]; filter?: object }[] = []
  constructor() {
    super()
    hands.push(this)
  }
  postMessage(data: { ask?: number }): void {
    this.sent.push(data)
  }
  answers(ask: number, found: { index: number; deltaE: number }[]): void {
    this.dispatchEvent(Object.assign(new Event('message'), { data: { ask, found } }))
  }
}
const DECKS: Record<string, { name: string; samples: { name: string }[] }> = {
  'd-1': { name: 'Tarn', samples: [{ name: 'Chalk' }, { name: 'Slate' }] },
  'd-2': { name: 'Measured', samples: [{ name: 'Hall wall' }] },
}

beforeEach(() => {
  setActivePinia(createPinia())
  asked.length = hands.length = 0
  gone = false
  vi.stubGlobal('Worker', Hand)
  vi.stubGlobal('fetch', (url: string, wish?: { method?: string }) => {
    asked.push(`${wish?.method ?? 'GET'} ${url.replace(/[0-9a-f-]{36}$/, ':id')}`)
    if (gone) return Promise.reject(new TypeError('no network'))
    const deck = DECKS[url.split('/').at(-1) ?? '']
    const list = Object.entries(DECKS).map(([id, d]) => ({
      id,
      name: d.name,
      note: '',
      samples: d.samples.length,
    }))
    return Promise.resolve(Response.json(deck ?? { decks: list }))
  })
})
afterEach(() => vi.unstubAllGlobals())
const lab = { l: 50, a: 0, b: 0 }

describe('the library of the studio', () => {
  test('is fetched once, however many ask for it, each sample with the deck it is of', async () => {
    const store = useLibraryStore()
    await Promise.all([store.load(), store.load()])
    expect(asked).toEqual(['GET /api/library', 'GET /api/library/d-1', 'GET /api/library/d-2'])
    expect(store.samples.map((s) => `${s.deck}: ${s.name}`)).toEqual([
      'Tarn: Chalk',
      'Tarn: Slate',
      'Measured: Hall wall',
    ])
    expect([store.state, store.count, hands.length]).toEqual(['ready', 3, 1])
  })
  test('that cannot be reached is empty, and is asked for anew the next time', async () => {
    const store = useLibraryStore()
    gone = true
    await expect(store.load()).rejects.toThrow('The server cannot be reached.')
    expect(store.state).toBe('empty')
    gone = false
    await store.load()
    expect(store.count).toBe(3)
  })
  test.each<[string, (s: ReturnType<typeof useLibraryStore>) => Promise<void>, string]>([
    ['a deck is kept', (s) => s.keep({ name: 'New', note: '', samples: [] }), 'PUT /api/library/:id'],
    ['a deck is taken out', (s) => s.remove('d-1'), 'DELETE /api/library/d-1'],
    [
      'a measured sample is kept',
      (s) => s.keepMeasured({ name: 'Door' } as never),
      'POST /api/library/measured',
    ],
  ])('when %s the library is read anew', async (_what, act, request) => {
    const store = useLibraryStore()
    await store.load()
    asked.length = 0
    await act(store)
    expect(asked[0]).toBe(request)
    expect(asked.slice(1)).toEqual(['GET /api/library', 'GET /api/library/d-1', 'GET /api/library/d-2'])
  })
})

describe('the nearest samples', () => {
  test('come as the searcher finds them, and each question gets its own answer', async () => {
    const store = useLibraryStore()
    const [one, two] = [store.nearest(lab, 2), store.nearest(lab, 1, { materials: ['paint'] })]
    await vi.waitFor(() => expect(hands[0]?.sent.filter((m) => m.ask !== undefined)).toHaveLength(2))
    const [first, second] = hands[0]!.sent.flatMap((m) => m.ask ?? [])
    expect(hands[0]!.sent.at(-1)).toMatchObject({ filter: { materials: ['paint'] } })
    hands[0]!.answers(second!, [{ index: 2, deltaE: 0.4 }])
    hands[0]!.answers(first!, [
      { index: 1, deltaE: 1 },
      { index: 0, deltaE: 2 },
      { index: 9, deltaE: 3 },
    ])
    expect((await two).map((n) => n.sample.name)).toEqual(['Hall wall'])
    // A place where no sample is any more names none.
    expect((await one).map((n) => [n.sample.name, n.deltaE])).toEqual([
      ['Slate', 1],
      ['Chalk', 2],
    ])
  })
})
