import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { put } from '../../../model/changes.js'
import { hungRef, wallRef } from './about.js'

// Half a degree is 9 mm over a meter: the eye sees it beside a door frame (common practice).
const SEEN_DEG = 0.5

export const crooked: Rule<PlanFacts> = {
  name: 'plan.crooked',
  title: 'Something hangs crooked, and nobody meant it',
  numbers: `Turned by more than ${SEEN_DEG}° without being marked as meant. What is marked stays as it is.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.wallPlacements.flatMap((h): Finding[] => {
      const off = Math.abs(h.row.turnDeg)
      if (off <= SEEN_DEG || h.row.onPurpose) return []
      return [
        {
          rule: 'plan.crooked',
          severity: 'look',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title: `${h.name} hangs ${facts.says.number(off, 1)}° crooked`,
          measured: `${facts.says.number(off, 1)}°, ${facts.says.length(Math.sin((off * Math.PI) / 180) * h.widthMm)} from end to end`,
          quantity: { value: off, better: 'less' },
          wanted: 'level, or marked as meant',
          because: 'Crooked on purpose is an idea; crooked by accident is a slip.',
          fixes: [
            { label: 'Hang it level', changes: [put('wallPlacements', h.id, { turnDeg: 0 })] },
            {
              label: 'It is meant so',
              kind: 'answer',
              changes: [put('wallPlacements', h.id, { onPurpose: true })],
            },
          ],
        },
      ]
    }),
}
