import { describe, expect, test } from 'vitest'
import { prepared } from '../model/prepared.js'
import { arrange, layoutRank } from '../stages/plan/arrange/arrange.js'
import { arrangementChanges, candidates, inputOf } from '../stages/plan/arrange/setOutAnew.js'
import { demoJobs } from '../testing/demoJobs.js'
import { countedOpen } from '../findings/countedOpen.js'
import { judgeWhole } from './fixes/judgeWhole.js'
import { planAfter } from './planAfter.js'
import { planOf } from './planFactsOf.js'

const TODAY = '2026-11-30'

describe.each(demoJobs())('an arrangement of $name', ({ job }) => {
  const facts = planOf(job)
  test('announces what the plan then says, accepted or lamps moved along included', () => {
    if (!facts) return
    const taking = candidates(facts, job.floorPlacements, job.wallPlacements)
    const found = arrange({
      input: inputOf(
        facts,
        taking.map((t) => t.standing),
      ),
      keep: [],
      seed: 2,
      count: 2,
      moves: 4_000,
      runs: 2,
    })
    for (const a of found) {
      const changes = arrangementChanges(a, taking)
      const told = planAfter(job, changes, TODAY)!
      let id = 0
      const { after } = prepared(job, changes, () => `new ${id++}`)
      const there = judgeWhole(after, TODAY).filter((f) => f.rule.startsWith('plan.'))
      expect(told).toEqual(countedOpen(there))
      expect(layoutRank(told)).toBeGreaterThanOrEqual(0)
    }
  })
})

test('what cannot be done announces nothing', () => {
  const { job } = demoJobs()[0]!
  expect(
    planAfter(job, [{ collection: 'floorPlacements', id: 'not there', set: { xMm: 1 } }], TODAY),
  ).toBeUndefined()
})
