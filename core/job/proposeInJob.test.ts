import { expect, test } from 'vitest'
import { demoJobs } from '../testing/demoJobs.js'
import { demoSamples } from '../testing/demoSamples.js'
import { deriveJob } from './derive.js'
import { afterFix } from './fixes/afterFix.js'
import { judged } from './fixes/checkFixes.js'
import { judgeWhole } from './fixes/judgeWhole.js'
import { proposeInJob, worn } from './proposeInJob.js'

const TODAY = '2026-11-01'

test.each(demoJobs())(
  '$name: what is announced of a palette is what is there once it is worn, and no stop comes with it',
  ({ job }) => {
    const { areas } = deriveJob(job, TODAY)
    const held = judged(job, TODAY)
    const told = proposeInJob(held, {
      ...{ areas, lowerWall: job.room.lowerWallMm != null, samples: demoSamples() },
      ...{ seed: 1, count: 3 },
    })
    expect(told.length).toBeGreaterThan(0)
    const stops = new Set(held.findings.filter((f) => f.severity === 'stop').map((f) => f.key))
    for (const p of told) {
      const after = afterFix(job, worn(p, job.brief.id))
      const there = after ? judgeWhole(after, TODAY).filter((f) => !f.accepted) : []
      const keys = new Set(there.map((f) => f.key))
      for (const f of p.findings) expect(keys).toContain(f.key)
      expect(there.filter((f) => f.severity === 'stop' && !stops.has(f.key))).toEqual([])
    }
  },
  60_000,
)

test('a rented home whose letter names the walls alone: nothing else is painted', () => {
  const job = demoJobs().find((j) => j.name.includes('box-room'))?.job
  if (!job) throw new Error('no rented room')
  const told = proposeInJob(judged(job, TODAY), {
    ...{ areas: deriveJob(job, TODAY).areas, lowerWall: false, samples: demoSamples(), seed: 3, count: 2 },
  })
  expect([...new Set(told.flatMap((p) => p.finishes.flatMap((f) => f.surfaces)))]).toEqual(['walls'])
})
