import { boxDepth } from '../../../kernel/geometry/box.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { nudge } from '../nudge.js'
import type { Standing } from '../standing.js'
import { ASK } from './cautions.js'
import { lower, ref } from './about.js'

/** Lies or stands in a cot: small enough for it, and not under it or the rug. */
export const isInCot = (s: Standing, cot: Standing): boolean =>
  s.id !== cot.id &&
  s.kind !== 'rug' &&
  s.widthMm * s.depthMm < cot.widthMm * cot.depthMm &&
  s.raisedMm + s.heightMm > 0 &&
  boxDepth(s.box, cot.box) > 5

export const inCot: Rule<PlanFacts> = {
  name: 'plan.in-cot',
  title: 'Something lies in a cot',
  numbers:
    'Whatever is smaller than the cot and stands, lies or is set within its outline, at any height and weight.',
  source: 'common practice; local safe-sleep advice decides',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings
      .filter((cot) => cot.kind === 'cot')
      .flatMap((cot) =>
        facts.standings
          .filter((s) => isInCot(s, cot))
          .map((s): Finding => ({
            rule: 'plan.in-cot',
            severity: 'stop',
            about: [ref(s), ref(cot)],
            title: `${s.name} is in ${lower(cot.name)}`,
            measured:
              s.raisedMm > 0 ? `${facts.says.length(s.raisedMm)} above the floor` : 'within its outline',
            wanted: 'nothing in the cot but the child',
            because: `Soft and small things stay out of it, and nothing stands over it. ${ASK}`,
            fixes: nudge(facts, s, (m) => !isInCot(m, cot)),
          })),
      ),
}
