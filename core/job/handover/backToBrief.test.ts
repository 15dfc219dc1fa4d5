import { expect, test } from 'vitest'
import { demoJob } from '../../testing/demoJob.js'
import { deriveJob } from '../derive.js'
import { judgeJob } from '../judgeJob.js'
import { backToBrief } from './backToBrief.js'

const TODAY = '2026-11-30'
const told = (job = demoJob()) => {
  const derived = deriveJob(job, TODAY)
  return backToBrief(job, derived, judgeJob(job, derived, TODAY))
}

test('each promise of the brief is gone through once', () => {
  const job = demoJob()
  const promises = told(job)
  expect(new Set(promises.map((p) => p.key)).size).toBe(promises.length)
  const of = (kind: string) => promises.filter((p) => p.kind === kind)
  expect(of('use')).toHaveLength(job.uses.length)
  expect(of('focal point')).toHaveLength(job.focalPoints.length)
  expect(of('constraint')).toHaveLength(job.constraints.length)
  expect(of('intent')).toHaveLength(job.items.filter((i) => i.intent.trim() !== '').length)
  expect(of('budget')).toHaveLength(1)
})
test('something else that keeps its intent is met otherwise, with the difference; one that loses it is open', () => {
  const job = demoJob()
  const states = (intentKept: 'kept' | 'lost') => {
    // The lamp that was planned is the second of its options.
    const items = job.items.map((i) =>
      i.id === 'lamp' ? { ...i, plannedOptionId: 'lamp-b', intent: 'a purpose', intentKept } : i,
    )
    return told({ ...job, items }).find((p) => p.key === 'intent lamp')
  }
  expect(states('kept')).toMatchObject({ state: 'met otherwise' })
  expect(states('kept')?.says).toMatch(/ instead of .*(less|more|same price); the intent is kept$/)
  expect(states('lost')).toMatchObject({ state: 'open' })
})
test('what comes to more than was agreed is open, to the cent', () => {
  const job = demoJob()
  const { position } = deriveJob(job, TODAY)
  const budget = (agreedMinor: number) =>
    told({ ...job, brief: { ...job.brief, agreedMinor }, changeOrders: [] }).find((p) => p.kind === 'budget')
      ?.state
  expect(budget(position.forecastMinor)).toBe('met')
  expect(budget(position.forecastMinor - 1)).toBe('open')
})
