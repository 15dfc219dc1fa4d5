import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { merge, type Change, type Row } from '@bonitas/core/model/changes'
import type { Did } from '@bonitas/core/model/undo'
import { ApiProblem, ServerGone, type request } from '../api/http.js'
import { ChangeQueue, type Conflict, type QueueEvents } from './changeQueue.js'
import type { Group } from './groups.js'

/** A server of one table that merges by field as the real one does, and can be switched off. */
function fakeServer() {
  const rows = new Map<string, Row & { version: number }>()
  const answers = new Map<string, Did[]>()
  const state = { up: true, loseAnswers: false, calls: 0 }
  const send = ((_path: string, wish: { body: { changes: Change[] }; headers: Record<string, string> }) => {
    state.calls++
    if (!state.up) return Promise.reject(new ServerGone('gone'))
    const key = wish.headers['Idempotency-Key']!
    let did = answers.get(key)
    if (!did) {
      did = []
      const clashes: object[] = []
      for (const change of wish.body.changes) {
        const now = rows.get(change.id)
        const clash = (fields: readonly string[]) =>
          clashes.push({ collection: change.collection, id: change.id, fields, now: now ?? null })
        if ('add' in change) did.push({ ...at(change), before: null, after: { ...change.add, version: 1 } })
        else if (!now) clash([])
        else if ('remove' in change) {
          if (now.version !== change.seen) clash([])
          did.push({ ...at(change), before: now, after: null })
        } else {
          if (change.set.name === 'refuse me')
            return Promise.reject(
              new ApiProblem(
                400,
                'Bad',
                'Name is bad.',
                [{ field: 'name', text: 'Name is bad.' }],
                undefined,
              ),
            )
          const merged = merge(now, change.set, change.was)
          if ('clash' in merged) clash(merged.clash)
          else
            did.push({
              ...at(change),
              before: now,
              after: { ...now, ...merged.write, version: now.version + 1 },
            })
        }
      }
      if (clashes.length > 0)
        return Promise.reject(new ApiProblem(412, 'Changed', 'changed', [], clashes as never))
      for (const d of did) {
        if (d.after) rows.set(d.id, d.after as Row & { version: number })
        else rows.delete(d.id)
      }
      answers.set(key, did)
    }
    return state.loseAnswers ? Promise.reject(new ServerGone('answer lost')) : Promise.resolve({ did })
  }) as unknown as typeof request
  return { rows, state, send }
}
const at = ({ collection, id }: Change) => ({ collection, id })

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
    answered: [] as string[],
    refused: [] as string[],
    conflicts: [] as Conflict[],
    waiting: 0,
    gone: false,
    signedOut: 0,
  }
  const on: QueueEvents = {
    answered: (group) => void said.answered.push(group.name),
    refused: (_group, problem) => void said.refused.push(problem.detail),
    conflict: (c) => void said.conflicts.push(c),
    state: (n, gone) => {
      said.waiting = n
      said.gone = gone
    },
    signedOut: () => said.signedOut++,
  }
  return { said, on }
}

const group = (name: string, changes: readonly Change[], more: Partial<Group> = {}): Group => ({
  key: crypto.randomUUID(),
  name,
  at: 'brief',
  changes,
  ...more,
})
const add = (name: string): Change => ({ collection: 'uses', id: 'r', add: { id: 'r', name, persons: 1 } })
const set = (field: string, from: unknown, to: unknown): Change => ({
  collection: 'uses',
  id: 'r',
  set: { [field]: to },
  was: { [field]: from },
})
const remove = (seen: number): Change => ({ collection: 'uses', id: 'r', remove: true, seen })
const started = (server = fakeServer(), store = storage()) => {
  const { said, on } = events()
  return { server, store, said, queue: new ChangeQueue('j', 'waiting', on, store, server.send) }
}

