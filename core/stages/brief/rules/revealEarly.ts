import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const revealEarly: Rule<BriefFacts> = {
  name: 'brief.reveal-early',
  title: 'The reveal lies before the install',
  numbers: 'Reveal date before install date.',
  source: 'common practice',
  schools: 'all',
  check: ({ job: { brief }, says }) =>
    brief.revealOn == null || brief.installOn == null || brief.revealOn >= brief.installOn
      ? []
      : [
          {
            rule: 'brief.reveal-early',
            severity: 'stop',
            about: [{ kind: 'job', id: 'reveal', name: 'Reveal' }],
            title: 'The reveal lies before the install',
            measured: `Reveal ${says.day(brief.revealOn)}, install ${says.day(brief.installOn)}`,
            wanted: 'the reveal on the day of the install or after it',
            because: 'One of the two days is mistyped, or nobody will have anything to see.',
            fixes: [
              {
                label: 'Reveal on the day of the install',
                changes: [put('brief', 'brief', { revealOn: brief.installOn })],
              },
            ],
          },
        ],
}
