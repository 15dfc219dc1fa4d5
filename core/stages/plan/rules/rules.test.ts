import { describe, expect, test } from 'vitest'
import { findingKey } from '../../../findings/finding.js'
import { planOf } from '../../../job/planFactsOf.js'
import { applyMend } from '../../../testing/applyMend.js'
import { jobOfExample } from './example.js'
import { PLAN_RULES } from './index.js'

describe.each(PLAN_RULES.map((r) => [r.name, r] as const))('%s', (_name, rule) => {
  test('trips on one example and passes the other', () => {
    const found = rule.check(rule.examples.trips())
    expect(found.length).toBeGreaterThan(0)
    expect(found.every((f) => f.rule === rule.name)).toBe(true)
    expect(rule.check(rule.examples.passes())).toEqual([])
  })
  test('every way out, carried out, makes its finding go away', () => {
    const facts = rule.examples.trips()
    const job = jobOfExample(facts)!
    for (const finding of rule.check(facts))
      for (const mend of finding.mends) {
        const after = planOf(applyMend(job, mend))!
        const left = rule.check(after).map(findingKey)
        expect(left, `${finding.title}: ${mend.label}`).not.toContain(findingKey(finding))
      }
  })
})

test('every name is used once, and each rule says its numbers and source', () => {
  expect(new Set(PLAN_RULES.map((r) => r.name)).size).toBe(PLAN_RULES.length)
  for (const r of PLAN_RULES) expect([r.title, r.numbers, r.source].every((t) => t.length > 5)).toBe(true)
})
