import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const tenureUnknown: Rule<BriefFacts> = {
  name: 'brief.tenure-unknown',
  title: 'Nobody said whether the home is owned or rented',
  numbers: 'Shown from the first finish, piece or item on.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.schools.tenure !== null || job.finishAssignments.length + job.pieces.length + job.items.length === 0
      ? []
      : [
          {
            rule: 'brief.tenure-unknown',
            severity: 'note',
            about: [{ kind: 'job', id: 'tenure', name: 'Tenure' }],
            title: 'Owned or rented?',
            measured: 'Tenure is not chosen',
            wanted: 'owned, or rented',
            because:
              'In a rented home nothing is drilled, painted or fixed without leave; until this is answered no such rule is armed.',
            fixes: (['owned', 'rented'] as const).map((tenure) => ({
              label: `It is ${tenure}`,
              kind: 'answer' as const,
              changes: [put('schools', 'schools', { tenure })],
            })),
          },
        ],
}
