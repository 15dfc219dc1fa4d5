import { ROWS } from '../../model/registry.js'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { RowChange } from '../../findings/finding.js'
import { emptyJob, pieceWith } from '../../examples/emptyJob.js'
import { inScheme } from '../../job/inScheme.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { paletteFacts } from './paletteFacts.js'
import { wearInstead } from './rules/wearInstead.js'
import { summarizeScheme } from './schemeFacts.js'
import { schemeView } from './schemeView.js'
import { copyChanges, dressChanges, firstSchemeChanges, layChanges, removeSchemeChanges } from './wear.js'

const finish = (id: string, role: 'main' | 'stays' = 'main'): JobSnapshot['finishes'][number] => ({
  ...ROWS.finishes.blank(),
  id,
  name: id,
  role,
  labL: 50,
  labA: 0,
  labB: 0,
  colors: [],
  readings: [],
  version: 1,
})
const scheme = (id: string, overId: string | null = null): JobSnapshot['schemes'][number] => ({
  id,
  position: 0,
  name: id,
  note: '',
  overId,
  retired: false,
  storedAt: '',
  version: 1,
})
const laid = (surface: 'walls' | 'floor' | 'ceiling', finishId: string, schemeId: string | null) => ({
  ...ROWS.finishAssignments.blank(),
  id: `${surface} ${schemeId ?? 'all'}`,
  surface,
  finishId,
  schemeId,
  version: 1,
})
const dressed = (schemeId: string, pieceId: string, finishId: string, absent = false) => ({
  id: `${schemeId} ${pieceId}`,
  schemeId,
  pieceId,
  finishId,
  absent,
  costMinor: 1000,
  version: 1,
})

let made = 0
/** The changes carried out, as the store would. */
function after(job: JobSnapshot, changes: readonly RowChange[]): JobSnapshot {
  return changes.reduce<JobSnapshot>((now, c) => {
    const name = c.collection as 'pieces'
    const rows = now[name] as readonly { id: string }[]
    const next =
      'add' in c
        ? [...rows, { id: `made ${++made}`, version: 1, ...c.add }]
        : 'remove' in c
          ? rows.filter((r) => r.id !== c.id)
          : rows.map((r) => (r.id === c.id ? { ...r, ...c.set } : r))
    return { ...now, [name]: next } as unknown as JobSnapshot
  }, job)
}

const job = emptyJob({
  finishes: [finish('oat'), finish('tarn'), finish('plum'), finish('parquet', 'stays')],
  schemes: [scheme('A'), scheme('B'), scheme('winter', 'B')],
  finishAssignments: [laid('floor', 'parquet', null), laid('walls', 'oat', 'A'), laid('walls', 'tarn', 'B')],
  pieces: [
    pieceWith({ id: 'piano', finishId: 'parquet', stays: true }),
    pieceWith({ id: 'cushion', finishId: 'oat' }),
    pieceWith({ id: 'chair', finishId: 'oat' }),
  ],
  schemeOverrides: [
    dressed('B', 'cushion', 'tarn'),
    dressed('winter', 'cushion', 'plum'),
    dressed('A', 'chair', 'oat', true),
  ],
})
const wears = (view: ReturnType<typeof schemeView>) =>
  Object.fromEntries([
    ...view.finishAssignments.map((p) => [p.surface, p.finishId]),
    ...view.pieces.map((p) => [p.id, p.finishId]),
  ]) as Record<string, string>

describe('what a room wears in a scheme', () => {
  test('what stays is shared, the rest is the scheme’s', () => {
    expect(wears(schemeView(job, 'A'))).toEqual({
      floor: 'parquet',
      walls: 'oat',
      piano: 'parquet',
      cushion: 'oat',
    })
    expect(wears(schemeView(job, 'B'))).toEqual({
      floor: 'parquet',
      walls: 'tarn',
      piano: 'parquet',
      cushion: 'tarn',
      chair: 'oat',
    })
  })
  test('a seasonal scheme lies over another', () => {
    expect(wears(schemeView(job, 'winter'))).toMatchObject({ walls: 'tarn', cushion: 'plum' })
  })
  test('no scheme, or one that is gone: what all share', () => {
    expect(wears(schemeView(job, null))).toEqual({
      floor: 'parquet',
      piano: 'parquet',
      cushion: 'oat',
      chair: 'oat',
    })
    expect(wears(schemeView(job, 'gone'))).toEqual(wears(schemeView(job, null)))
  })
  test('other stages go by the scheme that is followed', () => {
    const followed = inScheme({ ...job, brief: { ...job.brief, schemeId: 'A' } })
    expect(followed.pieces.map((p) => p.id)).toEqual(['piano', 'cushion'])
    expect(followed.finishAssignments.map((p) => p.finishId).sort()).toEqual(['oat', 'parquet'])
  })
})

