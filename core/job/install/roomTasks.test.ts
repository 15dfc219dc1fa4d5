import { describe, expect, test } from 'vitest'
import { installExample, installJob, MONDAY, type InstallRoom } from '../../examples/install/example.js'
import type { ExamplePiece } from '../../examples/plan/example.js'
import type { Step } from '../../model/vocabulary/install.js'
import { readiness } from '../../stages/install/readiness.js'
import { INSTALL_RULES } from '../../stages/install/rules/index.js'
import { workPlan } from '../../stages/install/workPlan.js'
import { deriveJob } from '../derive.js'
import { takeoffsOf } from '../takeoffsOf.js'
import { planInputOf } from './deriveInstall.js'

const there = (id: string, more: Partial<ExamplePiece>): ExamplePiece => ({
  ...{
    id,
    name: id,
    kind: 'shelves',
    there: true,
    verdict: 'keep',
    widthMm: 800,
    depthMm: 300,
    heightMm: 900,
  },
  ...more,
})
const tasks = (room: InstallRoom) => installExample(room).plan.tasks.map((t) => t.task)
const task = (room: InstallRoom, key: string) => tasks(room).find((t) => t.key === key)
const found = (room: InstallRoom) => INSTALL_RULES.flatMap((r) => r.check(installExample(room)))

describe('what is carried out while the room is worked in', () => {
  const out = (piece: ExamplePiece, painted: readonly string[] = ['wall:north']) =>
    task({ painted, pieces: [piece] }, 'clear')?.pieceIds ?? []
  test.each([
    ['stands free', {}, ['a']],
    ['may not be moved', { stays: true }, []],
    ['screwed to the wall that is painted', { fixing: 'screwed to the wall', wallId: 'north' }, ['a']],
    ['screwed to a wall that is not', { fixing: 'screwed to the wall', wallId: 'south' }, []],
    ['screwed to a wall nobody named', { fixing: 'screwed to the wall' }, []],
    ['hangs where it is painted', { kind: 'picture', hang: { wallId: 'north' } }, ['a']],
    ['goes on hanging', { kind: 'picture', hang: { wallId: 'south' } }, []],
    ['plumbed in', { fixing: 'plumbed in', wallId: 'north' }, []],
  ] as const)('%s', (_, more, ids) => expect(out(there('a', more))).toEqual(ids))
  test('all of it comes back: set down, hung, or fixed', () => {
    const room: InstallRoom = {
      painted: ['walls'],
      pieces: [
        there('free', {}),
        there('screwed', { fixing: 'screwed to the wall', wallId: 'north' }),
        there('hung', { kind: 'picture', hang: { wallId: 'east' } }),
      ],
    }
    const back = tasks(room).filter((t) => ['furnish', 'fit', 'hang'].includes(t.step))
    expect(back.flatMap((t) => t.pieceIds).sort()).toEqual(['free', 'hung', 'screwed'])
  })
  test('where nothing is made new nothing is carried out, and what goes is', () => {
    expect(task({ pieces: [there('a', {})] }, 'clear')).toBeUndefined()
    expect(task({ pieces: [there('a', { verdict: 'let go' })] }, 'clear')?.pieceIds).toEqual(['a'])
  })
})

describe('what is dangerous is asked, and left to whoever may', () => {
  test('what goes and is wired in is taken off by an electrician before the room is cleared', () => {
    const room: InstallRoom = {
      pieces: [there('lamp', { kind: 'lamp', fixing: 'wired in', wallId: 'north', verdict: 'let go' })],
      brief: { installOn: '2026-05-01' },
    }
    const off = task(room, 'disconnect|piece:lamp')
    expect(off?.skill).toBe('electrician')
    expect(off?.caution).toMatch(/power off.*proved dead/)
    const planned = installExample(room).plan.tasks
    const at = (key: string) => planned.find((t) => t.task.key === key)
    expect(at('clear')?.waits.map((w) => w.key)).toContain('disconnect|piece:lamp')
    expect(found(room).map((f) => f.rule)).toContain('install.licensed')
  })
  test('a heavy picture is hung by two', () => {
    const picture = (weightG: number) =>
      task(
        { pieces: [there('a', { kind: 'picture', there: false, verdict: null, weightG, hang: {} })] },
        'hang|wall:north',
      )?.hands
    expect([picture(3000), picture(30_000)]).toEqual([1, 2])
  })
  test('a task of one’s own is asked what its step asks', () => {
    const own = tasks({ tasks: [{ id: 'o', key: 'own', name: '', step: 'sand' }] }).find(
      (t) => t.key === 'own|o',
    )
    expect(own?.asks).toMatch(/lead/)
    expect(own?.name).toBe('Sand')
  })
  test.each([
    [[], false],
    [[{ id: 'p', name: 'Ada', kind: 'child', ageYears: 2, minds: [] }], true],
    [[{ id: 'p', name: 'Ada', kind: 'cat', minds: [] }], true],
    [[{ id: 'p', name: 'Ada', kind: 'adult', minds: [] }], false],
  ] as const)('on a ladder with %j about', (people, said) => {
    const coat = task({ painted: ['ceiling'], people: people as never }, 'coat|ceiling|finish:oat|1')
    expect(coat?.caution).toMatch(/second person/)
    expect(coat?.caution?.includes('Ada')).toBe(said)
  })
})

