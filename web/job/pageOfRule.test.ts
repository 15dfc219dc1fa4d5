import { describe, expect, test } from 'vitest'
import { BRIEF_RULES } from '@bonitas/core/stages/brief/rules/index'
import { INSTALL_RULES } from '@bonitas/core/stages/install/rules/index'
import { RECORD_RULES } from '@bonitas/core/stages/handover/rules/index'
import { MEASURE_RULES } from '@bonitas/core/stages/measure/rules/index'
import { STAGES } from '../stages.js'
import { pageOfRule, PLACED_RULES } from './pageOfRule.js'

describe('the page of a rule', () => {
  test.each(PLACED_RULES)('%s stands on a page of its stage', (rule, page) => {
    const [stage] = rule.split('.')
    expect(STAGES.find((s) => s.path === stage)?.pages.map((p) => p.path)).toContain(page)
    expect(pageOfRule(rule)).toBe(page)
  })

  test('only rules that there are have a page', () => {
    const there = new Set(
      [...BRIEF_RULES, ...MEASURE_RULES, ...INSTALL_RULES, ...RECORD_RULES].map((r) => r.name),
    )
    for (const [rule] of PLACED_RULES) expect(there, rule).toContain(rule)
  })

  test('every other stands on the first page', () => {
    expect(pageOfRule('brief.use-uncovered')).toBe('')
    expect(pageOfRule('measure.not-closed')).toBe('')
  })
})
