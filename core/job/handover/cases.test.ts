import { describe, expect, test } from 'vitest'
import { pieceWith } from '../../examples/emptyJob.js'
import { applied, DONE, pictureOf, recordJob, recordsOf, rowsOf } from '../../examples/handover/records.js'
import { installJob, MONDAY } from '../../examples/install/example.js'
import { picturePairs } from '../../stages/handover/pictures.js'
import { isComplete } from '../../stages/handover/register.js'
import { RECORD_RULES } from '../../stages/handover/rules/index.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { deriveJob } from '../derive.js'
import { judgeWhole } from '../fixes/judgeWhole.js'
import { registerOf } from './registerOf.js'

// Situations and what experienced decorators conclude (common practice, without a published source).

const found = (more: Partial<JobSnapshot>, rule: string, today = DONE) =>
  RECORD_RULES.flatMap((r) => r.check(recordsOf(more, today))).filter((f) => f.rule === `handover.${rule}`)

describe('C094 the finish whose name is lost', () => {
  const lost = applied({ name: 'Blue paint', code: '', sheen: 'none' })
  test('three things are missing: code, sheen, and what it is on', () => {
    const [finish] = recordsOf(lost).register.finishes
    expect(finish?.missing).toEqual(['code', 'sheen', 'object or surface'])
    expect(found(lost, 'finish-record').map((f) => f.measured)).toEqual([
      'Blue paint: code, sheen and object or surface',
    ])
  })
  test('filled in, nothing is said; batch, day, supplier and spare are asked for beside', () => {
    const chairs = pieceWith({
      id: 'chairs',
      name: 'Chairs',
      kind: 'chair',
      there: true,
      verdict: 'rework',
      finishId: 'paint',
    })
    const known = { ...applied({ name: 'Blue paint', code: 'B 31', sheen: 'satin' }), pieces: [chairs] }
    expect(found(known, 'finish-record')).toEqual([])
    const [finish] = recordsOf(known).register.finishes
    expect(finish?.where).toEqual(['Chairs'])
    expect(finish?.asked).toEqual(['batch', 'applied on', 'supplier', 'spare and its place'])
  })
  test('every painted object is on the schedule of finishes', () => {
    const names = ['Chairs', 'Bench', 'Shelf']
    const pieces = names.map((name) =>
      pieceWith({ id: name, name, kind: 'chair', there: true, verdict: 'rework', finishId: 'paint' }),
    )
    expect(recordsOf({ ...applied({ name: 'Blue paint' }), pieces }).register.finishes[0]?.where).toEqual(
      names,
    )
  })
  test('a chair that is kept as it was wears a coat nobody here can name', () => {
    const chair = pieceWith({ id: 'chair', name: 'Chair', kind: 'chair', there: true, finishId: 'paint' })
    const { finishRecords: _none, ...palette } = applied({ name: 'Old green', code: '' })
    expect(recordsOf({ ...palette, pieces: [chair] }).register.finishes).toEqual([])
  })
  test('while the work is far off, it is not asked for', () => {
    expect(found(lost, 'finish-record', '2026-02-26')).toEqual([])
    expect(found(lost, 'finish-record', '2026-02-27')).toHaveLength(1)
  })
})

describe('C095 no pictures of before', () => {
  const job = (photos: JobSnapshot['photos'], done: boolean) =>
    installJob({
      painted: ['walls'],
      brief: { installOn: '2026-05-20' },
      tasks: done ? [{ key: 'protect', doneOn: MONDAY }] : [],
      more: { photos },
    })
  const said = (j: JobSnapshot, today: string) =>
    judgeWhole(j, today).filter((f) => f.rule === 'install.before-pictures')
  test('it is said when the work begins, and not only at the end', () => {
    expect(said(job([], true), MONDAY).map((f) => [f.severity, f.title])).toEqual([
      ['stop', 'The work has begun without pictures of before'],
    ])
    expect(said(job([], false), MONDAY).map((f) => f.title)).toEqual([
      'The work begins without pictures of before',
    ])
  })
  test('with a reason, or with all of them, nothing is said', () => {
    const why = { ...job([], true), brief: { ...job([], true).brief, beforeReason: 'The room is new' } }
    expect(said(why, MONDAY)).toEqual([])
    const all = job([], true).walls.flatMap((w) => [
      ...pictureOf('before', `wall:${w.id}`),
      ...pictureOf('before', `corner:${w.id}`),
    ])
    expect(said(job(all, true), MONDAY)).toEqual([])
  })
  test('before and after are paired by their standpoint', () => {
    const points = [
      { subject: 'wall:north', name: 'North wall' },
      { subject: 'wall:east', name: 'East wall' },
    ]
    const photos = [
      ...pictureOf('after', 'wall:east'),
      ...pictureOf('before', 'wall:north'),
      ...pictureOf('after', 'wall:north'),
    ]
    expect(picturePairs(points, photos).map((p) => [p.name, p.before?.id, p.after?.id])).toEqual([
      ['North wall', 'before wall:north', 'after wall:north'],
      ['East wall', undefined, 'after wall:east'],
    ])
  })
})

