import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { emptyJob, itemWith, pieceWith } from '../examples/emptyJob.js'
import { demoJob } from '../testing/demoJob.js'
import { put, type RowChange } from './changes.js'
import { borrowedPieces, itemsWithoutPiece, oneThing, pieceOfItems, sizeSource } from './oneThing.js'
import { applyFix } from '../testing/applyFix.js'
import { loans } from './rows/loans.js'
import { options } from './rows/options.js'
import type { Option } from './rows/options.js'
import type { JobSnapshot, Stored } from './snapshot.js'

const optionWith = (
  more: Partial<Option> & { readonly id: string; readonly itemId: string },
): Stored<Option> => ({
  ...options.make({ name: 'Option', priceMinor: 1000, ...more }),
  version: 1,
})
const job = (more: Partial<JobSnapshot>): JobSnapshot => ({ ...emptyJob(), ...more })

/** What the rows hold once the changes are written where they belong. */
const applied = (to: JobSnapshot, changes: readonly RowChange[]) => applyFix(to, { label: '', changes })

const settee = job({
  pieces: [
    pieceWith({
      id: 'p',
      name: 'Settee',
      kind: 'sofa',
      itemId: 'i',
      widthMm: 1900,
      depthMm: 900,
      heightMm: 800,
      fixing: 'screwed to the wall',
      weightG: 40_000,
      serves: ['u'],
    }),
  ],
  items: [itemWith({ id: 'i', name: 'Settee', chosenOptionId: 'o' })],
  options: [
    optionWith({
      id: 'o',
      itemId: 'i',
      name: 'Long',
      widthMm: 2300,
      depthMm: 950,
      material: 'linen',
      legsMm: 120,
    }),
  ],
})

