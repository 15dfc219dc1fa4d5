import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'

export const householdUnknown: Rule<BriefFacts> = {
  name: 'brief.household-unknown',
  title: 'Nobody is entered in the household',
  numbers: 'Shown from the first piece or item on.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.people.length > 0 || job.pieces.length + job.items.length === 0
      ? []
      : [
          {
            rule: 'brief.household-unknown',
            severity: 'note',
            about: [{ kind: 'job', id: 'household', name: 'Household' }],
            title: 'Who lives there?',
            measured: 'Nobody is entered',
            wanted: 'ages of children, pets, and who reaches, sees or climbs differently',
            because: 'The household decides the cautions; without it they are only questions.',
            fixes: [],
          },
        ],
}
