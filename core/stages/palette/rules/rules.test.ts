import { expect, test } from 'vitest'
import { findingKey } from '../../../findings/finding.js'
import { applyFix } from '../../../testing/applyFix.js'
import { roomAfter } from '../../../examples/palette/example.js'
import { PALETTE_EXAMPLES } from '../../../examples/palette/index.js'
import { PALETTE_RULES } from './index.js'

// Rules whose finding is a fact to know, with nothing to fix.
const FACTS: readonly string[] = ['palette.inherited-apart']

test.each(PALETTE_RULES.map((r) => [r.name, r] as const))('%s: every fix makes it go away', (name, rule) => {
  const facts = PALETTE_EXAMPLES[name]!.violates()
  const found = rule.check(facts)
  if (!FACTS.includes(name)) expect(found.flatMap((f) => f.fixes).length, 'fixes').toBeGreaterThan(0)
  for (const finding of found)
    for (const fix of finding.fixes) {
      const after = roomAfter(facts, (job) => applyFix(job, fix))
      expect(rule.check(after!).map(findingKey), fix.label).not.toContain(findingKey(finding))
    }
})