describe('the queue of changes', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  test('sends groups one after another, and a removal has seen what we ourselves wrote before it', async () => {
    const { server, said, queue } = started()
    queue.push(group('one', [add('one')]))
    queue.push(group('two', [set('name', 'one', 'two')]))
    queue.push(group('gone', [remove(1)]))
    await queue.flush()
    expect([server.rows.size, said.answered]).toEqual([0, ['one', 'two', 'gone']])
  })

  test('keeps what cannot be sent, and a later page sends it', async () => {
    const { server, store, said, queue } = started()
    server.rows.set('r', { id: 'r', name: 'one', version: 4 })
    server.state.up = false
    queue.push(group('two', [set('name', 'one', 'two')]))
    queue.push(group('three', [set('name', 'two', 'three')]))
    expect(await queue.flush()).toBe(false)
    expect([said.waiting, said.gone]).toEqual([2, true])
    queue.stop()
    server.state.up = true
    const later = started(server, store)
    later.queue.restore(JSON.parse(store.kept.get('waiting')!) as Group[])
    expect(await later.queue.flush()).toBe(true)
    expect(server.rows.get('r')).toMatchObject({ name: 'three', version: 6 })
    expect([later.said.waiting, store.kept.size]).toEqual([0, 0])
  })

  test('a group whose answer was lost is done once, whatever another wrote between', async () => {
    const { server, said, queue } = started()
    server.rows.set('r', { id: 'r', name: 'one', version: 1 })
    server.state.loseAnswers = true
    queue.push(group('two', [set('name', 'one', 'two')]))
    await queue.flush()
    expect(said.gone).toBe(true)
    server.state.loseAnswers = false
    server.rows.set('r', { id: 'r', name: 'another’s', version: 3 })
    await vi.advanceTimersByTimeAsync(10_000)
    expect([said.answered, said.conflicts, server.rows.get('r')?.name]).toEqual([['two'], [], 'another’s'])
  })

  test('another field of another person is no conflict; the same field waits for a choice', async () => {
    const { server, said, queue } = started()
    server.rows.set('r', { id: 'r', name: 'theirs', persons: 1, version: 9 })
    queue.push(group('persons', [set('persons', 1, 2)]))
    await queue.flush()
    expect(server.rows.get('r')).toMatchObject({ name: 'theirs', persons: 2 })
    queue.push(group('name', [set('name', 'one', 'mine')]))
    queue.push(group('later', [set('persons', 2, 3)]))
    await queue.flush()
    expect(said.conflicts[0]!.clashes).toMatchObject([{ fields: ['name'], now: { name: 'theirs' } }])
    expect(said.waiting).toBe(2)
    queue.resolve(said.conflicts[0]!, [set('name', 'theirs', 'mine')])
    await queue.flush()
    expect(server.rows.get('r')).toMatchObject({ name: 'mine', persons: 3 })
  })

  test('a choice for the other drops the group and goes on', async () => {
    const { server, said, queue } = started()
    server.rows.set('r', { id: 'r', name: 'theirs', persons: 1, version: 9 })
    queue.push(group('name', [set('name', 'one', 'mine')]))
    queue.push(group('later', [set('persons', 1, 3)]))
    await queue.flush()
    queue.resolve(said.conflicts[0]!, [])
    await queue.flush()
    expect(server.rows.get('r')).toMatchObject({ name: 'theirs', persons: 3 })
  })

  test('what a refused group would have written is no longer what a later one saw', async () => {
    const { server, said, queue } = started()
    server.rows.set('r', { id: 'r', name: 'one', persons: 1, version: 1 })
    queue.push(group('bad', [set('name', 'one', 'refuse me')]))
    queue.push(group('good', [set('name', 'refuse me', 'two')]))
    await queue.flush()
    expect([said.refused, server.rows.get('r')?.name, said.conflicts]).toEqual([['Name is bad.'], 'two', []])
  })

  test('an undo that meets another’s change is refused and asks nothing', async () => {
    const { server, said, queue } = started()
    server.rows.set('r', { id: 'r', name: 'theirs', version: 9 })
    queue.push(group('Undo', [set('name', 'mine', 'one')], { undoes: true }))
    await queue.flush()
    expect([said.conflicts.length, said.refused.length, said.waiting]).toEqual([0, 1, 0])
  })

  test('the end of the session is said once, and everything waits', async () => {
    const server = fakeServer()
    const { said, on } = events()
    const send = (() =>
      Promise.reject(new ApiProblem(401, 'No', 'Sign in.', [], undefined))) as typeof request
    const queue = new ChangeQueue('j', 'waiting', on, storage(), send)
    queue.push(group('one', [add('one')]))
    await queue.flush()
    expect([said.signedOut, said.waiting, server.rows.size]).toEqual([1, 1, 0])
  })

  test.each([503, 429])('a server that says %d is asked again after a while', async (status) => {
    const server = fakeServer()
    let busy = true
    const { said, on } = events()
    const send = ((path: string, wish: object) =>
      busy
        ? Promise.reject(new ApiProblem(status, 'Busy', 'Busy.', [], undefined))
        : server.send(path, wish)) as typeof request
    const queue = new ChangeQueue('j', 'waiting', on, storage(), send)
    queue.push(group('one', [add('one')]))
    await queue.flush()
    busy = false
    await vi.advanceTimersByTimeAsync(10_000)
    expect([said.answered, said.waiting]).toEqual([['one'], 0])
  })
})
