import { expect, test } from 'vitest'
import { findingKey } from '../../../findings/finding.js'
import { applyMend } from '../../../testing/applyMend.js'
import { roomAfter } from '../../../examples/palette/example.js'
import { PALETTE_EXAMPLES } from '../../../examples/palette/index.js'
import { PALETTE_RULES } from './index.js'

// Rules whose finding is a fact to know, with nothing to mend.
const FACTS: readonly string[] = ['palette.inherited-apart']

test.each(PALETTE_RULES.map((r) => [r.name, r] as const))('%s: every mend makes it go away', (name, rule) => {
  const facts = PALETTE_EXAMPLES[name]!.violates()
  const found = rule.check(facts)
  if (!FACTS.includes(name)) expect(found.flatMap((f) => f.mends).length, 'mends').toBeGreaterThan(0)
  for (const finding of found)
    for (const mend of finding.mends) {
      const after = roomAfter(facts, (job) => applyMend(job, mend))
      expect(rule.check(after!).map(findingKey), mend.label).not.toContain(findingKey(finding))
    }
})
