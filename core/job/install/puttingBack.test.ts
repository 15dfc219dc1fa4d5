import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { installJob, type InstallRoom } from '../../examples/install/example.js'
import { addDays } from '../../kernel/units/days.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { deriveJob } from '../derive.js'
import { takeoffsOf } from '../takeoffsOf.js'
import { deriveInstall } from './deriveInstall.js'
import type { PuttingBackPlan } from './puttingBackPlan.js'

const TODAY = '2026-03-02'
const rented = (room: InstallRoom): JobSnapshot => {
  const job = installJob(room)
  return { ...job, schools: { ...job.schools, tenure: 'rented' } }
}
function planOf(job: JobSnapshot, today = TODAY): PuttingBackPlan {
  const derived = deriveJob(job, today)
  return deriveInstall(job, derived, takeoffsOf(job, derived.measure), today).putBack
}
const SHELF = {
  id: 's',
  name: 'Shelf',
  kind: 'shelves',
  fixing: 'screwed to the wall',
  wallId: 'north',
} as const
const names = (plan: PuttingBackPlan) => plan.plan.tasks.map((t) => t.task.name)

describe('what is put back', () => {
  test('a shelf: down, filled, touched in the day after; pictures and a walk round last', () => {
    const plan = planOf(rented({ pieces: [SHELF], brief: { leaseEndsOn: '2026-03-31' } }))
    expect(names(plan)).toEqual([
      'Shelf: taken down',
      'Shelf: holes filled, sanded',
      'Shelf: touched in',
      'Pictures of the room as it is given back',
      'Walk round with the landlord, keys, readings',
    ])
    const on = (name: string) => plan.plan.tasks.find((t) => t.task.name.endsWith(name))!
    expect(on('touched in').start.day > on('filled, sanded').finish.day).toBe(true)
    // The 31st is a Tuesday: begun on the Monday it is over in time.
    expect(plan.beginBy).toBe('2026-03-30')
    expect(plan.plan.readyOn).toBe('2026-03-31')
  })
  test('a deep wall is primed and painted twice, and nothing on it is touched in by itself', () => {
    const plan = planOf(
      rented({
        painted: ['walls'],
        finish: { labL: 20, labA: -20, labB: 10 },
        pieces: [SHELF],
        brief: { leaseEndsOn: '2026-03-31' },
      }),
    )
    expect(names(plan).filter((n) => /primed|pale coat/.test(n))).toHaveLength(3)
    expect(names(plan).some((n) => n.includes('touched in'))).toBe(false)
  })
  test('an owned room is not put back by a day', () => {
    const job = installJob({ pieces: [SHELF], brief: { leaseEndsOn: '2026-03-31' } })
    expect(planOf({ ...job, schools: { ...job.schools, tenure: 'owned' } }).plan.tasks).toEqual([])
  })
  test('what is done is not planned again; what is left out is gone', () => {
    const at = (tasks: InstallRoom['tasks']) =>
      planOf(rented({ pieces: [SHELF], brief: { leaseEndsOn: '2026-03-31' }, tasks: tasks! }))
    expect(at([{ key: 'back|touch|piece:s', leftOut: true }]).plan.tasks).toHaveLength(4)
    const all = at([]).plan.tasks.map((t) => ({ key: t.task.key, doneOn: TODAY }))
    expect(at(all).beginBy).toBeUndefined()
  })
})

describe('nobody is sent into danger', () => {
  const tasksOf = (room: InstallRoom) =>
    planOf(rented({ brief: { leaseEndsOn: '2026-03-31' }, ...room })).plan.tasks.map((t) => t.task)
  test('whatever is sanded asks the age of the paint under it', () => {
    const deep = { painted: ['walls'], finish: { labL: 20, labA: -20, labB: 10 } }
    const sanded = tasksOf({ ...deep, pieces: [SHELF] }).filter((t) => /sanded/.test(t.name))
    expect(sanded.map((t) => t.name).sort()).toEqual([
      'Oat on Walls: washed and sanded',
      'Shelf: holes filled, sanded',
    ])
    for (const t of sanded) expect(t.asks).toMatch(/lead/)
  })
  test.each([
    [40_000, 2],
    [3_000, 1],
    // Of unknown weight: by what it is.
    [null, 2],
  ] as const)('shelves of %s g are taken down by %i', (weightG, hands) =>
    expect(tasksOf({ pieces: [{ ...SHELF, weightG }] }).find((t) => /taken down/.test(t.name))?.hands).toBe(
      hands,
    ),
  )
  test('a lamp’s original is put back with the power off; what is wired in by its licensed trade', () => {
    const lamp = {
      id: 'l',
      name: 'Shade',
      kind: 'lamp',
      fixing: 'on what is there',
      originalAt: 'cupboard',
    } as const
    expect(tasksOf({ pieces: [lamp] }).find((t) => /original/.test(t.name))?.asks).toMatch(/power off/)
    expect(
      tasksOf({ pieces: [{ ...lamp, fixing: 'wired in' }] }).find((t) => /original/.test(t.name))?.skill,
    ).toBe('electrician')
  })
  test('a wall nobody measured is not painted in five minutes', () => {
    const job = rented({
      painted: ['walls'],
      finish: { labL: 20, labA: -20, labB: 10 },
      brief: { leaseEndsOn: '2026-03-31' },
    })
    const coats = planOf({ ...job, walls: job.walls.slice(0, 2) }).plan.tasks.filter((t) =>
      /pale coat/.test(t.task.name),
    )
    expect(coats.map((t) => t.task.estimate.likely)).toEqual([240, 240])
  })
})

describe('the last day to begin', () => {
  const rooms = fc.record({
    fixings: fc.array(fc.constantFrom('screwed to the wall', 'wired in', 'glued down', 'adhesive strips'), {
      minLength: 1,
      maxLength: 5,
    }),
    painted: fc.boolean(),
    ends: fc.integer({ min: 1, max: 60 }),
    closed: fc.array(fc.integer({ min: 0, max: 60 }), { maxLength: 6 }),
  })
  test('begun on it, all is over by the end of the lease; a day later it is not', () => {
    fc.assert(
      fc.property(rooms, ({ fixings, painted, ends, closed }) => {
        const leaseEndsOn = addDays(TODAY, ends)
        const job = rented({
          pieces: fixings.map((fixing, i) => ({
            ...{ id: `p${i}`, name: `Thing ${i}`, kind: 'lamp' as const, fixing, wallId: 'north' },
          })),
          ...(painted ? { painted: ['walls'], finish: { labL: 20, labA: -20, labB: 10 } } : {}),
          closures: closed.map((n) => ({ fromOn: addDays(TODAY, n), untilOn: addDays(TODAY, n) })),
          brief: { leaseEndsOn },
        })
        const { beginBy } = planOf(job)
        if (beginBy === undefined) return
        const from = (day: string) => planOf(job, day).plan.readyOn ?? '9'
        expect(from(beginBy) <= leaseEndsOn).toBe(true)
        expect(from(addDays(beginBy, 1)) > leaseEndsOn).toBe(true)
      }),
      { numRuns: 40 },
    )
  })
})