describe('one thing, entered once', () => {
  test('a piece that is bought has the size of the option chosen, side by side, until it has its own', () => {
    const [piece] = oneThing(settee).pieces
    expect(piece).toMatchObject({
      widthMm: 2300,
      depthMm: 950,
      heightMm: 800,
      material: 'linen',
      legsMm: 120,
    })
    expect(sizeSource(settee.pieces[0]!, settee)?.id).toBe('o')
    const own = applied(settee, [put('pieces', 'p', { ownSize: true })])
    expect(oneThing(own).pieces[0]).toMatchObject({ widthMm: 1900, depthMm: 900, heightMm: 800 })
    expect(sizeSource(own.pieces[0]!, own)).toBeUndefined()
  })

  test('choosing another option changes the piece, and no option chosen leaves what was drawn', () => {
    const two = job({
      ...settee,
      options: [
        ...settee.options,
        optionWith({ id: 'o2', itemId: 'i', widthMm: 1600, traits: ['open below', 'corded'] }),
      ],
    })
    const other = applied(two, [put('items', 'i', { chosenOptionId: 'o2' })])
    expect(oneThing(other).pieces[0]).toMatchObject({
      widthMm: 1600,
      depthMm: 900,
      traits: ['open below', 'corded'],
    })
    const none = applied(two, [put('items', 'i', { chosenOptionId: null })])
    expect(oneThing(none).pieces[0]).toMatchObject({ widthMm: 1900 })
  })

  test('a line reads from its piece what they share, and what is changed in the line is changed in the piece', () => {
    expect(oneThing(settee).items[0]).toMatchObject({
      pieceKind: 'sofa',
      fixing: 'screwed to the wall',
      weightG: 40_000,
      serves: ['u'],
    })
    const lighter = applied(settee, [put('items', 'i', { weightG: 30_000, quantity: 2 })])
    expect(lighter.pieces[0]).toMatchObject({ weightG: 30_000 })
    expect(lighter.items[0]).toMatchObject({ weightG: null, quantity: 2 })
    expect(oneThing(lighter).items[0]).toMatchObject({ weightG: 30_000, quantity: 2 })
  })

  test('a name is the line’s; two pieces of one line have names of their own', () => {
    const named = applied(settee, [put('pieces', 'p', { name: 'Long settee' })])
    expect([named.items[0]!.name, oneThing(named).pieces[0]!.name]).toEqual(['Long settee', 'Long settee'])
    const pair = job({
      ...settee,
      pieces: ['left', 'right'].map((name, position) =>
        pieceWith({ id: name, name, kind: 'lamp', itemId: 'i', position }),
      ),
    })
    expect(oneThing(pair).pieces.map((p) => p.name)).toEqual(['left', 'right'])
    const renamed = applied(pair, [put('pieces', 'left', { name: 'by the door' })])
    expect([renamed.items[0]!.name, renamed.pieces[0]!.name]).toEqual(['Settee', 'by the door'])
    expect(pieceOfItems(pair.pieces).get('i')?.id).toBe('left')
  })

  test('a size typed for a piece becomes its own, its other sides as they were seen', () => {
    const typed = applied(settee, [put('pieces', 'p', { widthMm: 2000 })])
    expect(typed.pieces[0]).toMatchObject({ widthMm: 2000, depthMm: 950, heightMm: 800, ownSize: true })
  })

  test('two sides typed one after the other in one step are both kept', () => {
    const typed = applied(settee, [
      put('pieces', 'p', { widthMm: 2000 }),
      put('pieces', 'p', { heightMm: 700 }),
    ])
    expect(typed.pieces[0]).toMatchObject({ widthMm: 2000, depthMm: 950, heightMm: 700 })
  })

  test('of two pieces of one line, what it is goes to both, where it is to the first alone', () => {
    const pair = job({
      ...settee,
      pieces: [2, 1].map((position) =>
        pieceWith({ id: `p${position}`, name: '', kind: 'lamp', itemId: 'i', position }),
      ),
    })
    const hung = applied(pair, [put('items', 'i', { weightG: 900, wallId: 'w', fixing: 'wired in' })])
    const of = (id: string) => hung.pieces.find((p) => p.id === id)
    expect(of('p1')).toMatchObject({ weightG: 900, fixing: 'wired in', wallId: 'w' })
    expect(of('p2')).toMatchObject({ weightG: 900, fixing: 'wired in', wallId: null })
  })

  test('a piece nobody said the kind of leaves it to its line, until it is said', () => {
    const unsaid = job({
      pieces: [pieceWith({ id: 'p', name: 'A', kind: 'other', itemId: 'i' })],
      items: [itemWith({ id: 'i', name: 'A', pieceKind: 'bench' })],
    })
    expect(oneThing(unsaid).items[0]!.pieceKind).toBe('bench')
    const said = applied(unsaid, [put('items', 'i', { pieceKind: 'stool' })])
    expect([said.pieces[0]!.kind, oneThing(said).items[0]!.pieceKind]).toEqual(['stool', 'stool'])
  })

  test('tying changes no size that was drawn, and loses no use of either', () => {
    const apart = job({
      ...settee,
      pieces: [{ ...settee.pieces[0]!, itemId: null, serves: ['u'] }],
      items: [{ ...settee.items[0]!, serves: ['u', 'v'] }],
    })
    const tied = applied(apart, [put('pieces', 'p', { itemId: 'i' })])
    expect(oneThing(tied).pieces[0]).toMatchObject({ widthMm: 1900, ownSize: true, serves: ['u', 'v'] })
    const alike = applied({ ...apart, options: [{ ...apart.options[0]!, widthMm: 1900, depthMm: null }] }, [
      put('pieces', 'p', { itemId: 'i' }),
    ])
    expect(alike.pieces[0]!.ownSize).toBe(false)
  })

  test('an option that was owned and is no longer reads nothing from the piece', () => {
    const once = job({
      pieces: [pieceWith({ id: 'p', name: 'Trunk', kind: 'trunk', there: true })],
      items: [itemWith({ id: 'i', name: 'Low table' })],
      options: [optionWith({ id: 'o', itemId: 'i', kind: 'new', pieceId: 'p', name: 'Oak', widthMm: 5 })],
    })
    expect(oneThing(once)).toBe(once)
    const wider = applied(once, [put('options', 'o', { widthMm: 6 })])
    expect([wider.options[0]!.widthMm, wider.pieces[0]!.widthMm]).toEqual([6, once.pieces[0]!.widthMm])
  })

  test('an owned option and a loan are the piece: name, size and material are read from it and changed in it', () => {
    const house = job({
      pieces: [
        pieceWith({
          id: 'p',
          name: 'Trunk',
          kind: 'trunk',
          there: true,
          widthMm: 900,
          depthMm: 500,
          heightMm: 450,
        }),
      ],
      items: [itemWith({ id: 'i', name: 'Low table', chosenOptionId: 'o' })],
      options: [
        optionWith({ id: 'o', itemId: 'i', kind: 'owned', pieceId: 'p', name: 'as typed', widthMm: 1 }),
      ],
      loans: [{ ...loans.make({ id: 'l', name: 'as typed', reason: 'to try', pieceId: 'p' }), version: 1 }],
    })
    const read = oneThing(house)
    expect(read.options[0]).toMatchObject({ name: 'Trunk', widthMm: 900, depthMm: 500, heightMm: 450 })
    expect(read.loans[0]).toMatchObject({ name: 'Trunk' })
    const wider = applied(house, [
      put('options', 'o', { widthMm: 910 }),
      put('loans', 'l', { name: 'Sea trunk' }),
    ])
    expect(wider.pieces[0]).toMatchObject({ widthMm: 910, name: 'Sea trunk' })
    expect(borrowedPieces(house.loans)).toEqual(new Set(['p']))
    expect(itemsWithoutPiece(house.items, house.pieces)).toHaveLength(1)
    // The same piece as option and as what the line becomes reads its own size, and no circle begins.
    const both = applied(house, [put('pieces', 'p', { itemId: 'i' })])
    expect(oneThing(both).pieces[0]).toMatchObject({ widthMm: 900 })
  })

  test('tying takes along what the line said and the piece did not, and nothing the piece says is overwritten', () => {
    const apart = job({
      pieces: [pieceWith({ id: 'p', name: 'Shelf', kind: 'shelves', weightG: 9000 })],
      items: [
        itemWith({ id: 'i', name: 'Shelf', weightG: 5000, fixing: 'screwed to the wall', serves: ['u'] }),
      ],
    })
    const tied = applied(apart, [put('pieces', 'p', { itemId: 'i' })])
    expect(tied.pieces[0]).toMatchObject({
      itemId: 'i',
      weightG: 9000,
      fixing: 'screwed to the wall',
      serves: ['u'],
    })
  })

  test('a job in which nothing is tied is the same job, and what is read is kept while its rows are the same', () => {
    const plain = emptyJob()
    expect(oneThing(plain)).toBe(plain)
    const read = oneThing({ ...settee })
    expect(oneThing(read)).toBe(read)
    const again = oneThing({ ...settee, room: { ...settee.room } })
    expect(again.pieces).toBe(read.pieces)
    const other = oneThing({ ...settee, options: [...settee.options] })
    expect(other.pieces[0]).toBe(read.pieces[0])
  })

  test('property: whatever is changed in what is seen is what is seen after, whichever row holds it', () => {
    const base = demoJob()
    const weight = fc.integer({ min: 1, max: 50_000 })
    const size = fc.integer({ min: 100, max: 5000 })
    const change = fc.oneof(
      fc.record({ c: fc.constant('items' as const), set: fc.record({ weightG: weight }) }),
      fc.record({ c: fc.constant('items' as const), set: fc.record({ name: fc.constantFrom('A', 'B') }) }),
      fc.record({
        c: fc.constant('items' as const),
        set: fc.record({ originalAt: fc.constantFrom('', 'loft') }),
      }),
      fc.record({ c: fc.constant('pieces' as const), set: fc.record({ name: fc.constantFrom('C', 'D') }) }),
      fc.record({ c: fc.constant('pieces' as const), set: fc.record({ widthMm: size }) }),
      fc.record({ c: fc.constant('pieces' as const), set: fc.record({ heightMm: size, weightG: weight }) }),
      fc.record({ c: fc.constant('pieces' as const), set: fc.record({ ownSize: fc.boolean() }) }),
    )
    fc.assert(
      fc.property(fc.array(fc.tuple(change, fc.nat()), { maxLength: 12 }), (steps) => {
        let now = base
        for (const [{ c, set }, n] of steps) {
          const rows = now[c]
          const { id } = rows[n % rows.length]!
          const before = oneThing(now)
          now = applied(now, [{ collection: c, id, set } as unknown as RowChange])
          const after = oneThing(now)
          const row = (of: JobSnapshot) =>
            of[c].find((r) => r.id === id) as unknown as Record<string, unknown>
          for (const [field, value] of Object.entries(set)) expect(row(after)[field]).toBe(value)
          // Nobody else's facts move: rows of other lines and pieces stay what they were.
          const line = c === 'items' ? id : (row(now).itemId as string | null)
          const others = (of: JobSnapshot) => [
            ...of.items.filter((i) => i.id !== line),
            ...of.pieces.filter((p) => p.id !== id && (line === null || p.itemId !== line)),
          ]
          expect(others(after)).toEqual(others(before))
        }
      }),
      { numRuns: 60 },
    )
  })
})
