import { describe, expect, test } from 'vitest'
import { emptyJob, itemWith, pieceWith } from '../../examples/emptyJob.js'
import { options } from '../../model/rows/options.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { judgedJob } from '../../testing/judgedJob.js'
import { applyFix } from '../../testing/applyFix.js'
import { tiesOf } from './ties.js'

const job = (more: Partial<JobSnapshot>): JobSnapshot => ({ ...emptyJob(), ...more })
const pairs = (more: Partial<JobSnapshot>) =>
  tiesOf(job(more), String).untied.map((u) => [u.one.name, u.other.name, u.by])
const found = (of: JobSnapshot, rule: string) =>
  judgedJob(of, '2026-03-02').findings.filter((f) => f.rule === `source.${rule}`)

describe('what was entered twice', () => {
  test.each([
    ['whatever case, order and spaces', 'Settee, three seats', ' three  seats SETTEE '],
    ['in another script', 'Диван', 'диван'],
  ])('the same words are one name, %s', (_how, one, other) => {
    expect(
      pairs({
        pieces: [pieceWith({ id: 'p', name: one, kind: 'sofa' })],
        items: [itemWith({ id: 'i', name: other })],
      }),
    ).toEqual([[one, other, 'name']])
  })

  test('each the only one of its kind is asked about; two of a kind are not, nor what a room has many of', () => {
    const sofa = pieceWith({ id: 'p', name: 'Settee', kind: 'sofa' })
    const line = itemWith({ id: 'i', name: 'Couch', pieceKind: 'sofa' })
    expect(pairs({ pieces: [sofa], items: [line] })).toEqual([['Settee', 'Couch', 'kind']])
    expect(pairs({ pieces: [sofa, { ...sofa, id: 'q', name: 'Other' }], items: [line] })).toEqual([])
    expect(pairs({ pieces: [sofa], items: [line, { ...line, id: 'j', name: 'Other' }] })).toEqual([])
    expect(
      pairs({
        pieces: [pieceWith({ id: 'p', name: 'Bolster', kind: 'cushion' })],
        items: [itemWith({ id: 'i', name: 'Cushions', pieceKind: 'cushion' })],
      }),
    ).toEqual([])
  })

  test('what is there, tied, let go, or bought by the liter is not asked about', () => {
    const line = itemWith({ id: 'i', name: 'Settee', pieceKind: 'sofa' })
    const sofa = { id: 'p', name: 'Settee', kind: 'sofa' as const }
    expect(pairs({ pieces: [pieceWith({ ...sofa, there: true })], items: [line] })).toEqual([])
    expect(pairs({ pieces: [pieceWith({ ...sofa, itemId: 'i' })], items: [line] })).toEqual([])
    expect(pairs({ pieces: [pieceWith({ ...sofa, verdict: 'let go' })], items: [line] })).toEqual([])
    expect(pairs({ pieces: [pieceWith(sofa)], items: [{ ...line, category: 'surfaces' }] })).toEqual([])
  })

  test('the fix ties them, the finding goes, and both read one weight', () => {
    const apart = job({
      pieces: [pieceWith({ id: 'p', name: 'Mirror', kind: 'mirror' })],
      items: [itemWith({ id: 'i', name: 'mirror', weightG: 9000 })],
    })
    const [finding] = found(apart, 'entered-twice')
    const after = applyFix(apart, finding!.fixes[0]!)
    expect(found(after, 'entered-twice')).toEqual([])
    expect(after.pieces[0]).toMatchObject({ itemId: 'i', weightG: 9000 })
  })
})

describe('a piece drawn in one size and bought in another', () => {
  const drawn = (widthMm: number, boughtMm: number, more = {}) =>
    job({
      pieces: [
        pieceWith({ id: 'p', name: 'Settee', kind: 'sofa', itemId: 'i', ownSize: true, widthMm, ...more }),
      ],
      items: [itemWith({ id: 'i', name: 'Settee', chosenOptionId: 'o' })],
      options: [
        {
          ...options.make({ id: 'o', itemId: 'i', name: 'Long', priceMinor: 100, widthMm: boughtMm }),
          version: 1,
        },
      ],
    })
  test.each([
    [1800, 1810, 0],
    [1800, 1787, 0],
    [1800, 1814, 1],
    [1800, 1786, 1],
  ])('%d drawn, %d bought', (a, b, times) => {
    expect(found(drawn(a, b), 'size-differs')).toHaveLength(times)
  })
  test('what is there was measured; a smaller one is drawn as it is bought, a larger one with no single click', () => {
    expect(found(drawn(1800, 2300, { there: true }), 'size-differs')).toEqual([])
    expect(found(drawn(1800, 2300), 'size-differs')[0]!.fixes).toEqual([])
    const one = drawn(1800, 1500)
    const after = applyFix(one, found(one, 'size-differs')[0]!.fixes[0]!)
    expect(found(after, 'size-differs')).toEqual([])
    expect(after.pieces[0]).toMatchObject({ ownSize: false })
  })
})

test('a line and its piece that do not agree are asked about, and each answer settles it', () => {
  const two = job({
    pieces: [pieceWith({ id: 'p', name: 'Mirror', kind: 'mirror', itemId: 'i', weightG: 14_000 })],
    items: [itemWith({ id: 'i', name: 'Mirror', weightG: 9000 })],
  })
  const [finding] = found(two, 'said-twice')
  expect(finding?.measured).toBe('in the schedule 9 kg, in the room 14 kg')
  const weights = finding!.fixes.map((fix) => {
    const after = applyFix(two, fix)
    expect(found(after, 'said-twice')).toEqual([])
    return [after.items[0]!.weightG, after.pieces[0]!.weightG]
  })
  expect(weights).toEqual([
    [null, 14_000],
    [null, 9000],
  ])
})
