import fc from 'fast-check'
import { expect, test } from 'vitest'
import { alike, merge, type Change, type Row } from './changes.js'
import { inverseOf, type Did } from './undo.js'

type World = Map<string, Row & { version: number }>

/** The server in a few lines: all or none. */
function act(world: World, changes: readonly Change[]): Did[] | undefined {
  const next: World = new Map(world)
  const did: Did[] = []
  for (const change of changes) {
    const now = next.get(change.id)
    if ('add' in change) {
      if (now) return undefined
      next.set(change.id, { ...change.add, version: 1 })
    } else if ('set' in change) {
      if (!now) return undefined
      const merged = merge(now, change.set, change.was)
      if ('clash' in merged) return undefined
      next.set(change.id, { ...now, ...merged.write, version: now.version + 1 })
    } else {
      if (now?.version !== change.seen) return undefined
      next.delete(change.id)
    }
    did.push({ collection: 'uses', id: change.id, before: now ?? null, after: next.get(change.id) ?? null })
  }
  world.clear()
  next.forEach((row, id) => world.set(id, row))
  return did
}

const someOp = fc.record({
  kind: fc.constantFrom('set', 'set', 'set', 'add', 'remove'),
  id: fc.constantFrom('1', '2', '3'),
  field: fc.constantFrom('a', 'b', 'c'),
  value: fc.nat(3),
})
type Op = typeof someOp extends fc.Arbitrary<infer T> ? T : never

/** What a person who sees the world as it is would send. */
function changesOf(world: World, ops: readonly Op[]): Change[] {
  const touched = new Set<string>()
  return ops.flatMap(({ kind, id, field, value }): Change[] => {
    if (touched.has(id)) return []
    touched.add(id)
    const row = world.get(id)
    if (kind === 'add' && !row) return [{ collection: 'uses', id, add: { id, a: 0, b: 0, c: 0 } }]
    if (kind === 'remove' && row) return [{ collection: 'uses', id, remove: true, seen: row.version }]
    if (kind === 'set' && row)
      return [{ collection: 'uses', id, set: { [field]: value }, was: { [field]: row[field] } }]
    return []
  })
}
const plain = (world: World) =>
  Object.fromEntries([...world].map(([id, { version: _v, ...row }]) => [id, row]))

test('undone at once, all is as before; undone after another’s edits, theirs stand or the undo is refused whole', () => {
  fc.assert(
    fc.property(
      fc.array(someOp, { minLength: 1, maxLength: 6 }),
      fc.array(someOp, { minLength: 1, maxLength: 4 }),
      fc.array(someOp, { maxLength: 3 }),
      (start, mine, theirs) => {
        const world: World = new Map([['1', { id: '1', a: 0, b: 0, c: 0, version: 1 }]])
        act(world, changesOf(world, start))
        const before = plain(world)
        const did = act(world, changesOf(world, mine))!
        const copy: World = new Map(world)
        const undone = act(copy, inverseOf(did))!
        expect(plain(copy)).toEqual(before)
        // And again, as redo does.
        const again: World = new Map(copy)
        act(again, inverseOf(undone))
        expect(plain(again)).toEqual(plain(world))

        const between = plain(world)
        act(world, changesOf(world, theirs))
        const after = plain(world)
        if (!act(world, inverseOf(did))) {
          expect(plain(world)).toEqual(after)
          return
        }
        for (const [id, row] of Object.entries(after))
          for (const [field, value] of Object.entries(row))
            if (!alike(value, between[id]?.[field])) expect(plain(world)[id]?.[field]).toEqual(value)
      },
    ),
    { numRuns: 2_000 },
  )
})

test('values are alike whatever the order of their keys, and only then', () => {
  expect(alike({ a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1 })).toBe(true)
  expect(alike([1, 2], [2, 1])).toBe(false)
  expect(alike({ a: 1 }, { a: 1, b: undefined })).toBe(false)
  expect(alike([], {})).toBe(false)
  expect(alike(null, {})).toBe(false)
})
