import { describe, expect, test } from 'vitest'
import { emptyJob } from '../examples/emptyJob.js'
import { PLAN_RULES } from '../stages/plan/rules/index.js'
import { demoJobs } from '../testing/demoJobs.js'
import { judgeWhole } from './fixes/judgeWhole.js'
import { lookedFor } from './lookedFor.js'

const NONE = emptyJob().schools

describe('what was looked for and not found', () => {
  test('leaves out what was found, once however often', () => {
    const all = lookedFor('plan', [], NONE)
    const walk = PLAN_RULES.find((r) => r.name === 'plan.walk')!.title
    expect(all).toContain(walk)
    expect(lookedFor('plan', [{ rule: 'plan.walk' }, { rule: 'plan.walk' }], NONE)).toEqual(
      all.filter((title) => title !== walk),
    )
  })

  test('a rule of a school is named when the job has chosen it', () => {
    const title = PLAN_RULES.find((r) => r.name === 'plan.eye-line')!.title
    expect(lookedFor('plan', [], NONE)).not.toContain(title)
    expect(lookedFor('plan', [], { ...NONE, hanging: 'centers on one eye line' })).toContain(title)
  })

  test.each(demoJobs())('with what was found it makes up the rules that apply: $name', ({ job }) => {
    const found = judgeWhole(job, '2026-11-30')
    for (const stage of ['brief', 'measure', 'palette', 'plan', 'source', 'ledger']) {
      const of = found.filter((f) => f.rule.startsWith(`${stage}.`))
      const applying = lookedFor(stage, [], job.schools).length
      expect(lookedFor(stage, of, job.schools)).toHaveLength(applying - new Set(of.map((f) => f.rule)).size)
    }
  })

  test('of a stage that has no rules there is nothing', () =>
    expect(lookedFor('take-off', [], NONE)).toEqual([]))
})
