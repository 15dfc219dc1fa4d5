import { describe, expect, test } from 'vitest'
import { inverseOf, type Did } from '@bonitas/core/model/undo'
import { History, isAct, type Step } from './history.js'

/** A tab's store with what an earlier page of it left. */
function storeWith(kept: unknown): Storage {
  const map = new Map([['h', typeof kept === 'string' ? kept : JSON.stringify(kept)]])
  return {
    getItem: (key: string) => map.get(key) ?? null,
    setItem: (key: string, value: string) => void map.set(key, value),
    removeItem: (key: string) => void map.delete(key),
  } as unknown as Storage
}
const opened = (kept: unknown) => new History('h', storeWith(kept), () => undefined)
const step = (did: readonly object[], more: Partial<Step> = {}): Step => ({
  key: 'k',
  name: 'A step',
  at: 'brief',
  did: did as readonly Did[],
  ...more,
})
const done = (...steps: unknown[]) => ({ done: steps, undone: [] })
const stepOf = (history: History, at = 'brief') => {
  const entry = history.last(at)
  return entry && !isAct(entry) ? entry : undefined
}

describe('a history over a reload', () => {
  const renamed = {
    before: { id: 'p', name: 'Stool', version: 1 },
    after: { id: 'p', name: 'Bench', version: 2 },
  }

  test('is the same again, acts of money among it', () => {
    const one = step([{ collection: 'pieces', id: 'p', ...renamed }])
    const act = { at: 'ledger', act: 'The last act here moved money' }
    const history = opened(done(one, act))
    expect(stepOf(history)).toEqual(one)
    expect(history.last('ledger')).toEqual(act)
  })

  test.each(['', 'nonsense', '[]', '{"done":1}', 'null'])('“%s” is no history', (text) => {
    expect(opened(text).last('brief')).toBeUndefined()
  })
})

describe('a history of an older program', () => {
  test('a row of a collection that has another name is put back by the name of today', () => {
    const row = { id: 'l', kind: 'must stay', what: 'Floor', surface: 'floor', pieceId: null, why: '' }
    const history = opened(done(step([{ collection: 'limits', id: 'l', before: row, after: null }])))
    expect(inverseOf(stepOf(history)!.did)).toEqual([{ collection: 'constraints', id: 'l', add: row }])
  })

  test('a row that comes back has the fields that are new as they usually begin, and none that are gone', () => {
    const before = { id: 'p', name: 'Stool', lentFrom: 'the hall', version: 3 }
    const history = opened(done(step([{ collection: 'pieces', id: 'p', before, after: null }])))
    const [change] = inverseOf(stepOf(history)!.did)
    expect(change).toMatchObject({ add: { id: 'p', name: 'Stool', itemId: null, ownSize: false } })
    expect((change as { add: object }).add).not.toHaveProperty('lentFrom')
    expect((change as { add: object }).add).not.toHaveProperty('version')
  })

  test('a step whose collection is gone, or of which nothing is left, is no step: undo is never half, and never does nothing', () => {
    const field = (value: string) => ({ id: 'p', lentFrom: value, version: 1 })
    const history = opened(
      done(
        step([
          { collection: 'pieces', id: 'p', before: null, after: { id: 'p', version: 1 } },
          { collection: 'nowhere', id: 'n', before: null, after: { id: 'n', version: 1 } },
        ]),
        step([{ collection: 'pieces', id: 'p', before: field('a'), after: field('b') }]),
      ),
    )
    expect(history.last('brief')).toBeUndefined()
  })

  test('what was undone can be done again by the names of today, with the step it took back', () => {
    const made = {
      collection: 'limits',
      id: 'l',
      before: null,
      after: { id: 'l', what: 'Floor', version: 1 },
    }
    const gone = {
      collection: 'limits',
      id: 'l',
      before: { id: 'l', what: 'Floor', version: 1 },
      after: null,
    }
    const history = opened({ done: [], undone: [step([gone], { key: 'u', from: step([made]) })] })
    const next = history.next('brief')!
    expect([...next.did, ...next.from!.did].map((d) => d.collection)).toEqual(['constraints', 'constraints'])
  })
})
