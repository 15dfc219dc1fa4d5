import { describe, expect, test } from 'vitest'
import { FINISHED } from '../examples/finished/index.js'
import { randomPlan, strewnPlan } from '../examples/randomPlan.js'
import { jobOfExample } from '../examples/plan/example.js'
import { PLAN_EXAMPLES } from '../examples/plan/index.js'
import type { JudgedFinding } from '../findings/finding.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { demoJobs } from '../testing/demoJobs.js'
import {
  idsChanged,
  inSystem,
  mirrored,
  oneByOne,
  quarterTurned,
  renamed,
  reversed,
  type SaidOtherwise,
} from '../testing/relations.js'
import { judgeWhole } from './fixes/judgeWhole.js'

// What is found in a room depends on the room alone: not on ids, names, the order of entry, the system of units, the side a
// mirror shows or where its measuring began.

const TODAY = '2026-11-30'
const RANDOM = Number(process.env.BONITAS_ROOMS ?? 12)

const ROOMS: readonly { readonly name: string; readonly job: JobSnapshot }[] = [
  ...demoJobs(),
  ...FINISHED.map((job) => ({ name: job.brief.roomName, job })),
  // What hardly comes about by chance: each rule of the plan broken.
  ...Object.entries(PLAN_EXAMPLES).flatMap(([name, { violates }]) => {
    const job = jobOfExample(violates())
    return job ? [{ name, job }] : []
  }),
  ...Array.from({ length: RANDOM }, (_, n) => ({ name: `heaped ${n}`, job: randomPlan(n) })),
  ...Array.from({ length: RANDOM }, (_, n) => ({ name: `strewn ${n}`, job: strewnPlan(n) })),
]

/** What a finding is: its weight, its rule and what it is about, whatever it says. */
const what = (f: JudgedFinding, back: (id: string) => string) =>
  `${f.severity} ${f.rule} | ${[...new Set(f.about.map((r) => `${r.kind}:${back(r.id)}`))].sort().join(' ')}`

const RELATIONS: Readonly<
  Record<string, { readonly say: (job: JobSnapshot) => SaidOtherwise | undefined; readonly count?: 'once' }>
> = {
  'other ids': { say: idsChanged },
  'names that say nothing': { say: renamed(false) },
  'one name for all': { say: renamed(true) },
  'lists in the other order': { say: reversed },
  'in feet and inches': { say: inSystem('imperial') },
  'in a mirror': { say: mirrored },
  'begun at its second wall': { say: (job) => quarterTurned(job, TODAY) },
  'many as rows of one': { say: oneByOne, count: 'once' },
}

describe.each(Object.entries(RELATIONS))('a room said otherwise: %s', (_, { say, count }) => {
  test.each(ROOMS)('$name', ({ job }) => {
    const said = say(job)
    if (!said) return
    const list = (of: JobSnapshot, back: (id: string) => string) => {
      const all = judgeWhole(of, TODAY).map((f) => what(f, back))
      return (count ? [...new Set(all)] : all).sort()
    }
    expect(list(said.job, said.back)).toEqual(list(said.base, (id) => id))
  })
})
