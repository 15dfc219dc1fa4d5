import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { demoJobs } from '../../testing/demoJobs.js'
import { GAP_KINDS } from '../../model/vocabulary/handover.js'
import type { Lesson } from '../../model/lesson.js'
import { ENOUGH_JOBS, usualFigure } from '../../model/usualFigure.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { oneThing } from '../../model/oneThing.js'
import { deriveJob } from '../derive.js'
import { judgeWhole } from '../fixes/judgeWhole.js'
import { inScheme } from '../inScheme.js'
import { asTask } from '../install/drafts.js'
import { roomTasks } from '../install/roomTasks.js'
import { usually } from '../install/usually.js'
import { takeoffsOf } from '../takeoffsOf.js'
import { gapsOf } from './gapsOf.js'
import { lessonsOf } from './lessonsOf.js'
import { registerOf } from './registerOf.js'

const CLOSED = '2026-10-23'
/** The demo's closed job as it stood when it was closed. */
const done = (): JobSnapshot => {
  const { job } = demoJobs().find((j) => j.name.startsWith('5'))!
  return { ...job, brief: { ...job.brief, closedOn: null } }
}
const gaps = (job: JobSnapshot) => {
  const derived = deriveJob(job, CLOSED)
  const tasks = roomTasks(inScheme(oneThing(job)), derived, takeoffsOf(job, derived.measure))
  return gapsOf({ job, derived, findings: judgeWhole(job, CLOSED), tasks })
}
const texts = (job: JobSnapshot) => gaps(job).map((g) => `${g.kind}: ${g.text}`)

describe('what is open at closing', () => {
  test('the demo was closed with one thing open, and it is written down just so', () => {
    const { job } = demoJobs().find((j) => j.name.startsWith('5'))!
    expect(job.brief.closedGaps.map((g) => `${g.kind}: ${g.text}`)).toEqual(texts(done()))
    expect(job.brief.closedGaps).toHaveLength(1)
  })
  test('each kind of thing that opens is named, and nothing else', () => {
    const job = done()
    const before = texts(job)
    const more = (changed: Partial<JobSnapshot>) =>
      texts({ ...job, ...changed }).filter((text) => !before.includes(text))
    expect(
      more({ entries: job.entries.filter((e) => !(e.kind === 'payment' && e.lineId === 'line-table')) }),
    ).toEqual([
      expect.stringMatching(/^money: Order 1, Sawpit Table Makers: €1,840 to pay$/),
      expect.stringMatching(/^money: €1,840 of the client’s money in hand$/),
    ])
    expect(
      more({ entries: job.entries.filter((e) => !(e.kind === 'delivery' && e.lineId === 'line-curtains')) }),
    ).toEqual(['goods: Curtains: 1 to come'])
    expect(more({ receipts: job.receipts.slice(1) })).toEqual([
      'papers: Order 1, Sawpit Table Makers: no receipt or invoice',
    ])
    expect(more({ finishRecords: job.finishRecords.map((r) => ({ ...r, batch: '' })) })).toEqual(
      job.finishes.filter((f) => f.material === 'paint').map((f) => `records: ${f.name}: batch not known`),
    )
  })
  test('every gap says where it is settled, is told once, and is of a known kind', () => {
    for (const { job } of demoJobs()) {
      const all = gaps(job)
      expect(new Set(all.map((g) => g.key)).size).toBe(all.length)
      for (const g of all) {
        expect(GAP_KINDS).toContain(g.kind)
        expect(g.at).toMatch(/^(brief|source|ledger|install|handover)/)
        expect(g.text.length).toBeLessThanOrEqual(400)
      }
    }
  })
  test('whatever is taken out of the registers: without a gap among the records every register is complete', () => {
    const job = done()
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { minLength: 12, maxLength: 12 }),
        fc.subarray(['fromWhom', 'link'] as const),
        (kept, lost) => {
          const cut: JobSnapshot = {
            ...job,
            finishRecords: job.finishRecords.filter((_r, i) => kept[i]),
            options: job.options.map((o, i) =>
              kept[2 + i] === true
                ? o
                : {
                    ...o,
                    ...(lost.includes('fromWhom') ? { supplierId: null } : {}),
                    ...(lost.includes('link') ? { catalogKey: '' } : {}),
                  },
            ),
          }
          const { things, finishes } = registerOf(cut, deriveJob(cut, CLOSED))
          const open = [
            ...things.filter((t) => t.missing.length > 0).map((t) => `${t.ref.kind}:${t.ref.id}`),
            ...finishes.filter((f) => f.missing.length + f.asked.length > 0).map((f) => `finish:${f.id}`),
          ]
          expect(
            gaps(cut)
              .filter((g) => g.kind === 'records')
              .map((g) => g.key),
          ).toEqual(open)
        },
      ),
      { numRuns: 12 },
    )
  })
})

