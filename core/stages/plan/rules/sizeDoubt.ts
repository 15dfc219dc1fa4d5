import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { likelyWidth, PLAUSIBLE } from './standing.js'
import { put } from '../../../model/changes.js'

export const sizeDoubt: Rule<PlanFacts> = {
  name: 'plan.size-doubt',
  title: 'A size that cannot be meant',
  numbers: `Width outside what is met of its kind, such as a sofa under ${PLAUSIBLE.sofa?.[0] ?? 0} mm, where inches or centimeters would fit.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const meant = likelyWidth(p.kind, p.widthMm)
      if (!meant) return []
      return [
        {
          rule: 'plan.size-doubt',
          severity: 'look',
          about: [{ kind: 'piece', id: p.id, name: p.name }],
          title: `${p.name}: ${facts.says.length(p.widthMm)} wide?`,
          measured: facts.says.length(p.widthMm),
          wanted: `${p.widthMm} ${meant.unit} would be ${facts.says.length(meant.mm)}`,
          because: 'A bare number in the wrong unit turns a sofa into a matchbox.',
          fixes: [
            {
              label: `It is ${p.widthMm} ${meant.unit}: ${facts.says.length(meant.mm)}`,
              changes: [put('pieces', p.id, { widthMm: meant.mm })],
            },
          ],
        },
      ]
    }),
}
