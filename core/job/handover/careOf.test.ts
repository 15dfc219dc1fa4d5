import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { pieceWith } from '../../examples/emptyJob.js'
import { DONE, recordJob, rowsOf } from '../../examples/handover/records.js'
import { FIXINGS } from '../../model/vocabulary/fixing.js'
import { COMES_OFF } from '../../stages/handover/removal.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { addMonths, careOf, nextCare } from './careOf.js'

const told = (more: Partial<JobSnapshot>) =>
  careOf(recordJob(more), DONE).map((c) => [c.thing, c.key.split('|')[0], c.nextOn])

describe('months', () => {
  test.each([
    ['2026-01-31', 1, '2026-02-28'],
    ['2028-01-31', 1, '2028-02-29'],
    ['2026-11-30', 3, '2027-02-28'],
    ['2026-03-20', 12, '2027-03-20'],
  ])('%s and %d more is %s', (day, months, then) => expect(addMonths(day, months)).toBe(then))
})

describe('care follows from material, kind and place', () => {
  test('rug, curtains, piano, what is held to the building', () => {
    const pieces = [
      pieceWith({ id: 'a', name: 'Rug', kind: 'rug' }),
      pieceWith({ id: 'b', name: 'Curtains', kind: 'curtains' }),
      pieceWith({ id: 'c', name: 'Shelves', kind: 'shelves', traits: ['anchored to the building'] }),
      pieceWith({ id: 'd', name: 'Vase', kind: 'object' }),
    ]
    expect(told({ pieces })).toEqual([
      ['Rug', 'turn', '2026-09-20'],
      ['Curtains', 'wash', '2027-03-20'],
      ['Shelves', 'anchor', '2027-03-20'],
    ])
  })
  test('what is to go is not cared for; what a person leaves out is not told, what they change is', () => {
    const pieces = [
      pieceWith({ id: 'a', name: 'Old rug', kind: 'rug', verdict: 'let go' }),
      pieceWith({ id: 'b', name: 'Rug', kind: 'rug' }),
      pieceWith({ id: 'c', name: 'Runner', kind: 'rug' }),
    ]
    const careNotes = rowsOf('careNotes', [
      { key: 'turn|piece:b', leftOut: true },
      { key: 'turn|piece:c', everyMonths: 3, lastOn: '2026-05-01' },
      { key: 'own', what: 'Wax the sill', month: 9 },
    ])
    expect(told({ pieces, careNotes })).toEqual([
      ['Runner', 'turn', '2026-08-01'],
      ['', 'own', '2026-09-01'],
    ])
  })
  test('outdoors things are taken in before the frost and out after it', () => {
    const job = recordJob({ pieces: [pieceWith({ id: 'a', name: 'Bench', kind: 'bench' })] })
    const out = { ...job, room: { ...job.room, kind: 'outdoors' as const } }
    expect(careOf(out, DONE).map((c) => [c.key.split('|')[0], c.nextOn])).toEqual([
      ['take out', '2026-05-01'],
      ['take in', '2026-10-01'],
    ])
  })
})

const anyDay = fc
  .record({
    y: fc.integer({ min: 2020, max: 2040 }),
    m: fc.integer({ min: 1, max: 12 }),
    d: fc.integer({ min: 1, max: 28 }),
  })
  .map(({ y, m, d }) => `${y}-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`)

test('what was done is next due later, and within its time', () => {
  fc.assert(
    fc.property(
      anyDay,
      fc.integer({ min: 1, max: 24 }),
      fc.integer({ min: 1, max: 12 }),
      (lastOn, every, month) => {
        const byMonths = nextCare({ everyMonths: every, month: null, lastOn }, DONE) ?? ''
        expect(byMonths > lastOn && byMonths <= addMonths(lastOn, every)).toBe(true)
        const inMonth = nextCare({ everyMonths: null, month, lastOn }, DONE) ?? ''
        expect(inMonth > lastOn && inMonth <= addMonths(lastOn, 24)).toBe(true)
        expect(Number(inMonth.slice(5, 7))).toBe(month)
        expect(inMonth.slice(0, 7)).not.toBe(lastOn.slice(0, 7))
      },
    ),
  )
})

test('every fixing that leaves something has one note of how it comes off', () => {
  expect(FIXINGS.filter((f) => COMES_OFF[f] === undefined)).toEqual(['stands free', 'leans'])
})
