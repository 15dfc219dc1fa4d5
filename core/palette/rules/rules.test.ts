import { expect, test } from 'vitest'
import { PALETTE_RULES } from './index.js'

test.each(PALETTE_RULES.map((r) => [r.name, r] as const))(
  '%s: its example trips it, its counterexample does not',
  (_name, rule) => {
    expect(rule.check(rule.examples.trips()).length).toBeGreaterThan(0)
    expect(rule.check(rule.examples.passes())).toEqual([])
  },
)