describe('giving a finish', () => {
  const worn = (id: string, schemeId: string) => schemeView(job, schemeId).pieces.find((p) => p.id === id)!
  test('to a piece: only in the scheme followed', () => {
    const next = after(job, dressChanges(job, job.schemes[0], worn('cushion', 'A'), 'plum'))
    expect(wears(schemeView(next, 'A')).cushion).toBe('plum')
    expect(wears(schemeView(next, 'B')).cushion).toBe('tarn')
  })
  test('to a piece that stays: in all', () => {
    const next = after(job, dressChanges(job, job.schemes[0], worn('piano', 'A'), 'plum'))
    expect(wears(schemeView(next, 'B')).piano).toBe('plum')
  })
  test('to a surface: the other schemes keep theirs', () => {
    const next = after(job, layChanges(job, job.schemes[0], 'walls', finish('plum')))
    expect([wears(schemeView(next, 'A')).walls, wears(schemeView(next, 'B')).walls]).toEqual(['plum', 'tarn'])
    const ceiling = after(job, layChanges(job, job.schemes[0], 'ceiling', finish('oat')))
    expect([wears(schemeView(ceiling, 'A')).ceiling, wears(schemeView(ceiling, 'B')).ceiling]).toEqual([
      'oat',
      undefined,
    ])
  })
  test('a finish that stays is laid for all', () => {
    const next = after(job, layChanges(job, job.schemes[0], 'ceiling', finish('parquet', 'stays')))
    expect(wears(schemeView(next, 'B')).ceiling).toBe('parquet')
  })
  test('taking it off', () => {
    expect(wears(schemeView(after(job, layChanges(job, job.schemes[0], 'walls', null)), 'A')).walls).toBe(
      undefined,
    )
  })
})

describe('copying, beginning and removing', () => {
  test('a copy wears what its model wears', () => {
    const next = after(job, copyChanges(job, job.schemes[1]!, 'B, varied', 3, 'copy'))
    expect(wears(schemeView(next, 'copy'))).toEqual(wears(schemeView(job, 'B')))
  })
  test('the first scheme looks as the room did', () => {
    const plain = emptyJob({
      finishes: job.finishes,
      finishAssignments: [laid('floor', 'parquet', null), laid('walls', 'oat', null)],
      pieces: job.pieces,
    })
    const next = after(plain, firstSchemeChanges(plain, 'First', 'first'))
    expect(wears(schemeView(next, 'first'))).toEqual(wears(schemeView(plain, null)))
    expect(next.finishAssignments.find((p) => p.surface === 'walls')!.schemeId).toBe('first')
    expect(next.finishAssignments.find((p) => p.surface === 'floor')!.schemeId).toBeNull()
  })
  test('a scheme removed takes its own with it and nothing else', () => {
    const next = after(job, removeSchemeChanges(job, job.schemes[0]!))
    expect(next.schemes.map((s) => s.id)).toEqual(['B', 'winter'])
    expect(wears(schemeView(next, 'B'))).toEqual(wears(schemeView(job, 'B')))
    expect(next.schemeOverrides.some((d) => d.schemeId === 'A')).toBe(false)
  })
  test('any run of changes in one scheme leaves the others as they were', () => {
    const act = fc.record({
      what: fc.constantFrom('walls', 'ceiling', 'cushion', 'chair'),
      finishId: fc.constantFrom('oat', 'tarn', 'plum'),
    })
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const next = acts.reduce((now, { what, finishId }) => {
          const piece = schemeView(now, 'A').pieces.find((p) => p.id === what)
          return after(
            now,
            what === 'walls' || what === 'ceiling'
              ? layChanges(now, now.schemes[0], what, finish(finishId))
              : piece
                ? dressChanges(now, now.schemes[0], piece, finishId)
                : [],
          )
        }, job)
        expect(wears(schemeView(next, 'B'))).toEqual(wears(schemeView(job, 'B')))
        expect(wears(schemeView(next, 'winter'))).toEqual(wears(schemeView(job, 'winter')))
        const last = acts.filter((a) => a.what === 'cushion').at(-1)
        if (last) expect(wears(schemeView(next, 'A')).cushion).toBe(last.finishId)
      }),
    )
  })
  test('the cost of a seasonal set is that of its own dressings', () => {
    expect(summarizeScheme(job, undefined, job.schemes[2]!).costMinor).toBe(1000)
    expect(
      summarizeScheme({ ...job, schemeOverrides: [] }, undefined, job.schemes[2]!).costMinor,
    ).toBeUndefined()
  })
})

describe('a fix of a finding', () => {
  // A shared wall color and a shared cushion, and the winter set, which lies over B.
  const both = {
    ...job,
    finishAssignments: [
      laid('floor', 'parquet', null),
      laid('walls', 'oat', null),
      laid('walls', 'tarn', 'B'),
    ],
  }
  const fix = (schemeId: string, from: string, to: string) => {
    const facts = paletteFacts(both, undefined, schemeId)
    const called = (id: string) => facts.finishes.find((f) => f.finish.id === id)!
    return wearInstead(facts, called(from), called(to))
  }
  test.each(['A', 'B', 'winter'])(
    'in scheme %s changes that one and no other it does not carry',
    (schemeId) => {
      const worn = new Set(Object.values(wears(schemeView(both, schemeId))))
      const carried = schemeId === 'B' ? ['B', 'winter'] : [schemeId]
      for (const from of ['oat', 'tarn', 'plum'].filter((f) => worn.has(f)))
        for (const to of ['oat', 'tarn', 'plum'].filter((f) => f !== from)) {
          const next = after(both, fix(schemeId, from, to)!.changes)
          expect(Object.values(wears(schemeView(next, schemeId)))).not.toContain(from)
          for (const other of ['A', 'B', 'winter', null].filter((o) => !carried.includes(o ?? '')))
            expect(wears(schemeView(next, other)), `${from} to ${to}, seen in ${other ?? 'all'}`).toEqual(
              wears(schemeView(both, other)),
            )
        }
    },
  )
  test('what stays is not offered another finish', () => expect(fix('A', 'parquet', 'oat')).toBeUndefined())
})
