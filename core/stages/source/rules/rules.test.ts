import { expect, test } from 'vitest'
import { SOURCE_RULES } from './index.js'

test.each(SOURCE_RULES.map((r) => [r.name, r] as const))(
  '%s trips on its example and passes the other',
  (name, rule) => {
    const found = rule.check(rule.examples.trips())
    expect(found.length).toBeGreaterThan(0)
    for (const f of found) expect(f.rule).toBe(name)
    expect(rule.check(rule.examples.passes())).toEqual([])
  },
)
