import { describe, expect, test } from 'vitest'
import type { JudgedFinding } from '../../findings/finding.js'
import { FINISHED } from '../../examples/finished/index.js'
import { randomPlan, strewnPlan } from '../../examples/randomPlan.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { demoJobs } from '../../testing/demoJobs.js'
import { afterFix } from './afterFix.js'
import { checkFixes, judged } from './checkFixes.js'
import { judgeWhole } from './judgeWhole.js'

const TODAY = '2026-11-23'
const RANK = { stop: 2, look: 1, note: 0 } as const
const ids = (f: JudgedFinding) => f.about.map((r) => `${r.kind}:${r.id}`)

/**
 * Whether a finding was there before in any form: by its key, or the same rule, as grave, about all of this and more. Told by
 * itself, apart from how the engine compares.
 */
function wasThere(f: JudgedFinding, before: readonly JudgedFinding[]): boolean {
  return before.some(
    (b) =>
      b.key === f.key ||
      (b.rule === f.rule && RANK[b.severity] >= RANK[f.severity] && ids(f).every((i) => ids(b).includes(i))),
  )
}

interface Measured {
  had: number
  without: number
  readonly bad: string[]
}

/** Every fix offered in some jobs, done to a copy of its job out of its file, and what it leaves or makes. */
function measure(jobs: readonly JobSnapshot[]): Measured {
  const found: Measured = { had: 0, without: 0, bad: [] }
  for (const job of jobs) {
    const held = judged(job, TODAY)
    const before = judgeWhole(job, TODAY)
    for (const f of judgeWhole(job, TODAY, true)) {
      if (f.accepted || f.fixes.length === 0) continue
      const { offered } = checkFixes(held, f)
      found.had++
      if (offered.length === 0) found.without++
      for (const { fix, rest } of offered) {
        if (fix.kind === 'answer') continue
        const copy = JSON.parse(JSON.stringify(afterFix(job, fix.changes))) as JobSnapshot
        const after = judgeWhole(copy, TODAY).filter((a) => !a.accepted)
        const fresh = after.filter((a) => RANK[a.severity] >= RANK[f.severity] && !wasThere(a, before))
        if (fresh.length > 0 || (!rest && after.some((a) => a.key === f.key)))
          found.bad.push(`${f.rule}, ${fix.label}: ${fresh.map((a) => a.title).join('; ') || 'still there'}`)
      }
    }
  }
  return found
}

const ROOMS = Number(process.env.BONITAS_ROOMS ?? 4)
const several = (make: (seed: number) => JobSnapshot) =>
  Array.from({ length: ROOMS }, (_n, i) => make(9_000 + i))

describe('of all fixes that are offered none leaves or makes anything as bad', () => {
  test.each([
    ['the demo jobs', demoJobs().map((d) => d.job), 0.3],
    ['finished rooms', FINISHED, 0.5],
    ['strewn rooms', several(strewnPlan), 0.3],
    ['heaped rooms', several(randomPlan), 0.1],
  ] as const)('%s', (_name, jobs, most) => {
    const { had, without, bad } = measure(jobs)
    expect(bad).toEqual([])
    expect(had).toBeGreaterThan(0)
    // And not by silence.
    expect(without / had).toBeLessThanOrEqual(most)
  })
})
