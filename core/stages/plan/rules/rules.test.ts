import { describe, expect, test } from 'vitest'
import { findingKey } from '../../../findings/finding.js'
import { planOf } from '../../../job/planFactsOf.js'
import { applyFix } from '../../../testing/applyFix.js'
import { jobOfExample } from '../../../examples/plan/example.js'
import { PLAN_EXAMPLES } from '../../../examples/plan/index.js'
import { PLAN_RULES } from './index.js'

describe.each(PLAN_RULES.map((r) => [r.name, r] as const))('%s', (name, rule) => {
  test('every way out, carried out, makes its finding go away', () => {
    const facts = PLAN_EXAMPLES[name]!.violates()
    const job = jobOfExample(facts)!
    for (const finding of rule.check(facts))
      for (const fix of finding.fixes) {
        const after = planOf(applyFix(job, fix))!
        const left = rule.check(after).map(findingKey)
        expect(left, `${finding.title}: ${fix.label}`).not.toContain(findingKey(finding))
      }
  })
})
