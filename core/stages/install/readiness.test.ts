import { expect, test } from 'vitest'
import { installJob, MONDAY } from '../../examples/install/example.js'
import { deriveJob } from '../../job/derive.js'
import { planInputOf } from '../../job/install/deriveInstall.js'
import { takeoffsOf } from '../../job/takeoffsOf.js'
import { readiness } from './readiness.js'
import { workPlan } from './workPlan.js'

function plan(installOn: string) {
  const job = installJob({ painted: ['walls', 'ceiling', 'trim'], brief: { installOn } })
  const derived = deriveJob(job, MONDAY)
  const input = planInputOf(job, derived, takeoffsOf(job, derived.measure), MONDAY)
  return { input, plan: workPlan(input), installOn }
}
const run = (installOn: string, seed = 1) => {
  const made = plan(installOn)
  const told: number[] = []
  const found = readiness(made.input, made.plan, { installOn, seed, runs: 2000, told: (d) => told.push(d) })
  return { ...found, told }
}

test('long before there is time enough, and never before the work could be done at best', () => {
  expect(run('2026-05-01').chance).toBe(1)
  expect(run('2026-03-02').chance).toBe(0)
})
test('the chance grows with the day, all runs are told, and 80 in 100 end by the day that says so', () => {
  const days = ['2026-03-06', '2026-03-09', '2026-03-10', '2026-03-11', '2026-03-12', '2026-03-16']
  const chances = days.map((d) => run(d).chance ?? 0)
  expect([...chances].sort((x, y) => x - y)).toEqual(chances)
  const { byDay, eightyOn, told, runs } = run('2026-03-10')
  expect(byDay.reduce((sum, d) => sum + d.runs, 0)).toBe(runs)
  expect(run(eightyOn ?? '').chance).toBeGreaterThanOrEqual(0.8)
  expect(told.at(-1)).toBe(1)
  expect([...told].sort((x, y) => x - y)).toEqual(told)
})
test('what is on order comes late as often as suppliers do, and a call that makes it come on its day helps', () => {
  const job = installJob({
    items: [{ id: 'chair', name: 'Chair', pieceKind: 'armchair', chosenOptionId: 'a' }],
    options: [{ id: 'a', itemId: 'chair', name: 'Chair', leadDays: 14 }],
    brief: { installOn: '2026-03-18' },
  })
  const derived = deriveJob(job, MONDAY)
  const input = planInputOf(job, derived, takeoffsOf(job, derived.measure), MONDAY)
  const found = readiness(input, workPlan(input), {
    ...{ installOn: job.brief.installOn, seed: 1, runs: 4000, told: () => undefined },
  })
  // Comes on Monday the 16th at the earliest, ready on the 17th or 18th: six of ten, and those a day late.
  expect(found.chance).toBeGreaterThan(0.55)
  expect(found.chance).toBeLessThan(0.75)
  const call = found.helps.find((h) => h.kind === 'on its day')
  expect(call?.chance).toBe(1)
})
test('what would help makes it no later, and the same seed says the same', () => {
  const day = run('2026-03-10').eightyOn ?? ''
  const { chance, helps, decides } = run(day)
  expect(decides.length).toBeGreaterThan(0)
  expect(helps.length).toBeGreaterThan(0)
  // A quarter of the runs: three standard errors.
  for (const h of helps) expect(h.chance).toBeGreaterThanOrEqual((chance ?? 0) - 3 * Math.sqrt(0.25 / 500))
  expect(run(day)).toEqual(run(day))
})
