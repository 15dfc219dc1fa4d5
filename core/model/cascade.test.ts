import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { emptyJob, itemWith, optionWith, pieceWith } from '../examples/emptyJob.js'
import { demoJob } from '../testing/demoJob.js'
import { withChanges } from './applyChanges.js'
import { plainName, removalOf, type RowsByName } from './cascade.js'
import type { Change, Row, RowChange } from './changes.js'
import { names, REFERENCES } from './references.js'
import { COLLECTIONS, RECORD_NAMES, rowDef, SINGLE, type Collection } from './registry.js'
import type { JobSnapshot } from './snapshot.js'

const rowsOf = (job: JobSnapshot, collection: string) => {
  const rows = (job as unknown as Record<string, unknown>)[collection]
  return (Array.isArray(rows) ? rows : rows ? [rows] : []) as (Row & { id: string })[]
}
/** The changes as they would be sent, without what they saw. */
const asChanges = (changes: readonly RowChange[]) =>
  changes.map(
    (c) => ('set' in c ? { ...c, was: {} } : 'remove' in c ? { ...c, seen: 1 } : c) as unknown as Change,
  )

/** Every reference that names a row that is not there. */
function dangling(job: JobSnapshot): string[] {
  return REFERENCES.flatMap((reference) => {
    if (reference.past || reference.to === 'events') return []
    const there = new Set(rowsOf(job, reference.to).map((r) => r.id))
    return rowsOf(job, reference.from).flatMap((row) => {
      const value = row[reference.field]
      const ids =
        value === null || value === undefined || value === ''
          ? []
          : reference.kind === 'refs'
            ? (value as string[])
            : reference.kind === 'ref'
              ? [value as string]
              : (value as string)
                  .split(reference.kind === 'finding' ? '|' : '\n')
                  .filter((part) => reference.prefix && part.startsWith(reference.prefix))
                  .map((part) => part.slice(reference.prefix!.length))
      // The key of a finding may name what is no row: a companion, by the item and its word.
      return ids
        .filter((id) => !there.has(id) && reference.kind !== 'finding')
        .map((id) => `${reference.from}.${reference.field} → ${reference.to} ${id}`)
    })
  })
}

describe('taking a row out of the demo job, any row of any collection', () => {
  const job = demoJob()
  const all = COLLECTIONS.filter((c) => !SINGLE.has(c)).flatMap((collection) =>
    rowsOf(job, collection).map((row) => ({ collection, id: row.id, name: plainName(collection, row) })),
  )
  test('the demo names nothing that is not there', () => expect(dangling(job)).toEqual([]))
  test('there are rows enough to try', () => expect(all.length).toBeGreaterThan(100))
  test('leaves nothing that names it, or says by name what stands in the way', () => {
    for (const { collection, id, name } of all) {
      const { changes, inTheWay } = removalOf(job as unknown as RowsByName, [{ collection, id }])
      if (inTheWay.length === 0) {
        const after = withChanges(job, asChanges(changes))
        expect(dangling(after), `${collection} ${name}`).toEqual([])
        expect(rowsOf(after, collection).some((r) => r.id === id)).toBe(false)
      } else for (const way of inTheWay) expect(way.name.length, `${collection} ${name}`).toBeGreaterThan(0)
      const along = removalOf(job as unknown as RowsByName, [{ collection, id }], true)
      if (along.inTheWay.length === 0)
        expect(dangling(withChanges(job, asChanges(along.changes))), `${collection} ${name}`).toEqual([])
      else expect(along.inTheWay.every((w) => w.record)).toBe(true)
    }
  })
  test('takes nothing along that does not follow from it', () => {
    for (const { collection, id } of all) {
      const { changes } = removalOf(job as unknown as RowsByName, [{ collection, id }], true)
      const gone = new Set(changes.flatMap((c) => ('remove' in c ? [`${c.collection} ${c.id}`] : [])))
      expect(gone.has(`${collection} ${id}`)).toBe(true)
      for (const change of changes) {
        if ('add' in change) throw new Error('a removal adds nothing')
        if (change.collection === collection && change.id === id) continue
        // Whatever goes or is changed named something that goes.
        const row = rowsOf(job, change.collection).find((r) => r.id === change.id)!
        const reason = REFERENCES.some(
          (r) =>
            r.from === change.collection &&
            [...gone].some(
              (key) => key.startsWith(`${r.to} `) && names(r, row[r.field], key.slice(r.to.length + 1)),
            ),
        )
        expect(reason, `${change.collection} ${change.id}`).toBe(true)
      }
    }
  })
})