describe('when nobody has time', () => {
  const room: InstallRoom = {
    painted: ['walls'],
    closures: [{ what: 'Away', fromOn: '2026-01-01', untilOn: '2100-01-01' }],
    brief: { installOn: '2026-05-01' },
  }
  test('it is a stop, and no day is made up', () => {
    expect(installExample(room).plan.readyOn).toBeUndefined()
    expect(found(room)).toContainEqual(
      expect.objectContaining({ rule: 'install.nobody-works', severity: 'stop' }),
    )
  })
  test('runs of it end, and none is in time', () => {
    const job = installJob(room)
    const derived = deriveJob(job, MONDAY)
    const input = planInputOf(job, derived, takeoffsOf(job, derived.measure), MONDAY)
    const more = { installOn: job.brief.installOn, seed: 1, runs: 50, told: () => undefined }
    expect(readiness(input, workPlan(input), more)).toMatchObject({
      chance: 0,
      byDay: [],
      eightyOn: undefined,
    })
  })
  test('somebody without hours is passed over for whoever has some', () => {
    const none = {
      ...room,
      closures: [],
      crew: [{ name: 'Painter', skills: ['painter' as const], weekdays: [] }],
    }
    expect(installExample(none).plan.readyOn).toBeDefined()
    expect(found(none).map((f) => f.title)).toContain('Painter has no hours')
  })
})

test('a count of twelve takes as long as twelve rows, and finds the same', () => {
  const chair = (id: string, count: number): ExamplePiece => ({
    ...{ id, name: 'Chair', kind: 'chair', count, widthMm: 450, depthMm: 500, heightMm: 800, weightG: 4000 },
  })
  const one = { painted: ['walls'], pieces: [chair('c', 12)], brief: { installOn: '2026-05-01' } }
  const twelve = { ...one, pieces: Array.from({ length: 12 }, (_, i) => chair(`c${i}`, 1)) }
  const work = (room: InstallRoom) => tasks(room).reduce((sum, t) => sum + t.estimate.likely, 0)
  expect(work(twelve)).toBe(work(one))
  expect(found(twelve).map((f) => f.rule)).toEqual(found(one).map((f) => f.rule))
})

describe('what is not done at the same time', () => {
  const days = (notWhile: readonly Step[]) => {
    const own = { key: 'own', elsewhere: true, minutes: 480 }
    const plan = installExample({
      crew: [
        { name: 'Painter', skills: ['painter'] },
        { name: 'Upholsterer', skills: ['upholsterer'] },
      ],
      tasks: [
        { ...own, id: 'spray', name: 'Fronts sprayed in the yard', step: 'coat', notWhile: [...notWhile] },
        { ...own, id: 'sew', name: 'Curtains sewn in the yard', step: 'workshop' },
      ],
    }).plan
    return plan.tasks.map((t) => t.start.day).sort()
  }
  test('two people work on two things elsewhere on one day', () => expect(new Set(days([])).size).toBe(1))
  test('unless one is not to be done while the other is', () =>
    expect(new Set(days(['workshop'])).size).toBe(2))
  test('two who hang things in two rooms share the one ladder', () => {
    const hang = (id: string, step: Step, crewId: string) => ({
      ...{ id, key: 'own', name: id, elsewhere: true, minutes: 480 },
      ...{ step, crewId },
    })
    const days = (second: Step) => {
      const { plan } = installExample({
        crew: [
          { id: 'one', name: 'One', skills: ['decorator'] },
          { id: 'two', name: 'Two', skills: ['decorator'] },
        ],
        tasks: [hang('Pictures in the stairwell', 'hang', 'one'), hang('In the hall', second, 'two')],
      })
      return new Set(plan.tasks.map((t) => t.start.day)).size
    }
    expect(days('curtains')).toBe(2)
    expect(days('workshop')).toBe(1)
  })
  test('what is named and not there holds nothing up', () => expect(days(['tile'])).toEqual(days([])))
})