describe('what a job teaches', () => {
  const learned = (job: JobSnapshot) => {
    const derived = deriveJob(job, CLOSED)
    return lessonsOf(job, derived, takeoffsOf(job, derived.measure))
  }
  const of = (lessons: readonly Lesson[], kind: Lesson['kind'], name: string) =>
    lessons.find((l) => l.kind === kind && l.of === name)
  test('hours by step, days by supplier, prices by category, each planned beside what it came to', () => {
    const all = learned(done())
    expect(of(all, 'lead time', 'Weft & Harbor')).toMatchObject({ planned: 28, actual: 32 })
    // Two orders of the table maker on one day: 56 + 42 named, 63 + 66 waited.
    expect(of(all, 'lead time', 'Sawpit Table Makers')).toMatchObject({ planned: 98, actual: 129 })
    expect(of(all, 'price', 'textiles')).toMatchObject({ planned: 72_000, actual: 69_500 })
    expect(of(all, 'hours', 'coat')!.actual).toBeGreaterThan(of(all, 'hours', 'coat')!.planned)
  })
  test('what nobody timed, counted or planned teaches nothing', () => {
    const job = done()
    const untimed = { ...job, tasks: job.tasks.map((t) => ({ ...t, spentMinutes: null })) }
    expect(learned(untimed).filter((l) => l.kind === 'hours')).toEqual([])
    const uncounted = { ...job, finishRecords: job.finishRecords.map((r) => ({ ...r, leftMl: null })) }
    expect(learned(uncounted).filter((l) => l.kind === 'waste')).toEqual([])
    const unpriced = { ...job, items: job.items.map((i) => ({ ...i, targetMinor: 0 })) }
    expect(learned(unpriced).filter((l) => l.kind === 'price')).toEqual([])
  })
  test('a person’s own estimate, and what earlier jobs taught, do not bend what is learned', () => {
    const job = done()
    const hours = (j: JobSnapshot) => learned(j).filter((l) => l.kind === 'hours')
    const typed = {
      ...job,
      tasks: job.tasks.map((t) => ({ ...t, minutes: t.key === 'own' ? t.minutes : 999 })),
    }
    expect(hours(typed)).toEqual(hours(job))
    const taught = Array.from({ length: 4 }, (): Lesson => ({
      kind: 'hours',
      of: 'coat',
      planned: 1,
      actual: 3,
    }))
    expect(hours({ ...job, lessons: taught })).toEqual(hours(job))
  })
})

describe('the usual figure', () => {
  const lessons = (ratios: readonly number[]): Lesson[] =>
    ratios.map((r) => ({ kind: 'hours', of: 'coat', planned: 100, actual: 100 * r }))
  const ratio = fc.double({ min: 0.2, max: 5, noNaN: true })
  test('lies in its spread, whatever the order the jobs were closed in', () => {
    fc.assert(
      fc.property(fc.array(ratio, { minLength: 1, maxLength: 12 }), (ratios) => {
        const figure = usualFigure(lessons(ratios), 'hours', 'coat')!
        expect(figure.jobs).toBe(ratios.length)
        expect(figure.low).toBeLessThanOrEqual(figure.middle)
        expect(figure.middle).toBeLessThanOrEqual(figure.high)
        expect(usualFigure(lessons([...ratios].reverse()), 'hours', 'coat')).toEqual(figure)
      }),
    )
  })
  test('one job that went wrong moves it little', () => {
    const figure = usualFigure(lessons([1, 1.1, 0.9, 1.05, 9]), 'hours', 'coat')!
    expect(figure.middle).toBe(1.05)
    expect(figure.high).toBeLessThan(2)
  })
  test('of what no closed job knows there is none', () => {
    expect(usualFigure(undefined, 'hours', 'coat')).toBeUndefined()
    expect(usualFigure(lessons([1]), 'price', 'coat')).toBeUndefined()
  })

  const task = asTask({ key: 'k', step: 'coat', name: 'Coat', because: [], minutes: 120, places: [] })
  test('from three jobs on the plan is made with it; before, it is only told', () => {
    const two = usually(task, lessons([1.5, 1.5]))
    expect([two.estimate, two.usual?.jobs]).toEqual([task.estimate, 2])
    const three = usually(task, lessons([1.2, 1.5, 2]))
    expect(three.estimate.likely).toBe(180)
    expect(three.estimate.worst).toBeGreaterThanOrEqual(240)
    expect(usually(task, lessons(Array<number>(ENOUGH_JOBS).fill(1))).estimate).toEqual(task.estimate)
  })
  test('best is never over the likeliest, nor the worst under it', () => {
    fc.assert(
      fc.property(fc.array(ratio, { minLength: 3, maxLength: 9 }), (ratios) => {
        const { best, likely, worst } = usually(task, lessons(ratios)).estimate
        expect(best).toBeLessThanOrEqual(likely)
        expect(likely).toBeLessThanOrEqual(worst)
      }),
    )
  })
})