describe('rows that name each other', () => {
  const job = emptyJob({
    items: [
      itemWith({ id: 'one', chosenOptionId: 'o1', forItemId: 'two' }),
      itemWith({ id: 'two', forItemId: 'one' }),
    ],
    options: [
      optionWith({ id: 'o1', itemId: 'one' }),
      optionWith({ id: 'o2', itemId: 'one', partOfId: 'o1' }),
    ],
    pieces: [pieceWith({ id: 'sofa', serves: ['sit', 'read'] })],
    uses: [
      { id: 'sit', name: 'Sit', kind: 'sit', persons: 1, time: 'any time', position: 0, version: 1 },
      { id: 'read', name: 'Read', kind: 'read', persons: 1, time: 'any time', position: 1, version: 1 },
    ],
    acceptances: [
      {
        id: 'a',
        finding: 'some.rule|piece:sofa|use:sit',
        facts: 'f',
        reason: 'r',
        by: '',
        on: null,
        version: 1,
      },
      { id: 'b', finding: 'some.rule|piece:sofa2', facts: 'f', reason: 'r', by: '', on: null, version: 1 },
    ],
  })
  const removal = (collection: Collection, id: string) =>
    removalOf(job as unknown as RowsByName, [{ collection, id }])
  test('a circle ends', () =>
    expect(removal('items', 'one').changes).toEqual([
      { collection: 'items', id: 'two', set: { forItemId: null } },
      { collection: 'options', id: 'o2', remove: true },
      { collection: 'options', id: 'o1', remove: true },
      { collection: 'items', id: 'one', remove: true },
    ]))
  test('a list loses one name and keeps the rest; two at once lose both', () => {
    expect(removal('uses', 'sit').changes).toContainEqual({
      collection: 'pieces',
      id: 'sofa',
      set: { serves: ['read'] },
    })
    const both = removalOf(job as unknown as RowsByName, [
      { collection: 'uses', id: 'sit' },
      { collection: 'uses', id: 'read' },
    ])
    expect(both.changes).toContainEqual({ collection: 'pieces', id: 'sofa', set: { serves: [] } })
  })
  test('what was accepted of it goes with it; a like name is another', () =>
    expect(removal('pieces', 'sofa').changes).toEqual([
      { collection: 'acceptances', id: 'a', remove: true },
      { collection: 'pieces', id: 'sofa', remove: true },
    ]))
})

describe('a row nobody may loosen', () => {
  test('a consent for one item does not become a consent for anything when the item goes', () => {
    const job = emptyJob({
      items: [itemWith({ id: 'shelf' })],
      consents: [
        {
          id: 'c',
          on: '2026-01-01',
          change: 'drill',
          surface: '',
          colors: 'any color',
          finishId: null,
          itemId: 'shelf',
          photoId: null,
          words: '',
          version: 1,
        },
      ],
    })
    const asked = removalOf(job as unknown as RowsByName, [{ collection: 'items', id: 'shelf' }])
    expect(asked.inTheWay).toMatchObject([{ collection: 'consents', id: 'c', field: 'itemId' }])
    const along = removalOf(job as unknown as RowsByName, [{ collection: 'items', id: 'shelf' }], true)
    expect(along.changes).toContainEqual({ collection: 'consents', id: 'c', remove: true })
  })
})

test('every reference names a collection there is, and only what can be null is cleared to null', () => {
  const known = new Set<string>([...COLLECTIONS, ...RECORD_NAMES, 'events'])
  for (const r of REFERENCES) {
    expect(known.has(r.to), `${r.from}.${r.field} → ${r.to}`).toBe(true)
    if (r.kind === 'ref' && r.onRemove === 'clear' && !r.past)
      expect(r.nullable, `${r.from}.${r.field}`).toBe(true)
    if (r.within) expect(Object.keys(rowDef(r.to as Collection).fields)).toContain(r.within)
  }
})

test('order does not matter: the same rows go however the job lists them', () => {
  const job = demoJob()
  fc.assert(
    fc.property(fc.constantFrom(...job.walls, ...job.pieces, ...job.items), fc.integer(), (row, seed) => {
      const collection = (['walls', 'pieces', 'items'] as const).find((c) =>
        rowsOf(job, c).some((r) => r.id === row.id),
      )!
      const mixed = Object.fromEntries(
        Object.entries(job).map(([name, rows]) => [
          name,
          Array.isArray(rows) ? [...(rows as unknown[])].sort(() => (seed % 2 ? 1 : -1)) : (rows as unknown),
        ]),
      )
      const set = (j: unknown) =>
        new Set(
          removalOf(j as RowsByName, [{ collection, id: row.id }], true).changes.map((c) =>
            JSON.stringify(c),
          ),
        )
      expect(set(mixed)).toEqual(set(job))
    }),
    { numRuns: 60 },
  )
})
