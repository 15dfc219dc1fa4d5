import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { likelyWidth, PLAUSIBLE } from './standing.js'
import { mm } from './about.js'
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
          title: `${p.name}: ${p.widthMm} mm wide?`,
          measured: mm(p.widthMm),
          wanted: `${p.widthMm} ${meant.unit} would be ${mm(meant.mm)}`,
          because: 'A bare number in the wrong unit turns a sofa into a matchbox.',
          fixes: [
            {
              label: `It is ${p.widthMm} ${meant.unit}: ${meant.mm} mm`,
              changes: [put('pieces', p.id, { widthMm: meant.mm })],
            },
          ],
        },
      ]
    }),
}
