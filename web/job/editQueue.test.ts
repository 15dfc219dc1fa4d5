import { describe, expect, test, vi } from 'vitest'
import { ApiProblem, ServerGone, type request } from '../api/http.js'
import { EditQueue, type Conflict, type QueueEvents } from './editQueue.js'
import type { Edit, Row } from './edits.js'

/** A server of one table that keeps versions as the real one does, and can be switched off. */
function fakeServer() {
  const rows = new Map<string, Row>()
  const state = { up: true, loseAnswers: false, calls: 0 }
  const send = ((
    path: string,
    wish: { method?: string; body?: unknown; headers?: Record<string, string> },
  ) => {
    state.calls++
    if (!state.up) return Promise.reject(new ServerGone('gone'))
    const id = path.split('/').at(-1)!
    const now = rows.get(id)
    const seen = Number(/"(\d+)"/.exec(wish.headers?.['If-Match'] ?? '')?.[1] ?? 0)
    const stale = () => Promise.reject(new ApiProblem(412, 'Changed', 'changed', [], now ?? null))
    let answer: Row | undefined
    if (wish.method === 'DELETE') {
      if (!now) return Promise.reject(new ApiProblem(404, 'Not found', 'gone', [], undefined))
      if (now.version !== seen) return stale()
      rows.delete(id)
    } else if (wish.headers?.['If-None-Match'] === '*') {
      if (now) return stale()
      answer = { ...(wish.body as Row), version: 1 }
      rows.set(id, answer)
    } else {
      if (!now) return Promise.reject(new ApiProblem(404, 'Not found', 'gone', [], undefined))
      if (now.version !== seen) return stale()
      if ((wish.body as { name?: string }).name === 'refuse me')
        return Promise.reject(
          new ApiProblem(400, 'Bad', 'Name is bad.', [{ field: 'name', text: 'Name is bad.' }], undefined),
        )
      answer = { ...(wish.body as Row), version: seen + 1 }
      rows.set(id, answer)
    }
    return state.loseAnswers ? Promise.reject(new ServerGone('answer lost')) : Promise.resolve(answer)
  }) as typeof request
  return { rows, state, send }
}

function storage() {
  const kept = new Map<string, string>()
  return {
    kept,
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
    removeItem: (k: string) => void kept.delete(k),
  }
}

function events() {
  const said = {
    kept: [] as string[],
    refused: [] as string[],
    conflicts: [] as Conflict[],
    waiting: 0,
    gone: false,
  }
  const on: QueueEvents = {
    kept: (edit) => void said.kept.push((edit.after as { name?: string } | null)?.name ?? 'removed'),
    refused: (_edit, problem) => void said.refused.push(problem.detail),
    conflict: (c) => void said.conflicts.push(c),
    state: (n, gone) => {
      said.waiting = n
      said.gone = gone
    },
    signedOut: () => undefined,
  }
  return { said, on }
}

const row = (name: string, version?: number): Row => ({
  id: 'r',
  name,
  ...(version === undefined ? {} : { version }),
})
const edit = (before: Row | null, after: Row | null): Edit => ({ collection: 'uses', id: 'r', before, after })

describe('the queue of edits', () => {
  test('sends edits of one row one after another, each with the version the one before left', async () => {
    const server = fakeServer()
    const { said, on } = events()
    const queue = new EditQueue('j', on, storage(), server.send)
    queue.push(edit(null, row('one')))
    queue.push(edit(row('one'), row('two')))
    queue.push(edit(row('two'), row('three')))
    await queue.flush()
    expect(server.rows.get('r')).toMatchObject({ name: 'three', version: 3 })
    expect(said.kept).toEqual(['one', 'two', 'three'])
  })

  test('keeps what cannot be sent, and a later page sends it', async () => {
    const server = fakeServer()
    server.rows.set('r', row('one', 4))
    server.state.up = false
    const store = storage()
    const first = new EditQueue('j', events().on, store, server.send)
    first.push(edit(row('one', 4), row('two', 4)))
    first.push(edit(row('two', 4), row('three', 4)))
    expect(await first.flush()).toBe(false)
    first.stop()
    server.state.up = true
    const { said, on } = events()
    const second = new EditQueue('j', on, store, server.send)
    expect(second.restore()).toHaveLength(2)
    expect(await second.flush()).toBe(true)
    expect(server.rows.get('r')).toMatchObject({ name: 'three', version: 6 })
    expect([said.waiting, store.kept.size]).toEqual([0, 0])
  })

  test('an edit whose answer was lost is recognised as arrived, not taken for someone else’s', async () => {
    vi.useFakeTimers()
    const server = fakeServer()
    server.rows.set('r', row('one', 1))
    server.state.loseAnswers = true
    const { said, on } = events()
    const queue = new EditQueue('j', on, storage(), server.send)
    queue.push(edit(row('one', 1), row('two', 1)))
    await queue.flush()
    expect(said.gone).toBe(true)
    server.state.loseAnswers = false
    await vi.advanceTimersByTimeAsync(1000)
    expect([said.conflicts.length, said.kept]).toEqual([0, ['two']])
    queue.push(edit(row('two', 1), row('three', 1)))
    await queue.flush()
    expect(server.rows.get('r')).toMatchObject({ name: 'three', version: 3 })
    vi.useRealTimers()
  })

  test('stops at a conflict until it is settled, either way', async () => {
    for (const choice of ['mine', 'theirs'] as const) {
      const server = fakeServer()
      server.rows.set('r', row('theirs', 7))
      const { said, on } = events()
      const queue = new EditQueue('j', on, storage(), server.send)
      queue.push(edit(row('old', 6), row('mine', 6)))
      await queue.flush()
      expect(said.conflicts).toMatchObject([
        { mine: { name: 'mine' }, theirs: { name: 'theirs', version: 7 } },
      ])
      queue.resolve(said.conflicts[0]!, choice === 'theirs' ? 'theirs' : row('mine', 7))
      await queue.flush()
      expect(server.rows.get('r')!.name).toBe(choice)
    }
  })

  test('what the server refuses is told and dropped with the edits that rest on it; others go on', async () => {
    const server = fakeServer()
    server.rows.set('r', row('one', 1))
    const { said, on } = events()
    const queue = new EditQueue('j', on, storage(), server.send)
    queue.push(edit(row('one', 1), row('refuse me', 1)))
    queue.push(edit(row('refuse me', 1), row('two', 1)))
    queue.push({ collection: 'uses', id: 's', before: null, after: { id: 's', name: 'other' } })
    await queue.flush()
    expect(said.refused).toEqual(['Name is bad.'])
    expect(said.kept).toEqual(['other'])
    expect(server.rows.get('r')!.name).toBe('one')
  })

  test('removing what is gone already is done', async () => {
    const { said, on } = events()
    const queue = new EditQueue('j', on, storage(), fakeServer().send)
    queue.push(edit(row('one', 1), null))
    expect(await queue.flush()).toBe(true)
    expect([said.refused, said.kept]).toEqual([[], ['removed']])
  })
})