describe('C097 forty-one things of a finished house', () => {
  const of = (n: number, kind: string) => Array.from({ length: n }, (_x, i) => `${kind} ${i + 1}`)
  const bought = [...of(30, 'Bought'), ...of(2, 'Found')]
  const pieces = [
    ...bought.map((id) => pieceWith({ id, kind: 'object', itemId: `line ${id}` })),
    ...of(6, 'Owned').map((id) => pieceWith({ id, kind: 'object', there: true })),
    ...of(3, 'Gift').map((id) => pieceWith({ id, kind: 'object' })),
  ]
  const house = (more: Partial<JobSnapshot> = {}): Partial<JobSnapshot> => ({
    pieces,
    suppliers: rowsOf('suppliers', [{ id: 'shop', name: 'A shop' }]),
    items: rowsOf(
      'items',
      bought.map((id) => ({ id: `line ${id}`, name: id, chosenOptionId: `option ${id}` })),
      { category: 'decor', targetMinor: 1000 },
    ),
    options: rowsOf(
      'options',
      bought.map((id) =>
        id.startsWith('Bought')
          ? {
              ...{ id: `option ${id}`, itemId: `line ${id}`, name: id },
              ...{ supplierId: 'shop', priceMinor: 1900, catalogKey: `no ${id}` },
            }
          : { id: `option ${id}`, itemId: `line ${id}`, name: id, kind: 'second-hand' as const },
      ),
      { priceMinor: 0 },
    ),
    registerEntries: rowsOf(
      'registerEntries',
      of(3, 'Gift').map((id) => ({ id: `of ${id}`, pieceId: id, origin: 'gift' as const })),
    ),
    ...more,
  })
  const register = (more?: Partial<JobSnapshot>) => recordsOf(house(more)).register.things
  test('39 of 41 are known: two came second-hand without a word, and what is owned or given needs no link', () => {
    expect(register()).toHaveLength(41)
    expect(register().filter(isComplete)).toHaveLength(39)
    expect(
      register()
        .filter((t) => !isComplete(t))
        .map((t) => t.ref.name),
    ).toEqual(['Found 1', 'Found 2'])
    expect(found(house(), 'origin-missing').map((f) => f.title)).toEqual([
      '39 of 41 things know where they came from',
    ])
  })
  test('second-hand with its seller and its price needs no link either', () => {
    const options = (house().options ?? []).map((o) =>
      o.kind === 'second-hand' ? { ...o, seenAt: 'flea market at the lock', priceMinor: 1200 } : o,
    )
    expect(register({ options }).filter(isComplete)).toHaveLength(41)
  })
  test('a gift nobody wrote down is asked for', () => {
    const things = register({ registerEntries: [] })
    expect(things.filter((t) => t.missing.includes('where it came from')).map((t) => t.ref.name)).toEqual([
      'Gift 1',
      'Gift 2',
      'Gift 3',
    ])
  })
  test('what is borrowed names whose it is and when it goes back', () => {
    const job = recordJob({
      pieces: [pieceWith({ id: 'palm', name: 'Palm', kind: 'plant', there: true })],
      loans: rowsOf('loans', [{ name: 'Palm', pieceId: 'palm', owner: '', reason: 'for the photograph' }]),
    })
    expect(registerOf(job, deriveJob(job, DONE)).things.map((t) => [t.origin, t.missing])).toEqual([
      ['borrowed', ['from whom', 'goes back on']],
    ])
  })
  test('what is hired is complete once a person says whose it is and when it goes back', () => {
    const entry = { pieceId: 'lamp', origin: 'hired' as const, fromWhom: 'A hire shop' }
    const lamp = (backOn: string | null) =>
      register({
        pieces: [pieceWith({ id: 'lamp', name: 'Lamp', kind: 'lamp' })],
        registerEntries: rowsOf('registerEntries', [{ ...entry, backOn }]),
        items: [],
        options: [],
      }).map((t) => t.missing)
    expect(lamp(null)).toEqual([['goes back on']])
    expect(lamp('2026-04-01')).toEqual([[]])
  })
  test('of two entries begun at once for one thing everybody reads the same', () => {
    const two = rowsOf('registerEntries', [
      { id: 'b', pieceId: 'Gift 1', origin: 'bought new' },
      { id: 'a', pieceId: 'Gift 1', origin: 'gift' },
    ])
    for (const registerEntries of [two, [...two].reverse()])
      expect(register({ registerEntries }).find((t) => t.ref.name === 'Gift 1')?.origin).toBe('gift')
  })
})
